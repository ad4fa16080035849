import { useMemo, useState } from 'react';
import { type KeyGroup, useKeys } from '@/ui';

/** Which item is shown as it will be handed over; a key opens it, and closes it again. */
export function usePreview(currentId: string | null): {
  readonly openId: string | null;
  readonly open: (itemId: string | null) => void;
} {
  const [openId, open] = useState<string | null>(null);
  useKeys(
    useMemo(
      (): readonly KeyGroup[] => [
        {
          title: 'The finished item',
          bindings: [
            {
              keys: ['v'],
              does: 'show it as it will be handed over',
              run: () => {
                if (currentId === null) return false;
                open(currentId);
                return undefined;
              },
            },
          ],
        },
      ],
      [currentId],
    ),
  );
  return { openId, open };
}
