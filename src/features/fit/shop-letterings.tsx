'use client';

import { api, useApiQuery, useRun } from '@/client';
import { type PlaceAt, takeLettering } from '@/core/edit';
import { Select } from '@/ui';

/** What the shop has and the run does not: taken, it is copied into the run. */
export function ShopLetterings({ at }: { readonly at: PlaceAt }) {
  const { spec, change } = useRun();
  const { value } = useApiQuery({ key: ['shop', 'letterings'], ask: () => api.things('letterings'), isKept: false });
  const others = (value?.letterings ?? []).filter(({ id }) => !spec.shop.letterings.some((own) => own.id === id));
  if (others.length === 0) return null;
  return (
    <Select
      aria-label="Another lettering, from the shop"
      options={[['', 'another one, from the shop'], ...others.map((one) => [one.id, one.value.name] as const)]}
      value=""
      onChange={(id) => {
        const taken = others.find((one) => one.id === id);
        if (taken) change((now) => takeLettering(now, at, { id, fromRev: taken.rev, value: taken.value }));
      }}
    />
  );
}
