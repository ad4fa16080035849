import Link from 'next/link';

export interface TapeStep {
  readonly href: string;
  readonly name: string;
  /** What is open or done there, in a few characters. */
  readonly tick: string;
  /** The same in full; left out: the tick says it all. */
  readonly title?: string;
  /** The tick wants a decision. */
  readonly isOpen: boolean;
}

/** Ten divisions, the fifth and the first longer: one repeat of the tape's edge. */
const DIVISIONS =
  "url(\"data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' width='60' height='14'%3E%3Cpath d='M.5 0V14M30.5 4V14M6.5 8V14M12.5 8V14M18.5 8V14M24.5 8V14M36.5 8V14M42.5 8V14M48.5 8V14M54.5 8V14' stroke='%238d8470'/%3E%3C/svg%3E\")";

/** The run's steps along a measuring tape, in the order of the work; the slider stands at the current one. */
export function Tape({ steps, current }: { readonly steps: readonly TapeStep[]; readonly current: string }) {
  return (
    <nav
      aria-label="Steps of the run"
      className="overflow-x-auto border-b border-rule-strong bg-paper bg-[length:60px_14px] bg-bottom bg-repeat-x px-6"
      style={{ backgroundImage: DIVISIONS }}
    >
      <ol className="flex min-w-max">
        {steps.map((step) => (
          <li key={step.href}>
            <TapeLink step={step} isCurrent={step.href === current} />
          </li>
        ))}
      </ol>
    </nav>
  );
}

const SLIDER = 'bg-verdigris text-white [clip-path:polygon(0_0,100%_0,100%_78%,50%_100%,0_78%)]';

function TapeLink({ step, isCurrent }: { readonly step: TapeStep; readonly isCurrent: boolean }) {
  const tickColour = isCurrent ? 'text-white' : step.isOpen ? 'font-semibold text-brass' : 'text-soft';
  return (
    <Link
      href={step.href}
      // Every step is at hand before it is needed: the tape is walked with the server gone as well.
      prefetch
      title={step.title}
      aria-current={isCurrent ? 'step' : undefined}
      className={`block h-[58px] w-36 px-2.5 pt-1.5 focus-visible:-outline-offset-2 ${isCurrent ? SLIDER : 'hover:bg-verdigris-tint/60'}`}
    >
      <span className="block leading-5 font-semibold">{step.name}</span>
      <span className={`measure block text-fine leading-4 whitespace-nowrap ${tickColour}`}>{step.tick}</span>
    </Link>
  );
}
