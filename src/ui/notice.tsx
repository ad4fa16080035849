import type { ReactNode } from 'react';
import { SeverityTag } from './severity-tag';

interface NoticeProps {
  readonly severity: 'stop' | 'check' | 'note';
  readonly children: ReactNode;
  /** What can be done about it. */
  readonly actions?: ReactNode;
}

const GROUNDS = {
  stop: 'bg-madder-tint border-madder',
  check: 'bg-brass-tint border-brass',
  note: 'bg-note-tint border-note',
};

/** A message across a page or a panel: says what happened and what to do. Read out at once when it is a stop. */
export function Notice({ severity, children, actions }: NoticeProps) {
  return (
    <div
      role={severity === 'stop' ? 'alert' : 'status'}
      className={`flex flex-wrap items-center gap-3 border-l-4 px-4 py-2 ${GROUNDS[severity]}`}
    >
      <SeverityTag severity={severity} />
      <div className="min-w-0 flex-1">{children}</div>
      {actions}
    </div>
  );
}
