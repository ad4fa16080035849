import { useLengths } from '@/client';
import type { SetSize } from '@/core/fit';
import { TextButton } from '@/ui';

const MOST_SHOWN = 4;

interface CostsPanelProps {
  readonly setSize: SetSize;
  readonly onPick: (text: string) => void;
}

/** What the longest names cost the others: what the set could be without each, and without it and those before it. */
export function CostsPanel({ setSize, onPick }: CostsPanelProps) {
  const lengths = useLengths();
  const { costs, heldBackBy, letterMm, withoutItMm } = setSize;
  if (!heldBackBy || costs.length === 0) return null;
  return (
    <section className="grid gap-1.5">
      <h2 className="heading-small">What long names cost</h2>
      <p>
        <b>{heldBackBy}</b> keeps the set at{' '}
        <span className="measure">
          {lengths.figure(letterMm)} {lengths.word}
        </span>
        {withoutItMm !== null && (
          <>
            ; without it{' '}
            <span className="measure">
              {lengths.figure(withoutItMm)} {lengths.word}
            </span>
          </>
        )}
        .
      </p>
      <table className="w-full">
        <thead>
          <tr className="text-left text-fine text-soft">
            <th className="font-normal">without</th>
            <th className="pl-3 text-right font-normal">it holds, {lengths.word}</th>
            <th className="pl-3 text-right font-normal">the set, {lengths.word}</th>
          </tr>
        </thead>
        <tbody>
          {costs.slice(0, MOST_SHOWN).map(({ text, mostMm, withoutTheseMm }, i) => (
            <tr key={text} className="border-t border-rule">
              <td className="py-1 break-words">
                <TextButton className="text-left" onClick={() => onPick(text)}>
                  {i > 0 && '… and '}
                  {text}
                </TextButton>
              </td>
              <td className="measure text-right">{lengths.figure(mostMm)}</td>
              <td className="measure text-right font-semibold">{lengths.figure(withoutTheseMm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {costs.length > MOST_SHOWN && (
        <p className="text-soft">{costs.length - MOST_SHOWN} more hold it back a little.</p>
      )}
    </section>
  );
}
