/** Drawings as nobody should write them, by a seed: good ones with something in them broken, doubled, nested or blown up. */

const NUMBERS = [
  '0',
  '-1',
  '1e9',
  '-1e308',
  '1e400',
  'NaN',
  'Infinity',
  '0.0000001',
  '999999999999',
  '',
  '5%',
  '12em',
  '3 4',
  "'",
  '٣',
];
const SNIPPETS = [
  '<script>1</script>',
  '<rect onclick="x()" width="4" height="4"/>',
  '<image href="http://host.invalid/a.png"/>',
  '<use href="#a"/>',
  '<g id="a"><use href="#a"/></g>',
  '<style>@import url(a.css);</style>',
  '<style>rect{fill:url(#a)}</style>',
  '<foreignObject><p>Odalys</p></foreignObject>',
  '<path d="M0 0L1e99 1z"/>',
  '<path d="M0 0C0 0 9 9"/>',
  '<path d="m0 0h1v1zzzZ"/>',
  '<rect width="9" height="9" transform="matrix(0 0 0 0 0 0)"/>',
  '<rect width="9" height="9" transform="scale(1e8)"/>',
  '<rect width="9" height="9" fill="url(#gone)" stroke="red" stroke-width="1e7"/>',
  '<path d="M0 0L100 100" stroke="#00f" stroke-width="4" stroke-linecap="round"/>',
  '<circle r="40" cx="50" cy="50" style="fill:none;stroke:#0a0;stroke-width:9"/>',
  '<svg:rect xmlns:svg="http://www.w3.org/2000/svg" width="4" height="9"/>',
  '<metadata xmlns="urn:other"><deep><deeper/></deep></metadata>',
  '<![CDATA[ <rect/> ]]>',
  '<!-- -- -->',
  '&amp;&#0;&nope;',
  '<?xml version="1.0"?>',
];

/** A source of chance by a seed. */
export function chanceBy(seed: number): (below: number) => number {
  let state = (Math.abs(seed) % 2_147_483_646) + 1;
  return (below) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % below;
  };
}

/** One of the good drawings, spoilt in one way or two. */
export function spoiltDrawing(good: readonly string[], chance: (below: number) => number): string {
  let text = good[chance(good.length)]!;
  for (let ways = 1 + chance(2); ways > 0; ways--) text = WAYS[chance(WAYS.length)]!(text, chance);
  return text;
}

type Way = (text: string, chance: (below: number) => number) => string;

const WAYS: readonly Way[] = [
  // A number becomes another one, or none.
  (text, chance) => {
    const numbers = [...text.matchAll(/-?\d+(\.\d+)?/g)];
    const one = numbers[chance(Math.max(1, numbers.length))];
    if (!one) return text;
    return text.slice(0, one.index) + NUMBERS[chance(NUMBERS.length)]! + text.slice(one.index + one[0].length);
  },
  // Something is put in between two elements.
  (text, chance) => {
    const ends = [...text.matchAll(/>/g)];
    const at = (ends[chance(Math.max(1, ends.length))]?.index ?? 0) + 1;
    return text.slice(0, at) + SNIPPETS[chance(SNIPPETS.length)]! + text.slice(at);
  },
  // It ends in the middle, or begins there.
  (text, chance) => (chance(2) === 0 ? text.slice(0, chance(text.length + 1)) : text.slice(chance(text.length + 1))),
  // A letter becomes another one.
  (text, chance) => {
    const at = chance(text.length + 1);
    return (
      text.slice(0, at) + String.fromCharCode(chance(8) === 0 ? chance(0xffff) : 32 + chance(95)) + text.slice(at + 1)
    );
  },
  // A stretch stands many times.
  (text, chance) => {
    const at = chance(text.length + 1);
    const stretch = text.slice(at, at + chance(60));
    return text.slice(0, at) + stretch.repeat(1 + chance(40)) + text.slice(at);
  },
  // Within so many groups.
  (text, chance) => {
    const deep = chance(100);
    return text
      .replace(/(<svg[^>]*>)/, `$1${'<g transform="rotate(7)">'.repeat(deep)}`)
      .replace('</svg>', `${'</g>'.repeat(deep)}</svg>`);
  },
  // Turned inside out by a rule, and drawn along.
  (text) => text.replace(/<(path|polygon|circle|rect|use)/g, '<$1 fill-rule="evenodd" stroke="#123" stroke-width="2"'),
];
