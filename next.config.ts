import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";

/** The demo command builds its own copy, so that it never stands in for the plain build. */
const opensWithDemo = process.env.NEXT_PUBLIC_OPEN_WITH === "demo";

const config: NextConfig = withSerwist({
  distDir: opensWithDemo ? ".next-demo" : ".next",
  poweredByHeader: false,
  devIndicators: false,
  redirects: async () => [{ source: "/", destination: "/garage", permanent: false }],
  experimental: { optimizePackageImports: ["@chakra-ui/react", "lucide-react"] },
});

export default config;
