import { text } from "./counts";
import type { Term } from "./terms";
import { SCREWED_PLUG } from "./vocabulary";

/**
 * "Drain = same 17 key", "fill: 24": the plug of that name; and "the filler first", where the telling calls it
 * a plug elsewhere.
 */
export function isPlugByName(terms: readonly Term[], at: number, from: number): boolean {
  const [word, next] = [text(terms, at), text(terms, at + 1)];
  if (!/^(?:drain|fill|filler)$/.test(word)) return false;
  if (at === from && /^[=:]$/.test(next)) return true;
  return (
    /^(?:the|a)$/.test(text(terms, at - 1)) &&
    (terms[at + 1] === undefined ||
      /^(?:mark|conjunction|preposition)$/.test(terms[at + 1]?.tag ?? "") ||
      /^(?:first|is|off|comes|\n)$/.test(next)) &&
    terms.some(
      (term, n) => /^plugs?$/.test(text(terms, n + 1)) && (term.text === word || SCREWED_PLUG.has(term.text)),
    )
  );
}

/** "The plug", where a text names one that holds oil, and none that a wire ends in. */
export function onlyPlug(terms: readonly Term[]): string | undefined {
  const before = terms.flatMap(({ text: word }, at) => (/^plugs?$/.test(word) ? [text(terms, at - 1)] : []));
  const named = new Set(before.filter((word) => SCREWED_PLUG.has(word)));
  if (isWired(terms)) return undefined;
  // "Drain the oil, that's a seventeen on the plug".
  const drains = terms.some(
    ({ text: word, tag }, at) =>
      word === "drain" &&
      tag === "verb" &&
      terms.slice(at + 1, at + 4).some((term) => /^(?:oil|coolant|fluid|it)$/.test(term.text)),
  );
  if (named.size === 0 && drains) return "drain";
  return named.size === 1 ? [...named][0] : undefined;
}

/** A plug may be that of a wire. */
export const isWired = (terms: readonly Term[]): boolean =>
  terms.some(({ text: word }) => /^(?:unplug\w*|connectors?|wires?|wiring|sockets?)$/.test(word));
