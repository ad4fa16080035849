import { readFileSync } from 'node:fs';
import { HOUSE } from '.';

test('drawings, charts and paper have the very colours of the style sheet', () => {
  const css = readFileSync('src/app/globals.css', 'utf8');
  const named = new Map(
    [...css.matchAll(/--color-([a-z-]+): (#[0-9a-f]{3,6});/g)].map(([, name, hex]) => [name!, hex!]),
  );
  const long = (hex = '') => (hex.length === 4 ? `#${[...hex.slice(1)].map((c) => c + c).join('')}` : hex);
  const there = Object.keys(HOUSE).map((name) => {
    const inCss = name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    return [name, long(named.get(inCss))];
  });
  expect(Object.fromEntries(there)).toEqual(HOUSE);
});
