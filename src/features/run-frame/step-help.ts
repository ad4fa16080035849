/** What each step is for, as its help says it. */
export interface StepHelp {
  readonly decides: string;
  /** Words of the trade and of Knurl that stand on it, with what they mean. */
  readonly words: readonly (readonly [word: string, meaning: string])[];
}

const SEVERITIES: StepHelp['words'] = [
  ['stop', 'it is not cut until something is changed, or a reason is written down'],
  ['check', 'it can be cut, and wants a look first; a tick lets it stand'],
  ['note', 'good to know; nothing has to be done'],
];

export const STEP_HELP: Readonly<Record<string, StepHelp>> = {
  roster: {
    decides:
      'Who is on the list, and how each name is spelled and taken apart. What the list leaves open is asked once, for all alike.',
    words: [
      ['entry', 'one line of the list, usually one person'],
      ['taken out', 'it stays on the list and is cut no more'],
    ],
  },
  wording: {
    decides:
      'What each place says: which parts of a name, monograms, dates or fixed words, line by line, in which colours.',
    words: [
      ['chip', 'stands for something of each entry: its given name, a date, a column; it is taken out as a whole'],
      ['part', 'words of a line that have a colour of their own'],
      ['spread', 'one letter to a blank, as on pennants'],
    ],
  },
  blank: {
    decides: 'On what it goes: which blank in which size and colour for whom, and where on it lettering may lie.',
    words: [
      ['place', 'the measured spot that lettering may fill'],
      ['clear zone', 'a part of it that lettering keeps away from: a seam, a zip, a button'],
      ['datum', 'the edge or seam that a ruler is laid at'],
    ],
  },
  fit: {
    decides:
      'How large each text is and how it looks: lettering, size rule, layers and films. What cannot be cut well comes first, with what would help.',
    words: [
      ...SEVERITIES,
      ['cap', 'the height of its capitals'],
      ['stroke', 'the thinnest part of a letter'],
      ['gap', 'the narrowest film between two edges: too narrow, it tears in weeding'],
      ['island', 'a part of the film that hangs together by itself; an i has two'],
      ['hole', 'what is weeded out of a letter, as in an o'],
      ['extender', 'what reaches above or below the other letters, as in h or g'],
      ['form', 'how the letters of a monogram stand: round, in a lozenge, a square or a shield'],
      ['arch, dip', 'a line that is bent: highest in its middle, or lowest'],
      ['released', 'kept as it stands now, to be cut so whatever is changed later'],
    ],
  },
  proof: {
    decides: 'Whether every text reads as it should: looked at letter by letter, and ticked by name.',
    words: [['ticked', 'somebody looked at it and found it right; other words take the tick away']],
  },
  prepare: {
    decides: 'What is to be bought and made ready before the first cut.',
    words: [['seconds', 'blanks with a flaw, good enough for a trial']],
  },
  sheets: {
    decides:
      'What is laid on the bed together. Making a pass keeps its outlines for good; its file goes to the cutter.',
    words: [
      ['pass', 'one loading of the cutter'],
      ['patch', 'a rectangle of one film, laid at a marked spot'],
      ['reversed', 'cut as a mirror image, since the film is pressed face down'],
      ['weed', 'to take away the film that is no letter'],
    ],
  },
  bench: {
    decides: 'What was done: cut, weeded, pressed, checked, packed, or spoiled and to be cut again.',
    words: [
      ['tacked', 'pressed for a short time, since another layer follows'],
      ['peel', 'to take the carrier off, hot, warm or cold as the film asks'],
      ['facet', 'the diamond: each of its sides fills with a stage'],
    ],
  },
};
