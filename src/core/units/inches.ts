/** What lengths are typed and shown in; everything is computed and kept in millimetres. */
export type LengthUnit = 'mm' | 'inch';

export const MM_PER_INCH = 25.4;

/** A ruler in inches is divided so. */
const DIVISIONS = 16;

/** Closer to a division than a person can mean otherwise. */
const SAME_INCH = 0.0005;

/** A glyph such as ½ right after a whole number would run into it once it is spelled out. */
const BEFORE_VULGAR_FRACTION = /(\d)(?=[¼½¾⅐-⅞])/g;

/**
 * Inches as a person types them, in millimetres: `5`, `5.25`, `5,25`, `5 1/4`, `5-1/4`, `1/4`, `5¼`, with or without `"` or
 * `in`. Null for anything else.
 */
export function readInches(typed: string): number | null {
  const spelled = typed
    .trim()
    .replace(BEFORE_VULGAR_FRACTION, '$1 ')
    .normalize('NFKC')
    .replace(/\u2044/g, '/');
  const plain = spelled.replace(/\s*(?:["”″]|in\.?|inch|inches)$/i, '').replace(',', '.');
  if (/^\d+(?:\.\d+)?$|^\.\d+$/.test(plain)) return Number(plain) * MM_PER_INCH;
  const parts = /^(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
  if (!parts || Number(parts[3]) === 0) return null;
  return (Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3])) * MM_PER_INCH;
}

/** `5 1/4` on a division of the ruler, otherwise with three decimals, so that a measure is never rounded by being shown. */
export function writeInches(mm: number): string {
  const inches = mm / MM_PER_INCH;
  const sixteenths = Math.round(inches * DIVISIONS);
  return Math.abs(inches - sixteenths / DIVISIONS) < SAME_INCH
    ? writeSixteenths(sixteenths)
    : String(Number(inches.toFixed(3)));
}

function writeSixteenths(sixteenths: number): string {
  const whole = Math.floor(Math.abs(sixteenths) / DIVISIONS);
  let [above, below] = [Math.abs(sixteenths) % DIVISIONS, DIVISIONS];
  while (above > 0 && above % 2 === 0) [above, below] = [above / 2, below / 2];
  const sign = sixteenths < 0 ? '-' : '';
  if (above === 0) return `${sign}${whole}`;
  return `${sign}${whole > 0 ? `${whole} ` : ''}${above}/${below}`;
}

/** Millimetres as a person types them, with a point or a comma. Null for anything else. */
export function readMm(typed: string): number | null {
  const plain = typed
    .trim()
    .replace(/\s*mm$/i, '')
    .replace(',', '.');
  return /^-?\d+(?:\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/**
 * A length for a person, without its unit. `decimals` are those of the millimetres: with none, inches come in sixteenths as
 * on a ruler, else with one decimal more.
 */
export function formatLength(mm: number, unit: LengthUnit, decimals = 1): string {
  if (unit === 'mm') {
    const text = mm.toFixed(decimals);
    return Number(text) === 0 ? (0).toFixed(decimals) : text;
  }
  const inches = mm / MM_PER_INCH;
  return decimals === 0 ? writeSixteenths(Math.round(inches * DIVISIONS)) : inches.toFixed(decimals + 1);
}

/** As on a ruler and never less than the length, for what has to be cut off: whole millimetres or sixteenths. */
export function formatAtLeast(mm: number, unit: LengthUnit): string {
  const slack = 1e-6;
  if (unit === 'mm') return String(Math.ceil(mm - slack));
  return writeSixteenths(Math.ceil((mm / MM_PER_INCH) * DIVISIONS - slack));
}

/** How the unit is written behind a figure. */
export function unitWord(unit: LengthUnit): string {
  return unit === 'mm' ? 'mm' : 'in';
}

/** The step that a measure is dragged by: a whole millimetre, or a sixteenth of an inch. In millimetres. */
export function stepMm(unit: LengthUnit): number {
  return unit === 'inch' ? MM_PER_INCH / 16 : 1;
}

/** The nearest whole millimetre or sixteenth of an inch, in millimetres. */
export function snapLength(mm: number, unit: LengthUnit): number {
  const step = stepMm(unit);
  return Math.round(mm / step) * step;
}

/** An area, as much of it as anybody wants to know: square centimetres, or square inches. */
export function areaWords(mm2: number, unit: LengthUnit): string {
  return unit === 'mm' ? `${(mm2 / 100).toFixed(1)} cm²` : `${(mm2 / MM_PER_INCH ** 2).toFixed(2)} in²`;
}

/**
 * How many decimals a length is shown with where nothing is to be lost: what was typed in hundredths of a millimetre keeps them, what was worked
 * out has one.
 */
export function exactDecimals(mm: number): number {
  const typed = [0, 1, 2].find((decimals) => Math.abs(mm - Number(mm.toFixed(decimals))) < 1e-9);
  return typed ?? 1;
}
