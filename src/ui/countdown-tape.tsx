interface CountdownTapeProps {
  /** How much of the time is over, 0 to 1. */
  readonly share: number;
  readonly label: string;
}

/** Ten divisions over the whole length, the fifth longer, as a piece of measuring tape. */
const TICKS = Array.from({ length: 11 }, (_, i) => i);

/** A marker that runs along a tape from its beginning to its end. */
export function CountdownTape({ share, label }: CountdownTapeProps) {
  const at = `${Math.min(1, Math.max(0, share)) * 100}%`;
  return (
    <div role="img" aria-label={label} className="relative mt-1 h-5 border border-rule-strong bg-paper">
      <div className="absolute inset-y-0 left-0 bg-verdigris-tint" style={{ width: at }} />
      {TICKS.map((i) => (
        <span
          key={i}
          aria-hidden
          className={`absolute bottom-0 w-px bg-rule-strong ${i % 5 === 0 ? 'h-3.5' : 'h-2'}`}
          style={{ left: `${i * 10}%` }}
        />
      ))}
      <span
        aria-hidden
        className="absolute -top-1 h-6 w-3 -translate-x-1/2 bg-verdigris [clip-path:polygon(0_0,100%_0,100%_70%,50%_100%,0_70%)]"
        style={{ left: at }}
      />
    </div>
  );
}
