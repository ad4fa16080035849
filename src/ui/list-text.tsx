'use client';

import { TextButton } from './text-button';
import { Field, Label, Textarea } from '@headlessui/react';

interface ListTextProps {
  readonly value: string;
  /** How the rows are read; empty when every line is one text. */
  readonly readingWords: string;
  /** The person wants every line taken as one text. */
  readonly isAsLines: boolean;
  readonly className: string;
  readonly placeholder?: string | undefined;
  readonly onChange: (list: string) => void;
  readonly onAsLines: (isAsLines: boolean) => void;
}

/** The list as text, with how it is read said beneath it and the other reading in reach. */
export function ListText(props: ListTextProps) {
  const { value, readingWords, isAsLines, className, placeholder, onChange, onAsLines } = props;
  const isTable = readingWords !== '';
  return (
    <div>
      <Field>
        <Label className="heading-small mb-1 block">Names one to a line, or rows of a spreadsheet</Label>
        <Textarea
          className={`w-full ${className}`}
          value={value}
          spellCheck={false}
          placeholder={placeholder}
          onChange={(event) => onChange(event.target.value)}
        />
      </Field>
      {(isTable || isAsLines) && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-3">
          <span>{isTable ? readingWords : 'Every line is one text.'}</span>
          <TextButton onClick={() => onAsLines(isTable)}>
            {isTable ? 'Take every line as one text instead' : 'Read it as a table'}
          </TextButton>
        </p>
      )}
    </div>
  );
}
