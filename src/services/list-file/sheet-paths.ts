import { unzipSync } from 'fflate';

/** A sheet of a spreadsheet's package: its name as people see it, and the part that holds its cells. */
export interface SheetPath {
  readonly name: string;
  readonly path: string;
}

const BOOK = 'xl/workbook.xml';
const LINKS = 'xl/_rels/workbook.xml.rels';

/** Both parts are a few kilobytes in any honest file. */
const MOST_BYTES = 5_000_000;

/**
 * The sheets in the order in which they are shown. Parts are numbered in the order in which sheets were made, which is
 * another one as soon as somebody moved a sheet. Empty when the package says nothing of sheets.
 */
export function sheetPaths(bytes: Uint8Array): SheetPath[] {
  const parts = unzipSync(bytes, {
    filter: ({ name, originalSize }) => (name === BOOK || name === LINKS) && originalSize <= MOST_BYTES,
  });
  const [book, links] = [BOOK, LINKS].map((name) => (parts[name] ? new TextDecoder().decode(parts[name]) : ''));
  const targets = new Map(
    tagsOf(links!, 'Relationship').map((tag) => [attribute(tag, 'Id'), partOf(attribute(tag, 'Target'))] as const),
  );
  return tagsOf(book!, 'sheet').flatMap((tag) => {
    const path = targets.get(/\s[\w-]+:id="([^"]*)"/.exec(tag)?.[1] ?? '');
    return path === undefined ? [] : [{ name: attribute(tag, 'name'), path }];
  });
}

function tagsOf(xml: string, name: string): string[] {
  return [...xml.matchAll(new RegExp(`<(?:\\w+:)?${name}\\s[^>]*>`, 'g'))].map(([tag]) => tag);
}

function attribute(tag: string, name: string): string {
  return new RegExp(`\\s${name}="([^"]*)"`).exec(tag)?.[1] ?? '';
}

/** Targets are told from the folder of the workbook, or from the package's root. */
function partOf(target: string): string {
  return target.startsWith('/') ? target.slice(1) : `xl/${target}`;
}
