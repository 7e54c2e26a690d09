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
    {
      name: 'own-packages-found',
      comment: 'an arrow to a package of ours that is not found is looked at by no rule',
      severity: 'error',
      from: {},
      to: { path: '^@gobrel/', couldNotResolve: true },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    only('core-stands-alone', '^packages/core/', ['^packages/core/'], 'core imports nothing of ours'),
    only('contract-on-core', '^packages/contract/', ['^packages/(contract|core)/']),
    only('slide-view-on-core', '^packages/slide-view/', ['^packages/(slide-view|core)/']),
    only('demo-on-core', '^demo/', ['^demo/', '^packages/core/']),
    only('web-arrows', '^apps/web/', ['^apps/web/', '^packages/(core|contract|device-sync|messages|slide-view)/']),
    // A show in one file is drawn and walked as everywhere else.
    only('player-arrows', '^apps/player/', [
      '^apps/player/',
      '^apps/web/src/(features/walking/index|shared/(downloads|messages|ui)/index|app/look\\.css)',
      '^packages/(core|messages|slide-view)/',
    ]),
    only('messages-stand-alone', '^packages/messages/', ['^packages/messages/']),
    {
      name: 'messages-by-their-door',
      comment: 'the interface says its messages through one door',
      severity: 'error',
      from: { path: '^apps/web/src/(?!shared/messages/)' },
      to: { path: '^packages/messages/' },
    },
    only('server-arrows', '^apps/server/', [
      '^apps/server/',
      '^packages/(core|contract|device-sync)/',
      // What mails say, in every language.
      '^packages/messages/compiled/[a-z]+/(mails|platform-pages)\\.js$',
      '^demo/',
      // Tests only, as the rule below says.
      '^apps/stand-ins/',
    ]),
    {
      name: 'demo-only-by-its-loader',
      severity: 'error',
      from: { path: '^apps/server/src/(?!sample/)', pathNot: '\\.test\\.ts$' },
      to: { path: '^demo/' },
    },
    {
      name: 'stand-ins-for-tests',
      comment: 'what stands in for a school’s systems is asked only from outside',
      severity: 'error',
      from: { path: '^(packages|apps|demo)/(?!stand-ins/)', pathNot: '\\.test\\.ts$' },
      to: { path: '^apps/stand-ins/' },
    },
    only('stand-ins-stand-alone', '^apps/stand-ins/', ['^apps/stand-ins/']),
    {
      name: 'core-is-plain',
      comment: 'no DOM, React, Nest or network packages in the computation',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.test\\.ts$' },
      to: {
        path: 'node_modules',
        pathNot:
          'node_modules/(yjs|fractional-indexing|@dagrejs|fflate|fast-xml-parser|papaparse|@noble|marked|entities|pdfkit|@types/pdfkit|@mathjax)/',
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
      name: 'deck-commands-on-top',
      comment: 'what a deck is does not know what is done to it',
      severity: 'error',
      from: { path: '^packages/core/src/deck/(?!commands/|index\\.ts$)', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/deck/commands/' },
    },
    {
      name: 'shared-below-features',
      comment: 'what is shared in the web application knows no feature and not the application around them',
      severity: 'error',
      from: { path: '^apps/web/src/shared/' },
      to: { path: '^apps/web/src/(features|app)/' },
    },
    {
      name: 'features-by-their-doors',
      comment: 'a feature enters another one by its door only',
      severity: 'error',
      from: { path: '^apps/web/src/features/([^/]+)/' },
      to: {
        path: '^apps/web/src/features/',
        pathNot: ['^apps/web/src/features/$1/', '^apps/web/src/features/[^/]+/index\\.ts$'],
      },
    },
    // Which feature may use which: a short list without circles.
    ...Object.entries({
      account: [],
      board: ['exporting', 'lessons', 'player', 'walking'],
      classes: ['lessons'],
      editor: ['exporting', 'lessons', 'library', 'sharing', 'walking'],
      exporting: [],
      lessons: [],
      library: ['lessons', 'sharing'],
      school: [],
      sharing: ['walking'],
      player: ['sharing', 'walking'],
      student: ['walking'],
      walking: [],
    }).map(([feature, used]) => ({
      name: `what-${feature}-uses`,
      severity: 'error',
      from: { path: `^apps/web/src/features/${feature}/` },
      to: { path: `^apps/web/src/features/(?!(${[feature, ...used].join('|')})/)` },
    })),
    {
      name: 'app-for-features',
      comment: 'of the application around them features use the frame, the offline store and what is fetched ahead',
      severity: 'error',
      from: { path: '^apps/web/src/features/' },
      to: {
        path: '^apps/web/src/app/',
        pathNot: '^apps/web/src/app/(frame/index\\.ts|offline/offline-caches\\.ts|prefetch\\.ts)$',
      },
    },
    {
      name: 'shared-doors',
      comment: 'a room of what is shared is entered by its door',
      severity: 'error',
      from: { path: '^apps/web/src/(?:[^/]+)/([^/]+)/' },
      to: {
        path: '^apps/web/src/shared/([^/]+)/',
        pathNot: ['^apps/web/src/shared/$1/', '^apps/web/src/shared/[^/]+/index\\.ts$'],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      // Without it our own packages are not found, and no arrow between them is looked at.
      exportsFields: ['exports'],
      conditionNames: ['@gobrel/source', 'import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    },
  },
};
