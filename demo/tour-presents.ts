import { addDays, format, subDays } from 'date-fns';
import { addBlank, changeRunBlank, replaceBlank } from '@/core/blanks';
import { guessMapping, tableOf } from '@/core/intake';
import { STARTER_MOTIFS } from '@/core/motifs';
import { presentOrThrow } from '@/core/outcome';
import { type RunSpec, wordingOf } from '@/core/spec';
import {
  type PlaceAt,
  addLayer,
  chooseLettering,
  colourPart,
  letterColours,
  setLetters,
  shapeLayersOf,
  changeLayer,
  changeMotif,
  changeFilmBed,
  changeMaterial,
  changeFilmColumn,
  changeLettering,
  changePlace,
  changePlaceUse,
  changePrepare,
  putMaterialCopy,
  nameFilm,
  placeAt,
  takeMotif,
} from '@/core/edit';
import { type RandomBytes, makeId } from '@/core/ids';
import { DEFAULT_MATERIALS } from '@/core/shop';
import {
  type Context,
  type RunView,
  createRun,
  makeNextPass,
  planOfRun,
  recordAct,
  saveSpec,
  saveThing,
} from '@/services';
import { starterBlank } from './starter-blank';
import { valueOf } from './value-of';

const STATION = 'demotable1';

/** Who gets a present after the tour's last concert, the size of their socks, and what the name on the bag is cut from. */
const LIST = `
Name | Size | Bag letters
Tamsin | S | gold
Kees | L | white
Zoë | S | gold
Liv | M | white
Fergus | L | gold
Nuala | M | gold
Piers | M | white
Dorothea | S | gold
Lotte | M | gold
Milun | L | white
Gunnel | S | gold
Noé | M | gold
`;

/**
 * Presents for the helpers of the tour: a pair of socks in each one's size, a tapered bottle, and a bag whose handles are sewn
 * off-centre; the names for the bags are cut, and not all of the blanks are bought yet.
 */
export async function seedTourPresents(context: Context): Promise<RunView> {
  const now = new Date(context.nowIso());
  await stockShop(context);
  const rows = LIST.trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));
  const { hasHeader, keyAt, columns } = guessMapping(tableOf(rows));
  const run = valueOf(
    await createRun(context, {
      title: 'Marlstone Silver Band, ninetieth anniversary tour: presents for the helpers',
      dueOn: format(addDays(now, 31), 'yyyy-MM-dd'),
      table: { rows, mapping: { hasHeader, keyAt, columns: columns.map((column) => ({ ...column })) } },
    }),
  );
  const spec = withTag(withBag(withBottle(withSocks(run.spec), context), context), context);
  const saved = valueOf(await saveSpec(context, run.id, run.counter, spec));
  for (const film of BAG_FILMS) await cutAll(context, run.id, film, subDays(now, 1).toISOString());
  return saved;
}

/** What the bags' names are cut from, in the order of the passes. */
const BAG_FILMS = ['film-white', 'film-gold', 'film-white'];

/** Makes passes as long as the next one is of this film, and cuts all that lies in them. */
async function cutAll(context: Context, runId: string, film: string, at: string): Promise<void> {
  for (;;) {
    const { passes } = valueOf(await planOfRun(context, runId));
    if (!passes[0]?.patches.every(({ materialId }) => materialId === film)) return;
    const { pass } = valueOf(await makeNextPass(context, runId, null));
    const deeds = pass.patches
      .flatMap(({ placed }) => placed)
      .map(({ pieceId, attempt }) => ({ kind: 'cut' as const, pieceId, attempt, passId: pass.id }));
    const id = makeId<'act'>(context.randomBytes) + makeId<'act'>(context.randomBytes);
    valueOf(await recordAct(context, runId, { id, by: { who: '', station: STATION }, at, deeds }));
  }
}

/** What the banners left over: it serves one pass. */
const OFFCUT = 'banner-offcut';

/** What lies in the cupboard: socks for some, one pair initialled by mistake, bottles for half. */
async function stockShop(context: Context): Promise<void> {
  const offcut = { name: 'offcut of the banners', kind: 'bed', widthMm: 240, heightMm: 180, marginMm: 5, once: true };
  valueOf(await saveThing(context, 'beds', { id: OFFCUT, rev: 0, candidate: offcut }));
  const onHand: Readonly<Record<string, number>> = { socks: 3, 'steel-bottle': 6, 'tote-bag': 14 };
  for (const [id, count] of Object.entries(onHand)) {
    const { value } = starterBlank(id);
    const variants = value.variants.map((variant, i) => ({
      ...variant,
      stock: { onHand: count, seconds: i === 0 ? 1 : 0, marked: id === 'socks' && variant.size === 'M' ? ['L'] : [] },
    }));
    valueOf(await saveThing(context, 'blanks', { id, rev: 0, candidate: { ...value, variants } }));
  }
}

function withSocks(spec: RunSpec): RunSpec {
  const socks = { ...starterBlank('socks'), fromRev: 1 };
  const taken = replaceBlank(spec, presentOrThrow(spec.uses[0], 'a use').id, socks);
  const places = taken.uses[0]!.places.map(({ placeId }) => ({ useId: taken.uses[0]!.id, placeId, variantId: null }));
  return places.reduce(
    (now, at) =>
      changePlaceUse(now, at, (place) => ({
        ...place,
        letteringId: 'narrow-block',
        materials: { main: 'film-stretch' },
      })),
    changePrepare(
      changeRunBlank(taken, 'socks', (blank) => ({
        ...blank,
        variants: blank.variants.map((variant) => ({ ...variant, colour: { name: 'natural', hex: '#d9cdb4' } })),
      })),
      { spoilagePct: 8, done: [`${taken.uses[0]!.id}-preWash`] },
    ),
  );
}

function withBottle(spec: RunSpec, { randomBytes }: Context): RunSpec {
  const more = addBlank(spec, { ...starterBlank('steel-bottle'), fromRev: 1 }, randomBytes);
  const use = more.uses.at(-1)!;
  const small = starterBlank('steel-bottle').value.variants.find(({ size }) => size === '350 ml')!;
  const uses = more.uses.map((one) =>
    one === use ? { ...one, variant: { kind: 'fixed' as const, variantId: small.id } } : one,
  );
  const at = { useId: use.id, placeId: use.places[0]!.placeId, variantId: null };
  const said = changePlaceUse({ ...more, uses }, at, (place) => ({
    ...place,
    letteringId: 'heavy-slab',
    materials: { main: 'adhesive-silver' },
  }));
  // The bottle tapers: along its curve the names stand level.
  const bend = { way: 'arch', curve: { by: 'place' }, letters: 'bent' } as const;
  return changeLettering(said, at, (lettering) => ({ ...lettering, bend }));
}

/** The handles of this lot sit 4 mm to the right: the eye reads them, so the name is centred between them. */
function withBag(spec: RunSpec, { randomBytes }: Context): RunSpec {
  const more = addBlank(spec, { ...starterBlank('tote-bag'), fromRev: 1 }, randomBytes);
  const use = more.uses.at(-1)!;
  const navy = starterBlank('tote-bag').value.variants.find(({ colour }) => colour.name === 'navy')!;
  const uses = more.uses.map((one) =>
    one === use ? { ...one, variant: { kind: 'fixed' as const, variantId: navy.id } } : one,
  );
  const at = { useId: use.id, placeId: use.places[0]!.placeId, variantId: null };
  const level = { leftGapMm: 98, leftHandleMm: 25, rightHandleMm: 25, rightGapMm: 90 };
  const measured = changePlace({ ...more, uses }, at, (place) => ({
    ...place,
    centring: { levels: [level, { ...level, leftGapMm: 97 }], take: 'handles', toleranceMm: 3 },
  }));
  const lettered = changePlaceUse(measured, at, (place) => ({
    ...place,
    letteringId: 'brass-script',
    materials: { main: 'film-gold' },
  }));
  const field = 'Bag letters';
  const atHand = lettered.shop.materials;
  const byList = changeFilmColumn(lettered, at, { slot: 'main', field, atHand });
  const bordered = withBagBorder(byList, at, field, randomBytes);
  return changeFilmBed(withNote(bordered, at, randomBytes), 'film-white', OFFCUT);
}

const SILVER = presentOrThrow(
  DEFAULT_MATERIALS.find(({ id }) => id === 'adhesive-silver'),
  'silver adhesive film',
);
const TAG_FILM = {
  id: 'adhesive-burgundy',
  fromRev: null,
  value: { ...SILVER.value, name: 'burgundy adhesive film', colour: { name: 'burgundy', hex: '#5d2230' } },
};

/** A tag of card on each present, cut here: the name in adhesive film, the year drawn beneath it, and a hole for the ribbon. */
function withTag(spec: RunSpec, { randomBytes }: Context): RunSpec {
  const more = addBlank(spec, { ...starterBlank('gift-tag'), fromRev: 1 }, randomBytes);
  const use = more.uses.at(-1)!;
  const at = { useId: use.id, placeId: use.places[0]!.placeId, variantId: null };
  const chosen = chooseLettering(more, at, 'round-block');
  const worded = changePlaceUse(chosen, at, (place) => ({
    ...place,
    wording: wordingOf(['{text}', '2026']),
  }));
  const year = colourPart(worded, at, { line: 1, part: 0, slot: null }, randomBytes);
  const [, drawn] = letterColours(placeAt(year, at).lettering);
  const onCard = setLetters(year, at, { slot: presentOrThrow(drawn, 'a second colour'), are: 'draw' }, randomBytes);
  const [card] = shapeLayersOf(placeAt(onCard, at).lettering);
  const { id, make } = presentOrThrow(card, 'the card of the tag');
  if (make.kind !== 'backing') return onCard;
  const holed = changeLayer(onCard, at, id, {
    ...make,
    distance: { by: 'mm', mm: 6 },
    hole: { side: 'left', diameterMm: 4, edgeMm: 4 },
  });
  return changeMaterial(putMaterialCopy(holed, TAG_FILM), at, TAG_FILM.id, 'main');
}

/** A note above every name, in the film of its letters and with the border around it, too. */
function withNote(spec: RunSpec, at: PlaceAt, randomBytes: RandomBytes): RunSpec {
  const note = presentOrThrow(
    STARTER_MOTIFS.find(({ value }) => value.name === 'note'),
    'the note',
  );
  const taken = takeMotif(spec, at, note, randomBytes);
  return changeMotif(taken, at, { spot: 'above', share: 1.9, gapShare: 0.25 });
}

/** Around the letters of one film lies the other: white around gold, gold around white. */
function withBagBorder(spec: RunSpec, at: PlaceAt, field: string, randomBytes: RandomBytes): RunSpec {
  const bordered = addLayer(spec, at, 'border', randomBytes);
  const [border] = shapeLayersOf(placeAt(bordered, at).lettering);
  const { id, slot, make } = presentOrThrow(border, 'the border of the bag');
  const narrow = changeLayer(bordered, at, id, { ...make, distance: { by: 'mm', mm: 1.6 } });
  const byList = changeFilmColumn(narrow, at, { slot, field, atHand: [] });
  const film = (filmId: string) =>
    presentOrThrow(
      spec.shop.materials.find((one) => one.id === filmId),
      filmId,
    );
  const around = { gold: film('film-white'), white: film('film-gold') };
  return Object.entries(around).reduce((now, [value, one]) => nameFilm(now, at, { slot, value, film: one }), byList);
}
