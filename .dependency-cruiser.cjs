/** The plan of the house as rules: see CONTRIBUTING.md. Runs with the linter. */
const rooms = [
  'core',
  'contract',
  'outside',
  'server',
  'web',
  'standins',
  'demo',
  'cli',
  'start',
  'tools',
  'e2e',
  'bench',
];
const may = {
  core: [],
  contract: ['core'],
  outside: ['core'],
  server: ['core', 'contract', 'outside'],
  web: ['core', 'contract'],
  standins: ['core'],
  demo: [],
  cli: ['core', 'outside'],
  start: ['core', 'contract', 'outside', 'server', 'standins', 'demo'],
  tools: ['core', 'contract', 'server'],
  bench: ['core', 'contract', 'outside', 'server', 'standins', 'demo', 'cli', 'start', 'e2e'],
  e2e: ['core', 'contract', 'server', 'demo', 'start'],
};
/** The floors of `core`, lower ones first. A folder imports only from floors below its own. */
const floors = [
  ['text', 'vocabulary', 'limits', 'outline'],
  ['fault', 'encoding'],
  ['csv'],
  ['html'],
  ['phone', 'address', 'hours', 'pin', 'link', 'price', 'item'],
  ['value'],
  ['record'],
  ['markup', 'reading', 'geocode', 'step'],
  ['agreement', 'photo'],
  ['mending'],
  ['checking', 'proposal', 'weaving'],
  ['reporting', 'page', 'intake'],
  ['site'],
];
const tests = '\\.test\\.tsx?$';

const roomRules = rooms.map((room) => ({
  name: `${room}-imports`,
  severity: 'error',
  comment: `${room} may import ${may[room].join(', ') || 'no other room'}.`,
  from: { path: `^${room}/`, pathNot: tests },
  to: { path: `^(${rooms.filter((other) => other !== room && !may[room].includes(other)).join('|')})/` },
}));

const floorRules = floors.flatMap((floor, level) =>
  floor.map((folder) => ({
    name: `core-${folder}-stands-on-lower-floors`,
    severity: 'error',
    from: { path: `^core/${folder}/`, pathNot: tests },
    to: {
      path: `^core/(${floors
        .slice(level)
        .flat()
        .filter((other) => other !== folder)
        .join('|')})/`,
    },
  })),
);

module.exports = {
  forbidden: [
    ...roomRules,
    ...floorRules.filter((rule) => !rule.to.path.includes('()')),
    {
      name: 'core-folders-open-through-their-index',
      severity: 'error',
      from: { path: '^(?!core/)' },
      to: { path: '^core/[^/]+/(?!index\\.ts$)' },
    },
    {
      name: 'core-folders-open-to-each-other-through-their-index',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/(?!$1/)[^/]+/(?!index\\.ts$)' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'No Node, no DOM, no React, no network in core.',
      from: { path: '^core/', pathNot: tests },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-uses-small-pure-libraries-only',
      severity: 'error',
      from: { path: '^core/', pathNot: tests },
      to: {
        path: 'node_modules',
        pathNot:
          'node_modules/(zod|entities|htmlparser2|libphonenumber-js|localized-address-format|i18n-iso-countries|@date-fns/tz|fast-diff|minisearch|exifreader|currency-codes|csv-parse|csv-stringify|chardet|css-select|fflate|any-ascii|@noble/hashes)/',
      },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      comment: 'A file nobody imports is dead code.',
      from: { orphan: true, pathNot: ['\\.d\\.ts$', tests, '\\.config\\.', '^(start|tools)/'] },
      to: {},
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '(^build/|\\.css$|^demo/sites/)' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
