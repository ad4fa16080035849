import { type Island, type Outline, type Ring, cutOrder, outlineRings } from '../geometry';
import { LINE_TOOLS, type MadePass, type Patch, type Placed, placedIn } from '../freeze';
import { outlineOnBed } from '../sheets';
import { readPieceId } from '../spec';
import { mmToUm10, writeMm } from '../units';
import { xmlAttribute } from './xml-attribute';

/**
 * A made pass as SVG 1.1: true millimetres, the page is the usable bed, origin top left, no transforms, at most three
 * decimals. One group per piece, one even-odd path per island, its holes first, in the order in which they are cut.
 * Outer rings run clockwise to the eye, holes the other way. Before all that is cut stands what is done with another tool, tool by
 * tool and each in groups of its own: one path a line.
 *
 * `outlineOf` answers an outline by hash. Equal passes give equal bytes.
 */
export function writeSvg(pass: MadePass, outlineOf: (sha: string) => Outline): string {
  const width = writeMm(mmToUm10(pass.bed.widthMm));
  const height = writeMm(mmToUm10(pass.bed.heightMm));
  const all = [...placedIn(pass)];
  const cut = all.flatMap(({ patch, placed }) =>
    cutGroup(attributesOf(pass, patch, placed), outlineOnBed(outlineOf(placed.outline), lyingOf(patch, placed))),
  );
  const drawn = LINE_TOOLS.flatMap((by) =>
    all.flatMap(({ patch, placed }) =>
      (placed.lines ?? [])
        .filter((line) => line.by === by)
        .flatMap((line) =>
          lineGroup(
            lineAttributes(pass, patch, placed, line),
            outlineOnBed(outlineOf(line.outline), lyingOf(patch, placed), outlineOf(placed.outline)),
          ),
        ),
    ),
  );
  const lines = [...drawn, ...cut];
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

/** What a group says of its piece. Files of passes from before version 2, and from before 3, stay as they were, byte for byte. */
function attributesOf(pass: MadePass, patch: Patch, placed: Placed): string[] {
  return [`id="piece-${placed.pieceId}"`, ...saidOf(pass, patch, placed, null)];
}

type PlacedLine = NonNullable<Placed['lines']>[number];

/** The same of lines on it, with the layer that they are of. */
function lineAttributes(pass: MadePass, patch: Patch, placed: Placed, line: PlacedLine): string[] {
  return [`id="piece-${placed.pieceId}-${line.by}-${line.layerId}"`, ...saidOf(pass, patch, placed, line)];
}

function saidOf(
  { cutFile }: MadePass,
  { materialId, reversed }: Patch,
  placed: Placed,
  line: PlacedLine | null,
): string[] {
  const id = readPieceId(placed.pieceId);
  const layerId = line?.layerId ?? id?.layerId;
  return [
    `data-entry="${xmlAttribute(id?.entryId ?? placed.pieceId)}"`,
    ...(cutFile === 1 || !id ? [] : [`data-place="${id.placeId}"`, `data-layer="${layerId}"`]),
    `data-text="${xmlAttribute(placed.text.join('\n'))}"`,
    `data-material="${xmlAttribute(materialId)}"`,
    `data-reversed="${reversed}"`,
    ...(placed.turnDeg === 0 ? [] : [`data-turned="${placed.turnDeg}"`]),
    ...(cutFile < 3 ? [] : [`data-tool="${line?.by ?? 'cut'}"`, ...spotOf(placed)]),
  ];
}

/** Where the piece lies in its place, as it reads there, to 0.1 µm as it was kept: nothing where it was not. */
function spotOf({ spot }: Placed): string[] {
  if (!spot) return [];
  const { xMm, yMm, turnDeg } = spot;
  return [`data-x-mm="${xMm}"`, `data-y-mm="${yMm}"`, ...(turnDeg === 0 ? [] : [`data-reads="${turnDeg}"`])];
}

/** Lines are joined once at the end: a file has megabytes, and each join copies them. */
function cutGroup(attributes: readonly string[], onBed: Outline): string[] {
  return [`<g ${attributes.join(' ')}>`, ...cutOrder(onBed).map(islandPath), '</g>'];
}

function lineGroup(attributes: readonly string[], onBed: Outline): string[] {
  const paths = [...outlineRings(onBed)].map((ring) => `<path d="${lineCommands(ring)}"/>`);
  return [`<g ${attributes.join(' ')} fill="none" stroke="#000" stroke-width="0.2">`, ...paths, '</g>'];
}

function islandPath({ outer, holes }: Island): string {
  return `<path fill-rule="evenodd" d="${[...holes, outer].map(ringCommands).join('')}"/>`;
}

/** A whole outline as one even-odd path in millimetres: for pictures, where islands need not be told apart. */
export function pathData(outline: Outline): string {
  return [...outlineRings(outline)].map(ringCommands).join('');
}

/** Of two points it is a straight line, there and not back. */
function lineCommands(ring: Ring): string {
  return ring.length > 4 ? ringCommands(ring) : ringCommands(ring).slice(0, -1);
}

/** Lines as one path in millimetres: for pictures. */
export function linesPath(lines: Outline): string {
  return [...outlineRings(lines)].map(lineCommands).join('');
}

function ringCommands(ring: Ring): string {
  const commands = new Array<string>(ring.length / 2);
  for (let i = 0; i < ring.length; i += 2) commands[i / 2] = `${writeMm(ring[i]!)} ${writeMm(ring[i + 1]!)}`;
  return `M${commands.join('L')}Z`;
}
