import { InputError } from "../input-error";
import { type Applied, SUBSTANCES, SURFACES } from "../model/job";

/**
 * What is put on which surface, several set apart by a semicolon.
 * @throws InputError where a substance or a surface is none that is known. Example: "grease on splines;
 * threadlocker on the threads" → two of them.
 */
export function readApplied(text: string): Applied[] {
  return text
    .split(";")
    .map((one) => one.trim().toLowerCase())
    .filter(Boolean)
    .map((one) => {
      const [what = "", on = ""] = one.split(/\s+on\s+(?:the\s+|its\s+)?/);
      const substance = SUBSTANCES.find((known) => known === what.replace(/^locker$/, "threadlocker"));
      const surface = SURFACES.find((known) => known === on || known === `${on}s`);
      if (!substance)
        throw new InputError(
          `"${what}" is none of ${SUBSTANCES.join(", ")}. Write one of them, such as grease on splines.`,
        );
      if (!surface)
        throw new InputError(
          on === ""
            ? `Say where the ${substance} goes: ${substance} on threads.`
            : `"${on}" is none of ${SURFACES.join(", ")}. Write one of them.`,
        );
      return { what: substance, on: surface };
    });
}

/** As it is typed again. Example: [grease on splines] → "grease on splines". */
export const appliedWords = (applied: readonly Applied[]): string =>
  applied.map(({ what, on }) => `${what} on ${on}`).join("; ");
