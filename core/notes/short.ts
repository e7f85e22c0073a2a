/** A few words of what was said, without what leads into it. */
export const short = (said: string, most = 14): string =>
  said
    .replace(/\s+/g, " ")
    .replace(/^(?:and|so|but|then|now|ok|okay|alright|right|well|also|uh|um|-|\*)(?![a-z])[ ,]*/gi, "")
    .trim()
    .split(" ")
    .slice(0, most)
    .join(" ");
