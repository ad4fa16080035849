import { type Motif, MOTIF_UNITS } from '../shop';

/**
 * A motif as an SVG file, a hundred millimetres tall: one path a colour, straight lines between its points. Read again it is the same
 * motif.
 */
export function writeMotif({ name, parts }: Motif): string {
  const rings = parts.flatMap(({ outline }) => outline.flat());
  const xs = rings.flatMap((ring) => ring.filter((_, i) => i % 2 === 0));
  const ys = rings.flatMap((ring) => ring.filter((_, i) => i % 2 === 1));
  const [width, height] = [largest(xs), largest(ys)];
  const paths = parts.map(({ hex, outline }) => `<path fill="${hex}" d="${outline.flat().map(ringData).join('')}"/>`);
  const mm = (units: number) => ((units / MOTIF_UNITS) * HEIGHT_MM).toFixed(3);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${width} ${height}">`,
    `<title>${escaped(name)}</title>`,
    ...paths,
    '</svg>\n',
  ].join('\n');
}

const HEIGHT_MM = 100;

function ringData(ring: readonly number[]): string {
  const points = Array.from({ length: ring.length / 2 }, (_, i) => `${ring[2 * i]} ${ring[2 * i + 1]}`);
  return `M${points.join('L')}Z`;
}

function largest(values: readonly number[]): number {
  return values.reduce((most, value) => Math.max(most, value), 0);
}

function escaped(text: string): string {
  return text.replace(/[&<>]/g, (mark) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[mark]!);
}
