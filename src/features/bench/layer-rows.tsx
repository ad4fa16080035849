'use client';

import { bondedWord, stageWord, useCountdowns, useHeldSeconds } from '@/client';
import type { ItemStage } from '@/core/ledger';
import { Swatch } from '@/drawing';
import type { BenchItem, BenchPiece } from '@/services';
import { Button, TextButton } from '@/ui';
import { isOfPass, nextStageOfPiece } from './bench-stages';
import { type ItemPlace, nameOfPiece, topDown } from './item-places';
import type { Bench } from './use-bench';

interface LayerRowsProps {
  readonly item: BenchItem;
  readonly at: ItemPlace;
  readonly onMark: Bench['markPiece'];
  /** The layer that is lifted out of the drawing; null: none. */
  readonly lifted: string | null;
  readonly onLift: (layerId: string | null) => void;
}

/** The layers of a place from the top down, each with how far it is and what is next for it alone. */
export function LayerRows({ item, at, onMark, lifted, onLift }: LayerRowsProps) {
  const held = useHeldSeconds(useCountdowns(), [item.itemId]);
  return (
    <ul className="mt-3 grid max-w-2xl gap-1" aria-label="Layers">
      {topDown(at).map((piece) => {
        const next = nextStageOfPiece(piece);
        const isLifted = lifted === piece.layerId;
        return (
          <li key={piece.pieceId} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule py-1">
            <Swatch kind={piece.materialKind} hex={piece.materialHex} />
            <span className="min-w-0 flex-1">
              <b>{nameOfPiece(at, piece)}</b>, {piece.materialName}
              <span className="text-soft"> · {wordOf(piece, piece.stage ?? 'open')}</span>
            </span>
            <TextButton onClick={() => onLift(isLifted ? null : piece.layerId)}>
              {isLifted ? 'show all' : 'show alone'}
            </TextButton>
            {next && (
              <Button
                disabled={item.stage === 'packed' || (held !== null && !isOfPass(next))}
                onClick={() => void onMark(piece.pieceId, next)}
              >
                Mark it {wordOf(piece, next)}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function wordOf({ process }: BenchPiece, stage: ItemStage): string {
  return stageWord(stage, bondedWord([process]));
}
