'use client';

import { type ComponentPropsWithRef } from 'react';
import { useHeldText } from './use-held-text';

interface HeldInputProps extends Omit<ComponentPropsWithRef<'input'>, 'value' | 'onChange' | 'onBlur'> {
  readonly value: string;
  /** At every letter. */
  readonly onText: (text: string) => void;
}

/** A line of text that is taken over as it is typed, and is not changed by anybody else while the cursor stands in it. */
export function HeldInput({ value, onText, onFocus, ...rest }: HeldInputProps) {
  const { text, enter, type, leave } = useHeldText(value);
  return (
    <input
      {...rest}
      value={text}
      onFocus={(event) => {
        enter();
        onFocus?.(event);
      }}
      onBlur={leave}
      onChange={(event) => {
        type(event.target.value);
        onText(event.target.value);
      }}
    />
  );
}
