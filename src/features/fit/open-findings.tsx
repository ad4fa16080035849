import { useFindingWords } from '@/client';
import { asksOf, gravestFirst, nameOfFit } from '@/core/figures';
import { SeverityTag } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { openFits } from './decision-subject';
import { fitKey } from './fit-key';

const MOST_SHOWN = 8;

interface OpenFindingsProps {
  readonly shown: readonly ScreenFit[];
  readonly subject: ScreenFit | null;
  readonly onPick: (key: string) => void;
}

/** What else asks something, a line each. */
export function OpenFindings({ shown, subject, onPick }: OpenFindingsProps) {
  const say = useFindingWords();
  const others = openFits(shown).filter((fit) => fit !== subject);
  if (others.length === 0) return null;
  return (
    <section>
      <h2 className="heading-small mb-1">Also open</h2>
      <ul>
        {others.slice(0, MOST_SHOWN).map((fit) => {
          const [gravest] = gravestFirst(asksOf(fit));
          return (
            <li key={fitKey(fit)}>
              <button
                type="button"
                className="flex w-full items-baseline gap-2 border-b border-rule py-1 text-left hover:bg-shade"
                onClick={() => onPick(fitKey(fit))}
              >
                {gravest && <SeverityTag severity={gravest.severity} />}
                <span className="min-w-0 flex-1 break-words">{nameOfFit(fit)}</span>
                <span className="text-right text-fine text-soft">{gravest && say.words(gravest)}</span>
              </button>
            </li>
          );
        })}
      </ul>
      {others.length > MOST_SHOWN && <p className="mt-1 text-soft">and {others.length - MOST_SHOWN} more</p>}
    </section>
  );
}
