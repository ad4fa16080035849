'use client';

import { type ReactNode, useRef } from 'react';
import { Button } from './button';

interface FileButtonProps {
  /** Names the field for those who do not see the button. */
  readonly label: string;
  /** Endings and types to offer; all when it is left out. */
  readonly accept?: string;
  readonly disabled?: boolean;
  readonly onFile: (file: File) => void;
  readonly children: ReactNode;
}

/** A button that asks for one file; the same file may be chosen again. */
export function FileButton({ label, accept, disabled = false, onFile, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
      <Button disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
    </>
  );
}
