import type { MetadataRoute } from "next";

/** How the app stands on a phone once it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Vest Pocket",
    short_name: "Vest Pocket",
    description: "Plan a driveway repair, gather for it, turn the numbers, work through it and log it.",
    start_url: "/garage",
    display: "standalone",
    background_color: "#E7EFE4",
    theme_color: "#1F3B57",
    icons: [192, 512].map((size) => ({ src: `/icon-${size}.png`, sizes: `${size}x${size}`, type: "image/png" })),
  };
}
