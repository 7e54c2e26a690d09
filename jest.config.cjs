// One Jest project a package; every one of them compiles TypeScript to CommonJS with swc.
const transform = {
  '^.+\\.(m?js|tsx?)$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
        keepClassNames: true,
      },
      module: { type: 'commonjs' },
    },
  ],
};

const project = (displayName, folder, extra = {}) => ({
  displayName,
  rootDir: `${__dirname}/${folder}`,
  roots: ['<rootDir>/src'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['@gobrel/source', 'node', 'node-addons'] },
  transform,
  transformIgnorePatterns: [
    '/node_modules/(?!(@formatjs|@nestjs|file-type|strtok3|token-types|uint8array-extras|@tokenizer|@borewit|load-esm|fractional-indexing|cookie|@dagrejs|marked|@tus|srvx|set-cookie-parser|oidc-provider|openid-client|oauth4webapi|jose|@mathjax|mhchemparser)/)',
  ],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  ...extra,
});

module.exports = {
  // Server tests start whole servers, take databases away and wait for them to come back.
  testTimeout: 60_000,
  projects: [
    project('core', 'packages/core'),
    project('contract', 'packages/contract'),
    project('device-sync', 'packages/device-sync'),
    project('messages', 'packages/messages', { roots: ['<rootDir>/compiler'], testMatch: ['**/*.test.mjs'] }),
    project('slide-view', 'packages/slide-view'),
    project('demo', 'demo'),
    project('web', 'apps/web'),
    project('commands', 'scripts', { roots: ['<rootDir>'] }),
    project('server', 'apps/server', { setupFiles: ['reflect-metadata'] }),
  ],
};
