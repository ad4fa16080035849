import type { Counted, LeftOut, LeftOutKind, NotPlain, SvgProblem } from '@/core/motifs';

const NOT_PLAIN: Readonly<Record<NotPlain, string>> = {
  doctype: 'begins with a document type. Save it as plain SVG where it was drawn.',
  script: 'has a script in it, and a drawing needs none. Nothing of it was run. Save it as plain SVG.',
  reference:
    'asks for something from elsewhere, which Knurl never fetches. Save it as plain SVG with everything in it.',
  circle: 'has a shape that is a copy of itself. Release its copies where it was drawn, and save it again.',
};

const COUNTED: Readonly<Record<Counted, string>> = {
  elements: 'elements',
  levels: 'groups within groups',
  copies: 'copies of shapes',
  rules: 'rules of style',
  segments: 'segments',
  points: 'points',
  colours: 'colours',
};

const LEFT_OUT: Readonly<Record<LeftOutKind, readonly [one: string, several: string]>> = {
  text: ['a text (turn it to outlines)', 'texts (turn them to outlines)'],
  picture: ['a picture', 'pictures'],
  clipped: ['a clipped shape', 'clipped shapes'],
  gradient: ['a gradient (taken as one colour)', 'gradients (taken as one colour)'],
  pattern: ['a pattern', 'patterns'],
  dashes: ['a dashed line (drawn whole)', 'dashed lines (drawn whole)'],
  markers: ['the ends of a line', 'ends of lines'],
  filter: ['a shape with a filter', 'shapes with a filter'],
  fixedStroke: ['a line that is as wide at every size', 'lines that are as wide at every size'],
  element: ['an element that draws nothing here', 'elements that draw nothing here'],
};

/** Why a drawing is not taken and what to do, after its name. */
export function drawingSentence(problem: SvgProblem): string {
  switch (problem.kind) {
    case 'tooLarge':
      return `is larger than ${problem.mostBytes / 1_000_000} MB. Take pictures out of it, or make it simpler.`;
    case 'unreadable':
      return `is no SVG, or damaged at line ${problem.line}. Save it again as plain SVG.`;
    case 'noSvg':
      return 'is no SVG drawing. Save it as plain SVG where it was drawn.';
    case 'notPlain':
      return NOT_PLAIN[problem.what];
    case 'tooMany':
      return `has more ${COUNTED[problem.what]} than the ${problem.most.toLocaleString('en')} that a motif may have. Make it simpler where it was drawn.`;
    case 'badNumber':
      return `says “${problem.attribute}” of a ${problem.element} in a way that nothing can be drawn by. Save it again as plain SVG.`;
    case 'nothingDrawn':
      return problem.leftOut.length === 0
        ? 'draws nothing that could be cut.'
        : `draws nothing that could be cut: it has ${leftOutWords(problem.leftOut)}.`;
    case 'tookTooLong':
      return `was not read within ${problem.seconds} seconds and was given up. Make it simpler where it was drawn.`;
  }
}

/** `a picture, 3 texts (turn them to outlines)`. */
export function leftOutWords(leftOut: readonly LeftOut[]): string {
  return leftOut
    .map(({ what, count }) => (count === 1 ? LEFT_OUT[what][0] : `${count} ${LEFT_OUT[what][1]}`))
    .join(', ');
}
