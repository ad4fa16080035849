'use client';

import { Select as Drawn } from '@headlessui/react';

interface SelectProps<T extends string> {
  /** Each with its words, in the order in which they are shown. */
  readonly options: readonly (readonly [id: T, words: string])[];
  readonly value: T;
  readonly onChange: (id: T) => void;
  /** Its name, where no label stands around it. */
  readonly 'aria-label'?: string;
  readonly className?: string;
}

/** Alternatives that need not all stay in sight, one of them taken. */
export function Select<T extends string>({ options, onChange, ...rest }: SelectProps<T>) {
  return (
    <Drawn {...rest} onChange={(event) => onChange(event.target.value as T)}>
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </Drawn>
  );
}

/** What can be taken, of the words for each; in the order of the words, or of the ids given. */
export function optionsOf<T extends string>(
  words: Readonly<Record<T, string>>,
  ids: readonly T[] = Object.keys(words) as T[],
): readonly (readonly [T, string])[] {
  return ids.map((id) => [id, words[id]]);
}

/** What is in use stays among what can be taken, also where it is none of it. */
export function withOwn(
  options: readonly (readonly [string, string])[],
  own: string,
): readonly (readonly [string, string])[] {
  return options.some(([id]) => id === own) ? options : [[own, own], ...options];
}
