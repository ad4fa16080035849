import type { PassRow } from './drawn-pass';

interface PassListProps {
  readonly rows: readonly PassRow[];
  readonly shownKey: string | null;
  readonly onShow: (key: string) => void;
}

export function PassList({ rows, shownKey, onShow }: PassListProps) {
  if (rows.length === 0) return null;
  return (
    <section>
      <h2 className="heading-small mb-1">All passes</h2>
      <ul className="border-t border-rule-strong">
        {rows.map(({ key, no, numPieces, made }) => (
          <li key={key} className="border-b border-rule-strong">
            <button
              type="button"
              aria-pressed={key === shownKey}
              className={`flex min-h-9 w-full justify-between px-1.5 py-1.5 text-left hover:bg-verdigris-tint/60 ${key === shownKey ? 'bg-verdigris-tint font-semibold' : ''}`}
              onClick={() => onShow(key)}
            >
              <span>
                Pass {no}, {made === null ? 'planned' : made.isUnmade ? 'unmade' : 'made'}
              </span>
              <span className="measure">
                {numPieces} {numPieces === 1 ? 'piece' : 'pieces'}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
