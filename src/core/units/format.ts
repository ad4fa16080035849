import type { Um10 } from './um10';

/** Millimetres for a person: a fixed number of decimals, so that columns line up. No unit: the head carries it. */
export function formatMm(mm: number, decimals = 1): string {
  const text = mm.toFixed(decimals);
  return Number(text) === 0 ? (0).toFixed(decimals) : text;
}

/** `180.0 × 46.2`, width before height. */
export function formatMmPair(widthMm: number, heightMm: number, decimals = 1): string {
  return `${formatMm(widthMm, decimals)} × ${formatMm(heightMm, decimals)}`;
}

/**
 * Millimetres for a file: at most three decimals (1 µm), no trailing zeros, no exponent, never `-0`.
 * Works in integers throughout, so that the bytes are the same on every machine.
 */
export function writeMm(um10: Um10): string {
  const um = Math.sign(um10) * Math.round(Math.abs(um10) / 10);
  const whole = Math.floor(Math.abs(um) / 1000);
  const thousandths = Math.abs(um) % 1000;
  const sign = um < 0 ? '-' : '';
  if (thousandths === 0) return `${sign}${whole}`;
  return `${sign}${whole}.${String(thousandths).padStart(3, '0').replace(/0+$/, '')}`;
}
