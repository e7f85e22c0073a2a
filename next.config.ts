import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";
import { ASK_EACH_TIME, EVERYWHERE, OVER_TLS } from "./scripts/headers";

/** The demo command builds its own copy, so that it never stands in for the plain build. */
const opensWithDemo = process.env.NEXT_PUBLIC_OPEN_WITH === "demo";

/** A page whose file ends in .dev.tsx is one while working on the app, and in no build. */
const pageExtensions = process.env.NODE_ENV === "development" ? ["dev.tsx", "tsx", "ts"] : ["tsx", "ts"];

const config: NextConfig = withSerwist({
  distDir: opensWithDemo ? ".next-demo" : ".next",
  pageExtensions,
  poweredByHeader: false,
  // The framework's own redirect of an address that ends in a slash has no headers.
  skipTrailingSlashRedirect: true,
  devIndicators: false,
  // The interface is drawn; there is no image to make smaller.
  images: { unoptimized: true },
  headers: async () =>
    process.env.NODE_ENV === "development"
      ? []
      : [
          { source: "/:path*", headers: EVERYWHERE },
          { source: "/:page(serwist/sw\\.js|[a-z]+)", headers: ASK_EACH_TIME },
          {
            source: "/:path*",
            has: [{ type: "header", key: "x-forwarded-proto", value: "https" }],
            headers: OVER_TLS,
          },
        ],
  experimental: { optimizePackageImports: ["@chakra-ui/react", "lucide-react"] },
});

export default config;
