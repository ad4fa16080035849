'use client';

import type { Material } from '@/core/shop';
import { Swatch } from '@/drawing';
import type { ShopThingView } from '@/services';
import { MaterialFields } from './material-fields';
import { ThingPage } from './thing-page';

/** One material of the shop. */
export function MaterialPage({ initial }: { readonly initial: ShopThingView<Material> }) {
  return (
    <ThingPage
      shelf="materials"
      words="materials"
      initial={initial}
      titleOf={({ kind, colour, pattern, name }) => (
        <>
          <Swatch kind={kind} hex={colour.hex} pattern={pattern} sizePx={32} />
          <h1 className="text-xl font-bold">{name}</h1>
        </>
      )}
    >
      {(material, change) => <MaterialFields material={material} onChange={change} />}
    </ThingPage>
  );
}
