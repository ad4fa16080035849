import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { api, droppedFile, entriesWords, problemSentence, problemWords, useApiQuery } from '@/client';
import {
  type ColumnChoice,
  type Encoding,
  MOST_FILE_BYTES,
  type ListLine,
  type Mapping,
  type Table,
  guessMapping,
  headerKey,
  mapTable,
  withChoice,
  withRole,
} from '@/core/intake';
import { countProblem, readPasted } from '@/core/roster';
import { tooLargeSentence } from './sentences';
import type { FileNote, ListInput, MappedSheet } from '@/services';

/** Where a list comes from: typed and pasted text, or a file that was read. */
type Source = TextSource | FileSource;

export interface TextSource {
  readonly kind: 'text';
  readonly text: string;
  readonly wanted: 'detect' | 'lines';
}

export interface FileSource {
  readonly kind: 'file';
  readonly file: File;
  readonly sheets: readonly MappedSheet[];
  readonly sheetAt: number;
}

/** A table with what its columns are taken for. */
export interface MappedSource {
  readonly table: Table;
  readonly mapping: Mapping;
  readonly notes: readonly FileNote[];
  readonly isRemembered: boolean;
}

export interface Intake {
  readonly source: Source;
  /** Null while the list is plain lines. */
  readonly mapped: MappedSource | null;
  readonly lines: readonly ListLine[];
  readonly numTidied: number;
  readonly keyColumn: string | null;
  readonly isUsable: boolean;
  /** `43 entries`, or why there can be none. */
  readonly countWords: string;
  /** What the server takes; null while nothing can be taken. */
  readonly input: ListInput | null;
  readonly isReading: boolean;
  readonly problem: string | null;
  /** A run that was taken along, dropped where a list was awaited. */
  readonly bundle: File | null;
  readonly setText: (text: string) => void;
  readonly setWanted: (wanted: 'detect' | 'lines') => void;
  readonly setRole: (at: number, role: Mapping['columns'][number]['role']) => void;
  readonly setKey: (at: number | null) => void;
  readonly setHeader: (hasHeader: boolean) => void;
  readonly setSheet: (at: number) => void;
  readonly readFile: (file: File) => Promise<void>;
  /** Reads the same file again, its letters taken otherwise. */
  readonly setEncoding: (encoding: Encoding) => Promise<void>;
  readonly clear: () => void;
}

const NOTHING: TextSource = { kind: 'text', text: '', wanted: 'detect' };

/** A list on its way in: what it says, what its columns are taken for, and what would come of it. */
export function useIntake(initialText = ''): Intake {
  const [source, setSource] = useState<Source>({ ...NOTHING, text: initialText });
  const [chosen, setChosen] = useState<{ readonly table: Table; readonly mapping: Mapping } | null>(null);
  const [isReading, setReading] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [bundle, setBundle] = useState<File | null>(null);
  const settled = useDeferredValue(source);
  const first = useMemo(() => guessedOf(settled), [settled]);
  const known = useKnownColumns(settled.kind === 'text' ? first.mapped : null);
  const guessed = useMemo(
    () => (known && first.mapped ? { ...first, mapped: withKnown(first.mapped, known) } : first),
    [first, known],
  );
  const mapped = useMemo(
    () =>
      guessed.mapped && chosen?.table === guessed.mapped.table
        ? { ...guessed.mapped, mapping: chosen.mapping }
        : guessed.mapped,
    [guessed, chosen],
  );
  const taken = useMemo(
    () => (mapped ? mapTable(mapped.table, mapped.mapping) : { lines: guessed.lines, numTidied: 0, keyColumn: null }),
    [mapped, guessed.lines],
  );
  const count = countProblem(taken.lines.length);
  const change = (mapping: Mapping) => mapped && setChosen({ table: mapped.table, mapping });

  const readFile = async (file: File, encoding: Encoding | null = null) => {
    setProblem(null);
    setBundle(null);
    // A run that was taken along may be larger than any list.
    if (/\.json$/i.test(file.name)) return setBundle(file);
    if (file.size > MOST_FILE_BYTES) return setProblem(tooLargeSentence(file));
    setReading(true);
    const read = await api.readList(file, encoding);
    setReading(false);
    if (!read.ok) return setProblem(problemSentence(read.problem));
    if (read.value.kind === 'bundle') return setBundle(file);
    setSource({ kind: 'file', file, sheets: read.value.sheets, sheetAt: 0 });
  };
  useDropped(readFile);

  return {
    source,
    mapped,
    lines: taken.lines,
    numTidied: taken.numTidied,
    keyColumn: taken.keyColumn,
    isUsable: count === null,
    countWords: count ? problemWords(count) : entriesWords(taken.lines.length),
    input: count ? null : inputOf(settled, mapped),
    isReading,
    problem,
    bundle,
    setText: (text) => setSource({ kind: 'text', text, wanted: source.kind === 'text' ? source.wanted : 'detect' }),
    setWanted: (wanted) => source.kind === 'text' && setSource({ ...source, wanted }),
    setRole: (at, role) => mapped && change(withRole(mapped.mapping, at, role)),
    setKey: (keyAt) => mapped && change({ ...mapped.mapping, keyAt }),
    setHeader: (hasHeader) => mapped && change(guessMapping(mapped.table, hasHeader)),
    setSheet: (sheetAt) => source.kind === 'file' && setSource({ ...source, sheetAt }),
    readFile,
    setEncoding: async (encoding) => {
      if (source.kind === 'file') await readFile(source.file, encoding);
    },
    clear: () => {
      setSource(NOTHING);
      setProblem(null);
      setBundle(null);
    },
  };
}

/** Beyond it the address would be too long to ask with; nobody pastes so many headers. */
const MOST_KEY = 4000;

/** What a pasted table's headers were taken for the last time; files come with it already. */
function useKnownColumns(mapped: MappedSource | null): ColumnChoice | null {
  const key = mapped ? headerKey(mapped.table, { ...mapped.mapping, hasHeader: true }) : '';
  const { value, isCurrent } = useApiQuery({
    key: ['columns', key],
    ask: () => api.columnsKnown(key),
    isAsked: key !== '' && key.length <= MOST_KEY,
    isKept: false,
  });
  return isCurrent ? (value?.choice ?? null) : null;
}

function withKnown(mapped: MappedSource, choice: ColumnChoice): MappedSource {
  return { ...mapped, mapping: withChoice(guessMapping(mapped.table, true), choice), isRemembered: true };
}

/** A file that was dropped on this page, or on the one before it. */
function useDropped(readFile: (file: File) => Promise<void>): void {
  const reader = useRef(readFile);
  useEffect(() => {
    reader.current = readFile;
  });
  useEffect(() => {
    const look = () => {
      const file = droppedFile.take();
      if (file) void reader.current(file);
    };
    look();
    return droppedFile.subscribe(look);
  }, []);
}

function guessedOf(source: Source): { readonly mapped: MappedSource | null; readonly lines: readonly ListLine[] } {
  if (source.kind === 'file') {
    const sheet = source.sheets[source.sheetAt];
    return { mapped: sheet ?? null, lines: [] };
  }
  const pasted = readPasted(source.text, source.wanted);
  if (pasted.kind === 'lines') return { mapped: null, lines: pasted.lines };
  return { mapped: { table: pasted.table, mapping: pasted.guess, notes: [], isRemembered: false }, lines: [] };
}

function inputOf(source: Source, mapped: MappedSource | null): ListInput {
  if (!mapped) return { list: source.kind === 'text' ? source.text : '', reading: 'lines' };
  const { hasHeader, columns, keyAt } = mapped.mapping;
  const rows = mapped.table.rows.map((row) => [...row]);
  return { table: { rows, mapping: { hasHeader, keyAt, columns: columns.map((column) => ({ ...column })) } } };
}
