/**
 * Measures: millimetres, their integer twin of 0.1 µm, and inches for those who measure so; how each is read and written.
 * Every conversion in the program happens here; knowing what is measured happens elsewhere.
 */
export { type Um10, UM10_PER_MM, mmToUm10, um10ToMm } from './um10';
export { type HeatUnit, formatHeat, heatWord, readHeat } from './heat';
export { formatApart, formatMm, formatMmPair, formatMoney, writeMm } from './format';
export {
  type LengthUnit,
  MM_PER_INCH,
  areaWords,
  formatAtLeast,
  exactDecimals,
  formatLength,
  readInches,
  readMm,
  snapLength,
  stepMm,
  unitWord,
  writeInches,
} from './inches';
