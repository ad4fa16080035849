import { type Island, type Outline, type Ring, cutOrder, outlineRings } from '../geometry';
import { type MadePass, type Patch, type Placed, placedIn } from '../freeze';
import { outlineOnBed } from '../sheets';
import { readPieceId } from '../spec';
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
  const lines = [...placedIn(pass)].flatMap(({ patch, placed }) =>
    pieceLines(attributesOf(pass, patch, placed), outlineOnBed(outlineOf(placed.outline), lyingOf(patch, placed))),
  );
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    ...lines,
    '</svg>',
    '',
  ].join('\n');
}

function lyingOf({ reversed }: Patch, { x, y, turnDeg }: Placed) {
  return { x, y, turnDeg, reversed };
}

/** What a group says of its piece. Files of passes from before version 2 stay as they were, byte for byte. */
function attributesOf({ cutFile }: MadePass, { materialId, reversed }: Patch, placed: Placed): string[] {
  const id = readPieceId(placed.pieceId);
  return [
    `id="piece-${placed.pieceId}"`,
    `data-entry="${xmlAttribute(id?.entryId ?? placed.pieceId)}"`,
    ...(cutFile === 1 || !id ? [] : [`data-place="${id.placeId}"`, `data-layer="${id.layerId}"`]),
    `data-text="${xmlAttribute(placed.text.join('\n'))}"`,
    `data-material="${xmlAttribute(materialId)}"`,
    `data-reversed="${reversed}"`,
    ...(placed.turnDeg === 0 ? [] : [`data-turned="${placed.turnDeg}"`]),
  ];
}

/** Lines are joined once at the end: a file has megabytes, and each join copies them. */
function pieceLines(attributes: readonly string[], onBed: Outline): string[] {
  return [`<g ${attributes.join(' ')}>`, ...cutOrder(onBed).map(islandPath), '</g>'];
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
