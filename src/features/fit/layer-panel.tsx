'use client';

import { randomBytes, useRun } from '@/client';
import { type MainPlace, addLayer, mayAddLayer, setPlate, shapeLayersOf } from '@/core/edit';
import { MOST_LAYERS } from '@/core/shop';
import { Button, Choice } from '@/ui';
import { LayerFields } from './layer-fields';
import { ADD_WORDS, LETTERS_WORDS } from './layer-words';

/** What is made from the letters and lies around, under or on them, in films of its own. */
export function LayerPanel({ place }: { readonly place: MainPlace }) {
  const { change } = useRun();
  const { at, lettering } = place;
  const shapes = shapeLayersOf(lettering);
  const isPlate = shapes.some(({ make }) => make.kind === 'plate');
  const hasBorder = shapes.some(({ make }) => make.kind === 'border');
  return (
    <section className="grid gap-2">
      <h3 className="heading-small">Layers</h3>
      <Choice
        label="The letters"
        options={LETTERS_WORDS}
        value={isPlate ? 'plate' : 'text'}
        onChange={(id) => change((now) => setPlate(now, at, id === 'plate'))}
      />
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
