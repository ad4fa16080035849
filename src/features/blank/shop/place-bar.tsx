'use client';

import { randomBytes, variantWords } from '@/client';
import { addPlace, changeRole, removePlace } from '@/core/blanks';
import type { Blank, PlaceRole, Variant } from '@/core/shop';
import { Button, Choice, Select } from '@/ui';

interface PlaceBarProps {
  readonly blank: Blank;
  readonly role: PlaceRole;
  readonly variant: Variant;
  readonly onChange: (change: (blank: Blank) => Blank) => void;
  readonly onPick: (to: { placeId?: string; variantId?: string }) => void;
}

const SIDES = ['front', 'back', 'left', 'right'] as const;

/** The places of a blank, and the size and colour that is measured. */
export function PlaceBar({ blank, role, variant, onChange, onPick }: PlaceBarProps) {
  const add = (twinOf: string | null) => {
    const name = twinOf === null ? `place ${blank.places.length + 1}` : `other ${role.name}`;
    const added = addPlace(blank, name, twinOf, randomBytes);
    onChange(() => added.blank);
    onPick({ placeId: added.placeId });
  };
  const hasTwin = role.twinOf !== null || blank.places.some(({ twinOf }) => twinOf === role.id);
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <Choice
        label="Place"
        options={blank.places.map(({ id, name }) => ({ id, label: name }))}
        value={role.id}
        onChange={(placeId) => onPick({ placeId })}
      />
      <label className="grid gap-1">
        <span className="heading-small">Its name</span>
        <input
          className="w-36"
          value={role.name}
          maxLength={120}
          onChange={(event) =>
            event.target.value !== '' && onChange((now) => changeRole(now, role.id, { name: event.target.value }))
          }
        />
      </label>
      <label className="grid gap-1">
        <span className="heading-small">Side</span>
        <Select
          options={SIDES.map((side) => [side, side])}
          value={role.side}
          onChange={(side) => onChange((now) => changeRole(now, role.id, { side }))}
        />
      </label>
      {blank.variants.length > 1 && (
        <label className="grid gap-1">
          <span className="heading-small">Measured here</span>
          <Select
            options={blank.variants.map((one) => [one.id, variantWords(one)])}
            value={variant.id}
            onChange={(variantId) => onPick({ variantId })}
          />
        </label>
      )}
      <Button onClick={() => add(null)}>One more place</Button>
      {!hasTwin && <Button onClick={() => add(role.id)}>The other of a pair</Button>}
      {blank.places.length > 1 && (
        <Button weight="grave" onClick={() => onChange((now) => removePlace(now, role.id))}>
          Without this place
        </Button>
      )}
    </div>
  );
}
