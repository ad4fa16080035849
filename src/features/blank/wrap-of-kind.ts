import { assertNever } from '@/core/outcome';
import type { Variant, Wrap } from '@/core/shop';

/** What a way of being seen starts with, from the blank's own size. Null: flat. */
export function wrapOfKind(kind: Wrap['kind'] | 'flat', { body }: Variant): Wrap | null {
  switch (kind) {
    case 'flat':
      return null;
    case 'folded':
      return { kind, acrossParts: 3, downParts: 1 };
    case 'filled':
      return { kind, gussetMm: 0, depthMm: Math.round(body.widthMm * 0.3), seenDeg: 40 };
    case 'stretched':
      return { kind, acrossPct: 20, downPct: 5 };
    case 'curved':
      return { kind, radiusMm: 85, seenDeg: 40 };
    case 'round':
      return { kind, topMm: body.widthMm, bottomMm: body.widthMm, heightMm: body.heightMm, seenShare: 0.4 };
    default:
      return assertNever(kind);
  }
}
