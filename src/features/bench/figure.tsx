interface FigureProps {
  readonly label: string;
  readonly value: string;
  /** Words are set smaller than figures, which are read from two metres. */
  readonly isWord?: boolean;
  /** Several words beside each other in one row. */
  readonly isNarrow?: boolean;
  /** What is set at a machine: read from across the room. */
  readonly isLarge?: boolean;
}

const SIZES = {
  large: 'text-setting leading-none',
  figure: 'text-figure leading-tight',
  word: 'text-word',
  narrow: 'text-figure leading-tight font-narrow',
} as const;

export function Figure({ label, value, isWord = false, isNarrow = false, isLarge = false }: FigureProps) {
  return (
    <div>
      <dt className="heading-small">{label}</dt>
      <dd
        className={`${SIZES[isLarge ? 'large' : isNarrow ? 'narrow' : isWord ? 'word' : 'figure']} font-semibold ${isWord ? '' : 'measure'}`}
      >
        {value}
      </dd>
    </div>
  );
}
