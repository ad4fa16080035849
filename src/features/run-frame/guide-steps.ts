/** One stop of the guide: a step of the run, what is seen there, and what one might try. */
export interface GuideStop {
  readonly path: string;
  readonly name: string;
  readonly sees: string;
  readonly tries: string;
}

/** The way from the list to the bench in six stops. */
export const GUIDE: readonly GuideStop[] = [
  {
    path: 'roster',
    name: 'Roster',
    sees: 'Everybody on the list, with what the list leaves open asked first, each question once for all alike.',
    tries: 'Answer a question with a digit, or type over a name. Everything can be undone above.',
  },
  {
    path: 'wording',
    name: 'Wording',
    sees: 'What every place says, put together from chips: given name, monogram, date, any column.',
    tries: 'Click into the line on the right and press a chip: every entry follows at once.',
  },
  {
    path: 'fit',
    name: 'Fit',
    sees: 'Every text drawn by its true outline at one scale; what cannot be cut or weeded well comes first.',
    tries: 'Take what would help with Enter, walk with the arrows, press V to see the finished item.',
  },
  {
    path: 'proof',
    name: 'Proof',
    sees: 'Each text exactly as it will be cut, and letter by letter. A tick says whose eyes read it.',
    tries: 'Type your name and tick with the space bar.',
  },
  {
    path: 'sheets',
    name: 'Sheets',
    sees: 'The pieces laid out on film, reversed where it is pressed face down, with a slip of what to lay where.',
    tries: 'Make the pass: it freezes what is on it, and its cut file is true in millimetres.',
  },
  {
    path: 'bench',
    name: 'Bench',
    sees: 'One item in hand, large, with where it goes and how it is pressed; every item with how far it is.',
    tries: 'Mark it cut, weeded, pressed, checked, packed; what is spoiled joins the next pass.',
  },
];
