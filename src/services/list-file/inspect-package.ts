import { Unzip, UnzipInflate, unzipSync } from 'fflate';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type FileProblem, MOST_COLUMNS, MOST_INSIDE_BYTES, MOST_ROWS, columnLetters } from './list-file';
import { sheetPaths } from './sheet-paths';

/** What a spreadsheet's package holds, found without building anything from it. */
export interface PackageFacts {
  readonly paths: readonly string[];
  /** In the order in which the sheets are shown. */
  readonly sheets: readonly SheetFacts[];
}

export interface SheetFacts {
  readonly numFormulas: number;
  /** As the file says them, such as `B2:B5`. */
  readonly merged: readonly string[];
  /** Cells whose formula gave an error instead of a value. */
  readonly errors: readonly string[];
}

const MOST_PATHS = 2000;

/**
 * Unpacks a spreadsheet's package piece by piece, counting what really comes out (its headers may lie), and looks for what
 * would make a table too large before anything builds one.
 */
export function inspectPackage(bytes: Uint8Array, mostBytes = MOST_INSIDE_BYTES): Outcome<PackageFacts, FileProblem> {
  const told = toldSizes(bytes, mostBytes);
  if (!told.ok) return told;
  if (told.value.bytes > mostBytes) return fail({ kind: 'tooMuchInside', mostBytes });
  const paths: string[] = [];
  const scans = new Map<string, SheetScan>();
  let inside = 0;
  try {
    const named = sheetPaths(bytes);
    const unzip = new Unzip((file) => {
      paths.push(file.name);
      if (!/\.(xml|rels)$/.test(file.name)) return;
      // Every part is looked at: a sheet may lie under any name.
      const scan = new SheetScan(named.find(({ path }) => path === file.name)?.name ?? file.name);
      scans.set(file.name, scan);
      file.ondata = (error, chunk) => {
        if (error) throw error;
        inside += chunk.length;
        if (inside > mostBytes) throw new Stop({ kind: 'tooMuchInside', mostBytes });
        scan.read(chunk);
      };
      file.start();
    });
    unzip.register(UnzipInflate);
    // In slices, so that a bomb is noticed after its first megabytes.
    for (let at = 0; at < bytes.length; at += SLICE) {
      unzip.push(bytes.subarray(at, at + SLICE), at + SLICE >= bytes.length);
    }
    return ok({ paths, sheets: named.map(({ path }) => scans.get(path) ?? NO_FACTS) });
  } catch (error) {
    if (error instanceof Stop) return fail(error.problem);
    return fail({ kind: 'brokenFile', row: null, column: null, detail: messageOf(error) });
  }
}

const NO_FACTS: SheetFacts = { numFormulas: 0, merged: [], errors: [] };

const SLICE = 8192;

class Stop extends Error {
  constructor(readonly problem: FileProblem) {
    super(problem.kind);
  }
}

/** What the directory says: enough to refuse openly large packages, and to know that it is one. */
function toldSizes(bytes: Uint8Array, mostBytes: number): Outcome<{ bytes: number }, FileProblem> {
  let [told, count] = [0, 0];
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        told += originalSize;
        count++;
        return false;
      },
    });
  } catch (error) {
    return fail({ kind: 'brokenFile', row: null, column: null, detail: messageOf(error) });
  }
  if (count === 0) return fail({ kind: 'brokenFile', row: null, column: null, detail: 'nothing is packed in it' });
  return count > MOST_PATHS ? fail({ kind: 'tooMuchInside', mostBytes }) : ok({ bytes: told });
}

const MOST_TOLD = 5000;

/** Reads a sheet's XML as it comes, for the addresses of its cells only. */
class SheetScan implements SheetFacts {
  numFormulas = 0;
  readonly merged: string[] = [];
  readonly errors: string[] = [];
  #rest = '';
  #row = 0;
  #column = 0;
  readonly #decoder = new TextDecoder();

  /** `sheet` names it to people. */
  constructor(private readonly sheet: string) {}

  read(chunk: Uint8Array): void {
    const text = this.#rest + this.#decoder.decode(chunk, { stream: true });
    // A tag that is cut in two is looked at whole, with the next chunk.
    const end = text.lastIndexOf('<');
    const whole = end < 0 ? text : text.slice(0, end);
    this.#rest = end < 0 ? '' : text.slice(end);
    for (const [tag] of whole.matchAll(/<(?:\w+:)?(?:row|c|f|mergeCell)(?=[\s/>])[^>]*/g)) this.#readTag(tag);
  }

  #readTag(tag: string): void {
    const [, name = ''] = /^<(?:\w+:)?(\w+)/.exec(tag) ?? [];
    if (name === 'f') this.numFormulas++;
    else if (name === 'mergeCell') {
      const range = /\sref="([A-Z]{1,4}\d{1,8}(?::[A-Z]{1,4}\d{1,8})?)"/.exec(tag)?.[1];
      if (range && this.merged.length < MOST_TOLD) this.merged.push(range);
    } else if (name === 'row') {
      const told = /\sr="(\d{1,8})"/.exec(tag)?.[1];
      this.#row = told === undefined ? this.#row + 1 : Number(told);
      this.#column = 0;
    } else {
      const told = /\sr="([A-Z]{1,4}\d{1,8})"/.exec(tag)?.[1];
      // Without an address it follows the one before.
      const at = told ?? columnLetters(this.#column + 1) + Math.max(1, this.#row);
      this.#checkCell(at);
      if (this.errors.length < MOST_TOLD && /\st="e"/.test(tag)) this.errors.push(at);
    }
  }

  #checkCell(at: string): void {
    const { row, column } = cellAt(at);
    this.#column = column;
    if (column > MOST_COLUMNS)
      throw new Stop({ kind: 'tooManyColumns', sheet: this.sheet, cell: at, most: MOST_COLUMNS });
    if (row > MOST_ROWS) throw new Stop({ kind: 'tooManyRows', sheet: this.sheet, row, most: MOST_ROWS });
  }
}

/** `C4` is row 4, column 3. */
export function cellAt(address: string): { row: number; column: number } {
  const [, letters = '', digits = '0'] = /^([A-Z]+)(\d+)$/.exec(address) ?? [];
  const column = [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0);
  return { row: Number(digits), column };
}

export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
