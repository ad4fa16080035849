/**
 * The colours of the house, for what is drawn outside the style sheet: drawings, charts, paper. The style sheet has the same under the
 * same names; a test holds them together.
 */
export const HOUSE = {
  cotton: '#ece5d6',
  paper: '#fbf8f0',
  shade: '#f4efe3',
  ink: '#1f2529',
  soft: '#5a6064',
  rule: '#d3cab7',
  ruleStrong: '#8d8470',
  verdigris: '#17655e',
  brass: '#8a5d0c',
  brassBright: '#e0b25a',
  madder: '#9d2f26',
  madderTint: '#f6ddd6',
  onInk: '#c9c3b4',
  white: '#ffffff',
} as const;
