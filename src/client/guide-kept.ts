/** How far a newcomer is in the guide, as this browser keeps it under `GUIDE_KEY`. */
export const GUIDE_KEY = 'guide';

/** It was left or seen through, and is offered no more by itself. */
export const GUIDE_LEFT = 'left';

/** How far it is on one run, of so many stops; null: it is not under way there. */
export function guideAt(kept: string, runId: string, numStops: number): number | null {
  const [id, no] = kept.split(' ');
  const at = Number(no);
  return id === runId && Number.isInteger(at) && at >= 0 && at < numStops ? at : null;
}

export function guideWord(runId: string, at: number): string {
  return `${runId} ${at}`;
}
