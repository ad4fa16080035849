'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type KeptMotif, keepMotifFile } from '@/client';
import { type Motif, pointsOf } from '@/core/shop';
import { MotifDrawing } from '@/drawing';
import type { ShopThingView } from '@/services';
import { FileButton, Notice, type TableColumn } from '@/ui';
import { CELL, ShelfPage } from './shelf-page';

type Row = ShopThingView<Motif>;

interface MotifsPageProps {
  readonly motifs: readonly Row[];
  readonly removedId: string | null;
}

const COLUMNS: readonly TableColumn<Row>[] = [
  {
    id: 'drawing',
    head: 'As it is cut',
    width: '160px',
    leastPx: 160,
    className: 'px-2 py-1.5',
    cell: ({ value }) => <MotifDrawing motif={value} className="h-12 max-w-36" />,
  },
  {
    id: 'name',
    head: 'Motif',
    width: 'minmax(200px,1fr)',
    leastPx: 200,
    className: CELL,
    cell: ({ id, value }) => (
      <Link href={`/shop/motifs/${id}`} className="font-semibold text-link">
        {value.name}
      </Link>
    ),
  },
  {
    id: 'parts',
    head: 'Colours',
    width: '120px',
    leastPx: 120,
    className: `${CELL} measure`,
    cell: ({ value }) => value.parts.length,
  },
  {
    id: 'points',
    head: 'Points of its edges',
    width: '180px',
    leastPx: 180,
    className: `${CELL} measure`,
    cell: ({ value }) => pointsOf(value),
  },
];

/** Shapes that stand beside names: ours, and what was brought in from drawings. */
export function MotifsPage({ motifs, removedId }: MotifsPageProps) {
  const router = useRouter();
  const [kept, setKept] = useState<KeptMotif | null>(null);
  const bringIn = async (file: File, onProblem: (problem: string | null) => void) => {
    const found = await keepMotifFile(file);
    onProblem(found.ok ? null : found.problem);
    setKept(found.ok ? found.value : null);
    if (found.ok) router.refresh();
  };
  return (
    <ShelfPage
      shelf="motifs"
      word="motif"
      things={motifs}
      columns={COLUMNS}
      rowPx={64}
      fresh={(onProblem) => (
        <FileButton
          label="A drawing of your own"
          accept=".svg,image/svg+xml"
          onFile={(file) => void bringIn(file, onProblem)}
        >
          Bring one in…
        </FileButton>
      )}
      removedId={removedId}
      note={
        <>
          {kept?.leftOut != null && (
            <Notice severity="check">
              “{kept.copy.value.name}” is on the shelf. Not taken over: {kept.leftOut}.
            </Notice>
          )}
          An SVG drawing of up to 2 MB: its shapes and colours are taken over, nothing else. A place takes one on Fit.
        </>
      }
    />
  );
}
