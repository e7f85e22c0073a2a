import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";

/** The demo command builds its own copy, so that it never stands in for the plain build. */
const opensWithDemo = process.env.NEXT_PUBLIC_OPEN_WITH === "demo";

/** A page whose file ends in .dev.tsx is one while working on the app, and in no build. */
const pageExtensions = process.env.NODE_ENV === "development" ? ["dev.tsx", "tsx", "ts"] : ["tsx", "ts"];

const config: NextConfig = withSerwist({
  distDir: opensWithDemo ? ".next-demo" : ".next",
  pageExtensions,
  poweredByHeader: false,
  devIndicators: false,
  redirects: async () => [{ source: "/", destination: "/garage", permanent: false }],
  experimental: { optimizePackageImports: ["@chakra-ui/react", "lucide-react"] },
});

export default config;
