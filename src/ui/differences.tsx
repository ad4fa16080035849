interface DifferencesProps {
  readonly label: string;
  readonly rows: readonly { readonly name: string; readonly here: string; readonly there: string }[];
}

/** More are told by their number: whoever takes over so much looks at the whole. */
const MOST_SHOWN = 8;

/** Value by value, as it stands here and in the shop. */
export function Differences({ label, rows }: DifferencesProps) {
  return (
    <ul aria-label={label} className="text-sm">
      {rows.slice(0, MOST_SHOWN).map(({ name, here, there }) => (
        <li key={name}>
          {name}: {here} here, {there} in the shop
        </li>
      ))}
      {rows.length > MOST_SHOWN && <li>and {rows.length - MOST_SHOWN} more</li>}
    </ul>
  );
}
