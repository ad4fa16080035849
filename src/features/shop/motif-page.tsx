'use client';

import type { Motif } from '@/core/shop';
import { MotifDrawing } from '@/drawing';
import type { ShopThingView } from '@/services';
import { ThingPage } from './thing-page';
import { Words } from './words-field';

/** One motif of the shop: its parts one by one, and a way out. */
export function MotifPage({ initial }: { readonly initial: ShopThingView<Motif> }) {
  return (
    <ThingPage
      shelf="motifs"
      words="motifs"
      initial={initial}
      titleOf={({ name }) => <h1 className="text-xl font-bold">{name}</h1>}
    >
      {(motif, change) => (
        <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,480px)_minmax(0,1fr)]">
          <section className="grid content-start gap-3 border border-rule-strong bg-paper p-5">
            <Words
              label="Name"
              value={motif.name}
              most={120}
              isNeeded
              onChange={(name) => change((now) => ({ ...now, name }))}
            />
            <p className="text-soft">Its parts, each of one colour. What each is cut from, the place says on Fit.</p>
            <ul className="flex flex-wrap gap-3">
              {motif.parts.map(({ hex }, part) => (
                <li key={part} className="border border-rule-strong bg-white p-3">
                  <MotifDrawing motif={motif} hexOf={(one) => (one === part ? hex : null)} className="h-20 max-w-40" />
                </li>
              ))}
            </ul>
            <a className="text-link" href={`/api/shop/motifs/${initial.id}/drawing.svg`} download>
              Take the drawing, SVG
            </a>
          </section>
          <section className="border border-rule-strong bg-white p-6">
            <MotifDrawing motif={motif} className="mx-auto max-h-96 w-full" />
          </section>
        </div>
      )}
    </ThingPage>
  );
}
