import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { bringRunIn } from '@/client';

/** Takes in a run that came as a file and opens it. Answers what went wrong, or null. */
export function useBundle(bundle: File | null): string | null {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (!bundle) return;
    let isWanted = true;
    void (async () => {
      const brought = await bringRunIn(bundle);
      if (!isWanted) return;
      if (brought.ok) router.push(`/runs/${brought.value.id}`);
      else setProblem(brought.problem);
    })();
    return () => {
      isWanted = false;
    };
  }, [bundle, router]);
  return problem;
}
