import { changeLettering, changeMotif, mainPlace, takeMotif } from '../edit';
import { STARTER_MOTIFS } from '../motifs';
import { type LetteringForm, withLineStyle } from '../shop';
import { aRun, seededBytes } from '../test';
import { lookOf } from '.';

test('a look says the face by its beginning, and what else a tick is for', () => {
  const spec = aRun(['Ann']);
  const { placeUse } = mainPlace(spec);
  const lettering = spec.shop.letterings.find(({ id }) => id === placeUse.letteringId)!;
  const [line] = lettering.value.lines;
  expect(lookOf(spec, placeUse, placeUse.letteringId).split('; ')[0]!.split(' ').slice(0, 3)).toEqual([
    line!.face.slice(0, 12),
    line!.caseForm,
    String(line!.trackingEm),
  ]);
});

test('a motif is a look, wherever it stands and however large', () => {
  const random = seededBytes(4);
  const spec = aRun(['Ann']);
  const [lyre, note] = ['lyre', 'note'].map((name) => STARTER_MOTIFS.find(({ value }) => value.name === name)!);
  const look = (run: typeof spec) => {
    const { placeUse } = mainPlace(run);
    return lookOf(run, placeUse, placeUse.letteringId);
  };
  const withLyre = takeMotif(spec, null, lyre!, random);
  const looks = [
    spec,
    withLyre,
    takeMotif(spec, null, note!, random),
    changeMotif(withLyre, null, { share: 3 }),
    changeMotif(withLyre, null, { gapShare: 1 }),
    changeMotif(withLyre, null, { spot: 'after' }),
  ].map(look);
  expect(new Set(looks).size).toBe(looks.length);
});

test('how lines stand and run is a look, and each way of it another', () => {
  const spec = aRun(['Ann']);
  const look = (form: LetteringForm & { readonly sizeShare?: number }) => {
    const { sizeShare, ...others } = form;
    const changed = changeLettering(spec, null, (lettering) => ({
      ...(sizeShare === undefined ? lettering : withLineStyle(lettering, 1, { sizeShare })),
      ...others,
    }));
    const { placeUse } = mainPlace(changed);
    return lookOf(changed, placeUse, placeUse.letteringId);
  };
  const stack = { gapShare: 0.2, widths: 'own', between: 'nothing' } as const;
  const monogram = { shape: 'circle', gapShare: 0.1, frame: null } as const;
  const bend = { way: 'arch', curve: { by: 'radius', capitals: 6 }, letters: 'bent' } as const;
  const looks = [
    {},
    { sizeShare: 0.5 },
    { sizeShare: 0.4 },
    { stack },
    { stack: { ...stack, between: 'dot' as const } },
    { monogram },
    { monogram: { ...monogram, frame: 'ring' as const } },
    { bend },
    { bend: { ...bend, curve: { by: 'radius' as const, capitals: 7 } } },
    { bend: { ...bend, letters: 'turned' as const } },
  ].map(look);
  expect(new Set(looks).size).toBe(looks.length);
});
