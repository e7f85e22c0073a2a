import type { z } from "zod";

/**
 * The first thing a schema found wrong, as one sentence: 'In vehicles, entry 2, "year": expected number,
 * received string.'
 */
export function sentenceOf(error: z.ZodError): string {
  const issue = error.issues[0];
  if (!issue) return "Something in it is not as it should be.";
  const place = placeInWords(issue.path);
  // Told for a person: a key of a million letters is none.
  const what = short(
    issue.message
      .replace(/^Invalid input: /, "")
      .replace(/^expected .+, received undefined$/, "it is missing")
      .replace(/\.$/, ""),
    200,
  );
  return place === "" ? `${capital(what)}.` : `In ${place}: ${what}.`;
}

function placeInWords(path: PropertyKey[]): string {
  return path
    .map((key) => (typeof key === "number" ? `entry ${key + 1}` : short(String(key), 40)))
    .slice(0, 8)
    .join(", ");
}

const short = (text: string, most: number) => (text.length > most ? `${text.slice(0, most)}…` : text);

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
