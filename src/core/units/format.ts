import type { Um10 } from './um10';

/** Millimetres for a person: a fixed number of decimals, so that columns line up. No unit: the head carries it. */
export function formatMm(mm: number, decimals = 1): string {
  const text = mm.toFixed(decimals);
  return Number(text) === 0 ? (0).toFixed(decimals) : text;
}

/** Beyond it the two are the same for any hand or blade. */
const MOST_DECIMALS = 6;

/** A figure and its limit with as many decimals as it takes to see that they differ: never "12.0, the least is 12.0". */
export function formatApart(
  mm: number,
  limitMm: number,
  decimals = 1,
  format: (mm: number, decimals: number) => string = formatMm,
): readonly [figure: string, limit: string] {
  let shown = decimals;
  while (mm !== limitMm && shown < MOST_DECIMALS && format(mm, shown) === format(limitMm, shown)) shown++;
  return [format(mm, shown), format(limitMm, shown)];
}

/** `180.0 × 46.2`, width before height. */
export function formatMmPair(widthMm: number, heightMm: number, decimals = 1): string {
  return `${formatMm(widthMm, decimals)} × ${formatMm(heightMm, decimals)}`;
}

/** `''`, `.001`, … `.5` … `.999`: what stands behind the whole, by thousandths. */
const FRACTIONS = Array.from({ length: 1000 }, (_, thousandths) =>
  thousandths === 0 ? '' : `.${String(thousandths).padStart(3, '0').replace(/0+$/, '')}`,
);

/**
 * Millimetres for a file: at most three decimals (1 µm), no trailing zeros, no exponent, never `-0`.
 * Works in integers throughout, so that the bytes are the same on every machine. A cut file has a million of them.
 */
export function writeMm(um10: Um10): string {
  const um = Math.round(Math.abs(um10) / 10);
  const whole = Math.floor(um / 1000);
  const text = whole + FRACTIONS[um - whole * 1000]!;
  return um10 < 0 && um > 0 ? `-${text}` : text;
}

/** `14.90 EUR`, from hundredths. */
export function formatMoney(cents: number, currency: string): string {
  return `${(cents / 100).toFixed(2)} ${currency}`;
}
