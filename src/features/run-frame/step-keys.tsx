'use client';

import { usePathname } from 'next/navigation';
import { useLetterKeys } from '@/client';
import { KeyHelp, Tick } from '@/ui';
import { STEP_HELP, type StepHelp } from './step-help';

/** The help of the step that is open; at the bench with the switch for the keys that mark. */
export function StepKeys() {
  const [isOn, setOn] = useLetterKeys();
  const step = usePathname().split('/').at(-1) ?? '';
  const isBench = step === 'bench';
  const help = STEP_HELP[step];
  return (
    <KeyHelp about={help && <About help={help} />}>
      {isBench && (
        <Tick checked={isOn} onChange={setOn}>
          Letters and space mark stages in this browser
        </Tick>
      )}
    </KeyHelp>
  );
}

function About({ help: { decides, words } }: { readonly help: StepHelp }) {
  return (
    <>
      <p className="mb-3">{decides}</p>
      <h3 className="heading-small mb-1">Words</h3>
      <dl className="mb-4 gap-x-8 sm:columns-2">
        {words.map(([word, meaning]) => (
          <div key={word} className="break-inside-avoid py-0.5">
            <dt className="inline font-semibold">{word}: </dt>
            <dd className="inline">{meaning}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
