import { type Outcome, fail, ok } from '../outcome';

const SIGNS = [
  [1000, 'M'],
  [900, 'CM'],
  [500, 'D'],
  [400, 'CD'],
  [100, 'C'],
  [90, 'XC'],
  [50, 'L'],
  [40, 'XL'],
  [10, 'X'],
  [9, 'IX'],
  [5, 'V'],
  [4, 'IV'],
  [1, 'I'],
] as const;

/** Above it the signs would need a bar over them. */
const MOST = 3999;

export type RomanProblem = { readonly kind: 'notRoman'; readonly said: string };

/** A whole number from 1 to 3999 in capitals; throws outside it. */
export function writeRoman(value: number): string {
  if (!Number.isInteger(value) || value < 1 || value > MOST) throw new Error(`no roman numeral for ${value}`);
  let rest = value;
  let written = '';
  for (const [worth, sign] of SIGNS) {
    for (; rest >= worth; rest -= worth) written += sign;
  }
  return written;
}

/** Only the usual spelling is read: `IIII`, `IC` or `VX` would be cut wrong, so they are refused instead of added up. */
export function readRoman(text: string): Outcome<number, RomanProblem> {
  const signs = text.trim().toUpperCase();
  let rest = signs;
  let value = 0;
  for (const [worth, sign] of SIGNS) {
    while (rest.startsWith(sign)) {
      value += worth;
      rest = rest.slice(sign.length);
    }
  }
  const isUsual = rest === '' && value > 0 && value <= MOST && writeRoman(value) === signs;
  return isUsual ? ok(value) : fail({ kind: 'notRoman', said: text });
}
