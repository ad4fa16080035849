import { type Font, create } from 'fontkit';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { inOrderSeen, levelsIn } from '@/core/directions';
import { facesCovering } from '@/core/faces';
import { faceFilePath } from '@/core/shop';

const FONTS = {
  words: 'src/ui/fonts/Archivo_400Regular.ttf',
  strong: 'src/ui/fonts/Archivo_600SemiBold.ttf',
  measures: 'src/ui/fonts/SplineSansMono_400Regular.ttf',
  broad: 'src/ui/fonts/NotoSans_400Regular.ttf',
  hebrew: 'src/ui/fonts/NotoSansHebrew_400Regular.ttf',
} as const;
export type PdfFont = keyof typeof FONTS;

/** Asked in this order for what the wanted face does not have; after them the faces of the letterings. */
const INSTEAD: readonly PdfFont[] = ['words', 'broad', 'hebrew'];

/** Some letters of a line and the name of the face that has them, ready to be drawn. */
export interface PdfRun {
  readonly text: string;
  readonly font: string;
}

export function registerFonts(doc: PDFKit.PDFDocument): void {
  for (const [name, file] of Object.entries(FONTS)) doc.registerFont(name, file);
}

export interface Wanted {
  readonly font: PdfFont;
  /** The text is in the order in which it is seen already. */
  readonly isSeen?: boolean;
}

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

export function lettersOf(text: string): string[] {
  return [...graphemes.segment(text)].map(({ segment }) => segment);
}

/**
 * A line by the faces that really have its letters, in the order in which they are seen. What no face has is written as its number:
 * a box would hide which letter it is.
 */
export function runsOf(doc: PDFKit.PDFDocument, text: string, { font: wanted, isSeen = false }: Wanted): PdfRun[] {
  const runs: PdfRun[] = [];
  for (const letter of lettersOf(isSeen ? text : asSeen(text))) {
    const last = runs.at(-1);
    // Spaces go with what stands before them, unless they would be turned round with it.
    const isFree = letter === ' ' && last !== undefined && !isFromRight(last.text);
    const font = isFree ? last.font : letter === ' ' ? wanted : fontOf(doc, letter, wanted);
    const said = font === null ? numbersOf(letter) : letter;
    if (last && last.font === (font ?? wanted)) runs[runs.length - 1] = { ...last, text: last.text + said };
    else runs.push({ text: said, font: font ?? wanted });
  }
  return runs;
}

/** Letter by letter with spaces between, in the order in which they are seen: from the right where the script runs so. */
export function spelled(text: string): string {
  const letters = lettersOf(text);
  const levels = levelsOf(letters, '', 'auto');
  return inOrderSeen(letters, levels).join(' ');
}

/** Faces turn such letters round where they draw them. */
function isFromRight(text: string): boolean {
  return /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/u.test(text);
}

function fontOf(doc: PDFKit.PDFDocument, letter: string, wanted: PdfFont): string | null {
  const codes = [...letter].map((character) => character.codePointAt(0)!).filter((code) => !isInvisible(code));
  const found = [wanted, ...INSTEAD].find((font) => codes.every((code) => faceOf(font).cover.has(code)));
  if (found) return found;
  const [sha] = facesCovering(String.fromCodePoint(...codes));
  if (sha === undefined) return null;
  const name = `face-${sha.slice(0, 8)}`;
  doc.registerFont(name, readFileSync(path.join('public', faceFilePath(sha))));
  return name;
}

/** Spaces and joiners are drawn by no face. */
function isInvisible(code: number): boolean {
  return code <= 0x20 || code === 0xa0 || (code >= 0x200b && code <= 0x200f) || code === 0xfeff;
}

interface Face {
  readonly cover: ReadonlySet<number>;
  /** How far its lines begin above their feet, in ems. */
  readonly ascentEm: number;
}

const faces = new Map<PdfFont, Face>();

/** What a face has, read from the face itself. */
function faceOf(font: PdfFont): Face {
  const known = faces.get(font);
  if (known) return known;
  const opened = create(readFileSync(FONTS[font])) as Font;
  const face = { cover: new Set(opened.characterSet), ascentEm: opened.ascent / opened.unitsPerEm };
  faces.set(font, face);
  return face;
}

export function ascentOf(font: PdfFont): number {
  return faceOf(font).ascentEm;
}

function numbersOf(letter: string): string {
  return [...letter].map((c) => `[U+${c.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}]`).join('');
}

/** A line with its words in the order in which they are seen; the letters of a word are turned where they are drawn. */
function asSeen(text: string): string {
  const words = text.split(' ');
  return inOrderSeen(words, levelsOf(words, ' ', 'ltr')).join(' ');
}

/** How deep in the other direction each part stands, by its first letter that has one. */
function levelsOf(parts: readonly string[], by: string, direction: 'ltr' | 'auto'): number[] {
  const text = parts.join(by);
  const levels = levelsIn(text, direction);
  let at = 0;
  return parts.map((part) => {
    const level = Math.max(0, ...levels.slice(at, at + part.length));
    at += part.length + by.length;
    return level;
  });
}
