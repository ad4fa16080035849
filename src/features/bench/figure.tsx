interface FigureProps {
  readonly label: string;
  readonly value: string;
  /** Words are set smaller than figures, which are read from two metres. */
  readonly isWord?: boolean;
}

export function Figure({ label, value, isWord = false }: FigureProps) {
  return (
    <div>
      <dt className="heading-small">{label}</dt>
      <dd className={`${isWord ? 'text-word' : 'text-figure leading-tight'} font-semibold ${isWord ? '' : 'measure'}`}>
        {value}
      </dd>
    </div>
  );
}
