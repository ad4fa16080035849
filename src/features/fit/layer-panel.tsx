'use client';

import { randomBytes, useRun } from '@/client';
import { type MainPlace, addLayer, mayAddLayer, shapeLayersOf } from '@/core/edit';
import { MOST_LAYERS } from '@/core/shop';
import { Button } from '@/ui';
import { LayerFields } from './layer-fields';
import { ADD_WORDS } from './layer-words';
import { LettersFields } from './letters-fields';

/** What is made from the letters and lies around, under or on them, in films of its own. */
export function LayerPanel({ place }: { readonly place: MainPlace }) {
  const { change } = useRun();
  const { at, lettering } = place;
  const shapes = shapeLayersOf(lettering);
  const hasBorder = shapes.some(({ make }) => make.kind === 'border');
  return (
    <section className="grid gap-2">
      <h3 className="heading-small">Layers</h3>
      <LettersFields place={place} />
      {[...shapes].reverse().map((layer) => (
        <LayerFields key={layer.id} place={place} layer={layer} />
      ))}
      {!mayAddLayer(lettering) && (
        <p className="text-soft">A lettering has at most {MOST_LAYERS} layers, and this one has them.</p>
      )}
      {mayAddLayer(lettering) && (
        <div className="flex flex-wrap gap-2">
          {ADD_WORDS.map(({ kind, words, again }) => (
            <Button key={kind} onClick={() => change((now) => addLayer(now, at, kind, randomBytes))}>
              {kind === 'border' && hasBorder ? again : words}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}
