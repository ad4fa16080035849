import { type RandomBytes, makeId } from '../ids';
import { type FaceChoice, type Layer, type Lettering, MOST_LINES, MOST_RUNS } from '../shop';
import { type RunSpec, type SingleLetters, type Wording, type WordingRun, slotsSaid } from '../spec';
import { changeLettering, withColours } from './change';
import { changePlaceUse, withFilms, withoutFilms } from './change-place';
import { freeName, mayAddLayer } from './layers';
import { type PlaceAt, placeAt } from './main-place';
import { movedTo } from './moved-to';
import { tellingFilm } from './telling-film';

/** Parts of the lines that a place says: each with words of its own, and with the colour that its letters have. */

export interface PartAt {
  readonly line: number;
  readonly part: number;
}

/** What a part says. */
export function changePartWords(wording: Wording, { line, part }: PartAt, template: string): Wording {
  return changeRuns(wording, line, (runs) => runs.map((run, i) => (i === part ? { ...run, template } : run)));
}

/** The face of a part; null: its line's. */
export function facePart(wording: Wording, { line, part }: PartAt, choice: FaceChoice | null): Wording {
  return changeRuns(wording, line, (runs) =>
    runs.map(({ faceName: _, ...run }, i) => {
      if (i !== part) return runs[i]!;
      return choice ? { ...run, ...choice } : { ...run, face: null };
    }),
  );
}

export function dropPart(wording: Wording, { line, part }: PartAt): Wording {
  return changeRuns(wording, line, (runs) => (runs.length > 1 ? runs.filter((_, i) => i !== part) : runs));
}

export function mayAddPart({ lines }: Wording, line: number): boolean {
  return (lines[line]?.runs.length ?? MOST_RUNS) < MOST_RUNS;
}

/** Behind the others of its line, in the colour that the line ends with. */
export function addPart(wording: Wording, line: number): Wording {
  return mayAddPart(wording, line)
    ? changeRuns(wording, line, (runs) => [...runs, { ...runs.at(-1)!, template: '' }])
    : wording;
}

export function mayAddLine({ lines }: Wording): boolean {
  return lines.length < MOST_LINES;
}

/** Below the others, as the last one begins. */
export function addLine(wording: Wording): Wording {
  const begins = wording.lines.at(-1)!.runs.slice(0, 1);
  if (!mayAddLine(wording)) return wording;
  return { ...wording, lines: [...wording.lines, { runs: begins.map((run) => ({ ...run, template: '' })) }] };
}

export function dropLine(wording: Wording, line: number): Wording {
  return wording.lines.length > 1 ? { ...wording, lines: wording.lines.filter((_, i) => i !== line) } : wording;
}

/** A line put at another place among the others. */
export function moveLine(wording: Wording, from: number, to: number): Wording {
  return { ...wording, lines: movedTo(wording.lines, from, to) };
}

function changeRuns(
  wording: Wording,
  line: number,
  change: (runs: readonly WordingRun[]) => readonly WordingRun[],
): Wording {
  return { ...wording, lines: wording.lines.map((one, i) => (i === line ? { runs: change(one.runs) } : one)) };
}

/** The colours that letters of a lettering may have, bottom up; of a plate alone that which it is cut from. */
export function letterColours({ layers }: Pick<Lettering, 'layers'>): readonly string[] {
  return layers.flatMap(({ slot, make }) => (make.kind === 'text' ? slot : []));
}

export function mayAddColour(lettering: Pick<Lettering, 'layers'>): boolean {
  return mayAddLayer(lettering) && letterColours(lettering).length > 0;
}

export interface ColourWish extends PartAt {
  /** Null: a colour that its lettering does not have yet, from a film that is told from the others. */
  readonly slot: string | null;
  /** Only these letters of the part; left out: all of it. */
  readonly letters?: SingleLetters | undefined;
}

/**
 * A part, or single letters of it, has the letters of another colour. Colours that no place of that lettering says anything in any more
 * are gone, but for the first.
 */
export function colourPart(
  spec: RunSpec,
  at: PlaceAt,
  { slot, letters, ...part }: ColourWish,
  randomBytes: RandomBytes,
): RunSpec {
  const { placeUse, lettering } = placeAt(spec, at);
  if (!placeUse.wording || (slot === null && !mayAddColour(lettering))) return spec;
  const own = slot ?? freeName(lettering, 'second');
  const coloured = slot === null ? withColour(spec, at, own, randomBytes) : spec;
  return withRun(coloured, at, part, (run) =>
    letters ? { ...run, letter: { which: letters, slot: own } } : { ...run, slot: own },
  );
}

/** Another choice of single letters, in the colour that they have. */
export function chooseLetters(spec: RunSpec, at: PlaceAt, part: PartAt, which: SingleLetters): RunSpec {
  return withRun(spec, at, part, (run) => (run.letter ? { ...run, letter: { ...run.letter, which } } : run));
}

/** All letters of a part are in its colour again. */
export function dropLetters(spec: RunSpec, at: PlaceAt, part: PartAt): RunSpec {
  return withRun(spec, at, part, ({ letter: _, ...run }) => run);
}

function withRun(spec: RunSpec, at: PlaceAt, { line, part }: PartAt, change: (run: WordingRun) => WordingRun): RunSpec {
  const { placeUse } = placeAt(spec, at);
  if (!placeUse.wording) return spec;
  const wording = changeRuns(placeUse.wording, line, (runs) => runs.map((run, i) => (i === part ? change(run) : run)));
  const worded = changePlaceUse(spec, at, (place) => ({ ...place, wording }));
  const inAll = withOwnLetterings(worded, at);
  return inAll ? withoutUnsaid(inAll, at) : spec;
}

/** Texts of the place that have a lettering of their own get the colours of its words as well; null where one has no room for them. */
function withOwnLetterings(spec: RunSpec, at: PlaceAt): RunSpec | null {
  const { layers } = placeAt(spec, at).lettering;
  const colours = layers.filter(({ make }) => make.kind === 'text');
  const own = spec.overrides.flatMap(({ at: of, set }) =>
    set.kind === 'lettering' && of.useId === at.useId && of.placeId === at.placeId ? set.letteringId : [],
  );
  return [...new Set(own)].reduce<RunSpec | null>((now, id) => now && withColours(now, id, colours), spec);
}

function withColour(spec: RunSpec, at: PlaceAt, slot: string, randomBytes: RandomBytes): RunSpec {
  const layer: Layer = { id: makeId<'layer'>(randomBytes), slot, make: { kind: 'text' } };
  const filmId = tellingFilm(spec, at);
  const changed = changeLettering(spec, at, (lettering) => {
    const top = lettering.layers.findLastIndex(({ make }) => make.kind === 'text');
    return { ...lettering, layers: lettering.layers.toSpliced(top + 1, 0, layer) };
  });
  return withFilms(changed, { [slot]: filmId });
}

function withoutUnsaid(spec: RunSpec, at: PlaceAt): RunSpec {
  const { placeUse, lettering } = placeAt(spec, at);
  const said = new Set(
    spec.uses
      .flatMap(({ places }) => places)
      .filter(({ letteringId }) => letteringId === placeUse.letteringId)
      .flatMap(({ wording }) => [...slotsSaid(wording)]),
  );
  const isOwn = spec.overrides.some(({ set }) => set.kind === 'lettering' && set.letteringId === placeUse.letteringId);
  const [, ...others] = letterColours(lettering);
  const unsaid = isOwn ? [] : others.filter((slot) => !said.has(slot));
  const isUnsaid = ({ slot, make }: Layer) => make.kind === 'text' && unsaid.includes(slot);
  const changed = changeLettering(spec, at, (one) => ({
    ...one,
    layers: one.layers.filter((layer) => !isUnsaid(layer)),
  }));
  return unsaid.reduce((now, slot) => withoutFilms(now, slot), unsaid.length > 0 ? changed : spec);
}
