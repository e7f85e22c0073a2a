import { createHash } from "node:crypto";
import { readFileSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { INLINE_SCRIPTS } from "./headers";

const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

/** What a policy calls an inline script by. Example: hashOf("") → "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='". */
export const hashOf = (script: string): string =>
  `'sha256-${createHash("sha256").update(script, "utf8").digest("base64")}'`;

/** The hashes of the scripts that stand in pages themselves, each once, in one order. */
export const inlineHashes = (pages: readonly string[]): string[] =>
  [
    ...new Set(pages.flatMap((html) => [...html.matchAll(INLINE)].map(([, script = ""]) => hashOf(script)))),
  ].sort();

/** Puts the hashes of a finished build's inline scripts into its policy. @throws Error where it has none. */
export function seal(build: string): number {
  const folder = join(build, "server/app");
  const pages = readdirSync(folder)
    .filter((name) => name.endsWith(".html"))
    .map((name) => readFileSync(join(folder, name), "utf8"));
  const hashes = inlineHashes(pages);
  const file = join(build, "routes-manifest.json");
  const routes = readFileSync(file, "utf8");
  if (!routes.includes(INLINE_SCRIPTS)) throw new Error(`${file} has no policy to put hashes into.`);
  writeFileSync(file, routes.replaceAll(INLINE_SCRIPTS, hashes.join(" ")));
  return hashes.length;
}

if (process.argv[1]?.endsWith("seal.ts")) {
  const build = process.env.NEXT_PUBLIC_OPEN_WITH === "demo" ? ".next-demo" : ".next";
  console.log(`The policy allows the ${seal(build)} scripts that stand in the pages, and no other.`);
}
