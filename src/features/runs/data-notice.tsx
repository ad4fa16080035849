'use client';

import { useState } from 'react';
import { api } from '@/client';
import { Button, Notice } from '@/ui';

/** What is wrong with the kept data, across the page; a loss is told until somebody has said that they have read it. */
export function DataNotice({
  sentences,
  hasLoss,
}: {
  readonly sentences: readonly string[];
  readonly hasLoss: boolean;
}) {
  const [isRead, setRead] = useState(false);
  if (isRead) return null;
  const putAway = async () => {
    if (!hasLoss || (await api.putLossAway()).ok) setRead(true);
  };
  return (
    <Notice severity="stop" actions={<Button onClick={() => void putAway()}>I have read this</Button>}>
      {sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </Notice>
  );
}
