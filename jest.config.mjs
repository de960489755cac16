/** Unit tests: TypeScript through swc, as ES modules. */
export default {
  globalSetup: '<rootDir>/scripts/fonts.mjs',
  testEnvironment: 'node',
  // On an overloaded machine too: nothing fails by its pace.
  testTimeout: 60_000,
  roots: ['<rootDir>/src', '<rootDir>/server', '<rootDir>/bin'],
  setupFiles: ['<rootDir>/src/core/testing/setup.ts'],
  setupFilesAfterEnv: ['<rootDir>/src/core/testing/asserts.ts'],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    '^@core/([a-z-]+)$': '<rootDir>/src/core/$1/index.ts',
    '^@app/(.*)$': '<rootDir>/src/app/$1',
    '^@demo/(.*)$': '<rootDir>/demo/$1',
  },
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', decorators: true },
          transform: { legacyDecorator: true, useDefineForClassFields: true },
          target: 'es2022',
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
}
