/**
 * Every colour of the app, by day and by night: the theme, the manifest and the browser's bar are drawn from
 * it.
 */
export const PALETTE = {
  pad: { day: "#E7EFE4", night: "#0E1612" },
  grid: { day: "#D9E6D5", night: "#14201A" },
  sheet: { day: "#F6FAF3", night: "#17221C" },
  raised: { day: "#FFFFFF", night: "#1E2B24" },
  edge: { day: "#C3D5BF", night: "#33463B" },
  ink: { day: "#15241E", night: "#E4EEE6" },
  soft: { day: "#4C6157", night: "#A9BBB0" },
  onInk: { day: "#FFFFFF", night: "#0E1612" },
  denim: { day: "#1F3B57", night: "#15293D" },
  onDenim: { day: "#E9F0F5", night: "#DCE6EE" },
  stitch: { day: "#7C93A8", night: "#5F7A92" },
  /** Drawings and the chosen thing: denim by day, its light side by night. */
  drawing: { day: "#1F3B57", night: "#9CC0E2" },
  marker: { day: "#D9F24B", night: "#D9F24B" },
  onMarker: { day: "#15241E", night: "#15241E" },
  good: { day: "#1E7B4B", night: "#63C994" },
  onGood: { day: "#FFFFFF", night: "#0E1612" },
  watch: { day: "#8A5A00", night: "#EBBE5A" },
  watchPaper: { day: "#FFF7E0", night: "#2A2312" },
  watchEdge: { day: "#E3C878", night: "#5C4A1C" },
  stop: { day: "#B4231F", night: "#FF938A" },
  stopPaper: { day: "#FDECEA", night: "#331816" },
} as const satisfies Record<string, { day: string; night: string }>;
