'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { type Lengths, type ShownFace, capitalsPx, useLengths, useUnits } from '@/client';
import { faceFaultWords, type Units } from '@/core/sentences';
import { type FaceNeed, faceFaults } from '@/core/suits';
import { SampleDrawing } from '@/drawing';
import { type TableColumn, VirtualTable } from '@/ui';
import { MakeLettering } from './make-lettering';
import { CELL } from './shelf-page';

interface FaceTableProps {
  readonly faces: readonly ShownFace[];
  readonly need: FaceNeed;
}

const ROW_PX = 76;

export function FaceTable({ faces, need }: FaceTableProps) {
  const lengths = useLengths();
  const units = useUnits();
  const heightPx = capitalsPx(faces, need.letterHeightMm);
  const columns = useMemo(() => columnsOf(need, { lengths, units, heightPx }), [need, lengths, units, heightPx]);
  return (
    <div className="overflow-x-auto border-y border-rule-strong">
      <VirtualTable
        label="Faces"
        columns={columns}
        rows={faces}
        idOf={({ ownId, face }) => ownId ?? face}
        rowPx={ROW_PX}
      />
    </div>
  );
}

interface Showing {
  readonly lengths: Lengths;
  readonly units: Units;
  readonly heightPx: number;
}

function columnsOf(need: FaceNeed, { lengths, units, heightPx }: Showing): readonly TableColumn<ShownFace>[] {
  const { figure, word } = lengths;
  const length = (mm: number | null, more: string) => (mm === null ? more : `${figure(mm, 2)} ${word}`);
  return [
    {
      id: 'name',
      head: 'Face',
      width: '170px',
      leastPx: 170,
      className: CELL,
      cell: ({ name, ownId, isJoined, mayCut }) => (
        <span className="grid py-1.5">
          {ownId === null ? (
            <span className="font-semibold">{name}</span>
          ) : (
            <Link href={`/shop/faces/${ownId}`} className="font-semibold text-link">
              {name}
            </Link>
          )}
          <span className="text-soft">
            {isJoined ? 'letters join' : 'letters stand apart'}
            {ownId === null ? '' : ', your own'}
          </span>
          {!mayCut && <span className="text-sm text-brass">may goods be cut with it?</span>}
        </span>
      ),
    },
    {
      id: 'texts',
      head: 'As they would be cut, at one letter height',
      width: 'minmax(320px,1fr)',
      leastPx: 320,
      className: 'self-center px-2 py-2',
      cell: (face) => <Samples face={face} texts={need.texts} heightPx={heightPx} />,
    },
    {
      id: 'stroke',
      head: 'Thinnest stroke',
      width: '96px',
      leastPx: 96,
      className: `${CELL} measure`,
      cell: ({ strokeMm }) => length(strokeMm, `over ${figure(need.letterHeightMm / 2)} ${word}`),
    },
    {
      id: 'near',
      head: 'Nearest letters',
      width: '96px',
      leastPx: 96,
      className: `${CELL} measure`,
      cell: ({ nearMm, isJoined }) => length(nearMm, isJoined ? 'joined' : '—'),
    },
    {
      id: 'weed',
      head: 'To weed',
      width: '72px',
      leastPx: 72,
      className: `${CELL} measure`,
      cell: ({ numToWeed }) => numToWeed,
    },
    {
      id: 'wide',
      head: 'Widest text',
      width: '92px',
      leastPx: 92,
      className: `${CELL} measure`,
      cell: ({ widestMm }) => `${figure(widestMm)} ${word}`,
    },
    {
      id: 'verdict',
      head: 'Against it at this size',
      width: '190px',
      leastPx: 190,
      className: CELL,
      cell: (face) => {
        const faults = faceFaults(face, need);
        return (
          <span className="grid justify-items-start gap-0.5">
            {faults.length === 0 && <span className="text-soft">nothing</span>}
            {faults.map((fault) => (
              <span key={fault.kind} className="text-sm text-brass">
                {faceFaultWords(fault, units)}
              </span>
            ))}
            <MakeLettering face={face} need={need} isQuiet />
          </span>
        );
      },
    },
  ];
}

/** Units of samples to the em. */
const UNITS_PER_EM = 100;

interface SamplesProps {
  readonly face: ShownFace;
  readonly texts: readonly string[];
  readonly heightPx: number;
}

function Samples({ face, texts, heightPx }: SamplesProps) {
  const px = heightPx / (face.capHeightEm * UNITS_PER_EM);
  return (
    <span className="flex flex-wrap items-end gap-x-5 gap-y-2 pb-1.5">
      {face.samples.map((sample, i) =>
        sample ? (
          <SampleDrawing
            key={texts[i]}
            sample={sample}
            aria-label={`“${texts[i]}” in ${face.name}`}
            style={{
              width: sample.box.width * px,
              height: sample.box.height * px,
              // What hangs below the line hangs below it here too, so that all stand on one.
              marginBottom: -(sample.box.y + sample.box.height) * px,
            }}
            className="block max-w-full"
          />
        ) : null,
      )}
    </span>
  );
}
