import { HOUSE } from '@/core/tokens';

/** Light lines on dark cloth, dark ones on light: by the colour's own lightness. */
export function lineOn(hex: string): string {
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16));
  return 0.299 * r! + 0.587 * g! + 0.114 * b! < 128 ? HOUSE.paper : HOUSE.ink;
}
