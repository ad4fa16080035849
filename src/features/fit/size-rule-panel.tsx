'use client';

import type { SetHeight } from '@/core/fit';
import type { SizeRule } from '@/core/run';
import { formatMm } from '@/core/units';
import { Button, Choice, NumberField } from '@/ui';

interface SizeRulePanelProps {
  readonly rule: SizeRule;
  readonly setHeight: SetHeight | null;
  readonly onChange: (rule: SizeRule) => void;
}

/** How the letters of the set are sized, and what that rule costs. */
export function SizeRulePanel({ rule, setHeight, onChange }: SizeRulePanelProps) {
  return (
    <div className="grid gap-2">
      <Choice
        label="Letter height for the set"
        options={[
          { id: 'fill', label: 'fill' },
          { id: 'level', label: 'level' },
        ]}
        value={rule.kind}
        onChange={(kind) => onChange(kind === 'fill' ? { kind } : { kind: 'level', heightMm: null })}
      />
      {rule.kind === 'fill' ? (
        <p>Every text as large as its place allows: short names come out taller.</p>
      ) : (
        <LevelHeight heightMm={rule.heightMm} setHeight={setHeight} onChange={onChange} />
      )}
    </div>
  );
}

interface LevelHeightProps {
  readonly heightMm: number | null;
  readonly setHeight: SetHeight | null;
  readonly onChange: (rule: SizeRule) => void;
}

function LevelHeight({ heightMm, setHeight, onChange }: LevelHeightProps) {
  if (heightMm !== null) {
    return (
      <>
        <p>One letter height for the set, chosen by you.</p>
        <NumberField
          label="Cap height"
          unit="mm"
          value={heightMm}
          min={1}
          max={1000}
          onChange={(next) => onChange({ kind: 'level', heightMm: next })}
        />
        <Button onClick={() => onChange({ kind: 'level', heightMm: null })}>As tall as the longest allows</Button>
      </>
    );
  }
  return (
    <>
      <p>One letter height for the set, as tall as its longest text allows.</p>
      {setHeight?.heldBackBy && (
        <p className="border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          <b>{setHeight.heldBackBy}</b> keeps the set at{' '}
          <span className="measure">{formatMm(setHeight.capHeightMm)} mm</span>
          {setHeight.withoutItMm !== null && (
            <>
              ; without it <span className="measure">{formatMm(setHeight.withoutItMm)} mm</span>
            </>
          )}
          .
        </p>
      )}
      {setHeight && (
        <Button onClick={() => onChange({ kind: 'level', heightMm: Math.floor(setHeight.capHeightMm * 2) / 2 })}>
          Choose the height
        </Button>
      )}
    </>
  );
}
