import type { Finding } from '../finding';
import type { Saying } from './saying';

/** What may be done about a finding, as the end of its sentence. */

export function bedWaysOut({ passesAtMm, otherBed }: Extract<Finding, { kind: 'largerThanBed' }>, say: Saying): string {
  const bed = otherBed === null ? 'a larger bed' : `the ${otherBed}`;
  return passesAtMm === null
    ? `take ${bed}, or a smaller place`
    : `capitals of ${say.length(passesAtMm)} would go, or ${bed}`;
}

export function borderWaysOut(
  { passesReachMm, passesAtMm }: Extract<Finding, { kind: 'borderCloses' }>,
  say: Saying,
): string {
  const ways = [
    ...(passesReachMm === null ? [] : [`one of ${say.length(Math.floor(passesReachMm * 10) / 10)}`]),
    ...(passesAtMm === null ? [] : [`capitals of ${say.length(Math.ceil(passesAtMm * 10) / 10)}`]),
  ];
  return ways.length === 0 ? 'another face, or no border' : `${ways.join(' or ')} would leave them open`;
}
