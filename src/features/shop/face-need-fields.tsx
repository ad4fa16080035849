'use client';

import { useRouter } from 'next/navigation';
import type { Material } from '@/core/shop';
import { FACE_KINDS, FACE_ORDERS, type FaceFilter, type FaceOrder, MOST_FACE_TEXTS } from '@/core/suits';
import { FACE_KIND_WORDS, FACE_ORDER_WORDS } from '@/core/sentences';
import type { LengthUnit } from '@/core/units';
import type { ShopThingView } from '@/services';
import { FieldRow, HeldInput, LengthField, Select, Tick } from '@/ui';

interface FaceNeedFieldsProps {
  readonly runs: readonly { readonly id: string; readonly title: string }[];
  readonly runId: string | null;
  readonly texts: readonly string[];
  readonly onTexts: (texts: readonly string[]) => void;
  readonly films: readonly ShopThingView<Material>[];
  readonly filmId: string;
  readonly onFilm: (id: string) => void;
  readonly unit: LengthUnit;
  readonly letterHeightMm: number;
  readonly onLetterHeight: (mm: number) => void;
  readonly order: FaceOrder;
  readonly onOrder: (order: FaceOrder) => void;
  readonly filter: FaceFilter;
  readonly onFilter: (filter: FaceFilter) => void;
}

const OWN = '';
const MOST_TYPED = 160;
const MOST_CHARACTERS = 40;

/** On what texts faces are looked at, how large, in which film; which of them, and in what order. */
export function FaceNeedFields(props: FaceNeedFieldsProps) {
  const { runs, runId, texts, films, unit, order, filter } = props;
  const router = useRouter();
  return (
    <section
      aria-label="What is to be cut"
      className="grid gap-x-6 gap-y-1 border border-rule-strong bg-paper px-4 py-2 md:grid-cols-2 lg:grid-cols-3"
    >
      <FieldRow label="On the names of">
        <Select
          className="max-w-56"
          options={[[OWN, 'texts of your own'], ...runs.map(({ id, title }) => [id, title] as const)]}
          value={runId ?? OWN}
          onChange={(id) => router.push(id === OWN ? '/shop/faces' : `/shop/faces?run=${id}`)}
        />
      </FieldRow>
      <FieldRow label="Cut from">
        <Select
          className="max-w-56"
          options={films.map(({ id, value }) => [id, value.name] as const)}
          value={props.filmId}
          onChange={props.onFilm}
        />
      </FieldRow>
      <LengthField
        label="Letter height"
        unit={unit}
        value={props.letterHeightMm}
        min={2}
        max={300}
        onChange={props.onLetterHeight}
      />
      {runId === null && (
        <FieldRow label="Texts, with commas between">
          <HeldInput
            className="w-56"
            value={texts.join(', ')}
            maxLength={MOST_TYPED}
            onText={(typed) => {
              const found = textsIn(typed);
              if (found.length > 0) props.onTexts(found);
            }}
          />
        </FieldRow>
      )}
      <FieldRow label="In order of">
        <Select
          options={FACE_ORDERS.map((id) => [id, FACE_ORDER_WORDS[id]] as const)}
          value={order}
          onChange={props.onOrder}
        />
      </FieldRow>
      <FieldRow label="Which faces">
        <Select
          options={FACE_KINDS.map((id) => [id, FACE_KIND_WORDS[id]] as const)}
          value={filter.kind}
          onChange={(kind) => props.onFilter({ ...filter, kind })}
        />
      </FieldRow>
      <Tick checked={filter.onlyFaultless} onChange={(onlyFaultless) => props.onFilter({ ...filter, onlyFaultless })}>
        only those with nothing against them
      </Tick>
    </section>
  );
}

function textsIn(typed: string): string[] {
  return typed
    .split(',')
    .map((text) => text.trim().slice(0, MOST_CHARACTERS).trim())
    .filter((text) => text !== '')
    .slice(0, MOST_FACE_TEXTS);
}
