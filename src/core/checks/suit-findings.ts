import { lightnessOf } from '../colour';
import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { pressFor } from '../press';
import type { Slot, SlotLayer } from '../resolve';
import { type Blank, fabricFacts, kindFacts } from '../shop';
import { lyingLayers } from './layer-below';

/** Transfer ink goes into polyester alone, and shows only on what is light. */
const LEAST_POLYESTER_PCT = 65;
const LEAST_LIGHTNESS = 75;

/** Films that do not suit what they are pressed on; each layer by its own film. */
export function suitFindings({ slot, layers }: Fit): Finding[] {
  const inked = lyingLayers(layers);
  return inked.flatMap(({ layer }): Finding[] => {
    const why = unsuited(slot, layer);
    if (!why) return [];
    const film = kindFacts(layer.material.kind).words;
    return [{ kind: 'filmUnsuited', severity: 'check', film, ...why, at: { layerId: layer.id } }];
  });
}

type Why = Omit<Extract<Finding, { kind: 'filmUnsuited' }>, 'kind' | 'severity' | 'film' | 'at'>;

function unsuited({ blank, variant, cards }: Slot, { material }: SlotLayer): Why | null {
  const { fabricClass: fabric, bearsC } = blank;
  if (material.kind === 'inkSheet') {
    const share = polyesterPct(blank);
    if (share !== null && share < LEAST_POLYESTER_PCT)
      return { why: 'littlePolyester', has: share, least: LEAST_POLYESTER_PCT };
    const lightness = variant ? lightnessOf(variant.colour.hex) : 100;
    if (lightness < LEAST_LIGHTNESS) return { why: 'dark', has: Math.round(lightness), least: LEAST_LIGHTNESS };
  }
  // Every heater wants the same heat, only other times.
  const answer = pressFor({ material, fabric, bearsC, heater: 'clamshell', cards });
  if (answer.kind !== 'tooHot') return null;
  return { why: 'tooHot', has: answer.limit.ceilingC, least: answer.card.heatC.least };
}

/** As its label says, else as its fabric has; null where nobody knows, and for hard goods with a coating that takes ink. */
function polyesterPct({ polyesterPct: said, fabricClass }: Blank): number | null {
  if (fabricClass === null || fabricClass === 'hardCoated') return null;
  return said ?? fabricFacts(fabricClass).polyesterPct;
}
