import type { SquareDrive } from "../model/square-drive";
import type { HeadSize } from "../quantity/head-size";
import { HEADS } from "./vocabulary";
import type { Word } from "./words";

export type FoundSize =
  | { kind: "head"; head: HeadSize; from: number; to: number }
  | { kind: "drive"; drive: SquareDrive; from: number; to: number }
  | { kind: "length"; mm: number; from: number; to: number }
  | { kind: "thread"; text: string; from: number; to: number };
export const MILLIMETRES = new Set([
  "mm",
  "mil",
  "mils",
  "mill",
  "mills",
  "millimetre",
  "millimetres",
  "millimeter",
  "millimeters",
]);

export const INCHES = new Set(["inch", "inches", "in", '"', "”", "″"]);
/** What a bare number in front of it is the size of. */
export const HELD = new Set([
  "socket",
  "sockets",
  "spanner",
  "spanners",
  "wrench",
  "ring",
  "head",
  "heads",
  "headed",
  "hex",
  "hexagon",
  "key",
  "keys",
  "deep",
  "ratchet-spanner",
  "combination",
  "ender",
  "enders",
  "crowfoot",
  "bit",
  "flare",
  "af",
]);

export const HEADED = new Set(["bolt", "bolts", "nut", "nuts", "screw", "screws"]);
export const KEYS = new Set(["key", "keys", "hexagon-key", "allen", "allens", "hex-key"]);
/**
 * Widths across flats that sockets are sold in, ISO 272 and its forerunners, mm: a bare number is a size only
 * if it is one of them.
 */
export const USUAL = new Set([
  6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 21, 22, 24, 27, 30, 32, 34, 36,
]);

export const DRIVEN = new Set([
  "drive",
  "ratchet",
  "breaker",
  "square",
  "bar",
  "adapter",
  "adaptor",
  "uj",
  "knuckle",
]);

export const EXTENSIONS = new Set(["extension", "extensions", "ext"]);
/**
 * No larger head is undone on a driveway without the word for its socket: more millimetres than this are a
 * length.
 */
export const LARGEST_UNNAMED = 46;
/** The smallest head that is told by its bare number, mm: fewer are how many there are. */
export const LEAST_UNNAMED = 6;
/** Behind a number these make it something other than a size. */
export const NOT_A_SIZE =
  /^(?:km|kms|miles?|mph|kph|quid|euros?|dollars?|pounds?|bucks|£|\$|€|years?|months?|weeks?|days?|hours?|hrs?|minutes?|mins?|seconds?|secs?|psi|bar|volts?|v|amps?|a|litres?|liters?|l|ml|degrees?|°|c|percent|%|turns?|times|clicks?|kg|kilos?|lbs?|ft|foot|feet|nm|n|newtons?|cm|metres?|meters?|valve|speed|thou|k|thousand)$/;
/** Whether a bolt or nut was counted or named just before, and no verb or figure of anything else since. */
export function headBefore(words: readonly Word[], at: number): boolean {
  for (let i = at - 1; i >= 0 && at - i <= 7; i--) {
    const word = words[i]?.text ?? "";
    if (HEADED.has(word)) return at - i > 1;
    if (
      !/^[a-z-]+$/.test(word) ||
      (/^(?:to|at|about|like|than|of|number|step|plus|it|by|for|is|are)$/.test(word) && i === at - 1)
    )
      return false;
  }
  return false;
}

export function head(
  words: readonly Word[],
  value: number,
  unit: "mm" | "in",
  from: number,
  to: number,
): FoundSize {
  const text = (n: number) => words[n]?.text ?? "";
  const key =
    KEYS.has(text(to)) ||
    // "the Allen key, five millimetre".
    (text(from - 1) === "," && KEYS.has(text(from - 2))) ||
    (/^(?:hex|hexagon)$/.test(text(to)) && (KEYS.has(text(to + 1)) || /^(?:bit|bits)$/.test(text(to + 1)))) ||
    // "A 6 mm hex in the end of the stud".
    (/^(?:hex|hexagon)$/.test(text(to)) && /^(?:in|into|up)$/.test(text(to + 1))) ||
    (/^(?:internal|inside)$/.test(text(to)) && /^hex/.test(text(to + 1)));
  return { kind: "head", head: { profile: key ? "hexagon key" : "hexagon", size: value, unit }, from, to };
}

/** "230 mm across", "about 2 mm of play", "3 mm thick": a measure and no tool's size. */
export function isLength(words: readonly Word[], from: number, next: number): boolean {
  // "lever the clip up about 5 mm": how far.
  if (
    /^(?:approx|approximately)$/.test(words[from - 1]?.text ?? "") ||
    (words[from - 1]?.text === "." && words[from - 2]?.text === "approx")
  )
    return true;
  if (
    /^(?:about|around|roughly|maybe|by)$/.test(words[from - 1]?.text ?? "") &&
    /^(?:up|out|down|in|back|off|over|along|apart|forward|only)$/.test(words[from - 2]?.text ?? "")
  )
    return true;
  if (
    words[next]?.text === "too" &&
    /^(?:long|short|wide|narrow|thick|thin|deep|high|low|big|small|much|far)$/.test(
      words[next + 1]?.text ?? "",
    )
  )
    return true;
  if (words[next]?.text === "or" && words[next + 1]?.text === "so") return true;
  if (words[next]?.text === "deep" && HELD.has(words[next + 1]?.text ?? "")) return false;
  // "Two nuts through the bulkhead, 13 mm deep, and a long extension": the socket for them.
  if (words[next]?.text === "deep" && /^[,.;]$/.test(words[next + 1]?.text ?? "")) {
    const before = words.slice(Math.max(0, from - 8), from).map(({ text: word }) => word);
    return (
      !before.some((word) => Object.hasOwn(HEADS, word)) ||
      before.some((word) => /^(?:holes?|grooves?|scores?|pits?|dents?|bores?|slots?)$/.test(word))
    );
  }
  // "5-10 mm", "5 to 10 mm": from so much to so much.
  const joined =
    words[from - 1]?.text === "to" ||
    (/^[-–]$/.test(words[from - 1]?.text ?? "") &&
      words[from - 2]?.end === words[from - 1]?.start &&
      words[from - 1]?.end === words[from]?.start);
  if (joined && /^\d+(?:\.\d+)?$/.test(words[from - 2]?.text ?? "") && words[from - 3]?.text !== "m")
    return true;
  return /^(?:of|thick|deep|wide|across|play|gap|long|lip|left|wear|apart|diameter|clearance|above|below|from|proud|over|under|shorter|longer|thicker|thinner|wider|narrower|higher|lower)$/.test(
    words[next]?.text ?? "",
  );
}
