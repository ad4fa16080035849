'use client';

import { useMemo } from 'react';
import { useRun } from '@/client';
import { DATE_FORMS } from '@/core/dates';
import { isNamePart } from '@/core/names';
import { ownColumns } from '@/core/roster';
import { Select } from '@/ui';
import { USUAL } from './chip-words';
import { sampleDate } from './sentences';

/** Everything of an entry that a line can say; a press puts it where the cursor is. */
export function TokenButtons({ onToken }: { readonly onToken: (token: string) => void }) {
  const { spec } = useRun();
  const columns = useMemo(
    () => ownColumns(spec.entries).filter((name) => !isNamePart(name) && name !== 'date' && name !== 'monogram'),
    [spec.entries],
  );
  return (
    <div className="flex flex-wrap gap-1.5" role="group" aria-label="Put in">
      {USUAL.map(([token, words]) => (
        <TokenButton key={token} words={words} onPress={() => onToken(token)} />
      ))}
      <Select
        aria-label="Put in the date as"
        className="min-h-8"
        options={[
          ['', 'date as…'],
          ...DATE_FORMS.map((form) => [`{date:${form}}`, sampleDate(form, spec.language)] as const),
        ]}
        value=""
        onChange={(token) => token && onToken(token)}
      />
      {columns.map((name) => (
        <TokenButton key={name} words={name} onPress={() => onToken(`{${name}}`)} />
      ))}
    </div>
  );
}

function TokenButton({ words, onPress }: { readonly words: string; readonly onPress: () => void }) {
  return (
    <button
      type="button"
      className="min-h-8 rounded-md border border-rule-strong bg-white px-2.5 py-1 hover:bg-verdigris-tint"
      // The cursor stays in its line.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      {words}
    </button>
  );
}
