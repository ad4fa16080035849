import { readFileSync } from 'node:fs';
import { zlibSync } from 'fflate';
import opentype from 'opentype.js';
import wawoff2 from 'wawoff2';
import { tablesOf, withTables } from '@/core/test/font-files';
import { STAND_BLOCK_SHA, faceFilePath } from '@/core/shop';

/** For tests: font files of one's own, made of one that ships. */

export const shippedFont = () => new Uint8Array(readFileSync(`public${faceFilePath(STAND_BLOCK_SHA)}`));

/** A TTF that is no face of ours, whose maker permits what these bits say. */
export function aFont(permitBits = 0, weight = 900): Uint8Array {
  const font = shippedFont();
  const os2 = Uint8Array.from(tablesOf(font).get('OS/2')!);
  const view = new DataView(os2.buffer);
  view.setUint16(4, weight);
  view.setUint16(8, permitBits);
  return withTables(font, { 'OS/2': os2 });
}

/** The same as a WOFF, each table packed by itself where that makes it smaller. */
export function asWoff(font: Uint8Array): Uint8Array {
  const directory = new DataView(font.buffer, font.byteOffset);
  const tables = [...tablesOf(font)].map(([tag, table], i) => {
    const packed = zlibSync(table);
    const content = packed.length < table.length ? packed : table;
    return { tag, table, content, sum: directory.getUint32(12 + i * 16 + 4) };
  });
  const padded = (length: number) => Math.ceil(length / 4) * 4;
  const start = 44 + tables.length * 20;
  const woff = new Uint8Array(tables.reduce((sum, { content }) => sum + padded(content.length), start));
  const view = new DataView(woff.buffer);
  view.setUint32(0, 0x774f4646);
  view.setUint32(4, directory.getUint32(0));
  view.setUint32(8, woff.length);
  view.setUint16(12, tables.length);
  view.setUint32(16, font.length);
  let at = start;
  tables.forEach(({ tag, table, content, sum }, i) => {
    const entry = 44 + i * 20;
    woff.set(
      [...tag].map((letter) => letter.charCodeAt(0)),
      entry,
    );
    view.setUint32(entry + 4, at);
    view.setUint32(entry + 8, content.length);
    view.setUint32(entry + 12, table.length);
    view.setUint32(entry + 16, sum);
    woff.set(content, at);
    at += padded(content.length);
  });
  return woff;
}

export async function asWoff2(font: Uint8Array): Promise<Uint8Array> {
  return Uint8Array.from(await wawoff2.compress(font));
}

/** An OTF with outlines of the other kind, which has H, x, n and nothing else. */
export function anOtf(): Uint8Array {
  const { Font, Glyph, Path } = opentype;
  const square = (heightUnits: number) => {
    const path = new Path();
    path.moveTo(50, 0);
    path.lineTo(50, heightUnits);
    path.curveTo(150, heightUnits + 40, 250, heightUnits + 40, 350, heightUnits);
    path.lineTo(350, 0);
    path.close();
    return path;
  };
  const glyph = (name: string, unicode: number, path: InstanceType<typeof Path>) =>
    new Glyph({ name, unicode, advanceWidth: 400, path });
  const notdef = new Glyph({ name: '.notdef', advanceWidth: 400, path: new Path() });
  const glyphs = [notdef, glyph('H', 0x48, square(700)), glyph('n', 0x6e, square(480)), glyph('x', 0x78, square(500))];
  const named = { familyName: 'Bandroom', styleName: 'Square', unitsPerEm: 1000, ascender: 800, descender: -200 };
  return new Uint8Array(new Font({ ...named, glyphs }).toArrayBuffer());
}
