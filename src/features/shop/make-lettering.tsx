'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type ShownFace, api, problemSentence, randomBytes } from '@/client';
import { makeId } from '@/core/ids';
import { NEW_LETTERING, withFace } from '@/core/shop';
import { type FaceNeed, leastHeightMm } from '@/core/suits';
import { Button, TextButton } from '@/ui';

interface MakeLetteringProps {
  readonly face: ShownFace;
  readonly need: FaceNeed;
  /** One of many. */
  readonly isQuiet?: boolean;
}

/** Puts a lettering of this face on the shop's shelf, whose least height is the one at which its strokes are cut. */
export function MakeLettering({ face, need, isQuiet = false }: MakeLetteringProps) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const make = async () => {
    const id = makeId<'thing'>(randomBytes);
    const choice = face.ownId === null ? { face: face.face } : { face: face.face, faceName: face.name };
    const lettering = { ...withFace(NEW_LETTERING, 'all', choice), name: face.name };
    const value = { ...lettering, minLetterHeightMm: leastHeightMm(face, need) };
    const made = await api.saveThing('letterings', { id, rev: 0, value });
    if (made.ok) router.push(`/shop/letterings/${id}`);
    else setProblem(problemSentence(made.problem));
  };
  const label = `Make a lettering of ${face.name}`;
  return (
    <>
      {problem && <span className="text-madder">{problem}</span>}
      {isQuiet ? (
        <TextButton aria-label={label} onClick={() => void make()}>
          Make a lettering
        </TextButton>
      ) : (
        <Button aria-label={label} onClick={() => void make()}>
          Make a lettering
        </Button>
      )}
    </>
  );
}
