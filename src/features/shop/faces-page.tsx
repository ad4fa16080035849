'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type KeptFaceFile, allFaces, keepFaceFile } from '@/client';
import type { Material, OwnFace } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { Button, FileButton, Notice } from '@/ui';
import { FacesCompared, type NamesToTry } from './faces-compared';
import { RemovedNotice } from './removed-notice';

interface FacesPageProps {
  readonly faces: readonly ShopThingView<OwnFace>[];
  readonly materials: readonly ShopThingView<Material>[];
  readonly runs: readonly { readonly id: string; readonly title: string }[];
  /** Null: no run is looked at. */
  readonly names: NamesToTry | null;
  readonly removedId: string | null;
}

/** Every face that can be cut, on texts that are to be cut, at one letter height: which suits, and why. */
export function FacesPage({ faces, materials, runs, names, removedId }: FacesPageProps) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [kept, setKept] = useState<KeptFaceFile | null>(null);
  const bringIn = async (file: File) => {
    const found = await keepFaceFile(file);
    setProblem(found.ok ? null : found.problem);
    setKept(found.ok ? found.value : null);
    if (found.ok) router.refresh();
  };
  return (
    <main className="mx-auto max-w-[1240px] px-6 py-5">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-bold">Shop: {allFaces(faces).length} faces</h1>
        <FileButton
          label="A face of your own"
          accept=".ttf,.otf,.woff,.woff2,font/ttf,font/otf,font/woff,font/woff2"
          onFile={(file) => void bringIn(file)}
        >
          Bring one in…
        </FileButton>
      </div>
      {problem && <Notice severity="stop">{problem}</Notice>}
      {kept && (
        <Notice
          severity={kept.remark === null ? 'note' : 'check'}
          actions={
            <Button onClick={() => router.push(`/shop/faces/${kept.copy.id}`)}>Say whether it may be cut with…</Button>
          }
        >
          {kept.copy.value.name} is on the shelf.{kept.remark === null ? '' : ` Of its file: ${kept.remark}.`}
        </Notice>
      )}
      <RemovedNotice shelf="faces" removedId={removedId} things={faces} onProblem={setProblem}>
        A face is taken out of the shop. Letterings that are set in it go on.
      </RemovedNotice>
      <FacesCompared faces={faces} materials={materials} runs={runs} names={names} />
      <p className="mt-3 text-soft">
        A TTF, OTF, WOFF or WOFF2 of up to 16 MB is kept as it is. Whether goods may be cut with it, its maker’s licence
        says.
      </p>
    </main>
  );
}
