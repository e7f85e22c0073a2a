/** Where the service worker lays what another app has shared, and which page takes it from there. */
export const SHARED_IN = {
  cache: "shared words",
  words: { at: "/shared-words", opens: "/plan?shared=1", mostBytes: 800_000 },
  file: { at: "/shared-file", opens: "/files?shared=1", mostBytes: 600_000_000 },
} as const;
const NAME = "x-file-name";

/** Lays a file there; what lay there before gives way. */
export async function layShared(file: File, to: "words" | "file"): Promise<void> {
  const { at, mostBytes } = SHARED_IN[to];
  const headers = { "content-type": "text/plain; charset=utf-8", [NAME]: encodeURIComponent(file.name) };
  const cache = await caches.open(SHARED_IN.cache);
  await cache.put(at, new Response(file.slice(0, mostBytes), { headers }));
}

/** What lies there; undefined where nothing does. */
export async function sharedIn(of: "words" | "file"): Promise<File | undefined> {
  if (typeof caches === "undefined") return undefined;
  const kept = await (await caches.open(SHARED_IN.cache)).match(SHARED_IN[of].at);
  if (!kept) return undefined;
  return new File([await kept.blob()], decodeURIComponent(kept.headers.get(NAME) ?? "shared.txt"));
}

/** Lets go of it. */
export async function letSharedGo(of: "words" | "file"): Promise<void> {
  await (await caches.open(SHARED_IN.cache)).delete(SHARED_IN[of].at);
}
