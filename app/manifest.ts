import type { MetadataRoute } from "next";
import { PALETTE } from "@/ui/theme/palette";

/** How the app stands on a phone once it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Vest Pocket",
    short_name: "Vest Pocket",
    description: "Plan a driveway repair, gather for it, turn the numbers, work through it and log it.",
    start_url: "/garage",
    display: "standalone",
    background_color: PALETTE.pad.day,
    theme_color: PALETTE.denim.day,
    // Words, captions and pages, shared from another app; the service worker takes them in, signal or none.
    share_target: {
      action: "/share",
      method: "POST",
      enctype: "multipart/form-data",
      params: {
        title: "title",
        text: "text",
        url: "link",
        files: [
          {
            name: "file",
            accept: [
              "text/plain",
              "text/html",
              "text/vtt",
              "text/markdown",
              "application/json",
              "application/zip",
              ".srt",
              ".vtt",
              ".md",
              ".txt",
              ".json",
              ".zip",
            ],
          },
        ],
      },
    },
    icons: [192, 512].map((size) => ({
      src: `/icon-${size}.png`,
      sizes: `${size}x${size}`,
      type: "image/png",
    })),
  };
}
