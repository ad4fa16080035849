'use client';

import { filmOptions, useFilmsAtHand, useRun } from '@/client';
import { nameFilm } from '@/core/edit';
import type { Finding } from '@/core/finding';
import type { TextRef } from '@/core/spec';
import { Select } from '@/ui';

interface NameFilmProps {
  readonly at: TextRef;
  readonly finding: Extract<Finding, { kind: 'filmMissing' }>;
}

/** What a word of the list is cut from: answered where it is asked, for all that say the same. */
export function NameFilm({ at, finding: { slot, said } }: NameFilmProps) {
  const { change } = useRun();
  const atHand = useFilmsAtHand();
  const { useId, placeId } = at;
  return (
    <Select
      aria-label={`What “${said}” is cut from`}
      options={[['', `“${said}” is cut from…`], ...filmOptions(atHand)]}
      value=""
      onChange={(id) => {
        const film = atHand.find((one) => one.id === id);
        if (film) change((now) => nameFilm(now, { useId, placeId, variantId: null }, { slot, value: said, film }));
      }}
    />
  );
}
