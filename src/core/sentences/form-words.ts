import type { Bend, Frame, MonogramSetting, MonogramShape, Stack } from '../shop';

/** What forms are called, on screens and in findings alike. */
export const SHAPE_WORDS: Readonly<Record<MonogramShape, string>> = {
  circle: 'round',
  lozenge: 'lozenge',
  square: 'square',
  shield: 'shield',
  twoOverOne: 'two over one',
  bar: 'two and a bar',
  interlaced: 'interlaced',
};

export const FRAME_WORDS: Readonly<Record<Frame, string>> = {
  ring: 'a ring',
  doubleRing: 'two rings',
  scalloped: 'scallops',
  lozenge: 'a lozenge',
  shield: 'a shield',
  wreath: 'a wreath',
};

export const BETWEEN_WORDS: Readonly<Record<Stack['between'], string>> = {
  nothing: 'nothing',
  rule: 'a rule',
  dot: 'a dot',
  lozenge: 'a lozenge',
};

export const WAY_WORDS: Readonly<Record<Bend['way'], string>> = { arch: 'an arch', dip: 'a dip' };

export const OTHERS_WORDS: Readonly<Record<NonNullable<MonogramSetting['others']>, string>> = {
  round: 'round it',
  within: 'in a gap across its letters',
};
