// The one-way arrows of docs/architecture.md, as rules that fail the test command.
const only = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from },
  to: { path: '^(packages|apps|demo)/', pathNot: allowed },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    only('core-stands-alone', '^packages/core/', ['^packages/core/'], 'core imports nothing of ours'),
    only('contract-on-core', '^packages/contract/', ['^packages/(contract|core)/']),
    only('slide-view-on-core', '^packages/slide-view/', ['^packages/(slide-view|core)/']),
    only('demo-on-core', '^demo/', ['^demo/', '^packages/core/']),
    only('web-arrows', '^apps/web/', ['^apps/web/', '^packages/(core|contract|slide-view)/']),
    only('server-arrows', '^apps/server/', ['^apps/server/', '^packages/(core|contract)/', '^demo/']),
    {
      name: 'demo-only-by-its-loader',
      severity: 'error',
      from: { path: '^apps/server/src/(?!sample/)' },
      to: { path: '^demo/' },
    },
    {
      name: 'core-is-plain',
      comment: 'no DOM, React, Nest or network packages in the computation',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.test\\.ts$' },
      to: {
        path: 'node_modules',
        pathNot: 'node_modules/(yjs|fractional-indexing|@dagrejs|fflate|fast-xml-parser|papaparse)/',
      },
    },
    {
      name: 'ground-floor',
      comment: 'deck and geometry import only each other',
      severity: 'error',
      from: { path: '^packages/core/src/(deck|geometry)/' },
      to: { path: '^packages/core/src/', pathNot: '^packages/core/src/(deck|geometry|testing)/' },
    },
    {
      name: 'shared-doc-on-top',
      severity: 'error',
      from: { path: '^packages/core/src/(?!(shared-doc|formats)/)' },
      to: { path: '^packages/core/src/(shared-doc|formats)/' },
    },
    {
      name: 'core-folder-doors',
      comment: 'a folder of core is entered through its index only',
      severity: 'error',
      from: { path: '^packages/core/src/([^/]+)/' },
      to: { path: '^packages/core/src/([^/]+)/', pathNot: ['^packages/core/src/$1/', '/index\\.ts$'] },
    },
    {
      name: 'screens-apart',
      comment: 'a screen of the web application never imports another',
      severity: 'error',
      from: { path: '^apps/web/src/screens/([^/]+)/' },
      to: { path: '^apps/web/src/screens/([^/]+)/', pathNot: '^apps/web/src/screens/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      conditionNames: ['@gobrel/source', 'import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    },
  },
};
