/** Stands in the policy for the hashes of the pages' own inline scripts, which only the finished build knows. */
export const INLINE_SCRIPTS = "'inline-scripts'";

/** Where each kind of thing may come from: only from here. Styles are written into the page by the theme. */
const POLICY: Readonly<Record<string, string>> = {
  "default-src": "'self'",
  // The solver of the shopping is WebAssembly.
  "script-src": `'self' 'wasm-unsafe-eval' ${INLINE_SCRIPTS}`,
  "style-src": "'self' 'unsafe-inline'",
  "img-src": "'self' blob: data:",
  "media-src": "'self' blob:",
  "font-src": "'self'",
  "connect-src": "'self'",
  "worker-src": "'self'",
  "manifest-src": "'self'",
  "frame-src": "'none'",
  "object-src": "'none'",
  "base-uri": "'none'",
  "form-action": "'self'",
  "frame-ancestors": "'none'",
};

/** What the app asks a device for, and nobody else may (codes are read, words heard, a phone turned like a handle); all else it never asks for. */
const ASKED_FOR = [
  "accelerometer",
  "camera",
  "clipboard-write",
  "gyroscope",
  "microphone",
  "screen-wake-lock",
];
const NEVER = ["display-capture", "geolocation", "hid", "magnetometer", "midi", "payment", "serial", "usb"];

/** On every answer, whatever it is. */
export const EVERYWHERE = [
  {
    key: "Content-Security-Policy",
    value: Object.entries(POLICY)
      .map(([of, from]) => `${of} ${from}`)
      .join("; "),
  },
  { key: "X-Content-Type-Options", value: "nosniff" },
  { key: "Referrer-Policy", value: "no-referrer" },
  {
    key: "Permissions-Policy",
    value: [...ASKED_FOR.map((one) => `${one}=(self)`), ...NEVER.map((one) => `${one}=()`)].join(", "),
  },
  { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
  { key: "Cross-Origin-Resource-Policy", value: "same-origin" },
];

/** Where a proxy in front says that the browser came over TLS: from then on it comes no other way. */
export const OVER_TLS = [{ key: "Strict-Transport-Security", value: "max-age=31536000" }];

/** On pages and the service worker, which have no hash in their names: kept, but asked for each time. */
export const ASK_EACH_TIME = [{ key: "Cache-Control", value: "public, max-age=0, must-revalidate" }];
