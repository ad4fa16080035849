'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { droppedFile } from '@/client';

/** A file may be dropped on any page: on a run's it is a newer list for it, elsewhere the start of a new run. */
export function DropAnywhere() {
  const router = useRouter();
  const pathname = usePathname();
  const [isOver, setOver] = useState(false);
  const runId = /^\/runs\/([a-z][a-z0-9]{9})/.exec(pathname)?.[1] ?? null;
  const target = useRef('');
  useEffect(() => {
    target.current = runId === null ? '/runs/new' : `/runs/${runId}/list`;
  }, [runId]);
  useEffect(() => {
    const hasFile = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;
    const onOver = (event: DragEvent) => {
      if (!hasFile(event)) return;
      event.preventDefault();
      setOver(true);
    };
    const onLeave = (event: DragEvent) => event.relatedTarget === null && setOver(false);
    const onDrop = (event: DragEvent) => {
      if (!hasFile(event)) return;
      event.preventDefault();
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (!file) return;
      droppedFile.put(file);
      router.push(target.current);
    };
    window.addEventListener('dragover', onOver);
    window.addEventListener('dragleave', onLeave);
    window.addEventListener('drop', onDrop);
    return () => {
      window.removeEventListener('dragover', onOver);
      window.removeEventListener('dragleave', onLeave);
      window.removeEventListener('drop', onDrop);
    };
  }, [router]);
  if (!isOver) return null;
  return (
    <div className="pointer-events-none fixed inset-3 z-50 grid place-items-center border-2 border-dashed border-verdigris bg-verdigris-tint/90 text-xl font-semibold">
      {runId === null ? 'Drop the list to start a run' : 'Drop the newer list for this run'}
    </div>
  );
}
