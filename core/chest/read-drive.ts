import { InputError } from "../input-error";
import { type SquareDrive, SQUARE_DRIVES } from "../model/square-drive";
import type { Tool } from "../model/tool";

export const DRIVE_FIRST =
  /^(1\/4|3\/8|1\/2|3\/4|1)(?:\s*-?\s*(?:in|inch|"))?(?:\s*(?:square|sq))?(?:\s*drive\b|\s*dr\b)?(?=\s|$)/;
export const DRIVE_ANYWHERE = /(?<![\d/])(1\/4|3\/8|1\/2|3\/4)(?![\d/])/;
export const DRIVE_WITHIN = /\b(1\/4|3\/8|1\/2|3\/4|1)(?:\s*-?\s*(?:in|inch|"))?\s*(?:square|drive|dr)\b/;
/**
 * The drive is said first; or with the word; or, for what has no sizes that could be taken for one, anywhere.
 */
export function takeDrive(
  plain: string,
  kind: Tool["kind"] | undefined,
): { drive: SquareDrive; rest: string } {
  const found =
    DRIVE_FIRST.exec(plain) ??
    DRIVE_WITHIN.exec(plain) ??
    (kind !== undefined && kind !== "socket" && kind !== "crowfoot" ? DRIVE_ANYWHERE.exec(plain) : null);
  const drive = SQUARE_DRIVES.find((one) => one === found?.[1]);
  if (!found || !drive) throw new InputError("Begin with its square drive: 3/8 sockets 8-19.");
  return {
    drive,
    rest: `${plain.slice(0, found.index)} ${plain.slice(found.index + found[0].length)}`.trim(),
  };
}
/** Drives named anywhere, in their order: "1/2 to 3/8". */

export function drivesIn(plain: string): SquareDrive[] {
  return [...plain.matchAll(/(?:^|[\s(])(1\/4|3\/8|1\/2|3\/4|1)(?=["\s,]|in\b|$)/g)].flatMap(([, drive]) =>
    SQUARE_DRIVES.filter((one) => one === drive),
  );
}
export function twoDrives(plain: string): [SquareDrive, SquareDrive] {
  const [from, to] = drivesIn(plain);
  if (!from || !to || from === to)
    throw new InputError("Say both squares, the wrench's first: adapter 1/2 to 3/8.");
  return [from, to];
}
