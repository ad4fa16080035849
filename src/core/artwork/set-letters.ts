import { EM_UNITS } from '../faces';
import { type Ring, boxOfRings, movedRing } from '../geometry';
import type { LetterApart, SetLine } from '../resolve';
import type { Bend } from '../shop';
import { type ArtJob, facesOfJob } from './art-job';
import { type BendAt, type KnownBend, bendAt, bentRing, isKnownBend, turnedRings } from './bend';
import { type FormedLetters, type LaidLine, inkBoxOf, laidLine } from './laid-line';
import { type FaceOf, type LaidGlyph, type MissingCharacter, byLetter } from './lay-line';
import { isJoinedFace } from './joined-face';
import { type Letters, lettersOf } from './letters';
import { withMotif } from './place-motif';
import { besideMonogram, inSplit, roundMonogram } from './beside-monogram';
import { type StackedLines, stackLines } from './stack-lines';

/** From baseline to baseline, of lines that stand as they are typed. */
const LINE_PITCH_EM = 1.2;

/** Letters that stand apart keep their shapes round a monogram. */
const ROUND = { letters: 'turned' } as const;

/** What of a job its letters are set from: layers do not come into it. */
export type LettersJob = Pick<ArtJob, 'leadFace' | 'lines' | 'form' | 'motif' | 'widthShare'>;

/** What there is to say of a text that is set, whatever its layers are. */
export interface TextFacts {
  readonly capHeightEm: number;
  readonly xHeightEm: number;
  /** Baseline of the last line, below that of the first. */
  readonly lastBaselineEm: number;
  /** The lowest capitals of all lines, and which line of the wording they stand in. */
  readonly lowest: { readonly capHeightEm: number; readonly line: number };
  /** How many times as large as the lettering's the letters of each line are, in the order of the job's lines. */
  readonly lineScales: readonly number[];
  /** Monograms that are not of as many letters as their shape takes. */
  readonly unformed: readonly { readonly line: number; readonly numLetters: number }[];
  /** Monograms in their form, by line. */
  readonly formed: readonly { readonly line: number; readonly letters: FormedLetters }[];
  /** The circle that it is bent to; null: it is straight. */
  readonly bent: Bent | null;
  /** Lines that run round a monogram. */
  readonly round: readonly RoundFacts[];
  /** Keys of its faces whose files are not here. */
  readonly absent: readonly string[];
  /** Characters without a glyph in their face, each once a run. They are left out of the outline. */
  readonly missing: readonly (MissingCharacter & { readonly line: number })[];
}

/** A text set, before its layers are made. */
export interface SetLetters extends TextFacts {
  readonly letters: Letters;
}

/** How a text is bent. */
export interface Bent {
  readonly radiusEm: number;
  /** From the heads of its first line to the feet of its last. */
  readonly heightEm: number;
}

/** How a line runs round. */
export interface RoundFacts extends Bent {
  readonly line: number;
  readonly way: Bend['way'];
}

/** The letters of a line where they stand, and what stands there besides. */
interface PlacedLine {
  readonly line: SetLine;
  readonly glyphs: readonly LaidGlyph[];
  readonly beside: readonly Ring[];
}

/** Sets lines one below the other with their ink centred, each monogram in its form, and bends them where that is wanted. */
export function setLetters(job: LettersJob, faceOf: FaceOf): SetLetters {
  const { form = {} } = job;
  const { capHeightEm, xHeightEm } = faceOf(job.leadFace);
  // What has a form of its own is drawn narrower before it takes that form, so that a circle stays one.
  const isFormed = form.monogram !== undefined || form.bend !== undefined;
  const setting = { monogram: form.monogram, widthShare: isFormed ? job.widthShare : 1 };
  const laid = job.lines.map((line) => laidLine(line, setting, faceOf));
  const beside = form.monogram?.others ? besideMonogram(laid) : null;
  const room = (form.monogram?.gapShare ?? 0) * capHeightEm * EM_UNITS;
  const round = beside && form.monogram?.others === 'round' ? roundMonogram(beside, 2 * room) : [];
  const split = beside && form.monogram?.others === 'within' ? inSplit(beside, room) : null;
  const stacked: StackedLines =
    round.length > 0
      ? { lines: round, between: [] }
      : (split ??
        (form.stack && laid.length > 1 ? stackLines(laid, form.stack, capHeightEm * EM_UNITS) : onBaselines(laid)));
  const straight = placedLines(stacked);
  const lastBaselineEm = Math.max(0, ...stacked.lines.map(({ dy }) => dy)) / EM_UNITS;
  const bend = isKnownBend(form.bend) && round.length === 0 ? form.bend : null;
  const at = bend && circleOf(bend, straight, { head: -capHeightEm * EM_UNITS, foot: lastBaselineEm * EM_UNITS });
  const placed = straight.map((line, i) => {
    if (bend && at) return bentLine(line, { at, bend, faceOf });
    const own = round[i]?.at;
    return own ? bentLine(line, { at: own, bend: ROUND, faceOf }) : line;
  });
  const text = lettersOf(ringsBySlot(placed), ringsOfLetter(placed), isFormed ? 1 : job.widthShare, capHeightEm);
  return {
    letters: job.motif ? withMotif(text, job.motif, { capHeightEm, lastBaselineEm }) : text,
    capHeightEm,
    xHeightEm,
    lastBaselineEm,
    lowest: lowestOf(
      stacked.lines.map(({ laid }) => laid),
      capHeightEm,
    ),
    lineScales: stacked.lines.map(({ laid }) => laid.scale),
    unformed: laid.flatMap(({ line, unformed }) =>
      unformed === null ? [] : [{ line: line.no, numLetters: unformed }],
    ),
    formed: laid.flatMap(({ line, formed }) => (formed ? [{ line: line.no, letters: formed }] : [])),
    bent: at && { radiusEm: at.radius / EM_UNITS, heightEm: capHeightEm + lastBaselineEm },
    round: round.flatMap(({ laid: { line, capHeight }, at: own }) =>
      own ? [{ line: line.no, way: own.way, radiusEm: own.radius / EM_UNITS, heightEm: capHeight / EM_UNITS }] : [],
    ),
    absent: [...facesOfJob(job)].filter((face) => faceOf(face).isAbsent),
    missing: laid.flatMap(({ line, missing }) => eachOnce(missing).map((one) => ({ ...one, line: line.no }))),
  };
}

/** One below the other as they are typed; one by itself stands where it was shaped. */
function onBaselines(laid: readonly LaidLine[]): StackedLines {
  const isOne = laid.length === 1;
  return {
    lines: laid.map((line, i) => {
      const box = inkBoxOf(line);
      const middle = box ? Math.round((box.minX + box.maxX) / 2) : 0;
      return { laid: line, dx: isOne ? 0 : -middle, dy: isOne ? 0 : Math.round(i * LINE_PITCH_EM * EM_UNITS) };
    }),
    between: [],
  };
}

function placedLines({ lines, between }: StackedLines): PlacedLine[] {
  return lines.map(({ laid, dx, dy }, i) => {
    const move = (ring: Ring) => (dx === 0 && dy === 0 ? (ring as Int32Array) : movedRing(ring, dx, dy));
    return {
      line: laid.line,
      glyphs: laid.glyphs.map((glyph) => ({ ...glyph, rings: glyph.rings.map(move) })),
      beside: [...laid.beside.map(move), ...between.flatMap(({ above, ring }) => (above === i ? [ring] : []))],
    };
  });
}

function circleOf(
  bend: KnownBend,
  lines: readonly PlacedLine[],
  between: { readonly head: number; readonly foot: number },
) {
  const box = boxOfRings(lines.flatMap(({ glyphs, beside }) => [...glyphs.flatMap(({ rings }) => rings), ...beside]));
  return box && bendAt(bend, box, { ...between, capHeight: -between.head });
}

interface Bending {
  readonly at: BendAt;
  readonly bend: Pick<Bend, 'letters'>;
  readonly faceOf: FaceOf;
}

function bentLine({ line, glyphs, beside }: PlacedLine, { at, bend, faceOf }: Bending): PlacedLine {
  const isTurned = bend.letters === 'turned' && !line.runs.some(({ face }) => isJoinedFace(faceOf(face)));
  const bent = (rings: readonly Ring[]) => rings.map((ring) => bentRing(ring, at));
  return {
    line,
    glyphs: isTurned ? turnedLetters(glyphs, at) : glyphs.map((glyph) => ({ ...glyph, rings: bent(glyph.rings) })),
    beside: bent(beside),
  };
}

/** Marks turn with their letters. */
function turnedLetters(glyphs: readonly LaidGlyph[], at: BendAt): LaidGlyph[] {
  return byLetter(glyphs).map((letter) => ({ ...letter, rings: turnedRings(letter.rings, at) }));
}

function ringsBySlot(lines: readonly PlacedLine[]): ReadonlyMap<string, readonly Int32Array[]> {
  const bySlot = new Map<string, Int32Array[]>();
  const add = (slot: string, rings: readonly Ring[]) => {
    const own = bySlot.get(slot) ?? [];
    own.push(...(rings as readonly Int32Array[]));
    bySlot.set(slot, own);
  };
  for (const { line, glyphs, beside } of lines) {
    for (const { run, rings } of glyphs) add(line.runs[run]!.colourSlot, rings);
    // eslint-disable-next-line no-restricted-syntax -- what belongs to no letter is cut from what its line begins with
    const [first] = line.runs;
    if (first && beside.length > 0) add(first.colourSlot, beside);
  }
  return bySlot;
}

function ringsOfLetter(lines: readonly PlacedLine[]) {
  return ({ line, run, start, end }: LetterApart) =>
    (lines[line]?.glyphs ?? []).flatMap((glyph) =>
      glyph.run === run && glyph.at >= start && glyph.at < end ? glyph.rings : [],
    );
}

/** The heights of a text are told by its first line; of the others by their own. */
function lowestOf(lines: readonly LaidLine[], capHeightEm: number): TextFacts['lowest'] {
  const heights = lines.map(({ line, capHeight, scale, lowestShare }, i) => ({
    capHeightEm: (i === 0 ? capHeightEm * scale : capHeight / EM_UNITS) * lowestShare,
    line: line.no,
  }));
  return heights.reduce((low, one) => (one.capHeightEm < low.capHeightEm ? one : low), { capHeightEm, line: 0 });
}

function eachOnce(missing: readonly MissingCharacter[]): MissingCharacter[] {
  const seen = new Set<string>();
  return missing.filter(({ character, run }) => {
    const key = `${run} ${character}`;
    return !seen.has(key) && seen.add(key);
  });
}
