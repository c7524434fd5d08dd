import { fractionOf, numberOf, over, type Part, refuseFraction, times, Unreadable } from "./literals";
import { MM_PER_FOOT, MM_PER_INCH, mmPerBareUnit, type Units } from "./units";

/** What a typed length was read as; where two are meant, accepting without choosing takes the first. */
export type LengthReading =
  | { readonly type: "read"; readonly mm: number }
  | { readonly type: "asks"; readonly firstMm: number; readonly secondMm: number }
  | { readonly type: "unreadable"; readonly reason: string };

const NUMBER = "(?:\\d+(?:[.,]\\d+)*|[.,]\\d+)";
const INCHES = `(?:(?<whole>\\d+)[ -](?<num>\\d+)/(?<den>\\d+)|(?<num2>\\d+)/(?<den2>\\d+)|(?<plain>${NUMBER}))`;
const INCH_MARK = ' ?(?:"|in(?:ch(?:es)?)?(?![a-z]))';
const FOOT_MARK = " ?(?:'(?!')|(?:ft|feet|foot)(?![a-z]))";

const here = (pattern: string) => new RegExp(pattern, "y");
const FEET_AND_INCHES = here(`(?<feet>${NUMBER})${FOOT_MARK}(?:(?:-(?! )| ?)${INCHES}(?:${INCH_MARK})?)?`);
const HYPHENED = here(`(?<feet>\\d+)-${INCHES}(?<mark>${INCH_MARK})?`);
const MARKED_INCHES = here(INCHES + INCH_MARK);
const BARE_INCHES = here(INCHES);
const METRIC = here(`(?<n>${NUMBER}) ?(?<unit>mm|cm|m)\\b`);
const BARE = here(NUMBER);
const TIGHT_OPERATOR = / ?([+*/-]) ?/y;
const SPACED_OPERATOR = / ?([+*]) ?| ([/-]) /y;
const FRACTION = /(?<whole>\d+[ -])?(?<num>\d+)\/(?<den>\d+)/y;
const SPACE = /[\t-\r \u00A0\u1680\u2000-\u200A\u2028\u2029\u202F\u205F\u3000\uFEFF]+/g;
const LONGEST = 120;
/** More than any level above the sea, let alone a house. */
const LARGEST_MM = 1e7;
const MM_PER = { mm: 1, cm: 10, m: 1000 } as const;

export const TOO_LONG = `That is too long to be a length: type at most ${LONGEST} characters.`;

export function isTooLong(text: string): boolean {
  return text.length > LONGEST;
}

/** With single spaces, none at the ends, in small letters. */
export function spaced(typed: string): string {
  return typed.replace(SPACE, " ").replace(/^ | $/g, "").toLowerCase();
}

/**
 * Reads a typed length as the server's own reader does, so that what is typed is read at any speed of hand or network.
 * Both are tested against one table.
 */
export function readLength(typed: string, units: Units): LengthReading {
  const text = tidy(typed);
  if (text === "") return { type: "unreadable", reason: "Type a length." };
  if (isTooLong(text)) return { type: "unreadable", reason: TOO_LONG };
  try {
    const reader = new Reader(text, units, false);
    const mm = reader.whole();
    if (!reader.ambiguous) return { type: "read", mm };
    return { type: "asks", firstMm: mm, secondMm: new Reader(text, units, true).whole() };
  } catch (error) {
    if (error instanceof Unreadable) return { type: "unreadable", reason: error.message };
    throw error;
  }
}

function tidy(typed: string): string {
  const marks = typed
    .replace(/[\u2032\u2019\u2018\u00B4`]/g, "'")
    .replace(/[\u2033\u201D\u201C]/g, '"')
    .replaceAll("\u2212", "-");
  const plain = [
    ["\u00BD", "1/2"],
    ["\u00BC", "1/4"],
    ["\u00BE", "3/4"],
  ].reduce(
    (text, [sign = "", words = ""]) =>
      text.replace(new RegExp(`(\\d)${sign}`, "g"), `$1 ${words}`).replaceAll(sign, words),
    marks,
  );
  return spaced(plain);
}

type Groups = Readonly<Record<string, string | undefined>>;

/** Sums of products of literals, from left to right. */
class Reader {
  ambiguous = false;
  private at = 0;

  constructor(
    private readonly text: string,
    private readonly units: Units,
    private readonly decimalFirst: boolean,
  ) {}

  whole(): number {
    const negative = this.text.startsWith("-");
    if (negative) this.at = this.text.startsWith("- ") ? 2 : 1;
    const mm = this.sum(negative);
    if (this.at < this.text.length) throw this.refused(this.at);
    if (!(Math.abs(mm) <= LARGEST_MM))
      throw new Unreadable("That is too large to be a length: at most 10 km.");
    return (negative ? -1 : 1) * withoutDust(mm) + 0;
  }

  /** A sign before the whole text turns the first part about, not the sum: -300+50 is -250. */
  private sum(negative: boolean): number {
    let total = this.asLength(this.product());
    for (let sign = this.operator("+-"); sign !== ""; sign = this.operator("+-")) {
      const next = this.asLength(this.product());
      total += (sign === "+") !== negative ? next : -next;
    }
    return total;
  }

  private product(): Part {
    let part = this.literal();
    for (let sign = this.operator("*/"); sign !== ""; sign = this.operator("*/")) {
      const next = this.literal();
      part = sign === "*" ? times(part, next) : over(part, next);
    }
    return part;
  }

  private asLength(part: Part): number {
    return part.bare ? part.value * mmPerBareUnit(this.units) : part.value;
  }

  private operator(wanted: string): string {
    const m = this.match(this.units === "METRIC" ? TIGHT_OPERATOR : SPACED_OPERATOR);
    const found = m?.[1] ?? m?.[2] ?? "";
    if (!m || !wanted.includes(found)) return "";
    this.at += m[0].length;
    return found;
  }

  private literal(): Part {
    const from = this.at;
    const feet = this.take(FEET_AND_INCHES);
    if (feet) return this.feetAndInches(feet, hasInches(feet));
    const hyphened = this.match(HYPHENED);
    if (hyphened && this.isFeetHyphenInches(hyphened.groups ?? {})) {
      this.at += hyphened[0].length;
      return this.feetAndInches(hyphened.groups ?? {}, true);
    }
    const marked = this.take(MARKED_INCHES);
    if (marked) return { value: this.inches(marked) * MM_PER_INCH, bare: false };
    const metric = this.take(METRIC);
    if (metric) {
      const unit = (metric.unit ?? "mm") as keyof typeof MM_PER;
      return { value: this.number(metric.n) * MM_PER[unit], bare: false };
    }
    return this.bareNumber() ?? this.fail(from);
  }

  private bareNumber(): Part | undefined {
    if (this.units === "FEET_INCHES") {
      const bare = this.take(BARE_INCHES);
      return bare && { value: this.inches(bare), bare: true };
    }
    const fraction = this.match(FRACTION);
    if (fraction) {
      const { whole, num = "", den = "" } = fraction.groups ?? {};
      refuseFraction(fraction[0], whole !== undefined, num, den);
    }
    const from = this.at;
    const bare = this.take(BARE);
    return bare && { value: this.number(this.text.slice(from, this.at)), bare: true };
  }

  /** `12-6` and `12-6 1/2` are feet and inches; `6-1/2` is six and a half inches. */
  private isFeetHyphenInches({ num2, whole, mark }: Groups): boolean {
    if (num2 !== undefined) return false;
    return this.units === "FEET_INCHES" || whole !== undefined || mark !== undefined;
  }

  private feetAndInches(groups: Groups, withInches: boolean): Part {
    const inches = withInches ? this.inches(groups) : 0;
    if (withInches && inches >= 12)
      throw new Unreadable(
        "The inches after the feet must be under 12. For a difference, put spaces round the minus.",
      );
    return { value: this.number(groups.feet) * MM_PER_FOOT + inches * MM_PER_INCH, bare: false };
  }

  private inches({ whole, num = "", den = "", num2, den2 = "", plain }: Groups): number {
    if (whole !== undefined) return Number(whole) + fractionOf(num, den);
    if (num2 !== undefined) return fractionOf(num2, den2);
    return this.number(plain);
  }

  private number(digits = ""): number {
    const { value, ambiguous } = numberOf(digits, this.decimalFirst);
    if (ambiguous) this.ambiguous = true;
    return value;
  }

  private match(pattern: RegExp): RegExpExecArray | null {
    pattern.lastIndex = this.at;
    return pattern.exec(this.text);
  }

  private take(pattern: RegExp): Groups | undefined {
    const m = this.match(pattern);
    if (!m) return undefined;
    this.at += m[0].length;
    return m.groups ?? {};
  }

  private fail(from: number): never {
    throw this.refused(from);
  }

  private refused(from: number): Unreadable {
    const rest = this.text.slice(from).trim();
    if (this.text.includes("''"))
      return new Unreadable("Two foot marks: write 12\" for inches or 12' for feet.");
    if (rest === "") return new Unreadable(`Something is missing after "${this.text}".`);
    return new Unreadable(`"${rest}" is not part of a length. Try 3200, 3.2 m or 12'6 1/2".`);
  }
}

function hasInches({ plain, num2, whole }: Groups): boolean {
  return plain !== undefined || num2 !== undefined || whole !== undefined;
}

/** To a millionth of a millimetre, so that 12'6 1/2" is 3822.7 and not a hair less. */
function withoutDust(mm: number): number {
  return Math.abs(mm) < 1e9 ? roundHalfEven(mm * 1e6) / 1e6 : mm;
}

function roundHalfEven(x: number): number {
  const low = Math.floor(x);
  if (x - low === 0.5) return low % 2 === 0 ? low : low + 1;
  return Math.round(x);
}
