import { DEFAULT_MATERIALS, plainMaterial } from './defaults';
import type { MaterialKind } from './material-kind';
import type { Copy, Material } from './shop-schema';

/** Colours in which films are usually sold; made up, as are the names. */
const COLOURS = {
  white: '#f7f5ee',
  cream: '#efe6d0',
  black: '#22252a',
  grey: '#8b9097',
  silver: '#b9bfc4',
  gold: '#e0b25a',
  copper: '#b8743f',
  yellow: '#f0c93d',
  orange: '#dd7a2f',
  red: '#b23a34',
  burgundy: '#6d2234',
  pink: '#d98ca6',
  purple: '#5d3f78',
  navy: '#24344f',
  blue: '#2f5f9e',
  'sky blue': '#8fb8d8',
  teal: '#1f6f6b',
  green: '#2f6b3f',
  lime: '#a6bd4a',
  brown: '#6b4a32',
} as const;

type ColourName = keyof typeof COLOURS;

interface Family {
  readonly kind: MaterialKind;
  /** Begins the id of each. */
  readonly stem: string;
  /** Follows the colour in the name of each. */
  readonly words: string;
  readonly colours: readonly ColourName[];
}

const FAMILIES: readonly Family[] = [
  {
    kind: 'standardFilm',
    stem: 'film',
    words: 'heat-transfer film',
    colours: ['black', 'cream', 'red', 'navy', 'blue', 'green', 'yellow', 'orange', 'pink', 'purple', 'grey', 'teal'],
  },
  {
    kind: 'stretchFilm',
    stem: 'stretch',
    words: 'stretch film',
    colours: ['white', 'black', 'red', 'blue', 'grey'],
  },
  { kind: 'metallicFilm', stem: 'metallic', words: 'metallic film', colours: ['gold', 'copper', 'blue'] },
  { kind: 'glitterFilm', stem: 'glitter', words: 'glitter film', colours: ['silver', 'red', 'navy', 'pink'] },
  { kind: 'flockFilm', stem: 'flock', words: 'flock film', colours: ['black', 'white', 'navy', 'green'] },
  { kind: 'puffFilm', stem: 'puff', words: 'puff film', colours: ['black', 'red'] },
  { kind: 'lowMeltFilm', stem: 'low-melt', words: 'low-melt film', colours: ['black', 'silver', 'gold', 'red'] },
  { kind: 'inkSheet', stem: 'ink', words: 'transfer-ink sheet', colours: ['black', 'blue', 'green', 'purple'] },
  {
    kind: 'adhesiveFilm',
    stem: 'adhesive',
    words: 'adhesive film',
    colours: ['black', 'white', 'gold', 'red', 'teal', 'copper'],
  },
  { kind: 'card', stem: 'card', words: 'card', colours: ['white', 'black', 'burgundy'] },
  { kind: 'leather', stem: 'leather', words: 'leatherette', colours: ['brown', 'black'] },
];

const kebab = (words: string) => words.replace(/ /g, '-');

/** What a new one starts as. */
export const NEW_MATERIAL: Material = plainMaterial('new', 'new film', 'standardFilm', ['black', COLOURS.black]).value;

/** What a bare shop has to choose from: what every run begins with, and the usual colours of every kind. */
export const STARTER_MATERIALS: readonly Copy<Material>[] = [
  ...DEFAULT_MATERIALS,
  ...FAMILIES.flatMap(({ kind, stem, words, colours }) =>
    colours.map((colour) =>
      plainMaterial(`${stem}-${kebab(colour)}`, `${colour} ${words}`, kind, [colour, COLOURS[colour]]),
    ),
  ),
];
