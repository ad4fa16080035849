'use client';

import { randomBytes, useLengths } from '@/client';
import { addVariant, removeVariant } from '@/core/blanks';
import { HeldInput, Button, LengthField, FieldRow } from '@/ui';
import type { PlaceEdit } from './edit';
import { useChangePlace } from './use-change-place';

/** The blank itself in this size and colour, and further ones. */
export function VariantFields({ edit }: { readonly edit: PlaceEdit }) {
  const { unit } = useLengths();
  const { changeVariant } = useChangePlace(edit);
  const { blank, variant, changeBlank } = edit;
  const { body, colour, size } = variant;
  const isRound = edit.measured.wrap?.kind === 'round';
  return (
    <section>
      <h2 className="heading-small mb-1">The blank itself</h2>
      <FieldRow label="Size, as the list says it">
        <HeldInput
          className="w-32"
          value={size}
          maxLength={40}
          placeholder="one size"
          onText={(text) => changeVariant({ size: text })}
        />
      </FieldRow>
      <FieldRow label="Colour">
        <span className="flex items-center gap-1.5">
          <input
            type="color"
            className="h-8 w-9 p-0.5"
            aria-label="Colour on the screen"
            value={colour.hex}
            onChange={(event) => changeVariant({ colour: { ...colour, hex: event.target.value } })}
          />
          <HeldInput
            className="w-28"
            value={colour.name}
            aria-label="Colour"
            maxLength={120}
            required
            onText={(name) => name !== '' && changeVariant({ colour: { ...colour, name } })}
          />
        </span>
      </FieldRow>
      {!isRound && (
        <>
          <LengthField
            label="Width of the blank, flat"
            unit={unit}
            value={body.widthMm}
            min={20}
            max={5000}
            onChange={(widthMm) => changeVariant({ body: { ...body, widthMm } })}
          />
          <LengthField
            label="Height of the blank"
            unit={unit}
            value={body.heightMm}
            min={20}
            max={5000}
            onChange={(heightMm) => changeVariant({ body: { ...body, heightMm } })}
          />
        </>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <Button onClick={() => changeBlank((now) => addVariant(now, variant.id, randomBytes))}>
          Another size or colour
        </Button>
        {blank.variants.length > 1 && (
          <Button weight="grave" onClick={() => changeBlank((now) => removeVariant(now, variant.id))}>
            Without this one
          </Button>
        )}
      </div>
    </section>
  );
}
