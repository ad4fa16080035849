import type { Finding } from '../finding';
import type {
  Blank,
  Copy,
  EdgeTool,
  LayerUnder,
  LetterStyle,
  LetteringForm,
  LineStand,
  Material,
  MeasuredPlace,
  Motif,
  PlaceRole,
  PressCard,
  Variant,
} from '../shop';
import type { BedRooms, Entry, FitRef, Looked, MotifUse, OwnLetter, OwnSize, PlaceLayer, SizeGroup } from '../spec';
import type { ProofState, WordedLine } from '../wording';

/** Letters that are set alike: one face, one spacing, one colour slot. */
export interface SetRun {
  /** As it is cut, in its case. */
  readonly text: string;
  readonly colourSlot: string;
  readonly face: LetterStyle['face'];
  /** How a face is called that did not ship. */
  readonly faceName?: string;
  readonly trackingEm: number;
  readonly features: readonly string[];
  /** Drawn taller than the rest of its line. */
  readonly isTall: boolean;
  /** A letter of a monogram. */
  readonly isMonogram?: true;
  /** Clear room that its letters have at least to their neighbours, of the height of capitals. */
  readonly leastGapShare?: number;
  /** A single letter that stands otherwise than its line. */
  readonly own?: LetterStand;
}

/** A rule for texts that are sized together. */
export type OneSizeRule = Exclude<SizeGroup['rule'], { readonly kind: 'classes' }>;
export type SlotGroup = Omit<SizeGroup, 'rule'> & { readonly rule: OneSizeRule };

/** How a single letter stands. */
export type LetterStand = Pick<OwnLetter, 'right' | 'up' | 'turnDeg' | 'size' | 'toNext'>;

/** A line with its size beside the others, and what it has above it. */
export interface SetLine extends LineStand {
  /** Which line of the wording it is, from 0. */
  readonly no: number;
  readonly runs: readonly SetRun[];
}

/** A shape that stands beside a text, or instead of it. */
export interface SlotMotif extends Pick<MotifUse, 'spot' | 'share' | 'heightMm' | 'gapShare'> {
  readonly motif: Motif;
  /** Those of its parts that are cut. */
  readonly parts: readonly number[];
}

/** A layer of the lettering, or of the place's motif, with what it is cut from. */
export interface SlotLayer {
  readonly id: string;
  readonly colourSlot: string;
  readonly make: PlaceLayer['make'];
  /** What becomes of it where others lie on it; left out: all of it stays. */
  readonly under?: LayerUnder | undefined;
  /** What is drawn or marked along its edges on `carrierId`, a layer below; left out: it is cut. */
  readonly line?: { readonly tool: EdgeTool; readonly carrierId: string } | undefined;
  /** Each of its letters is a piece of its own; left out: they are one. */
  readonly isApart?: true | undefined;
  /** What it is cut from; of a line that of its carrier. */
  readonly materialId: string;
  /** The finest of a line is as wide as its tool makes it. */
  readonly material: Material;
}

/** How a text is set, before it is drawn. */
export interface SlotSetting {
  readonly letteringId: string;
  /** Lower capitals than that are not cut. */
  readonly leastHeightMm: number;
  readonly lines: readonly SetLine[];
  /** How the lines stand and run. */
  readonly form: LetteringForm;
  /** The face of the first style: letter heights are those of its letters. */
  readonly leadFace: string;
  /** The lines as they are cut, one string each. */
  readonly text: readonly string[];
  /** Bottom up. */
  readonly layers: readonly SlotLayer[];
  readonly motif: SlotMotif | null;
  /** Drawn narrower or wider than it is by nature. */
  readonly widthShare: number;
}

/**
 * A place on an item that wants lettering, with everything that it leads to looked up once: whatever comes after reads the slot
 * and never the spec.
 */
export interface Slot extends SlotSetting {
  readonly ref: FitRef;
  readonly itemId: string;
  /** `entry-use-place`: the text, on all of its items. */
  readonly textKey: string;
  readonly entry: Entry;
  /** Whose it is, in the list's words. */
  readonly whose: string;
  readonly blankId: string;
  readonly blank: Blank;
  /** How films are pressed in this run. */
  readonly cards: readonly Copy<PressCard>[];
  /** Null when the blank does not come in the size or colour that the list asks for; a stop says so. */
  readonly variant: Variant | null;
  /** What the run's bed holds. */
  readonly bedRoom: BedRooms;
  readonly role: PlaceRole;
  /** The measures of the place on this size and colour; null without one. */
  readonly measured: MeasuredPlace | null;
  /** The lines of the text as they are worded, before capitals are set. */
  readonly words: readonly WordedLine[];
  /** What this slot was set from: those lines, or the one letter that goes on this blank. */
  readonly setFrom: readonly WordedLine[];
  /** A letter to each blank. */
  readonly isSpread: boolean;
  /** To which copy of the text its item belongs, from 1: spread letters take several items for one copy. */
  readonly copy: number;
  /** What it is sized with: of a group that is sized by class, its class. */
  readonly group: SlotGroup;
  /** A size of its own, chosen by hand. */
  readonly ownSize: OwnSize | null;
  /** It lies where it is largest, also off the middle. */
  readonly liesLargest: boolean;
  readonly proof: ProofState;
  /** What was let stand, by the finding's kind, with the layer behind it where there are several. */
  readonly looked: Readonly<Record<string, Looked>>;
  /** What is wrong with the words, whatever their size; stops first. */
  readonly findings: readonly Finding[];
}

/** Whether a layer has nothing to cut for this text: its colour slot says nothing. Told without drawing. */
export function isLayerEmpty(
  { lines, motif }: Pick<SlotSetting, 'lines' | 'motif'>,
  { colourSlot, make }: SlotLayer,
): boolean {
  if (motif && make.kind !== 'text') return false;
  const isAbout = (run: SetRun) => make.kind !== 'text' || run.colourSlot === colourSlot;
  return lines.every(({ runs }) => runs.every((run) => !isAbout(run) || run.text.trim() === ''));
}

/** A letter that is a piece of its own. */
export interface LetterApart {
  readonly letter: string;
  /** Index of its line among those that are set, and of its run in that. */
  readonly line: number;
  readonly run: number;
  /** Where it begins and ends in the composed text of that run, in UTF-16 units. */
  readonly start: number;
  readonly end: number;
}

/** The letters of a layer that are pieces of their own, as a reader counts them; null where they are one piece. Told without drawing. */
export function lettersApart(
  { lines }: Pick<SlotSetting, 'lines'>,
  { colourSlot, make, isApart, line: drawn, under }: Omit<SlotLayer, 'id' | 'materialId' | 'material'>,
): readonly LetterApart[] | null {
  // What is fitted beside others is fitted as a whole.
  if (!isApart || drawn || under || make.kind !== 'text') return null;
  graphemes ??= new Intl.Segmenter('en', { granularity: 'grapheme' });
  const letters = graphemes;
  return lines.flatMap(({ runs }, line) =>
    runs.flatMap((of, run) => {
      if (of.colourSlot !== colourSlot) return [];
      return [...letters.segment(of.text.normalize('NFC'))].flatMap(({ segment, index: start }) =>
        segment.trim() === '' ? [] : [{ letter: segment, line, run, start, end: start + segment.length }],
      );
    }),
  );
}

let graphemes: Intl.Segmenter | null = null;
