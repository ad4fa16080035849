'use client';

import { useState } from 'react';
import { api, keepMotifFile, problemSentence, useApiQuery } from '@/client';
import type { Copy, Motif } from '@/core/shop';
import { MotifDrawing } from '@/drawing';
import { DialogCard, FileButton, Notice, TextButton } from '@/ui';

interface MotifPickerProps {
  readonly onTake: (copy: Copy<Motif>) => void;
  readonly onClose: () => void;
}

/** What the shop has, drawn, and a drawing of one's own. */
export function MotifPicker({ onTake, onClose }: MotifPickerProps) {
  const shelf = useApiQuery({ key: ['shop', 'motifs'], ask: () => api.things('motifs'), isKept: false });
  const [problem, setProblem] = useState<string | null>(null);
  const [lost, setLost] = useState<{ readonly words: string; readonly copy: Copy<Motif> } | null>(null);
  const bringIn = async (file: File) => {
    setProblem(null);
    setLost(null);
    const kept = await keepMotifFile(file);
    if (!kept.ok) setProblem(kept.problem);
    else if (kept.value.leftOut === null) onTake(kept.value.copy);
    else setLost({ words: kept.value.leftOut, copy: kept.value.copy });
  };
  return (
    <DialogCard title="A motif" tone="work" isWide isOpen onClose={onClose}>
      {shelf.problem && <Notice severity="stop">{problemSentence(shelf.problem)}</Notice>}
      {problem && <Notice severity="stop">{problem}</Notice>}
      {lost && (
        <Notice severity="check">
          Not taken over: {lost.words}. <TextButton onClick={() => onTake(lost.copy)}>Take it as it is now</TextButton>
        </Notice>
      )}
      <ul className="grid max-h-[60vh] grid-cols-[repeat(auto-fill,minmax(8rem,1fr))] gap-3 overflow-y-auto">
        {(shelf.value?.motifs ?? []).map(({ id, rev, value: motif }) => (
          <li key={id}>
            <button
              type="button"
              className="grid w-full gap-1 border border-rule-strong bg-paper p-3 hover:bg-shade"
              onClick={() => onTake({ id, fromRev: rev === 0 ? null : rev, value: motif })}
            >
              <MotifDrawing motif={motif} className="mx-auto h-20 max-w-full" />
              <span>{motif.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap items-center gap-3">
        <FileButton label="A drawing of your own" accept=".svg,image/svg+xml" onFile={(file) => void bringIn(file)}>
          Bring one in…
        </FileButton>
        <span className="text-soft">An SVG drawing. Its shapes and colours are taken over, nothing else.</span>
      </p>
    </DialogCard>
  );
}
