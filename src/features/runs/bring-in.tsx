'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { api, problemSentence } from '@/client';
import { Button } from '@/ui';

/** Takes a run in that was carried over as a file. */
export function BringIn() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const bringIn = async (file: File) => {
    const brought = await api.importBundle(await file.text());
    if (brought.ok) router.push(`/runs/${brought.value.id}`);
    else setProblem(`${file.name}: ${problemSentence(brought.problem)}`);
  };
  return (
    <>
      {problem && (
        <p role="alert" className="max-w-md text-madder">
          {problem}
        </p>
      )}
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="File of a run"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void bringIn(file);
        }}
      />
      <Button onClick={() => input.current?.click()}>Bring a run in…</Button>
    </>
  );
}
