import { isCut } from '@/core/shop';
import type { BenchItem } from '@/services';
import { isAgain } from './bench-filter';

/** More than this many are told by their number; the filter shows them all. */
const MOST_NAMED = 6;

/** What was spoiled and waits for a pass, by name and reason. */
export function CutAgain({ items }: { readonly items: readonly BenchItem[] }) {
  const again = items.filter(isAgain);
  if (again.length === 0) return null;
  return (
    <div className="mb-3 border-l-4 border-madder bg-madder-tint px-3 py-1.5" data-testid="recuts">
      <h2 className="font-semibold">{again.every(isBought) ? 'Once more' : 'Cut again'}</h2>
      <ul>
        {again.slice(0, MOST_NAMED).map((item) => (
          <li key={item.itemId}>
            {item.text.join(' ')}: {againWords(item)}
          </li>
        ))}
        {again.length > MOST_NAMED && <li>and {again.length - MOST_NAMED} more</li>}
      </ul>
    </div>
  );
}

function isBought({ pieces }: BenchItem): boolean {
  return pieces.every(({ process }) => !isCut(process));
}

function againWords(item: BenchItem): string {
  const piece = item.pieces.find(({ attempt, stage }) => attempt > 1 && stage === null);
  if (isBought(item)) return `${piece?.spoiledFor ?? ''}, take another one`;
  const where = piece?.passNo == null ? 'waits for the next pass' : `in pass ${piece.passNo}`;
  return `${piece?.spoiledFor ?? ''}, ${where}`;
}
