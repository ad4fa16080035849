import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { cellAt } from './inspect-package';
import { columnLetters } from './list-file';

/**
 * The package as its reader expects it: what other programs rightly write otherwise is put into the form that it knows. A switch
 * that is `true` and not `1`, letters beyond the first 65,536 as numbers, cells and rows that are known by their order alone.
 * The very same bytes where there is nothing of the kind.
 */
export function mendPackage(bytes: Uint8Array): Uint8Array {
  const parts = unzipSync(bytes);
  let isMended = false;
  for (const [name, part] of Object.entries(parts)) {
    if (!/\.xml$/.test(name)) continue;
    const xml = strFromU8(part);
    const mended = mendPart(xml);
    if (mended === xml) continue;
    parts[name] = strToU8(mended);
    isMended = true;
  }
  return isMended ? zipSync(parts, { level: 0 }) : bytes;
}

function mendPart(xml: string): string {
  const plain = xml.replace(HIGH_LETTER, (whole, hex: string | undefined, decimal: string | undefined) => {
    const code = hex === undefined ? Number(decimal) : Number.parseInt(hex, 16);
    return code > 0xffff && code <= 0x10ffff ? String.fromCodePoint(code) : whole;
  });
  if (/<(?:\w+:)?workbookPr\b/.test(plain)) return plain.replace(/(\sdate1904=["'])true(["'])/, '$11$2');
  return /<(?:\w+:)?sheetData\b/.test(plain) ? withAddresses(plain) : plain;
}

const HIGH_LETTER = /&#(?:x([0-9a-f]{5,8})|(\d{5,8}));/gi;

const ROW_OR_CELL = /<((?:\w+:)?)(row|c)(?=[\s/>])([^>]*)>/g;

/** Every row and cell with its address: those without one follow the one before. */
function withAddresses(xml: string): string {
  let [row, column] = [0, 0];
  return xml.replace(ROW_OR_CELL, (whole, prefix: string, kind: string, attributes: string) => {
    const told = /\sr=["']([A-Z]*)(\d+)["']/.exec(attributes);
    if (kind === 'row') {
      row = told ? Number(told[2]) : row + 1;
      column = 0;
      return told ? whole : `<${prefix}row r="${row}"${attributes}>`;
    }
    column = told ? cellAt(`${told[1]}1`).column : column + 1;
    return told ? whole : `<${prefix}c r="${columnLetters(column)}${row}"${attributes}>`;
  });
}
