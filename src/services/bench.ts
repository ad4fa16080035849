import { type Act, type ItemStage, type Tally, foldActs, itemIdsTouched, lastDeedOf, tallyOf } from '@/core/ledger';
import { type Outcome, ok } from '@/core/outcome';
import { type Material, type PieceStage, type Process, type Variant, processOf } from '@/core/shop';
import { type RunSpec, findBlank, findMaterial, readPieceId } from '@/core/spec';
import { type MadePass, type Placed, attemptKey } from '@/core/sheets';
import { listActs, listPasses } from '@/store';
import type { Context } from './context';
import { type NamedItemWork, itemWorks } from './item-works';
import type { ServiceProblem } from './problem';
import { getRun } from './runs';

export interface BenchPiece {
  readonly pieceId: string;
  readonly attempt: number;
  readonly stage: PieceStage | null;
  readonly spoiledFor: string | null;
  readonly placeId: string;
  readonly placeName: string;
  readonly text: readonly string[];
  readonly layerId: string;
  /** What it was cut from; while it is only planned, what it would be cut from. */
  readonly materialName: string;
  readonly materialHex: string;
  readonly process: Process;
  /** The made pass that this cutting lies in; null while it is only planned. */
  readonly passNo: number | null;
  readonly passId: string | null;
  /** Hash of the frozen outline; null while it is only planned. */
  readonly outline: string | null;
  /** What was frozen, when it differs from what the run says now; otherwise null. */
  readonly madeText: readonly string[] | null;
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
  readonly pieces: readonly BenchPiece[];
}

interface BenchState {
  /** Names what the answer was read from: counter of the spec, made passes, acts. */
  readonly state: string;
  readonly tally: Tally;
  /** Ids of the acts that undo and redo would take back at the asking station. */
  readonly undo: string | null;
  readonly redo: string | null;
}

export interface BenchView extends BenchState {
  readonly items: readonly BenchItem[];
}

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
): Promise<Outcome<BenchView, ServiceProblem>> {
  const read = await readBench(context, runId, station);
  if (!read.ok) return read;
  const { spec, works, placed, counter, numPasses, acts, ...state } = read.value;
  return ok({
    ...state,
    state: stateName(counter, numPasses, acts.at(-1)?.seq ?? 0),
    items: works.map((work) => benchItem(spec, work, placed)),
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
  const { spec, works, placed, counter, numPasses, acts, ...state } = read.value;
  const actsById = new Map(acts.map((known) => [known.id, known]));
  const touched = new Set(itemIdsTouched(act, (id) => actsById.get(id)));
  for (const { passNo, itemId } of placed.values()) if (madePasses.includes(passNo)) touched.add(itemId);
  return ok({
    ...state,
    since: stateName(counter, numPasses - madePasses.length, act.seq - 1),
    state: stateName(counter, numPasses, act.seq),
    changed: works.filter(({ itemId }) => touched.has(itemId)).map((work) => benchItem(spec, work, placed)),
  });
}

function stateName(counter: number, numPasses: number, seq: number): string {
  return `${counter}.${numPasses}.${seq}`;
}

async function readBench(context: Context, runId: string, station: string) {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  const passes = await listPasses(db, runId);
  const acts = await listActs(db, runId);
  const works = itemWorks(run.value.spec, foldActs(acts));
  const { undo, redo } = lastDeedOf(acts, station);
  return ok({
    spec: run.value.spec,
    counter: run.value.counter,
    numPasses: passes.length,
    acts,
    works,
    placed: placedByAttempt(passes),
    tally: tallyOf(works),
    undo: undo?.id ?? null,
    redo: redo?.id ?? null,
  });
}

type PlacedInPass = Placed & {
  readonly passNo: number;
  readonly passId: string;
  readonly itemId: string;
  readonly materialId: string;
};

const knownPlaced = new WeakMap<readonly MadePass[], ReadonlyMap<string, PlacedInPass>>();

function placedByAttempt(passes: readonly MadePass[]): ReadonlyMap<string, PlacedInPass> {
  const known = knownPlaced.get(passes) ?? readPlaced(passes);
  knownPlaced.set(passes, known);
  return known;
}

function readPlaced(passes: readonly MadePass[]): ReadonlyMap<string, PlacedInPass> {
  return new Map(
    passes.flatMap(({ id: passId, no: passNo, patches }) =>
      patches.flatMap(({ materialId, placed }) =>
        placed.map((piece): [string, PlacedInPass] => [
          attemptKey(piece.pieceId, piece.attempt),
          { ...piece, passNo, passId, materialId, itemId: readPieceId(piece.pieceId)?.itemId ?? '' },
        ]),
      ),
    ),
  );
}

function benchItem(spec: RunSpec, work: NamedItemWork, made: ReadonlyMap<string, PlacedInPass>): BenchItem {
  const slot = work.names[0]!.slot;
  const blank = findBlank(spec, slot.blankId);
  return {
    itemId: work.itemId,
    entryId: slot.entry.id,
    text: slot.text,
    fields: slot.entry.fields,
    blankName: blank.name,
    variantId: slot.variant?.id ?? null,
    variantWords: blank.variants.length > 1 ? variantWords(slot.variant) : '',
    stage: work.stage,
    pieces: work.names.map(({ id, slot: at, layerId, materialId }, i): BenchPiece => {
      const { attempt, stage, spoiledFor } = work.pieces[i]!;
      const inPass = made.get(attemptKey(id, attempt));
      const material = materialOfPiece(spec, materialId, inPass);
      const isSame = inPass !== undefined && inPass.text.join('\n') === at.text.join('\n');
      return {
        pieceId: id,
        attempt,
        stage,
        spoiledFor,
        placeId: at.place.placeId,
        placeName: blank.places.find((place) => place.id === at.place.placeId)?.name ?? '',
        text: at.text,
        layerId,
        materialName: material.name,
        materialHex: material.colour.hex,
        process: processOf(material),
        passNo: inPass?.passNo ?? null,
        passId: inPass?.passId ?? null,
        outline: inPass?.outline ?? null,
        madeText: inPass && !isSame ? inPass.text : null,
      };
    }),
  };
}

function variantWords(variant: Variant | null): string {
  return variant
    ? [variant.size, variant.colour.name].filter((word) => word !== '').join(', ')
    : 'no such size or colour';
}

/** A made piece stays what it was cut from, whatever the run would take now; the run's own when it dropped that. */
function materialOfPiece(spec: RunSpec, materialId: string, inPass: PlacedInPass | undefined): Material {
  const made = spec.shop.materials.find(({ id }) => id === inPass?.materialId)?.value;
  return made ?? findMaterial(spec, materialId);
}
