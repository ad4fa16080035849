'use client';

import { useBrowserSetting } from './browser-setting';

const CHOICES = ['on', 'off'] as const;

/** Whether single letters mark stages here. Whoever dictates or leans on the keyboard switches them off. */
export function useLetterKeys(): readonly [boolean, (isOn: boolean) => void] {
  const [value, set] = useBrowserSetting('letter-keys', CHOICES, 'on');
  return [value === 'on', (isOn) => set(isOn ? 'on' : 'off')];
}
