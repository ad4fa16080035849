'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, problemSentence, randomBytes, useCurrency, useHeat } from '@/client';
import type { Blank } from '@/core/shop';
import { makeId } from '@/core/ids';
import { formatMoney } from '@/core/units';
import { BlankPicture } from '@/drawing';
import type { ShopBlankView } from '@/services';
import { Button, Notice } from '@/ui';
import { KIND_WORDS, USE_WORDS } from '../sentences';

interface CataloguePageProps {
  readonly blanks: readonly ShopBlankView[];
  /** Id of the blank that was just taken out; null otherwise. */
  readonly removedId: string | null;
}

/** Every blank of the shop: what there is of it first. */
export function CataloguePage({ blanks, removedId }: CataloguePageProps) {
  const router = useRouter();
  const [currency] = useCurrency();
  const [problem, setProblem] = useState<string | null>(null);
  const make = async () => {
    const like = blanks.find(({ id }) => id === 'tote-bag') ?? blanks[0];
    if (!like) return;
    const id = makeId<'blank'>(randomBytes);
    const made = await api.saveThing('blanks', {
      id,
      rev: 0,
      value: { ...like.value, name: 'New blank', photo: null, pack: { ...like.value.pack, currency } },
    });
    if (made.ok) router.push(`/shop/blanks/${id}`);
    else setProblem(problemSentence(made.problem));
  };
  const bringBack = async (id: string) => {
    const back = await api.restoreThing('blanks', id);
    if (back.ok) router.replace('/shop');
    else setProblem(problemSentence(back.problem));
  };
  return (
    <main className="mx-auto max-w-[1240px] px-6 py-6">
      <div className="mb-4 flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-bold">Shop: {blanks.length} blanks</h1>
        <Button weight="main" onClick={() => void make()}>
          A new blank
        </Button>
      </div>
      {problem && <Notice severity="stop">{problem}</Notice>}
      {removedId !== null && !blanks.some(({ id }) => id === removedId) && (
        <Notice severity="note" actions={<Button onClick={() => void bringBack(removedId)}>Bring it back</Button>}>
          A blank is taken out of the shop. Runs that take it keep their own copy.
        </Notice>
      )}
      <table className="w-full border-y border-rule-strong bg-paper">
        <thead>
          <tr className="border-b border-ink text-left">
            {HEADS.map(([name, where]) => (
              <th key={name} scope="col" className={`heading-small px-2 py-2 font-normal ${where}`}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {blanks.map(({ id, value }) => (
            <CatalogueRow key={id} id={id} blank={value} />
          ))}
        </tbody>
      </table>
      <p className="mt-3 text-soft">
        Starting points, made up. Measure the blank in your hand; its label and the film maker’s sheet win over every
        figure.
      </p>
    </main>
  );
}

/** What a narrow window leaves to the blank's own page. */
const FROM_768 = 'max-md:hidden';
const FROM_1024 = 'max-lg:hidden';

const HEADS = [
  ['Blank', ''],
  ['Made of', FROM_768],
  ['Places', FROM_1024],
  ['Sizes, colours', ''],
  ['On hand', ''],
  ['Pack', FROM_768],
  ['Bears', FROM_1024],
] as const;

function CatalogueRow({ id, blank }: { readonly id: string; readonly blank: Blank }) {
  const { heat } = useHeat();
  const { pack, variants } = blank;
  const sizes = new Set(variants.map(({ size }) => size)).size;
  const colours = [...new Map(variants.map(({ colour }) => [colour.name, colour])).values()];
  return (
    <tr className="border-b border-rule align-top">
      <th scope="row" className="flex items-start gap-3 px-3 py-1.5 text-left font-normal">
        {variants.slice(0, 1).map((variant) => (
          <BlankPicture key={variant.id} kind={blank.kind} variant={variant} className="h-11 w-12 shrink-0" />
        ))}
        <span>
          <Link href={`/shop/blanks/${id}`} className="font-semibold text-link">
            {blank.name}
          </Link>
          <span className="block text-sm text-soft">
            {[KIND_WORDS[blank.kind], ...blank.uses.map((use) => USE_WORDS[use])].join(', ')}
          </span>
        </span>
      </th>
      <td className={`px-2 py-1.5 ${FROM_768}`}>
        {blank.fabric}
        {blank.polyesterPct !== null && blank.polyesterPct > 0 && blank.polyesterPct < 100 && (
          <span className="text-soft"> · {blank.polyesterPct} % polyester</span>
        )}
      </td>
      <td className={`px-2 py-1.5 ${FROM_1024}`}>{blank.places.map(({ name }) => name).join(', ')}</td>
      <td className="px-2 py-1.5">
        <span className="flex flex-wrap items-center gap-1.5">
          {sizes > 1 ? `${sizes} sizes` : variants[0]!.size || 'one size'}
          {colours.map(({ name, hex }) => (
            <span
              key={name}
              title={name}
              className="size-4 rounded-sm border border-rule-strong"
              style={{ background: hex }}
            />
          ))}
        </span>
      </td>
      <td className="measure px-3 py-1.5 text-right">{variants.reduce((sum, { stock }) => sum + stock.onHand, 0)}</td>
      <td className={`measure px-2 py-1.5 text-right ${FROM_768}`}>
        {pack.count}
        {pack.priceCents !== null && ` for ${formatMoney(pack.priceCents, pack.currency)}`}
      </td>
      <td className={`measure px-2 py-1.5 text-right whitespace-nowrap ${FROM_1024}`}>
        {blank.bearsC === null ? 'try first' : heat(blank.bearsC)}
      </td>
    </tr>
  );
}
