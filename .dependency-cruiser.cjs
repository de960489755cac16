/** The direction of dependencies: each layer may use those before it, and a core folder only through its index.ts. */
const layers = [
  ['units', 'solver', 'measure', 'terms', 'notation', 'document', 'paper'],
  ['stitch', 'chart', 'motif', 'mosaic', 'manners'],
  ['part'],
  ['shape'],
  ['program'],
  ['band', 'fitting'],
  ['design'],
  ['ledger'],
  ['fit', 'colour', 'paths', 'form'],
  ['picture'],
  ['yarn'],
  ['pattern', 'check', 'texture'],
  ['shorthand'],
  ['snag'],
  ['bag', 'workshop'],
  ['make'],
  ['adopt', 'booklet'],
  ['file'],
  ['schema'],
]
const upward = layers.slice(0, -1).map((folders, i) => ({
  name: `not-upward-from-${folders.join('-')}`,
  severity: 'error',
  from: { path: `^src/core/(${folders.join('|')})/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^src/core/(${layers
      .slice(i + 1)
      .flat()
      .join('|')})/`,
  },
}))

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '(\\.test\\.ts$|^src/core/testing/)' },
      to: {
        path: '(^src/app/|^server/|^bin/|node_modules/(vue|pinia|element-plus|konva|localforage|express|d3)/)',
      },
    },
    {
      name: 'core-is-pure-of-node',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '(\\.test\\.ts$|^src/core/testing/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'through-the-index',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/([^/]+)/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$'] },
    },
    {
      name: 'app-through-the-index',
      severity: 'error',
      from: { path: '^(src/app|bin|server|bench|e2e)/' },
      to: { path: '^src/core/[^/]+/', pathNot: '^src/core/([^/]+/index|testing/.+)\\.ts$' },
    },
    ...upward,
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js', '.json'] },
  },
}
