'use client';

import { useRef, useState } from 'react';
import { type ItemViews, SHEET_COLUMNS, pictureFile, saveFile } from '@/client';
import { HOUSE } from '@/core/tokens';

const ONE = { columns: 1, cell: { width: 1600, height: 1280 } };
const SHEET = { columns: SHEET_COLUMNS, cell: { width: 560, height: 480 } };
const LOOK = { ground: HOUSE.paper, ink: HOUSE.ink };

/** What is shown, saved as a picture: it is drawn again from the drawings on the screen. */
export function useSavePicture(items: readonly ItemViews[]) {
  const body = useRef<HTMLDivElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [isSaving, setSaving] = useState(false);
  const save = (sheetNo: number | null) => {
    const figures = [...(body.current?.querySelectorAll('figure') ?? [])];
    const pictured = items.flatMap(({ words }, i) => {
      const drawings = [...(figures[i]?.querySelectorAll('svg') ?? [])];
      return drawings.length === 0 ? [] : { words, drawings };
    });
    setSaving(true);
    pictureFile(pictured, { ...(sheetNo === null ? ONE : SHEET), ...LOOK })
      .then((blob) => {
        setProblem(null);
        saveFile(blob, sheetNo === null ? `${fileWord(pictured.at(0)?.words ?? 'item')}.png` : `items-${sheetNo}.png`);
      })
      .catch((error: unknown) =>
        setProblem(
          `The picture was not saved: ${error instanceof Error ? error.message : 'the browser gave no reason'}. Try again.`,
        ),
      )
      .finally(() => setSaving(false));
  };
  return { body, save, problem, isSaving };
}

function fileWord(words: string): string {
  return words.replaceAll(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60) || 'item';
}
