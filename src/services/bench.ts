import { placedIn } from '@/core/freeze';
import {
  type Act,
  type ItemStage,
  type PressedAgain,
  type Tally,
  itemIdsTouched,
  lastDeedOf,
  passIdsTouched,
} from '@/core/ledger';
import { type Outcome, ok, presentOrThrow } from '@/core/outcome';
import type { PieceName } from '@/core/pieces';
import { type Material, type MaterialKind, type PieceStage, type Process, type Variant, processOf } from '@/core/shop';
import { type RunSpec, readPieceId } from '@/core/spec';
import { listReleases } from '@/store';
import type { Context } from './context';
import type { RunMarks } from './run-events';
import { type FrozenOf, type FrozenPiece, frozenOf } from './frozen';
import { type ItemWorks, type NamedItemWork, itemWorks } from './item-works';
import { type PageAsked, type PageTold, WHOLE, pageOfList, toldOf } from './page';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';
import { readWork } from './work';

export interface BenchPiece {
  readonly pieceId: string;
  readonly attempt: number;
  readonly stage: PieceStage | null;
  readonly spoiledFor: string | null;
  /** Pressed once more since it did not hold; null where it held at once. */
  readonly again: PressedAgain | null;
  readonly placeId: string;
  readonly placeName: string;
  readonly text: readonly string[];
  readonly layerId: string;
  /** Which letter of its layer it is; null where all of them are one piece. */
  readonly letter: string | null;
  /** What it was cut from; while it is only planned, what it would be cut from. */
  readonly materialName: string;
  readonly materialHex: string;
  readonly materialKind: MaterialKind;
  /** Only its colour is said so far. */
  readonly isFilmOpen: boolean;
  readonly process: Process;
  /** The made pass that this cutting lies in; null while it is only planned. */
  readonly passNo: number | null;
  readonly passId: string | null;
  /** As it was made, or released to be cut; null while it follows the run. */
  readonly frozen: FrozenPiece | null;
  /** What was frozen, when it differs from what the run says now; otherwise null. */
  readonly frozenText: readonly string[] | null;
  /** What the run would cut it from now, when it lies in a pass of another film; otherwise null. */
  readonly filmNow: string | null;
}

export interface BenchItem {
  readonly itemId: string;
  readonly entryId: string;
  readonly text: readonly string[];
  readonly fields: Readonly<Record<string, string>>;
  readonly blankName: string;
  /** Size and colour; null when the blank does not come in what the list asks for. */
  readonly variantId: string | null;
  /** `M, navy`: only where the run has several. */
  readonly variantWords: string;
  readonly stage: ItemStage;
  /** Blanks that went with what was spoiled on it. */
  readonly numLost: number;
  readonly pieces: readonly BenchPiece[];
}

interface BenchState {
  /** Names what the answer was read from, in one word. */
  readonly state: string;
  /** The same in numbers. */
  readonly marks: RunMarks;
  readonly tally: Tally;
  /** Ids of the acts that undo and redo would take back at the asking station. */
  readonly undo: string | null;
  readonly redo: string | null;
}

export interface BenchView extends BenchState {
  readonly items: readonly BenchItem[];
}

/** A part of it. */
export interface BenchPage extends BenchView, PageTold {}

/** What one act changed. Whoever stands at another state than `since` has to ask for the whole. */
export interface BenchChange extends BenchState {
  readonly since: string;
  readonly changed: readonly BenchItem[];
}

/** Everything the bench shows: items in roster order, what the ledger says of them, what the station could take back. */
export async function benchOfRun(
  context: Context,
  runId: string,
  station: string,
  page: PageAsked = WHOLE,
): Promise<Outcome<BenchPage, ServiceProblem>> {
  const read = await readBench(context, runId, station);
  if (!read.ok) return read;
  const { spec, works, frozen, marks, acts: _, allPasses: __, ...state } = read.value;
  return ok({
    ...state,
    ...toldOf(works.items.length, page),
    marks,
    state: stateName(marks),
    items: pageOfList(works.items, page).map((work) => benchItem(spec, work, frozen)),
  });
}

/** What the bench has to draw anew after an act, and after the passes that were made for it. */
export async function benchAfterAct(
  context: Context,
  runId: string,
  act: Act,
  madePasses: readonly number[],
): Promise<Outcome<BenchChange, ServiceProblem>> {
  const read = await readBench(context, runId, act.by.station);
  if (!read.ok) return read;
  const { spec, works, frozen, marks, acts, allPasses, ...state } = read.value;
  const actOf = (id: string) => acts.findLast((known) => known.id === id);
  const touched = new Set(itemIdsTouched(act, actOf));
  const changedPasses = passIdsTouched(act, actOf);
  for (const pass of allPasses.filter(({ id, no }) => madePasses.includes(no) || changedPasses.has(id))) {
    for (const { placed } of placedIn(pass)) touched.add(readPieceId(placed.pieceId)?.itemId ?? '');
  }
  // So much that whoever has the bench does better to read it again, page by page.
  const isMuch = touched.size > MOST_CHANGED;
  return ok({
    ...state,
    since: isMuch ? '' : stateName({ ...marks, passes: marks.passes - madePasses.length, acts: act.seq - 1 }),
    marks: { ...marks, acts: act.seq },
    state: stateName({ ...marks, acts: act.seq }),
    changed: itemsAt(works, isMuch ? [] : touched).map((work) => benchItem(spec, work, frozen)),
  });
}

/** Items that an answer to an act carries at most: about a megabyte of them. */
const MOST_CHANGED = 1000;

/** In roster order. */
function itemsAt({ items, at }: ItemWorks, itemIds: Iterable<string>): readonly NamedItemWork[] {
  const places = [...itemIds].flatMap((itemId) => at.get(itemId) ?? []);
  return places.sort((a, b) => a - b).map((i) => presentOrThrow(items[i], 'an item'));
}

/** The state in one word: whoever knows it knows whether the bench has changed since. */
function stateName({ spec, passes, releases, acts }: RunMarks): string {
  return `${spec}.${passes}.${releases}.${acts}`;
}

async function readBench(context: Context, runId: string, station: string) {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const { spec, counter } = run.value;
  const work = await readWork(db, runId);
  const { allPasses, passes, acts } = work;
  const releases = await listReleases(db, runId);
  const works = itemWorks(spec, work);
  const { undo, redo } = lastDeedOf(acts, station);
  const marks: RunMarks = {
    spec: counter,
    passes: allPasses.length,
    releases: releases.length,
    acts: acts.at(-1)?.seq ?? 0,
  };
  return ok({
    spec,
    allPasses,
    acts,
    works,
    marks,
    frozen: frozenOf(passes, releases.at(-1) ?? null),
    tally: works.tally,
    undo: undo?.id ?? null,
    redo: redo?.id ?? null,
  });
}

function benchItem(
  spec: RunSpec,
  { itemId, stage, numLost, pieces, names }: NamedItemWork,
  frozen: FrozenOf,
): BenchItem {
  const { slot } = presentOrThrow(names.at(0), `a piece of ${itemId}`);
  return {
    itemId,
    entryId: slot.entry.id,
    text: slot.text,
    fields: slot.entry.fields,
    blankName: slot.blank.name,
    variantId: slot.variant?.id ?? null,
    variantWords: slot.blank.variants.length > 1 ? variantWords(slot.variant) : '',
    stage,
    numLost,
    pieces: names.map((name, i) => benchPiece(spec, name, pieces[i]!, frozen)),
  };
}

function benchPiece(
  spec: RunSpec,
  { id, slot, layer, part }: PieceName,
  { attempt, stage, spoiledFor, again }: NamedItemWork['pieces'][number],
  frozen: FrozenOf,
): BenchPiece {
  const kept = frozen(id, attempt);
  const material = materialOfPiece(spec, layer, kept);
  const isSame = kept === null || kept.text.join('\n') === slot.text.join('\n');
  return {
    pieceId: id,
    attempt,
    stage,
    spoiledFor,
    again,
    placeId: slot.ref.placeId,
    placeName: slot.role.name,
    text: slot.text,
    layerId: layer.id,
    letter: part?.letter ?? null,
    materialName: material.name,
    materialHex: material.colour.hex,
    materialKind: material.kind,
    isFilmOpen: material.open === true,
    process: processOf(material),
    passNo: kept?.by === 'pass' ? kept.no : null,
    passId: kept?.passId ?? null,
    frozen: kept,
    frozenText: isSame ? null : kept.text,
    filmNow: kept?.by === 'pass' && kept.materialId !== layer.materialId ? layer.material.name : null,
  };
}

function variantWords(variant: Variant | null): string {
  return variant
    ? [variant.size, variant.colour.name].filter((word) => word !== '').join(', ')
    : 'no such size or colour';
}

/** A frozen piece stays what it was cut from, whatever the run would take now; the run's own when it dropped that. */
function materialOfPiece(spec: RunSpec, layer: PieceName['layer'], frozen: FrozenPiece | null): Material {
  const kept = spec.shop.materials.find(({ id }) => id === frozen?.materialId)?.value;
  return kept ?? layer.material;
}
