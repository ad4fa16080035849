'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { bringRunIn } from '@/client';
import { FileButton } from '@/ui';

/** Takes a run in that was carried over as a file. */
export function BringIn() {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const bringIn = async (file: File) => {
    const brought = await bringRunIn(file);
    if (brought.ok) router.push(`/runs/${brought.value.id}`);
    else setProblem(brought.problem);
  };
  return (
    <>
      {problem && (
        <p role="alert" className="max-w-md text-madder">
          {problem}
        </p>
      )}
      <FileButton label="File of a run" accept=".json,application/json" onFile={(file) => void bringIn(file)}>
        Bring a run in…
      </FileButton>
    </>
  );
}
