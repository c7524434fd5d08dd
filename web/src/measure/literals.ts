/** What a written number or fraction comes to, and the sentences for what cannot be one. */

/** Why a text is no length, for the person who typed it. */
export class Unreadable extends Error {}

/** One number; a comma or point with exactly three digits behind it is a thousand or a decimal. */
export function numberOf(digits: string, decimalFirst: boolean): { value: number; ambiguous: boolean } {
  if (/^[1-9]\d{0,2}[.,]\d{3}$/.test(digits)) {
    const plain = decimalFirst ? digits.replace(",", ".") : digits.replace(/[.,]/g, "");
    return { value: Number(plain), ambiguous: true };
  }
  if (/^(?:[1-9]\d{0,2}(?:,\d{3}){2,}|[1-9]\d{0,2}(?:\.\d{3}){2,})$/.test(digits))
    return { value: Number(digits.replace(/[.,]/g, "")), ambiguous: false };
  const decimal = digits.replaceAll(",", ".");
  if (decimal.indexOf(".") !== decimal.lastIndexOf("."))
    throw new Unreadable(`"${digits}" has more than one decimal point.`);
  return { value: Number(decimal), ambiguous: false };
}

export function fractionOf(numerator: string, denominator: string): number {
  const under = Number(denominator);
  if (under === 0) throw new Unreadable("A fraction cannot have 0 under the line.");
  if (under > 64) throw new Unreadable(`${numerator}/${denominator}: inches are divided down to 1/64.`);
  return Number(numerator) / under;
}

/** Less than one of nothing said: half an inch whose mark was forgotten, or a division that lost its length. */
export function refuseFraction(
  fraction: string,
  whole: boolean,
  numerator: string,
  denominator: string,
): void {
  if (capped(numerator) >= capped(denominator)) return;
  if (/^(?:2|4|8|16|32|64)$/.test(denominator))
    throw new Unreadable(
      `${fraction} of what? For inches write ${fraction}"; millimetres are written as 0.5.`,
    );
  if (!whole)
    throw new Unreadable(
      `${fraction} is less than a millimetre: type the length to be divided first, as in 4000/200.`,
    );
}

function capped(digits: string): number {
  return digits.length > 9 ? 999_999_999 : Number(digits);
}

/** A value with a unit (mm), or a bare number whose unit is still open. */
export interface Part {
  readonly value: number;
  readonly bare: boolean;
}

export function times(a: Part, b: Part): Part {
  if (!a.bare && !b.bare) throw new Unreadable("A length times a length is an area, not a length.");
  return { value: a.value * b.value, bare: a.bare && b.bare };
}

export function over(a: Part, b: Part): Part {
  if (!b.bare) throw new Unreadable("A length can be divided by a number, not by a length.");
  if (b.value === 0) throw new Unreadable("Nothing can be divided by 0.");
  return { value: a.value / b.value, bare: a.bare };
}
