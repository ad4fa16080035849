'use client';

import { useRun } from '@/client';
import { changeFilmBed } from '@/core/edit';
import { isCut, processOf } from '@/core/shop';
import { findMaterial, isOnce, materialIdsOf } from '@/core/spec';
import { FieldRow, Select } from '@/ui';

/** Films that are cut on a bed of their own: a narrow roll, or a leftover that serves one pass. */
export function BedsByFilm() {
  const { spec, change } = useRun();
  const { layout, shop } = spec;
  const used = new Set(spec.uses.flatMap(({ places }) => places.flatMap(materialIdsOf)));
  const films = [...used].filter((id) => isCut(processOf(findMaterial(spec, id))));
  const own = films.filter((id) => layout.beds?.[id] !== undefined).length;
  return (
    <details open={own > 0}>
      <summary className="cursor-pointer">A bed of its own for a film{own > 0 && ` (${own})`}</summary>
      {films.map((id) => (
        <FieldRow key={id} label={findMaterial(spec, id).name}>
          <Select
            className="max-w-48"
            options={[
              ['', 'the run’s bed'],
              ...shop.beds.map((bed) => [bed.id, `${bed.value.name}${isOnce(bed.value) ? ', once' : ''}`] as const),
            ]}
            value={layout.beds?.[id] ?? ''}
            onChange={(bedId) => change((now) => changeFilmBed(now, id, bedId === '' ? null : bedId))}
          />
        </FieldRow>
      ))}
    </details>
  );
}
