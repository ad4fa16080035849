/** How heat is shown; what is kept is in whole degrees Celsius. */
export type HeatUnit = 'celsius' | 'fahrenheit';

export const heatWord = (unit: HeatUnit): string => (unit === 'fahrenheit' ? '°F' : '°C');

/** A whole figure without its unit, never above what is meant: it may be a ceiling. */
export function formatHeat(celsius: number, unit: HeatUnit): string {
  return String(unit === 'fahrenheit' ? Math.floor((celsius * 9) / 5 + 32) : Math.floor(celsius));
}

/** Whole degrees Celsius of a figure that was typed; null where it is none. Not above what was typed. */
export function readHeat(text: string, unit: HeatUnit): number | null {
  const typed = Number(text.trim().replace(',', '.'));
  if (text.trim() === '' || !Number.isFinite(typed)) return null;
  return Math.floor(unit === 'fahrenheit' ? ((typed - 32) * 5) / 9 : typed);
}
