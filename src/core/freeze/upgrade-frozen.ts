type Json = Record<string, unknown>;

/**
 * Brings the JSON of a pass from before patches said how they are cut up to the present; anything else comes back as it is. Where its
 * pieces lie was not kept then, and its cut file stays as it was.
 */
export function upgradePass(pass: unknown): unknown {
  if (!isObject(pass) || 'cutFile' in pass || !Array.isArray(pass.patches)) return pass;
  return { ...pass, cutFile: 1, patches: pass.patches.map(upgradePatch) };
}

function upgradePatch(patch: unknown): unknown {
  if (!isObject(patch) || !Array.isArray(patch.placed)) return patch;
  const placed = patch.placed.map((piece: unknown) => {
    if (!isObject(piece)) return piece;
    const { reversed: _, ...rest } = piece;
    return { spot: null, ...rest };
  });
  const reversed = patch.placed.some((piece: unknown) => isObject(piece) && piece.reversed === true);
  return { ...patch, reversed, placed };
}

/** The same for a release: neither where its pieces lie nor what was open on them was kept. */
export function upgradeRelease(release: unknown): unknown {
  if (!isObject(release) || !Array.isArray(release.pieces)) return release;
  const pieces = release.pieces.map((piece: unknown) =>
    isObject(piece) && !('spot' in piece) ? { ...piece, spot: null, open: null } : piece,
  );
  return { ...release, pieces };
}

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
