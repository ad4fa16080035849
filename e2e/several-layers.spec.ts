import { type APIRequestContext, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';
import { startRun } from './pages';
import { type ShapedInk, joined, shapedLayers } from './positions/shaped-text';
import { type Outline, boxOfOutline } from './positions/truth';

/** A chess club's sleeves: two lines of different faces in three colours, before any page offers that. */
const CLUB = ['Odalys\trook', 'Bram\tknight', 'Ute\tqueen', 'Ingrid\tpawn'];

const LAYERS = [
  { id: 'layerlower', slot: 'main', make: { kind: 'text' } },
  { id: 'layermiddl', slot: 'second', make: { kind: 'text' } },
  { id: 'layerupper', slot: 'third', make: { kind: 'text' } },
];
const MATERIALS = { main: 'film-gold', second: 'film-white', third: 'adhesive-silver' } as const;

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface LayerJson {
  readonly layerId: string;
  readonly materialId: string;
  readonly pieceId: string;
  readonly measures: { readonly stroke: unknown } | null;
  readonly outline: Outline;
}

interface FitJson {
  readonly text: readonly string[];
  readonly emMm: number;
  readonly outline: Outline;
  readonly layers: readonly LayerJson[];
  readonly findings: readonly { readonly severity: string; readonly at?: { readonly layerId?: string } }[];
}

async function get<T>(request: APIRequestContext, path: string): Promise<T> {
  const answer = await request.get(`${server.url}${path}`);
  expect(answer.status(), await answer.text()).toBe(200);
  return (await answer.json()) as T;
}

/** Twice the signed area of all rings is positive for ink and negative for its holes. */
function areaMm2(outline: Outline): number {
  const ringArea = (ring: readonly number[]) => {
    let sum = 0;
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2)
      sum += ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
    return Math.abs(sum / 2) / 1e8;
  };
  return outline.reduce(
    (all, [outer = [], ...holes]) => all + ringArea(outer) - holes.reduce((sum, hole) => sum + ringArea(hole), 0),
    0,
  );
}

test('three colours and two faces go from a list to cut files and bench, each layer as another shaper draws it', async ({
  request,
  page,
}) => {
  const id = await startRun(
    page,
    server.url,
    'Club sleeves',
    CLUB.map((line) => line.split('\t').join(', ')),
  );
  const address = `/api/runs/${id}`;
  const { spec } = await get<{ spec: Record<string, any> }>(request, address); // eslint-disable-line @typescript-eslint/no-explicit-any
  const base = spec.shop.letterings.find(({ id: one }: { id: string }) => one === 'heavy-slab');
  const other = spec.shop.letterings.find(({ id: one }: { id: string }) => one === 'narrow-block');
  const [style] = base.value.lines;
  const [otherStyle] = other.value.lines;
  expect(style.face).not.toBe(otherStyle.face);
  const lettering = {
    id: 'three-colours',
    fromRev: null,
    value: { ...base.value, name: 'Three colours', lines: [style, otherStyle], layers: LAYERS, minLetterHeightMm: 4 },
  };
  const run = (template: string, slot: string, face: string | null = null) => ({ template, slot, face });
  const wording = {
    lines: [
      { runs: [run('{text}', 'main'), run(' & ', 'third', otherStyle.face), run('co', 'second')] },
      { runs: [run('the ', 'third'), run('{piece}', 'second')] },
    ],
    spread: 'together',
    motifBlanks: 0,
    spacesAreBlanks: false,
  };
  const entries = spec.entries.map((entry: object, i: number) => {
    const [text, piece] = CLUB[i]!.split('\t');
    return { ...entry, fields: { text, piece } };
  });
  const [use] = spec.uses;
  const place = { ...use.places[0], letteringId: lettering.id, materials: MATERIALS, wording };
  const changed = {
    ...spec,
    entries,
    shop: { ...spec.shop, letterings: [...spec.shop.letterings, lettering] },
    uses: [{ ...use, places: [place] }],
  };
  const put = (data: object, counter: number) =>
    request.put(`${server.url}${address}`, { data, headers: { 'if-match': `"${counter}"` } });
  // Words in a colour that has no layer would be lost: refused, and told where.
  const lost = { ...wording, lines: [{ runs: [run('{text}', 'fourth')] }] };
  const refused = await put({ ...changed, uses: [{ ...use, places: [{ ...place, wording: lost }] }] }, 1);
  expect(refused.status()).toBe(422);
  expect(await refused.json()).toMatchObject({ field: 'uses.0.places.0.wording.lines.0.runs.0.slot' });
  const saved = await put(changed, 1);
  expect(saved.status(), await saved.text()).toBe(200);

  const { fits } = await get<{ fits: FitJson[] }>(request, `${address}/fits?outlines=1`);
  expect(fits.map(({ text }) => text)).toEqual(
    CLUB.map((line) => [`${line.split('\t')[0]} & co`, `the ${line.split('\t')[1]}`]),
  );
  const texts = new Set<string>();
  for (const [i, fit] of fits.entries()) {
    const [text, piece] = CLUB[i]!.split('\t') as [string, string];
    const shaped = shapedLayers([
      [
        { text, face: style.face, layer: 'main' },
        { text: ' & ', face: otherStyle.face, layer: 'third' },
        { text: 'co', face: style.face, layer: 'second' },
      ],
      [
        { text: 'the ', face: otherStyle.face, layer: 'third' },
        { text: piece, face: otherStyle.face, layer: 'second' },
      ],
    ]);
    const whole = [...shaped.values()].reduce(joined);
    const wholeBox = boxOfOutline(fit.outline);
    expect(fit.layers.map(({ layerId, materialId }) => [layerId, materialId])).toEqual(
      LAYERS.map(({ id: layerId, slot }) => [layerId, MATERIALS[slot as keyof typeof MATERIALS]]),
    );
    expect(fit.layers.every(({ measures }) => measures?.stroke !== undefined)).toBe(true);
    for (const [k, layer] of fit.layers.entries()) {
      const own = shaped.get(LAYERS[k]!.slot)!;
      expectSame(layer.outline, own, { fit, whole, left: wholeBox.xMm, top: wholeBox.yMm });
      texts.add(JSON.stringify(layer.outline));
    }
  }
  expect(texts.size).toBe(fits.length * LAYERS.length);

  // Each material has a pass of its own; a film is cut reversed, an adhesive film as it reads.
  const cut = new Map<string, readonly number[]>();
  for (let no = 1; no <= 3; no++) {
    expect((await request.post(`${server.url}${address}/passes`)).status()).toBe(201);
    const svg = await (await request.get(`${server.url}${address}/passes/${no}/cut.svg`)).text();
    const groups = [...svg.matchAll(/<g [^>]*id="piece-([^"]+)"[^>]*>([\s\S]*?)<\/g>/g)];
    expect(groups).toHaveLength(CLUB.length);
    for (const [tag, pieceId, body] of groups) {
      const layerId = LAYERS.find(({ id: one }) => pieceId!.includes(`-${one}-`))!.id;
      expect(tag).toContain(`data-layer="${layerId}"`);
      const numbers = [...body!.matchAll(/ d="([^"]+)"/g)].flatMap(([, d]) => d!.match(/-?[\d.]+/g)!.map(Number));
      const [xs, ys] = [numbers.filter((_, i) => i % 2 === 0), numbers.filter((_, i) => i % 2 === 1)];
      cut.set(
        pieceId!,
        [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)].sort((a, b) => a - b),
      );
    }
  }
  expect((await request.post(`${server.url}${address}/passes`)).status()).toBe(409);
  const { items } = await get<{ items: BenchItemJson[] }>(request, `${address}/tally?station=table`);
  const shas = new Set<string>();
  for (const [i, item] of items.entries()) {
    expect(item.pieces.map(({ layerId }) => layerId)).toEqual(LAYERS.map((layer) => layer.id));
    for (const [k, piece] of item.pieces.entries()) {
      const outline = await get<Outline>(request, `/api/outlines/${piece.frozen.outline}`);
      const box = boxOfOutline(outline);
      const live = boxOfOutline(fits[i]!.layers[k]!.outline);
      expect([box.widthMm, box.heightMm]).toEqual([expect.closeTo(live.widthMm, 3), expect.closeTo(live.heightMm, 3)]);
      expect([piece.frozen.spot.xMm, piece.frozen.spot.yMm]).toEqual([
        expect.closeTo(live.xMm, 3),
        expect.closeTo(live.yMm, 3),
      ]);
      const size = [box.widthMm, box.heightMm].sort((a, b) => a - b);
      expect(cut.get(piece.pieceId)).toEqual(size.map((mm) => expect.closeTo(mm, 2)));
      shas.add(piece.frozen.outline);
    }
  }
  expect(shas.size).toBe(fits.length * LAYERS.length);

  // Bonded layer by layer: the item is as far as the layer that is least far.
  const [first] = items as [BenchItemJson];
  const bond = (layerIds: readonly string[], no: number) =>
    request.post(`${server.url}${address}/acts`, {
      data: {
        id: `bonding-layers-${no}`,
        by: { who: '', station: 'table' },
        at: '2026-05-04T09:00:00Z',
        deeds: [{ kind: 'bonded', itemId: first.itemId, placeId: place.placeId, layerIds, face: 'front' }],
      },
    });
  expect((await bond([LAYERS[0]!.id], 1)).ok()).toBe(true);
  const after = async () => {
    const { items: now } = await get<{ items: BenchItemJson[] }>(request, `${address}/tally?station=table`);
    return now[0]!;
  };
  expect(await after()).toMatchObject({
    stage: 'open',
    pieces: [{ stage: 'bonded' }, { stage: null }, { stage: null }],
  });
  expect((await bond([LAYERS[1]!.id, LAYERS[2]!.id], 2)).ok()).toBe(true);
  expect(await after()).toMatchObject({ stage: 'bonded' });

  // The pages draw every layer in its own colour.
  await page.goto(`${server.url}/runs/${id}/bench`);
  const colours = () =>
    page.locator('svg path[data-layer]').evaluateAll((all) => all.map((one) => one.getAttribute('fill')));
  await expect.poll(colours).toEqual(['#e0b25a', '#f7f5ee', '#c3c9cd']);
});

interface BenchItemJson {
  readonly itemId: string;
  readonly stage: string;
  readonly pieces: readonly {
    readonly pieceId: string;
    readonly layerId: string;
    readonly stage: string | null;
    readonly frozen: { readonly outline: string; readonly spot: { readonly xMm: number; readonly yMm: number } };
  }[];
}

/** One layer's outline against what another shaper made of its letters: its box within the whole, and its area. */
function expectSame(
  outline: Outline,
  own: ShapedInk,
  { fit, whole, left, top }: { fit: FitJson; whole: ShapedInk; left: number; top: number },
): void {
  const { emMm } = fit;
  const box = boxOfOutline(outline);
  const found = [box.xMm - left, box.yMm - top, box.widthMm, box.heightMm];
  const wanted = [own.minX - whole.minX, own.minY - whole.minY, own.maxX - own.minX, own.maxY - own.minY];
  found.forEach((mm, i) => expect(Math.abs(mm - wanted[i]! * emMm), `${fit.text}`).toBeLessThan(0.02));
  expect(areaMm2(outline) / (own.area * emMm ** 2)).toBeCloseTo(1, 2);
}
