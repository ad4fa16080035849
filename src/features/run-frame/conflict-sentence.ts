import type { MergeConflict } from '@/core/edit';
import type { RunSpec } from '@/core/spec';

/** What the parts of a run are called where somebody has to choose between two states of one. */
const PARTS: Readonly<Record<string, string>> = {
  title: 'the title',
  dueOn: 'the day it is due',
  layout: 'the layout on the bed',
  uses: 'what is cut for whom',
  sizeGroups: 'the sizes',
  overrides: 'a decision for one item',
  looked: 'a finding that was let stand',
  remedies: 'the remedies',
};

const SHOP_PARTS: Readonly<Record<string, string>> = {
  blanks: 'the blank',
  materials: 'a film',
  beds: 'the bed',
  letterings: 'a lettering',
};

/** `Bo Nyström, text: “Bo” here, “Boris” there`. */
export function conflictSentence({ path, mine, theirs }: MergeConflict, spec: RunSpec): string {
  return `${spotWords(path, spec)}: ${valueWords(mine)} here, ${valueWords(theirs)} there`;
}

function spotWords(path: readonly string[], spec: RunSpec): string {
  const [part = '', second = '', third, fourth] = path;
  if (part === 'entries') {
    const entry = spec.entries.find(({ id }) => id === second);
    return [entry?.fields.text || 'an entry', third === 'fields' ? fourth : third].filter(Boolean).join(', ');
  }
  if (part === 'shop') return [SHOP_PARTS[second] ?? 'the shop', path.at(-1)].join(', ');
  const detail = path.length > 1 ? path.at(-1) : undefined;
  return [PARTS[part] ?? part, detail].filter(Boolean).join(', ');
}

/** Plain values as they are; a whole part by what became of it. */
function valueWords(value: unknown): string {
  if (value === undefined) return 'taken out';
  if (value === null) return 'none';
  if (typeof value === 'object') return 'changed';
  return typeof value === 'string' ? `“${value}”` : String(value);
}
