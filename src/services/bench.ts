import { type Act, type ItemStage, type Tally, foldActs, lastDeedOf, tallyOf } from '@/core/ledger';
import { type Outcome, ok } from '@/core/outcome';
import { type Material, type PieceStage, type Process, type RunSpec, findBlank, findMaterial } from '@/core/run';
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
  readonly stage: ItemStage;
  readonly pieces: readonly BenchPiece[];
}

export interface BenchView {
  readonly items: readonly BenchItem[];
  readonly tally: Tally;
  /** Ids of the acts that undo and redo would take back at the asking station. */
  readonly undo: string | null;
  readonly redo: string | null;
}

/** Everything the bench shows: items in roster order, what the ledger says of them, what the station could take back. */
export async function benchOfRun(
  context: Context,
  runId: string,
  station: string,
): Promise<Outcome<BenchView, ServiceProblem>> {
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { db } = context.store;
  return ok(benchView(run.value.spec, await listPasses(db, runId), await listActs(db, runId), station));
}

function benchView(spec: RunSpec, passes: readonly MadePass[], acts: readonly Act[], station: string): BenchView {
  const works = itemWorks(spec, foldActs(acts));
  const placed = placedByAttempt(passes);
  const { undo, redo } = lastDeedOf(acts, station);
  return {
    items: works.map((work) => benchItem(spec, work, placed)),
    tally: tallyOf(works),
    undo: undo?.id ?? null,
    redo: redo?.id ?? null,
  };
}

type PlacedInPass = Placed & { readonly passNo: number; readonly passId: string; readonly materialId: string };

function placedByAttempt(passes: readonly MadePass[]): ReadonlyMap<string, PlacedInPass> {
  return new Map(
    passes.flatMap(({ id: passId, no: passNo, patches }) =>
      patches.flatMap(({ materialId, placed }) =>
        placed.map((piece): [string, PlacedInPass] => [
          attemptKey(piece.pieceId, piece.attempt),
          { ...piece, passNo, passId, materialId },
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
        layerId,
        materialName: material.name,
        materialHex: material.colour.hex,
        process: material.process,
        passNo: inPass?.passNo ?? null,
        passId: inPass?.passId ?? null,
        outline: inPass?.outline ?? null,
        madeText: inPass && !isSame ? inPass.text : null,
      };
    }),
  };
}

/** A made piece stays what it was cut from, whatever the run would take now; the run's own when it dropped that. */
function materialOfPiece(spec: RunSpec, materialId: string, inPass: PlacedInPass | undefined): Material {
  const made = spec.shop.materials.find(({ id }) => id === inPass?.materialId)?.value;
  return made ?? findMaterial(spec, materialId);
}
