import { InputError } from "../input-error";
import { type Item, MOST, agree, asNm, figureOf, torquesIn } from "./figure-item";
import { type FigureToken, beginsPart, figureTokens } from "./figure-tokens";
import { readNumber, refuseStrange } from "./read-number";
import { type FoundUnit, torqueOf } from "./read-torque-unit";
import { shown } from "./shown";
import type { TorqueFigure } from "./torque-figure";
import { LEAST_TORQUE_NM, MOST_TORQUE_NM, formatTorque, quantityNm } from "./torque-quantity";
import type { TorqueUnit } from "./torque-unit";

/**
 * Reads a torque figure as people write it.
 *
 * Takes one value, a range, a value with its tolerance, a maximum, one figure given in two units, "snug",
 * "hand tight", passes, counted turns, threads that show, a depth, a clamp or clip, any of these and then one
 * or more angles, and what is backed off in between. A unit said once at the end stands for every number
 * before it. Nothing is guessed: a number without any unit is refused, as lb·in
 * and lb·ft differ twelvefold, and so is one that could be degrees or another torque; two units that
 * contradict each other are told back.
 * @param unit taken where none is written at all, as when a field shows its unit beside it.
 * @throws InputError with a sentence for the person who typed it.
 * Example: readTorqueFigure("50 Nm + 90°") → { form: "procedure", moves: [50 N·m, 90°] }.
 */
export function readTorqueFigure(text: string, unit?: TorqueUnit): TorqueFigure {
  const typed = text.trim();
  if (typed === "") throw new InputError('Type a torque, such as "35 ft lbs", or "snug".', "torque");
  refuseStrange(typed, "The torque", "torque");
  if (/^[-−]\s*\d/.test(typed))
    throw new InputError("The torque cannot be less than zero. Leave the minus out.", "torque");
  return new FigureReader(typed, unit).read();
}

class FigureReader {
  private readonly tokens: readonly FigureToken[];
  private at = 0;

  constructor(
    private readonly typed: string,
    private readonly unitIfNone: TorqueUnit | undefined,
  ) {
    this.tokens = figureTokens(typed);
  }

  read(): TorqueFigure {
    const maximum = this.takes("maximum");
    const items: Item[] = [];
    this.takeLinks();
    while (this.at < this.tokens.length) {
      items.push(...this.item(items));
      if (this.takes("maximum")) return this.maximumOf(items);
      if (this.at < this.tokens.length && !this.takeLinks() && !beginsPart(this.tokens[this.at]))
        throw this.strange();
    }
    if (
      items.length > 0 &&
      ["plus", "dash", "link"].includes(this.tokens.at(-1)?.kind ?? "") &&
      /[+\-–—]$|then$|plus$/.test(this.typed)
    ) {
      throw new InputError(
        `"${this.typed}" ends before it is all said: nothing comes after the last mark. Write it, or leave the mark out.`,
        "torque",
      );
    }
    const odd = items
      .flatMap(torquesIn)
      .find((torque) => quantityNm(torque) < LEAST_TORQUE_NM || quantityNm(torque) > MOST_TORQUE_NM);
    if (odd)
      throw new InputError(
        `${formatTorque(odd)} is ${shown(quantityNm(odd))} N·m: nothing on a vehicle is done up to that. Check the number and its unit.`,
        "torque",
      );
    return maximum ? this.maximumOf(items) : figureOf(this.typed, items);
  }

  private item(before: readonly Item[]): Item[] {
    const token = this.tokens[this.at];
    if (token?.kind === "move") {
      this.at++;
      return [{ kind: "move", move: token.move }];
    }
    if (this.takes("back off")) return [{ kind: "move", move: { form: "back off", by: this.backOff() } }];
    const on = this.angles();
    if (on) return on;
    if (token?.kind !== "number") throw this.strange();
    return [this.torqueItem(before)];
  }

  /** "90°", "2 x 90°", "3/4 turn", "half a turn", "2 flats"; undefined where none begins. */
  private angles(): Item[] | undefined {
    const start = this.at;
    const number = this.take("number");
    const times = number && this.takes("times") ? number : undefined;
    const amount = times ? this.take("number") : number;
    const part = amount ? undefined : this.take("part of a turn");
    const measure = this.tokens[this.at];
    if (measure?.kind !== "degrees" && measure?.kind !== "turns" && measure?.kind !== "flats") {
      this.at = start;
      return undefined;
    }
    this.at++;
    const said = part
      ? partOfTurn(part.text)
      : this.positive(amount?.text ?? "", measure.kind === "turns" ? "The number of turns" : "The angle");
    const count = times ? this.positive(times.text, "How many times") : 1;
    if (!Number.isInteger(count) || count > MOST)
      throw new InputError(
        `"${this.typed}" repeats its angle ${count} times. Write 2 x 90°, up to ${MOST} times.`,
        "torque",
      );
    const degrees = said * { degrees: 1, turns: 360, flats: 60 }[measure.kind];
    this.takes("back to the mark");
    return Array.from({ length: count }, () => ({
      kind: "on" as const,
      degrees,
      turns: measure.kind === "turns" ? said : undefined,
    }));
  }

  /** How far back: "90°", "half a turn"; nothing said is until it is free. */
  private backOff(): number | "until it is free" {
    const [back, ...more] = this.angles() ?? [];
    if (more.length > 0) throw this.strange();
    return back?.kind === "on" ? back.degrees : "until it is free";
  }

  private torqueItem(before: readonly Item[]): Item {
    const link = this.tokens[this.at - 1];
    const between = link?.kind === "between";
    const first = this.one();
    const dash = this.tokens[this.at];
    if (dash?.kind === "plus or minus") {
      this.at++;
      const by = this.one();
      return this.checked(this.aroundOf(first, by));
    }
    if (
      dash?.kind === "dash" ||
      (dash?.kind === "to" && this.tokens[this.at + 1]?.kind === "number") ||
      (between && dash?.kind === "and")
    ) {
      this.at++;
      if (this.tokens[this.at]?.kind !== "number") throw this.strange();
      return this.checked(this.rangeOf(first, this.one()));
    }
    // What could be degrees or newton-metres is asked about: after a plus, or after a torque that has its
    // unit.
    const last = before.at(-1);
    const unitBehind = this.tokens.slice(this.at).find((token) => token.kind === "unit") !== undefined;
    const afterUnit = last !== undefined && !(last.kind === "value" && !last.hasUnit);
    if (
      first.unit === undefined &&
      before.length > 0 &&
      (link?.kind === "plus" || (afterUnit && !unitBehind))
    ) {
      throw new InputError(
        `"${first.text}" could be degrees or another torque. Write ${first.text}° or ${first.text} Nm.`,
        "torque",
      );
    }
    const own = first.unit ?? this.unitBehind();
    if (
      last &&
      last.kind !== "on" &&
      (link?.kind === "and" || link?.kind === "unit" || link?.kind === "close")
    ) {
      throw new InputError(
        `"${this.typed}" could be a range, two passes or two figures. Write "to" in a range and "then" between two passes.`,
        "torque",
      );
    }
    return this.checked({
      kind: "value",
      torque: torqueOf(first.text, own, this.typed, this.unitIfNone),
      hasUnit: first.unit !== undefined,
      bare: first.text,
    });
  }

  /** A number and its unit, if one stands behind it. */
  private one(): { text: string; unit: FoundUnit | undefined } {
    const number = this.take("number");
    if (!number) throw this.strange();
    const unit = this.take("unit");
    if (!unit && this.tokens[this.at]?.kind === "strange") throw this.strange();
    return { text: number.text, unit: unit?.unit };
  }

  private rangeOf(
    low: { text: string; unit: FoundUnit | undefined },
    high: { text: string; unit: FoundUnit | undefined },
  ): Item {
    const behind = high.unit ?? this.unitBehind();
    const range = {
      kind: "range" as const,
      low: torqueOf(low.text, low.unit ?? behind, this.typed, this.unitIfNone),
      high: torqueOf(high.text, behind, this.typed, this.unitIfNone),
    };
    if (quantityNm(range.low) >= quantityNm(range.high)) {
      throw new InputError(
        `"${this.typed}" runs from more to less. Put the smaller figure first, or "then" between two passes.`,
        "torque",
      );
    }
    return range;
  }

  private aroundOf(
    middle: { text: string; unit: FoundUnit | undefined },
    by: { text: string; unit: FoundUnit | undefined },
  ): Item {
    const unit = by.unit ?? this.unitBehind();
    const centre = torqueOf(middle.text, middle.unit ?? unit, this.typed, this.unitIfNone);
    const spread = torqueOf(by.text, unit ?? middle.unit, this.typed, this.unitIfNone);
    if (centre.unit !== spread.unit)
      throw new InputError(
        `"${this.typed}" gives its tolerance in another unit. Write both in one.`,
        "torque",
      );
    if (spread.value >= centre.value)
      throw new InputError(
        `"${this.typed}" is given or taken more than itself. Check the two numbers.`,
        "torque",
      );
    const decimals = Math.max(centre.decimals, spread.decimals);
    const at = (value: number) => ({ ...centre, value: Number(value.toFixed(decimals)), decimals });
    return { kind: "range", low: at(centre.value - spread.value), high: at(centre.value + spread.value) };
  }

  /** The unit said once for all the numbers before it: the next one, so long as no angle comes first. */
  private unitBehind(): FoundUnit | undefined {
    for (const token of this.tokens.slice(this.at)) {
      if (token.kind === "degrees" || token.kind === "turns" || token.kind === "open") return undefined;
      if (token.kind === "unit") return token.unit;
    }
    return undefined;
  }

  /** The same torque said again in another unit, "(81 lb ft)" or "/ 81 lb ft", has to agree. */
  private checked(item: Item): Item {
    const opened = this.takes("open");
    if (!opened && !(this.tokens[this.at]?.kind === "slash" && this.tokens[this.at + 1]?.kind === "number"))
      return item;
    if (!opened) this.at++;
    const again = this.torqueItem([]);
    // "(5.0 kgf·m, 36 lbf·ft)": a third unit is checked in its turn.
    if (opened && this.tokens[this.at]?.kind === "link" && this.tokens[this.at + 1]?.kind === "number") {
      this.at++;
      this.requireSame(again, this.torqueItem([]));
    }
    if (opened && !this.takes("close")) throw this.strange();
    this.requireSame(item, again);
    return item;
  }

  /** @throws InputError unless two ways of giving one figure say the same. */
  private requireSame(item: Item, again: Item): void {
    const [these, those] = [torquesIn(item), torquesIn(again)];
    if (these.length !== those.length || these.length === 0)
      throw new InputError(
        `"${this.typed}" gives one figure in two forms. Write the one you will use.`,
        "torque",
      );
    these.forEach((torque, i) => {
      const other = those[i] ?? torque;
      if (!agree(torque, other)) {
        throw new InputError(
          `${formatTorque(torque)} is ${asNm(torque)}, but ${formatTorque(other)} is ${asNm(other)}: they do not agree. Look it up, and write the one that is right.`,
          "torque",
        );
      }
    });
  }

  private maximumOf(items: readonly Item[]): TorqueFigure {
    const [only, ...more] = items;
    if (only?.kind !== "value" || more.length > 0 || this.at < this.tokens.length) {
      throw new InputError(
        `"${this.typed}" has more in it than one most. Write it like max 12 Nm.`,
        "torque",
      );
    }
    return { form: "maximum", torque: only.torque };
  }

  /**
   * Passes over what stands between two parts: "then", a comma, "stage 2:". Stages are counted up from one.
   */
  private takeLinks(): boolean {
    const start = this.at;
    for (let token = this.tokens[this.at]; token; token = this.tokens[this.at]) {
      if (token.kind === "stage") {
        const before = this.tokens.slice(0, this.at).filter(({ kind }) => kind === "stage").length;
        if (token.number !== before + 1)
          throw new InputError(
            `"${this.typed}" has stage ${token.number} where ${before + 1} comes. Write the stages in order.`,
            "torque",
          );
      } else if (!["link", "and", "to", "plus", "between"].includes(token.kind)) break;
      this.at++;
    }
    return this.at > start;
  }

  private take<Kind extends FigureToken["kind"]>(
    kind: Kind,
  ): Extract<FigureToken, { kind: Kind }> | undefined {
    const token = this.tokens[this.at];
    if (token?.kind !== kind) return undefined;
    this.at++;
    return token as Extract<FigureToken, { kind: Kind }>;
  }

  private takes(kind: FigureToken["kind"]): boolean {
    return this.take(kind) !== undefined;
  }

  private positive(text: string, what: string): number {
    const { value } = readNumber(text, what, "torque");
    if (value <= 0) throw new InputError(`${what} must be more than zero.`, "torque");
    return value;
  }

  private strange(): InputError {
    const token = this.tokens[this.at];
    if (token?.kind === "least")
      return new InputError(
        `"${this.typed}" is only a least. Write the range, such as 40-50 Nm, or the figure alone.`,
        "torque",
      );
    const before = this.tokens[this.at - 1];
    if (token?.kind === "strange" && before?.kind === "number")
      return new InputError(
        `"${token.text}" is not a unit of torque. Use Nm, ft lb, in lb or kgf m.`,
        "torque",
      );
    const said = token ? token.text : this.typed;
    return new InputError(
      `"${said}" was not understood. Write a number and its unit, such as "35 ft lbs".`,
      "torque",
    );
  }
}

const partOfTurn = (said: string) => (said === "half" ? 0.5 : 0.25);
