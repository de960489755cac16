import { readdirSync } from 'node:fs'
import each from './jest.config.mjs'
import { isAlone } from './scripts/bundle-tests.mjs'

/** The unit tests of a whole run: in lanes that were put together before, and by themselves where they must be. */
const alone = ['src', 'server', 'bin'].flatMap((folder) =>
  readdirSync(folder, { recursive: true })
    .map((path) => `${folder}/${path}`)
    .filter((path) => path.endsWith('.test.ts') && (folder !== 'src' || isAlone(path))),
)
export default {
  globalSetup: '<rootDir>/scripts/fonts.mjs',
  workerIdleMemoryLimit: '2GB',
  // On an overloaded machine too: nothing fails by its pace.
  testTimeout: 60_000,
  projects: [
    {
      displayName: 'lanes',
      rootDir: '.cache/tests',
      testMatch: ['<rootDir>/lane-*.mjs'],
      transform: {},
    },
    { ...each, displayName: 'alone', testMatch: alone.map((path) => `<rootDir>/${path}`) },
  ],
}
