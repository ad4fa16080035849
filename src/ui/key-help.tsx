'use client';

import { type ReactNode, useSyncExternalStore } from 'react';
import { Button } from './button';
import { DialogCard } from './dialog-card';
import { Key } from './key';
import { type KeyGroup, shownKeys, useBoundKeys, useKeys } from './use-keys';

let isShown = false;
const listeners = new Set<() => void>();

function show(isOpen: boolean): void {
  isShown = isOpen;
  for (const listener of listeners) listener();
}

/** Opens the help of the page that is on the screen. */
export const openKeyHelp = (): void => show(true);

interface KeyHelpProps {
  /** What the page is for, above its keys. */
  readonly about?: ReactNode;
  /** What can be set about keys on this page. */
  readonly children?: ReactNode;
}

const HELP_TITLE = 'Help';

const HELP: readonly KeyGroup[] = [
  { title: HELP_TITLE, bindings: [{ keys: ['shift+?', '?'], shown: '?', does: 'this list', run: openKeyHelp }] },
];

/** All keys of the page, as they are bound. */
export function KeyHelp({ about, children }: KeyHelpProps) {
  const bound = useBoundKeys();
  const groups = [...bound.filter(({ title }) => title !== HELP_TITLE), ...HELP];
  const isOpen = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isShown,
    () => false,
  );
  useKeys(HELP);
  const onClose = () => show(false);
  return (
    <DialogCard title="Help for this step" tone="work" isWide isOpen={isOpen} onClose={onClose}>
      {about}
      <div className="gap-x-8 sm:columns-2">
        {groups.map((group) => (
          <KeyList key={group.title} group={group} />
        ))}
      </div>
      {children}
      <Button size="bench" onClick={onClose}>
        Back to work
      </Button>
    </DialogCard>
  );
}

function KeyList({ group: { title, bindings } }: { readonly group: KeyGroup }) {
  return (
    <section className="mb-3 break-inside-avoid">
      <h3 className="heading-small mb-1">{title}</h3>
      <dl>
        {bindings.map((binding) => (
          <div
            key={binding.keys.join()}
            className="flex items-baseline justify-between gap-4 border-b border-rule py-1"
          >
            <dt>{binding.does}</dt>
            <dd>
              <Key>{shownKeys(binding)}</Key>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
