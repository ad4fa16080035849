/**
 * The directions in which the house may be walked; docs/architecture.md draws them. A wrong arrow fails the tests.
 */

/** Rooms of the core and the rooms each may open, besides `outcome`, `ids`, `deep-readonly`, `same-json` and `has-words`. */
const CORE = {
  units: [],
  directions: [],
  shop: [],
  spec: ['shop'],
  edit: ['shop', 'spec', 'colour'],
  geometry: [],
  faces: ['geometry'],
  measures: ['geometry'],
  motifs: ['shop', 'geometry'],
  monograms: ['shop', 'geometry'],
  dates: [],
  names: [],
  intake: ['spec', 'names', 'dates'],
  wording: ['shop', 'spec', 'names', 'dates', 'finding'],
  roster: ['spec', 'edit', 'intake', 'names', 'dates', 'wording'],
  resolve: ['shop', 'spec', 'wording', 'finding'],
  blanks: ['shop', 'spec', 'edit'],
  press: ['shop', 'spec', 'ledger', 'countdown'],
  colour: [],
  tokens: [],
  place: ['shop'],
  artwork: ['shop', 'faces', 'directions', 'geometry', 'monograms', 'resolve', 'place'],
  largest: ['shop', 'geometry', 'faces', 'artwork', 'place'],
  fit: ['spec', 'units', 'geometry', 'faces', 'resolve', 'artwork', 'place', 'largest', 'finding'],
  figures: ['spec', 'place', 'finding'],
  checks: [
    'shop',
    'spec',
    'press',
    'place',
    'resolve',
    'geometry',
    'faces',
    'artwork',
    'measures',
    'largest',
    'colour',
    'fit',
    'figures',
    'finding',
  ],
  'face-facts': ['artwork', 'checks', 'faces', 'suits'],
  suits: ['shop'],
  remedies: ['shop', 'spec', 'wording', 'resolve', 'faces', 'artwork', 'fit', 'checks', 'colour', 'finding'],
  report: ['spec', 'resolve', 'artwork', 'fit', 'checks'],
  pieces: ['spec', 'geometry', 'resolve', 'place', 'fit', 'checks', 'finding'],
  sheets: ['shop', 'spec', 'units', 'geometry', 'pieces', 'random'],
  freeze: ['shop', 'units', 'geometry', 'faces', 'checks', 'figures', 'pieces', 'sheets'],
  release: ['units', 'geometry', 'figures', 'resolve', 'checks', 'pieces', 'freeze'],
  cutfile: ['spec', 'units', 'geometry', 'sheets', 'freeze'],
  ledger: ['shop', 'spec'],
  countdown: ['spec'],
  sentences: ['finding', 'shop', 'resolve', 'press', 'units', 'suits'],
};

const TEST = '\\.test\\.tsx?$|^src/(core|services|client|workers)/test/';

const coreRules = Object.entries(CORE).map(([room, opens]) => ({
  name: `core-${room}`,
  comment: `core/${room} may open: ${opens.join(', ') || 'nothing'}`,
  severity: 'error',
  from: { path: `^src/core/${room}/`, pathNot: TEST },
  to: {
    path: '^src/core/',
    pathNot: `^src/core/(${[room, ...opens].join('|')})(/|\\.ts$)|^src/core/(outcome|ids|deep-readonly|same-json|has-words)\\.ts$`,
  },
}));

const forbid = (name, from, to, extra = {}) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: TEST },
  to: { ...extra, path: to },
});

const HEAVY =
  '^src/core/(faces|face-facts|geometry|motifs|artwork|measures|largest|fit|checks|remedies|report|pieces|sheets|freeze|release|cutfile)/';

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'nothing-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
    ...coreRules,
    forbid('core-is-pure', '^src/core/', '^src/(?!core/)|node_modules/(react|next|kysely|better-sqlite3)/'),
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TEST },
      to: { dependencyTypes: ['core'] },
    },
    forbid('testing-is-for-tests', '^src/', '^src/(core|services|client|workers)/test/'),
    forbid('store', '^src/store/', '^src/(?!core/|store/)'),
    forbid('services', '^src/services/', '^src/(?!core/|store/|services/)'),
    forbid('workers', '^src/workers/', '^src/(?!core/|workers/)'),
    forbid('ui', '^src/ui/', '^src/(?!ui/|core/(units|tokens)/)'),
    forbid('drawing', '^src/drawing/', '^src/(?!core/|workers/|drawing/)'),
    forbid('client', '^src/client/', '^src/(?!core/|workers/|drawing/|client/|services/|ui/)'),
    forbid('parts', '^src/parts/', '^src/(?!core/|workers/|drawing/|client/|services/|ui/|parts/)'),
    forbid('features', '^src/features/', '^src/(?!core/|workers/|drawing/|client/|services/|ui/|parts/|features/)'),
    forbid('browser-knows-services-by-type-only', '^src/(client|parts|features)/', '^src/services/', {
      dependencyTypesNot: ['type-only'],
    }),
    forbid('client-draws-nothing', '^src/client/', '^src/ui/', { dependencyTypesNot: ['type-only'] }),
    forbid('heavy-rooms-only-in-the-worker', '^src/(client|parts|features|ui|drawing)/', HEAVY, {
      dependencyTypesNot: ['type-only'],
    }),
    forbid('app-has-no-sql', '^src/(app|parts|features|client|ui|workers)/', '^src/store/'),
    {
      name: 'never-sideways',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'parts-never-sideways',
      severity: 'error',
      from: { path: '^src/parts/([^/]+)/' },
      to: { path: '^src/parts/', pathNot: '^src/parts/$1/' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.next|^build/' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
