const LOOKS = {
  stop: { ground: 'bg-madder-tint text-madder', shape: 'M1 1H11V11H1Z' },
  check: { ground: 'bg-brass-tint text-brass', shape: 'M6 1 11.5 11H0.5Z' },
  note: { ground: 'bg-note-tint text-note', shape: 'M6 1a5 5 0 1 0 0 10a5 5 0 1 0 0-10Z' },
};

/** Stop, check or note: told apart by shape and word, not by colour alone. */
export function SeverityTag({ severity }: { readonly severity: 'stop' | 'check' | 'note' }) {
  const { ground, shape } = LOOKS[severity];
  return (
    <span
      className={`inline-flex shrink-0 items-center gap-1 rounded-sm px-1.5 font-narrow text-fine leading-5 font-semibold ${ground}`}
    >
      <svg width="9" height="9" viewBox="0 0 12 12" aria-hidden="true">
        <path d={shape} fill="currentColor" />
      </svg>
      {severity}
    </span>
  );
}
