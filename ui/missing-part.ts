const SAYS_SO = /load(?:ing)? (?:css )?chunk|imported module|module script/i;

/**
 * Whether an error says that a part of the app could not be fetched: the signal broke off, or a newer version was put up
 * and the part is gone. Trying again asks for the same part; loading the page anew asks for what is there now.
 */
export const isMissingPart = (error: Error): boolean =>
  error.name === "ChunkLoadError" || SAYS_SO.test(error.message);

/** What is said of it. */
export const MISSING_PART =
  "A part of the app did not come: the signal broke off, or a newer version was put up. What was saved is here.";
