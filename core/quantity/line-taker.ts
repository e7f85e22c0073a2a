/**
 * A line of text out of which pieces are taken one by one as they are understood; what is left over was not.
 * So nothing that was typed is read twice, and nothing is dropped unseen.
 */
export class LineTaker {
  /**
   * What has not been understood yet. Pieces taken leave a mark that is no letter, digit or space, so that
   * their neighbours do not grow together.
   */
  private left: string;

  constructor(text: string) {
    this.left = text;
  }

  /**
   * What `made` makes of the first place that the pattern fits; that piece is then taken. Undefined when it
   * does not fit or `made` gives undefined.
   */
  take<T>(pattern: RegExp, made: (match: RegExpExecArray) => T | undefined): T | undefined {
    const match = pattern.exec(this.left);
    const value = match ? made(match) : undefined;
    if (match && value !== undefined)
      this.left = `${this.left.slice(0, match.index)} ${TAKEN} ${this.left.slice(match.index + match[0].length)}`;
    return value;
  }

  /** Whether the pattern fits somewhere; the piece is then taken. */
  takes(pattern: RegExp): boolean {
    return this.take(pattern, () => true) ?? false;
  }

  /** What was not taken, spaces made one. */
  rest(): string {
    return this.left.replaceAll(TAKEN, " ").replace(/\s+/g, " ").trim();
  }
}

const TAKEN = "\u0001";
