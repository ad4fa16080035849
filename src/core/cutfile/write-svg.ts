import { type Island, type Outline, type Ring, cutOrder, outlineRings } from '../geometry';
import { type MadePass, type Patch, type Placed, outlineOnBed } from '../sheets';
import { mmToUm10, writeMm } from '../units';
import { xmlAttribute } from './xml-attribute';

/**
 * A made pass as SVG 1.1: true millimetres, the page is the usable bed, origin top left, no transforms, at most three
 * decimals. One group per piece, one even-odd path per island, its holes first, in the order in which they are cut.
 * Outer rings run clockwise to the eye, holes the other way.
 *
 * `outlineOf` answers an outline by hash. Equal passes give equal bytes.
 */
export function writeSvg(pass: MadePass, outlineOf: (sha: string) => Outline): string {
  const width = writeMm(mmToUm10(pass.bed.widthMm));
  const height = writeMm(mmToUm10(pass.bed.heightMm));
  const lines = pass.patches.flatMap((patch) => patch.placed.flatMap((placed) => pieceLines(patch, placed, outlineOf)));
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    ...lines,
    '</svg>',
    '',
  ].join('\n');
}

/** Lines are joined once at the end: a file has megabytes, and each join copies them. */
function pieceLines(patch: Patch, placed: Placed, outlineOf: (sha: string) => Outline): string[] {
  const attributes = [
    `id="piece-${placed.pieceId}"`,
    `data-entry="${xmlAttribute(placed.pieceId.split('-', 1)[0] ?? '')}"`,
    `data-text="${xmlAttribute(placed.text.join('\n'))}"`,
    `data-material="${xmlAttribute(patch.materialId)}"`,
    `data-reversed="${placed.reversed}"`,
    ...(placed.turnDeg === 0 ? [] : [`data-turned="${placed.turnDeg}"`]),
  ];
  const paths = cutOrder(outlineOnBed(outlineOf(placed.outline), placed)).map(islandPath);
  return [`<g ${attributes.join(' ')}>`, ...paths, '</g>'];
}

function islandPath({ outer, holes }: Island): string {
  return `<path fill-rule="evenodd" d="${[...holes, outer].map(ringCommands).join('')}"/>`;
}

/** A whole outline as one even-odd path in millimetres: for pictures, where islands need not be told apart. */
export function pathData(outline: Outline): string {
  return [...outlineRings(outline)].map(ringCommands).join('');
}

function ringCommands(ring: Ring): string {
  const commands = new Array<string>(ring.length / 2);
  for (let i = 0; i < ring.length; i += 2) commands[i / 2] = `${writeMm(ring[i]!)} ${writeMm(ring[i + 1]!)}`;
  return `M${commands.join('L')}Z`;
}
