/// <reference lib="webworker" />
import { type PrecacheEntry, NetworkFirst, Serwist, type SerwistGlobalConfig } from "serwist";
import { SHARED_IN, layShared } from "../features/shared/shared-in";

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/**
 * A worker's script is asked for with parameters that say which it is; out of the cache it would lose them.
 * A response made anew takes the address that was asked for.
 */
const keepsAddress = {
  handlerWillRespond: async ({ request, response }: { request: Request; response: Response }) =>
    request.destination === "worker"
      ? new Response(response.body, { status: response.status, headers: response.headers })
      : response,
};

/** Pages are asked for in parts while the app runs; each part is kept by its page and by which part it is. */
const byPage = {
  cacheKeyWillBeUsed: async ({ request }: { request: Request }) => {
    const { origin, pathname } = new URL(request.url);
    const part = ["next-router-prefetch", "next-router-segment-prefetch"]
      .map((name) => request.headers.get(name) ?? "")
      .join(" ");
    return `${origin}${pathname}?part=${encodeURIComponent(part)}`;
  },
};

/**
 * What each kind of file says it is. A page that stands in for one, as a network with a sign-in gives, would
 * be kept for good.
 */
const KINDS: readonly [ending: RegExp, says: RegExp][] = [
  [/\.(?:m?js)$/, /javascript/],
  [/\.css$/, /css/],
  [/\.wasm$/, /wasm|octet-stream/],
  [/\.woff2?$/, /font|octet-stream/],
  [/\.json$/, /json/],
];
const onlyItself = {
  cacheWillUpdate: ({ request, response }: { request: Request; response: Response }) => {
    const kind = KINDS.find(([ending]) => ending.test(new URL(request.url).pathname));
    const own =
      response.status === 200 &&
      !response.redirected &&
      (!kind || kind[1].test(response.headers.get("content-type") ?? ""));
    return Promise.resolve(own ? response : null);
  },
};

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST ?? [],
  precacheOptions: {
    cleanupOutdatedCaches: true, // What is asked for in parts is answered apart: a whole page would be no answer to it.
    ignoreURLParametersMatching: [/^(?!_rsc$)/],
    plugins: [keepsAddress, onlyItself],
  },
  // A new version waits until it is let in: never in the middle of a job.
  skipWaiting: false,
  clientsClaim: true,
  navigationPreload: false,
  runtimeCaching: [
    {
      matcher: ({ request, sameOrigin }) => sameOrigin && request.headers.get("RSC") === "1",
      handler: new NetworkFirst({ cacheName: "page parts", networkTimeoutSeconds: 3, plugins: [byPage] }),
    },
    {
      matcher: ({ request }) => request.mode === "navigate",
      handler: new NetworkFirst({ cacheName: "other pages", networkTimeoutSeconds: 3 }),
    },
  ],
  // Whatever address was kept as a bookmark: without a signal it opens the Garage.
  fallbacks: { entries: [{ url: "/garage", matcher: ({ request }) => request.destination === "document" }] },
});
/** What the app itself writes, alone or with photos. */
const OWN_FILE = /\.(?:json|zip)$/i;

/** What another app has shared is kept until a job takes its words, or Files the file. */
async function keepShared(request: Request): Promise<Response> {
  const form = await request.formData();
  const file = form.get("file");
  const parts = [form.get("title"), form.get("text"), form.get("link")].filter(
    (part): part is string => typeof part === "string" && part.trim() !== "",
  );
  const shared = file instanceof File && file.size > 0 ? file : new File([parts.join("\n")], "shared.txt");
  const to = OWN_FILE.test(shared.name) ? "file" : "words";
  await layShared(shared, to);
  return Response.redirect(SHARED_IN[to].opens, 303);
}

self.addEventListener("fetch", (event) => {
  if (event.request.method === "POST" && new URL(event.request.url).pathname === "/share")
    event.respondWith(keepShared(event.request));
});

const AT_ONCE = 8;
const TRIES = 3;
const PAUSE_MS = 1000;

/**
 * Keeps every file, or fails: the page then tries again later. A file that a bad signal loses is asked for
 * again at once, so that one of a hundred does not cost all of them. (The library's own way never comes to an
 * end when a file fails.)
 */
async function keepAll(event: ExtendableEvent): Promise<void> {
  const left = [...serwist.getUrlsToPrecacheKeys()];
  const keep = async (url: string, cacheKey: string, tried = 1): Promise<void> => {
    // What has a revision of its own may lie in the browser's cache in an older form.
    const request = new Request(url, {
      cache: cacheKey === url ? "default" : "reload",
      credentials: "same-origin",
    });
    try {
      await Promise.all(
        serwist.precacheStrategy.handleAll({ event, request, url: new URL(url), params: { cacheKey } }),
      );
    } catch (error) {
      if (tried >= TRIES) throw error;
      await new Promise((wake) => setTimeout(wake, PAUSE_MS * tried));
      await keep(url, cacheKey, tried + 1);
    }
  };
  const next = async (): Promise<void> => {
    for (let entry = left.pop(); entry; entry = left.pop()) await keep(...entry);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, next));
}

self.addEventListener("install", (event) => event.waitUntil(keepAll(event)));
self.addEventListener("activate", serwist.handleActivate);
self.addEventListener("fetch", serwist.handleFetch);
self.addEventListener("message", serwist.handleCache);
