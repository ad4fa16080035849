'use client';

import { Button, FileButton, ListText, Notice } from '@/ui';
import type { Intake } from './use-intake';

interface ListSourceProps {
  readonly intake: Intake;
  readonly className: string;
  readonly placeholder?: string | undefined;
}

/** The list as text to paste or type, or the file that it was read from. */
export function ListSource({ intake, className, placeholder }: ListSourceProps) {
  const { source, mapped, problem, isReading } = intake;
  return (
    <div className="grid gap-2">
      {problem && <Notice severity="stop">{problem}</Notice>}
      {source.kind === 'text' ? (
        <ListText
          className={className}
          value={source.text}
          readingWords={mapped ? 'Read as a table.' : ''}
          isAsLines={source.wanted === 'lines'}
          placeholder={placeholder}
          onChange={intake.setText}
          onAsLines={(isAsLines) => intake.setWanted(isAsLines ? 'lines' : 'detect')}
        />
      ) : (
        <p className="flex flex-wrap items-center gap-3">
          <span>
            From the file <b>{source.file.name}</b>.
          </span>
          <Button onClick={intake.clear}>Paste or type instead</Button>
        </p>
      )}
      <p className="flex flex-wrap items-center gap-3">
        <FileButton label="File with the list" disabled={isReading} onFile={(file) => void intake.readFile(file)}>
          {isReading ? 'Reading…' : 'Choose a file…'}
        </FileButton>
        <span className="text-soft">
          or drop it anywhere: spreadsheet (XLSX, ODS), text with columns (CSV, TSV), address cards (VCF)
        </span>
      </p>
    </div>
  );
}
