import { artCache } from '../artwork';
import { checkedReport } from '../checks';
import {
  addLayer,
  changePlace,
  changePlaceUse,
  changeUnder,
  placeAt,
  setLetters,
  shapeLayersOf,
  takeMotif,
} from '../edit';
import { type Fit, layerOutline, outlineAt } from '../fit';
import { freezePass, placedIn } from '../freeze';
import { type Outline, outlineFromNumbers, outlineRings } from '../geometry';
import { STARTER_MOTIFS } from '../motifs';
import { piecesOfFits } from '../pieces';
import { resolveSlots } from '../resolve';
import { planPasses } from '../sheets';
import { type RunSpec, readPieceId } from '../spec';
import { aHead, aRun, aRect, seededBytes, shippedFaces, withCard } from '../test';
import { writeSvg } from '.';

/** Cut files read by their own words, put together again where each group says that it lies: the drawing, layer by layer. */

const cache = artCache(shippedFaces());
const random = seededBytes(21);

interface Group {
  readonly said: Readonly<Record<string, string>>;
  readonly rings: readonly (readonly (readonly [number, number])[])[];
}

function groupsIn(svg: string): Group[] {
  return [...svg.matchAll(/<g ([^>]+)>(.*?)<\/g>/gs)].map(([, attributes, body]) => ({
    said: Object.fromEntries([...attributes!.matchAll(/([a-z-]+)="([^"]*)"/g)].map(([, key, value]) => [key!, value!])),
    rings: [...body!.matchAll(/ d="([^"]+)"/g)].flatMap(([, d]) =>
      d!
        .split('M')
        .filter(Boolean)
        .map((ring) =>
          ring
            .replace('Z', '')
            .split('L')
            .map((pair) => pair.split(' ').map(Number) as [number, number]),
        ),
    ),
  }));
}

/** From the bed back into the place: turned back, mirrored back within its own box, read as it reads, moved to its spot. */
function inPlace(group: Group, cut: Group) {
  const points = cut.rings.flat();
  const range = (k: 0 | 1, of: readonly (readonly [number, number])[]) => [
    Math.min(...of.map((point) => point[k])),
    Math.max(...of.map((point) => point[k])),
  ];
  const [left] = range(0, points);
  const [top] = range(1, points);
  const [right, bottom] = [range(0, points)[1]!, range(1, points)[1]!];
  const [w, h] = [right - left!, bottom - top!];
  const isTurned = cut.said['data-turned'] === '90';
  const [width, height] = isTurned ? [h, w] : [w, h];
  const reads = Number(cut.said['data-reads'] ?? 0);
  const [xMm, yMm] = [Number(cut.said['data-x-mm']), Number(cut.said['data-y-mm'])];
  return group.rings.map((ring) =>
    ring.map(([bedX, bedY]) => {
      const [x, y] = [bedX - left!, bedY - top!];
      const upright = isTurned ? [y, height - x] : [x, y];
      const read = cut.said['data-reversed'] === 'true' ? [width - upright[0]!, upright[1]!] : upright;
      const [rx, ry] = read as [number, number];
      const turned = { 0: [rx, ry], 90: [height - ry, rx], 180: [width - rx, height - ry], 270: [ry, width - rx] }[
        reads
      ]!;
      return [xMm + turned[0]!, yMm + turned[1]!] as const;
    }),
  );
}

function expectSame(read: readonly (readonly (readonly [number, number])[])[], drawn: Outline) {
  const near = new Map<string, (readonly [number, number])[]>();
  let numDrawn = 0;
  for (const ring of outlineRings(drawn)) {
    for (let i = 0; i < ring.length; i += 2) {
      const point = [ring[i]! / 10_000, ring[i + 1]! / 10_000] as const;
      const cell = cellOf(...point);
      near.set(cell, [...(near.get(cell) ?? []), point]);
      numDrawn++;
    }
  }
  const points = read.flat();
  expect(points).toHaveLength(numDrawn);
  const worst = points.map(([x, y]) => {
    const [cx, cy] = [Math.round(x / CELL_MM), Math.round(y / CELL_MM)];
    const around = [-1, 0, 1].flatMap((i) => [-1, 0, 1].flatMap((j) => near.get(`${cx + i} ${cy + j}`) ?? []));
    return Math.min(Infinity, ...around.map(([ax, ay]) => Math.max(Math.abs(ax - x), Math.abs(ay - y))));
  });
  // Each point and the corner of its piece are written to a micrometre: off by half of one each.
  expect(Math.max(...worst)).toBeLessThanOrEqual(0.001_001);
}

const CELL_MM = 0.01;
const cellOf = (x: number, y: number) => `${Math.round(x / CELL_MM)} ${Math.round(y / CELL_MM)}`;

function filesOf(spec: RunSpec) {
  const { fits } = checkedReport(resolveSlots(spec), cache);
  const wanted = piecesOfFits(fits).map((piece) => ({ piece, attempt: 1 }));
  const files = planPasses(spec, wanted).passes.map((planned) => {
    const { pass, outlines } = freezePass(planned, aHead(spec), random);
    return { pass, svg: writeSvg(pass, (sha) => outlineFromNumbers(JSON.parse(outlines[sha]!))) };
  });
  return { fits: fits.map(({ fit }) => fit), files };
}

function expectReadBack(spec: RunSpec): readonly string[] {
  const { fits, files } = filesOf(spec);
  const layerOf = (fit: Fit, layerId: string) => fit.slot.layers.findIndex(({ id }) => id === layerId);
  const seen: string[] = [];
  for (const { pass, svg } of files) {
    const groups = groupsIn(svg);
    for (const { placed } of placedIn(pass)) {
      const { fitKey, layerId } = readPieceId(placed.pieceId)!;
      const fit = fits.find(({ slot: { ref, itemId } }) => fitKey === `${itemId}-${ref.placeId}`)!;
      const own = groups.filter(({ said }) => said.id!.startsWith(`piece-${placed.pieceId}`));
      const cut = own.find(({ said }) => said['data-tool'] === 'cut')!;
      for (const group of own) {
        const tool = group.said['data-tool']!;
        seen.push(tool);
        if (tool === 'score' || tool === 'pierce') continue;
        expect(group.said['data-layer']).toBe(tool === 'cut' ? layerId : group.said['data-layer']);
        const i = layerOf(fit, group.said['data-layer']!);
        expectSame(inPlace(group, cut), outlineAt(layerOutline(fit, i), fit.layers[i]!.spot!));
      }
    }
    // Nothing is cut before all else is done.
    const order = groups.map(({ said }) => ['draw', 'mark', 'score', 'pierce', 'cut'].indexOf(said['data-tool']!));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  }
  return seen;
}

const plain = (readingDeg: 0 | 90 | 180 | 270 = 0) =>
  changePlace(
    changePlaceUse(aRun(['Bea', 'Fox']), null, (place) => ({ ...place, letteringId: 'stand-block' })),
    null,
    (place) => ({ ...place, outline: aRect(140, 90), clear: [], readingDeg }),
  );

function lettered(spec: RunSpec, ...kinds: readonly ('border' | 'inside' | 'castEdge' | 'backing')[]): RunSpec {
  return kinds.reduce((now, kind) => addLayer(now, null, kind, random), spec);
}

test('every kind of layer, put together again from the files of its films, is the drawing to a micrometre', () => {
  expect(expectReadBack(lettered(plain(), 'border', 'inside', 'castEdge', 'backing'))).toHaveLength(10);
  expect(expectReadBack(setLetters(plain(), null, { slot: 'main', are: 'plate' }, random))).toEqual(['cut', 'cut']);
});

test.each([90, 180, 270] as const)('turned %s degrees in its place as well', (deg) => {
  expect(expectReadBack(lettered(plain(deg), 'border', 'castEdge'))).toHaveLength(6);
});

test('with a rim, a gap and a motif', () => {
  const two = lettered(plain(), 'border', 'backing');
  const [backing, border] = shapeLayersOf(placeAt(two, null).lettering);
  const trapped = changeUnder(two, null, border!.id, { kind: 'trap', mm: 0.4 });
  const fitted = changeUnder(trapped, null, backing!.id, { kind: 'inlay', mm: 0.2 });
  const { id, value } = STARTER_MOTIFS.find(({ value: { parts } }) => parts.length > 1)!;
  expect(expectReadBack(takeMotif(fitted, null, { id, fromRev: null, value }, random)).length).toBeGreaterThan(6);
});

test('what is drawn and marked lies on its card as it does in the drawing', () => {
  const part = { fold: 'top' as const, sewing: { insetMm: 3, pitchMm: 8, diameterMm: 1 } };
  const seen = expectReadBack(
    withCard(
      changePlace(plain(90), null, (place) => ({ ...place, outline: aRect(70, 50) })),
      part,
    ),
  );
  expect([...seen].sort()).toEqual(['cut', 'cut', 'draw', 'draw', 'pierce', 'pierce', 'score', 'score']);
  expect([...expectReadBack(withCard(plain(), {}, 'mark', 'grown'))].sort()).toEqual(['cut', 'cut', 'mark', 'mark']);
});
