'use client';

import { FieldRow, HeldInput } from '@/ui';

interface TextToTryProps {
  readonly label?: string;
  readonly text: string;
  readonly most: number;
  /** It may be empty. */
  readonly isOptional?: boolean;
  readonly onText: (text: string) => void;
}

/** A text of one's own that is drawn beside it. */
export function TextToTry({ label = 'Try it with', text, most, isOptional = false, onText }: TextToTryProps) {
  return (
    <FieldRow label={label}>
      <HeldInput
        className="w-64"
        value={text}
        maxLength={most}
        onText={(typed) => (isOptional || typed.trim() !== '') && onText(typed)}
      />
    </FieldRow>
  );
}
