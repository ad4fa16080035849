import { addDays, format, subDays, subHours } from 'date-fns';
import type { Deed } from '@/core/ledger';
import { type RunSpec, wordingOf } from '@/core/spec';
import { changeRunBlank, replaceBlank } from '@/core/blanks';
import {
  changeHead,
  changeLettering,
  changeList,
  changeMonogram,
  changePlace,
  changePlaceUse,
  mainPlace,
} from '@/core/edit';
import { makeId } from '@/core/ids';
import { firstLineLarge } from '@/core/shop';
import { guessMapping, tableOf } from '@/core/intake';
import { proofRows, tickRows } from '@/core/wording';
import { type Context, type RunView, createRun, makeNextPass, recordAct, replaceList, saveSpec } from '@/services';
import { starterBlank } from './starter-blank';
import { valueOf } from './value-of';

const STATION = 'demotable1';

/** As the band's secretary sent it first: numbers that tell people apart, full names, the day each one joined. */
const FIRST_LIST = `
No | Name | Joined | How many
101 | Maximilian Hugo Featherstonehaugh | 12/9/1998 | 1
104 | Siân Mair Prydderch-Lloyd | 3/4/2011 | 2
107 | Joseba Lur Ibáñez | 21/1/2016 | 1
108 | Oisín Pádraig Ó Dálaigh | 5/5/1987 | 1
112 | Åse Karin Brandvold | 30/8/2001 | 1
115 | Tamsin Rose Marchbanks | 7/2/2013 | 1
116 | Kees Jan van der Steen | 1/10/1995 | 1
120 | Zoë Hale | 18/6/2022 | 1
121 | Liv Sørbo | 14/3/2015 | 1
124 | Fergus Iain McIlwraith | 9/11/2008 | 1
125 | Nuala Brid O’Dell | 25/7/2009 | 1
129 | Gunnel Astrid Åkesson | 2/12/1992 | 1
133 | Inés María de la Fuente | 11/4/2010 | 1
138 | Idris Rhys Gwynn | 6/1/1996 | 1
`;

/** Two weeks later: a spelling and a year put right, two players more, one who left. */
const NEWER_LIST = FIRST_LIST.replace('Liv Sørbo', 'Liv Sørbø')
  .replace('Åse Karin Brandvold | 30/8/2001', 'Åse Karin Brandvold | 30/8/2002')
  .replace(/120 .*\n/, '')
  .trimEnd().concat(`
141 | Signe Marit Fjeldstad | 15/9/2024 | 1
142 | Tom Edwin Bea | 4/2/2025 | 2
`);

function tableFrom(list: string) {
  const rows = list
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));
  const { hasHeader, keyAt, columns } = guessMapping(tableOf(rows));
  return { rows, mapping: { hasHeader, keyAt, columns: columns.map((column) => ({ ...column })) } };
}

/**
 * The tour's mute pouches: a round monogram with the family's letter in the middle, in a ring, over the day of joining small beneath it, a proof that was signed, a
 * first pass cut, and a newer list laid over it afterwards.
 */
export async function seedMutePouches(context: Context): Promise<RunView> {
  const now = new Date(context.nowIso());
  const title = 'Marlstone Silver Band, ninetieth anniversary tour: mute pouches';
  const dueOn = format(addDays(now, 24), 'yyyy-MM-dd');
  const run = valueOf(await createRun(context, { title, dueOn, table: tableFrom(FIRST_LIST) }));
  const signed = signedBy(worded(run.spec), 'Anaïs, band secretary', subDays(now, 3).toISOString());
  const saved = valueOf(await saveSpec(context, run.id, run.counter, signed));
  const { pass } = valueOf(await makeNextPass(context, run.id, null));
  const placed = pass.patches.flatMap((patch) => patch.placed);
  const deeds: Deed[][] = [
    placed.map(({ pieceId, attempt }) => ({ kind: 'cut', pieceId, attempt, passId: pass.id })),
    placed.slice(0, 5).map(({ pieceId, attempt }) => ({ kind: 'weeded', pieceId, attempt, passId: pass.id })),
  ];
  for (const [i, act] of deeds.entries()) {
    const id = makeId<'act'>(context.randomBytes) + makeId<'act'>(context.randomBytes);
    const at = subHours(now, 20 - i).toISOString();
    valueOf(await recordAct(context, run.id, { id, by: { who: '', station: STATION }, at, deeds: act }));
  }
  return valueOf(await replaceList(context, run.id, saved.counter, { table: tableFrom(NEWER_LIST) }));
}

function worded(spec: RunSpec): RunSpec {
  const { at } = mainPlace(spec);
  const pouch = starterBlank('drawstring-pouch');
  const taken = replaceBlank(spec, at.useId, { ...pouch, fromRev: 1 });
  // The band's own: gold is told from it.
  const onPouch = changeRunBlank(taken, pouch.id, (blank) => ({
    ...blank,
    variants: blank.variants.map((variant) => ({ ...variant, colour: { name: 'charcoal', hex: '#26292e' } })),
  }));
  const placed = changePlace(changeHead(onPouch, { language: 'en' }), null, (place) => ({
    ...place,
    outline: { kind: 'rect', widthMm: 120, heightMm: 80 },
  }));
  const composed = changePlaceUse(placed, null, (place) => ({
    ...place,
    letteringId: 'tall-capitals',
    wording: wordingOf(['{monogram}', '{date:romanMonth}']),
  }));
  const formed = changeLettering(composed, null, (lettering) => ({
    ...firstLineLarge(lettering),
    monogram: { shape: 'circle', gapShare: 0.06, frame: 'ring' },
  }));
  return changeMonogram(changeList(formed, { dateOrder: 'dmy' }), { form: 'largeCentre' });
}

function signedBy(spec: RunSpec, who: string, at: string): RunSpec {
  return tickRows(spec, proofRows(spec), who, at);
}
