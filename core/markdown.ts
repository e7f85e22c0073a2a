/** Signs that could begin a heading, a link, a table, HTML or anything else that Markdown makes of text. */
const SIGNS = /[\\`*_{}[\]<>#|~&!$^=@]/g;
/** What would be made a link without any sign of it. */
const ADDRESS = /:(?=\/\/)|(?<=\bwww)\./gi;
/** What would begin a list, if it stood first. */
const BEGINS_A_LIST = /^(\s*(?:\d+(?=[.)](?:\s|$))|(?=[-+](?:\s|$))))/;

/** A text in one line: line breaks and other signs that nobody sees are a space. */
export const oneLine = (text: string): string => text.replace(/\s*[\p{Cc}\u2028\u2029]+\s*/gu, " ");

/**
 * A text as Markdown shows it letter by letter, in one line (CommonMark 0.31, 2.4: a backslash before punctuation).
 * Example: inMarkdown("<b>5 * 3</b>") → "\\<b\\>5 \\* 3\\</b\\>".
 */
export const inMarkdown = (text: string): string =>
  oneLine(text).replace(SIGNS, "\\$&").replace(ADDRESS, "\\$&").replace(BEGINS_A_LIST, "$1\\");
