/**
 * The floors of the page, from the ground up. What stands on one may use those below it and its own, never those above;
 * places may use one another as long as there is no circle.
 */
const FLOORS = [
  ['texts', 'wire', 'theme', 'settings'],
  ['units'],
  ['api'],
  ['form', 'draft'],
  ['tape', 'fabric', 'picture'],
  ['recipe', 'devices'],
  [
    'almanac',
    'basket',
    'card',
    'feet',
    'guide',
    'home',
    'lap',
    'log',
    'plan',
    'practice',
    'tubes',
    'yarn',
  ],
  ['shell'],
];

const within = (folders) => `^src/(${folders.join('|')})/`;

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'every-folder-has-a-floor',
      severity: 'error',
      from: { path: '^src/[^/]+/', pathNot: within(FLOORS.flat()) },
      to: {},
    },
    ...FLOORS.slice(0, -1).map((folders, floor) => ({
      name: `nothing-points-up-from-${folders[0]}`,
      severity: 'error',
      from: { path: within(folders), pathNot: '[.]test[.]tsx?$' },
      to: { path: within(FLOORS.slice(floor + 1).flat()) },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
