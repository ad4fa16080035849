import type { RemedyOffer } from '@/core/remedies';
import { faceNameOf } from '@/core/shop';
import type { OverrideSet, RunSpec } from '@/core/spec';
import { REMEDY_WORDS } from './sentences';

/** `Drawn narrower, 92 %`. */
export function remedyWords(spec: RunSpec, { kind, sets }: RemedyOffer): string {
  const details = sets.flatMap((set) => {
    if (kind === 'loosen') return looserWords(set) ?? [];
    return (kind === 'bridge' ? bridgedWords(set) : detailOf(spec, set)) ?? [];
  });
  return [REMEDY_WORDS[kind], ...details].join(', ');
}

function detailOf(spec: RunSpec, set: OverrideSet): string | null {
  switch (set.kind) {
    case 'width':
      return `${Math.round(set.share * 100)} %`;
    case 'border':
      return `${Math.round(set.share * 100)} % of its distance`;
    case 'tracking':
      return `by ${Math.round(Math.abs(set.trackingEm) * 1000) / 10} % of the letter size`;
    case 'lettering':
      return spec.shop.letterings.find(({ id }) => id === set.letteringId)?.value.name ?? null;
    case 'material':
      return spec.shop.materials.find(({ id }) => id === set.materialId)?.value.name ?? null;
    case 'letters':
      return (
        set.letters.flatMap((own) => (own.face === undefined ? [] : faceNameOf({ ...own, face: own.face }))).at(-1) ??
        null
      );
    case 'wording':
      return set.lines?.join(' / ') ?? null;
    default:
      return null;
  }
}

function looserWords(set: OverrideSet): string | null {
  return set.kind === 'tracking' ? `tracking ${Math.round(set.trackingEm * 1000) / 10} %` : null;
}

function bridgedWords(set: OverrideSet): string | null {
  if (set.kind !== 'letters') return null;
  const bridged = set.letters.filter(({ toNext }) => toNext?.kind === 'bridged');
  return `after ${bridged.map(({ character }) => character).join(', ')}`;
}
