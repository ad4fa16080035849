/**
 * The directions in which the house may be walked; docs/architecture.md draws them. A wrong arrow fails the tests.
 */

/** Rooms of the core and the rooms each may open, besides `outcome`, `ids` and `deep-readonly`. */
const CORE = {
  units: [],
  shop: [],
  spec: ['shop'],
  edit: ['shop', 'spec'],
  geometry: ['units'],
  faces: ['geometry', 'units'],
  lettering: ['faces', 'geometry', 'shop'],
  measures: ['geometry'],
  dates: [],
  names: [],
  intake: ['spec', 'names', 'dates'],
  roster: ['shop', 'spec', 'edit', 'units', 'intake', 'names', 'dates', 'wording'],
  wording: ['shop', 'spec', 'names', 'dates', 'finding'],
  resolve: ['shop', 'spec'],
  place: ['shop', 'units'],
  blanks: ['shop', 'spec', 'edit', 'resolve'],
  colour: [],
  largest: ['geometry', 'faces', 'lettering', 'place'],
  fit: [
    'shop',
    'spec',
    'resolve',
    'units',
    'geometry',
    'faces',
    'lettering',
    'measures',
    'largest',
    'colour',
    'wording',
    'place',
    'finding',
  ],
  pieces: ['shop', 'spec', 'units', 'geometry', 'faces', 'fit', 'finding'],
  release: ['shop', 'spec', 'geometry', 'faces', 'fit', 'pieces', 'wording'],
  sheets: ['shop', 'spec', 'units', 'geometry', 'faces', 'fit', 'pieces', 'finding', 'random'],
  cutfile: ['spec', 'units', 'geometry', 'sheets'],
  ledger: ['shop', 'spec'],
};

const TEST = '\\.test\\.tsx?$|^src/(core|services)/test/';

const coreRules = Object.entries(CORE).map(([room, opens]) => ({
  name: `core-${room}`,
  comment: `core/${room} may open: ${opens.join(', ') || 'nothing'}`,
  severity: 'error',
  from: { path: `^src/core/${room}/`, pathNot: TEST },
  to: {
    path: '^src/core/',
    pathNot: `^src/core/(${[room, ...opens].join('|')})(/|\\.ts$)|^src/core/(outcome|ids|deep-readonly)\\.ts$`,
  },
}));

const forbid = (name, from, to, extra = {}) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: TEST },
  to: { ...extra, path: to },
});

const HEAVY = '^src/core/(faces|geometry|lettering|measures|largest|fit|pieces|release|sheets|cutfile)/';

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
    forbid('testing-is-for-tests', '^src/', '^src/(core|services)/test/'),
    forbid('store', '^src/store/', '^src/(?!core/|store/)'),
    forbid('services', '^src/services/', '^src/(?!core/|store/|services/)'),
    forbid('workers', '^src/workers/', '^src/(?!core/|workers/)'),
    forbid('ui', '^src/ui/', '^src/(?!ui/|core/units/)'),
    forbid('client', '^src/client/', '^src/(?!core/|workers/|client/|services/|ui/)'),
    forbid('features', '^src/features/', '^src/(?!core/|workers/|client/|services/|ui/|features/)'),
    forbid('browser-knows-services-by-type-only', '^src/(client|features)/', '^src/services/', {
      dependencyTypesNot: ['type-only'],
    }),
    forbid('client-draws-nothing', '^src/client/', '^src/ui/', { dependencyTypesNot: ['type-only'] }),
    forbid('heavy-rooms-only-in-the-worker', '^src/(client|features|ui)/', HEAVY, {
      dependencyTypesNot: ['type-only'],
    }),
    forbid('app-has-no-sql', '^src/(app|features|client|ui|workers)/', '^src/store/'),
    {
      name: 'never-sideways',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
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
