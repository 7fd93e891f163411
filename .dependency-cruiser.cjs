/** The floors of the house (docs/architecture.md): imports only run downward. */
const upward = (folder, forbidden, comment) => ({
  name: `${folder}-imports-down`,
  comment,
  severity: 'error',
  from: { path: `^${folder}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^(${forbidden.join('|')})/` },
});

/** The wings of a floor, lowest first (docs/architecture.md): each may import those before it. */
const downward = (floor, wings) =>
  wings.slice(0, -1).map((wing, index) => ({
    name: `${floor}-${wing}-imports-down`,
    comment: 'the wings are listed in docs/architecture.md, lowest first',
    severity: 'error',
    from: { path: `^${floor}/${wing}/`, pathNot: '\\.test\\.tsx?$' },
    to: { path: `^${floor}/(${wings.slice(index + 1).join('|')})/` },
  }));
const CORE = ['base', 'car', 'readings', 'diagnosis', 'planning', 'job', 'exchange'];
const FEATURES = ['shell', 'queue', 'record', 'measure', 'car', 'checks', 'work', 'job', 'shop', 'frame'];

module.exports = {
  forbidden: [
    upward('core', ['ui', 'server', 'features', 'app', 'workers', 'scripts', 'tests', 'db'], 'core is pure'),
    {
      name: 'core-is-pure',
      comment: 'no framework, database, file system or network in the core',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(node_modules/(react|next|postgres|pino)|node:)', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-no-node',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    ...downward('core', CORE),
    ...downward('features', FEATURES),
    upward(
      'ui',
      ['server', 'features', 'app', 'workers', 'scripts', 'tests', 'db', 'core/(?!base/units)'],
      'the kit knows units and nothing else',
    ),
    upward('server', ['ui', 'features', 'app', 'scripts', 'tests', 'db'], 'the server knows only core'),
    {
      name: 'server-takes-types-of-workers',
      comment: 'a worker is a program of its own: the server starts its bundle and knows its shape',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^workers/', dependencyTypesNot: ['type-only'] },
    },
    upward('features', ['app', 'scripts', 'tests', 'db'], 'features do not know routes'),
    {
      name: 'features-take-types-of-server',
      comment: 'a component takes types from the server, never its SQL',
      severity: 'error',
      from: { path: '^features/' },
      to: { path: '^server/', dependencyTypesNot: ['type-only'] },
    },
    upward('workers', ['ui', 'server', 'features', 'app', 'scripts', 'tests', 'db'], 'workers wrap core'),
    upward('app', ['scripts', 'tests', 'db', 'workers'], 'routes compose'),
    {
      name: 'sql-only-in-server',
      severity: 'error',
      from: { path: '^(app|features|ui|core|workers)/' },
      to: { path: 'node_modules/postgres/' },
    },
    {
      name: 'links-fetch-nothing-ahead',
      comment: 'ui/Link.tsx says why',
      severity: 'error',
      from: { path: '^(app|features|ui)/', pathNot: '^ui/Link\\.tsx$' },
      to: { path: 'node_modules/next/link' },
    },
    {
      name: 'parts-come-later-by-one-door',
      comment:
        'features/shell/later.tsx says why: a part that is only fetched when it is opened is missing where the network is',
      severity: 'error',
      // What the server's page shows has to be awake with it: these are parts it may be made with.
      from: {
        path: '^(app|features|ui)/',
        pathNot:
          '^features/(work/WorkStage|work/run/(stepParts|RunScreen|RunPicture|LookIns)|job/proof/proofParts|shop/bench/frame/KeptBenches|car/LastReadings)\\.tsx?$',
      },
      to: { path: 'node_modules/next/dynamic' },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-unresolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
    },
  },
};
