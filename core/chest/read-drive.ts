import { InputError } from "../input-error";
import { type SquareDrive, SQUARE_DRIVES } from "../model/square-drive";
import type { Tool } from "../model/tool";
import { Missing, before, behind } from "./missing";

export const DRIVE_FIRST =
  /^(1\/4|3\/8|1\/2|3\/4|1)(?:\s*-?\s*(?:in|inch|"))?(?:\s*(?:square|sq)(?!\s*(?:bit|key)))?(?:\s*drive\b|\s*dr\b)?(?=\s|$)/;
export const DRIVE_ANYWHERE = /(?<![\d/])(1\/4|3\/8|1\/2|3\/4)(?![\d/])/;
export const DRIVE_WITHIN =
  /\b(1\/4|3\/8|1\/2|3\/4|1)(?:\s*-?\s*(?:in|inch|"))?\s*(?:square(?!\s*(?:bit|key))|drive|dr)\b/;
/**
 * The drive is said first; or with the word; or, for what has no sizes that could be taken for one, anywhere.
 */
export function takeDrive(
  plain: string,
  kind: Tool["kind"],
  internal = false,
): { drive: SquareDrive; rest: string } {
  const found =
    DRIVE_FIRST.exec(plain) ??
    DRIVE_WITHIN.exec(plain) ??
    (kind === "socket" || kind === "crowfoot" ? besideSizes(plain) : DRIVE_ANYWHERE.exec(plain));
  const drive = SQUARE_DRIVES.find((one) => one === found?.[1]);
  if (!found || !drive)
    throw new Missing(
      internal
        ? "Which is the square drive of the bits? Or are they keys or drivers, for the hand?"
        : "Which is its square drive? Or begin with it: 3/8 sockets 8-19.",
      [
        ...SQUARE_DRIVES.slice(0, 4).map((one) => before(`${one} in`, one)),
        ...(internal ? [behind("For the hand", "keys")] : []),
      ],
    );
  return {
    drive,
    rest: `${plain.slice(0, found.index)} ${plain.slice(found.index + found[0].length)}`.trim(),
  };
}

/**
 * A drive beside sizes, wherever it stands: "sockets 8-19 3/8", "impact sockets 1/2 10-24". Where another
 * size is a fraction too, it may be one of the sizes, unless it stands last behind the word for the tool:
 * "13/16 spark plug socket 3/8".
 */
function besideSizes(plain: string): RegExpExecArray | null {
  const last = /(?<=sockets? )(1\/4|3\/8|1\/2|3\/4)(?: ?(?:in|inch|"))?$/.exec(plain);
  const fractions = plain.match(/\d\/\d/g)?.length ?? 0;
  if (last && /\d/.test(plain.slice(0, last.index))) return last;
  if (fractions !== 1 || !/\d/.test(plain.replace(/\d+\/\d+/, ""))) return null;
  return /(?<!\b[12][ -]|[\d/])(1\/4|3\/8|1\/2|3\/4)(?:\s*-?\s*(?:in|inch|"))?(?=\s|$)/.exec(plain);
}

/** Drives named anywhere, in their order: "1/2 to 3/8". */
export function drivesIn(plain: string): SquareDrive[] {
  return [...plain.matchAll(/(?:^|[\s(])(1\/4|3\/8|1\/2|3\/4|1)(?=["\s,]|in\b|$)/g)].flatMap(([, drive]) =>
    SQUARE_DRIVES.filter((one) => one === drive),
  );
}

export function twoDrives(plain: string): [SquareDrive, SquareDrive] {
  const [one, two] = drivesIn(plain);
  if (!one || !two || one === two)
    throw new InputError("Say both squares, the wrench's first: adapter 1/2 to 3/8.");
  // The wrench's square goes into the female one.
  const male = /(?:\bm(?:ale)?\b).*\bf(?:emale)?\b/.test(plain);
  return male ? [two, one] : [one, two];
}
