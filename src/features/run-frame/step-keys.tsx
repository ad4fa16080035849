'use client';

import { usePathname } from 'next/navigation';
import { useLetterKeys } from '@/client';
import { KeyHelp, Tick } from '@/ui';

/** The help of the step that is open; at the bench with the switch for the keys that mark. */
export function StepKeys() {
  const [isOn, setOn] = useLetterKeys();
  const isBench = usePathname().endsWith('/bench');
  return (
    <KeyHelp>
      {isBench && (
        <Tick checked={isOn} onChange={setOn}>
          Letters and space mark stages in this browser
        </Tick>
      )}
    </KeyHelp>
  );
}
