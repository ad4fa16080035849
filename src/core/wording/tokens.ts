import { DATE_FORMS, type DateForm } from '../dates';
import type { RunSpec } from '../spec';

/** A piece of a template: fixed words, or something of the entry. */
export type TemplatePart =
  { readonly kind: 'words'; readonly words: string } | { readonly kind: 'token'; readonly token: Token };

/** What may stand in braces. `either` takes the first that the entry has. */
export type Token =
  | { readonly kind: 'field'; readonly name: string }
  | { readonly kind: 'monogram' }
  | { readonly kind: 'number' }
  | { readonly kind: 'date'; readonly form: DateForm }
  | { readonly kind: 'either'; readonly of: readonly Token[] };

const TOKEN = /\{([^{}]+)\}/g;

/** Cuts a template up; braces without a name in them are words. */
export function templateParts(template: string): TemplatePart[] {
  const parts: TemplatePart[] = [];
  let end = 0;
  for (const found of template.matchAll(TOKEN)) {
    if (found.index > end) parts.push({ kind: 'words', words: template.slice(end, found.index) });
    parts.push({ kind: 'token', token: tokenOf(found[1]!.trim()) });
    end = found.index + found[0].length;
  }
  if (end < template.length) parts.push({ kind: 'words', words: template.slice(end) });
  return parts;
}

function tokenOf(said: string): Token {
  if (said.includes('|')) return { kind: 'either', of: said.split('|').map((name) => tokenOf(name.trim())) };
  if (said === 'monogram') return { kind: 'monogram' };
  if (said === 'number') return { kind: 'number' };
  if (said === 'date') return { kind: 'date', form: 'long' };
  const form = DATE_FORMS.find((known) => said === `date:${known}`);
  // A form that nobody knows is a column that nobody has, and is told as missing.
  if (form) return { kind: 'date', form };
  return { kind: 'field', name: said };
}

/** The form in which a run cuts its dates: that of the first place which says one; null when none does. */
export function dateFormOf({ uses }: RunSpec): DateForm | null {
  const templates = uses.flatMap(({ places }) =>
    places.flatMap(({ wording }) => wording?.lines.flatMap(({ runs }) => runs.map(({ template }) => template)) ?? []),
  );
  for (const part of templates.flatMap(templateParts)) {
    const tokens = part.kind === 'words' ? [] : part.token.kind === 'either' ? part.token.of : [part.token];
    for (const token of tokens) if (token.kind === 'date') return token.form;
  }
  return null;
}
