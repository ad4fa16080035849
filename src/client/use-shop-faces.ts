import { useMemo } from 'react';
import { type FaceChoice, type OwnFace, SHIPPED_FACES, faceNameOf, keyOfOwnFace } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { api } from './api';
import { useApiQuery } from './api-query';

/** Faces as they can be chosen by their keys: the shop's own first, then those that ship. */
type FaceUsed = Parameters<typeof faceNameOf>[number];

export interface ShopFaces {
  /** All of them, and the one that is in use, which may be of another shop. */
  readonly optionsWith: (used: FaceUsed) => readonly (readonly [face: string, name: string])[];
  readonly choiceOf: (face: string) => FaceChoice;
}

export function useShopFaces(): ShopFaces {
  const { value } = useApiQuery({ key: ['shop', 'faces'], ask: () => api.things('faces'), isKept: false });
  const own = value?.faces;
  return useMemo(() => shopFaces(own ?? []), [own]);
}

/** What a face is named by where it is chosen; of the shop's own by their names. */
export function shopFaces(own: readonly Pick<ShopThingView<OwnFace>, 'value'>[]): ShopFaces {
  const names = new Map(own.map(({ value }) => [keyOfOwnFace(value), value.name] as const));
  const options = [...names, ...SHIPPED_FACES.map(({ sha, name }) => [sha, name] as const)];
  return {
    optionsWith: (used) =>
      options.some(([face]) => face === used.face) ? options : [[used.face, faceNameOf(used)] as const, ...options],
    choiceOf: (face) => {
      const faceName = names.get(face);
      return faceName === undefined ? { face } : { face, faceName };
    },
  };
}
