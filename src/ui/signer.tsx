import { TextButton } from './text-button';
import type { Ref } from 'react';

const MOST_CHARACTERS = 80;

interface SignerProps {
  readonly label: string;
  readonly who: string;
  readonly onWho: (who: string) => void;
  /** Whoever signed last at this browser: offered, and not filled in, since it may be another person by now. */
  readonly last: string;
  /** Why it is asked for, once something was tried without a name. */
  readonly asked?: string | null;
  readonly ref?: Ref<HTMLInputElement>;
}

/** Who puts a name to something. */
export function Signer({ label, who, onWho, last, asked = null, ref }: SignerProps) {
  return (
    <span className="flex flex-wrap items-center gap-2">
      <label className="flex items-center gap-2">
        {label}
        <input
          ref={ref}
          className="w-44"
          value={who}
          maxLength={MOST_CHARACTERS}
          autoComplete="off"
          aria-invalid={asked !== null}
          onChange={(event) => onWho(event.target.value)}
        />
      </label>
      {who === '' && last !== '' && (
        <TextButton className="min-h-8" onClick={() => onWho(last)}>
          {last} again
        </TextButton>
      )}
      {asked !== null && (
        <span role="alert" className="text-madder">
          {asked}
        </span>
      )}
    </span>
  );
}
