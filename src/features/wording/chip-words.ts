import { type Token, templateParts } from '@/core/wording';
import { sampleDate } from './sentences';

/** What a line can say of every entry, whatever its list has; the words that its chip carries. */
export const USUAL = [
  ['{text}', 'text of the list'],
  ['{given}', 'given name'],
  ['{pet|given}', 'pet name, else given'],
  ['{family}', 'family name'],
  ['{monogram}', 'monogram'],
  ['{number}', 'number 1, 2, 3…'],
] as const;

/** A line as it is edited: words that are typed, and chips that stand for something of each entry. */
export type ChipPart =
  | { readonly kind: 'words'; readonly words: string }
  | { readonly kind: 'chip'; readonly token: string; readonly words: string };

const IN_BRACES = /\{[^{}]+\}/g;

/** Cuts a template up into what is shown; put together again it is the same template. */
export function chipParts(template: string, language: string): readonly ChipPart[] {
  const parts: ChipPart[] = [];
  let end = 0;
  for (const found of template.matchAll(IN_BRACES)) {
    if (found.index > end) parts.push({ kind: 'words', words: template.slice(end, found.index) });
    const [token] = found;
    parts.push({ kind: 'chip', token, words: chipWords(token, language) });
    end = found.index + token.length;
  }
  if (end < template.length) parts.push({ kind: 'words', words: template.slice(end) });
  return parts;
}

/** What a chip says: what the entry gives there, in words; a date as it will be written. */
export function chipWords(token: string, language: string): string {
  const usual = USUAL.find(([known]) => known === token);
  if (usual) return usual[1];
  const [part] = templateParts(token);
  return part?.kind === 'token' ? wordsOf(part.token, language) : token;
}

function wordsOf(token: Token, language: string): string {
  switch (token.kind) {
    case 'field':
      return USUAL.find(([known]) => known === `{${token.name}}`)?.[1] ?? token.name;
    case 'date':
      return `date as ${sampleDate(token.form, language)}`;
    case 'either':
      return token.of.map((one) => wordsOf(one, language)).join(', else ');
    default:
      return token.kind;
  }
}
