import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { ensureChromium, ensureInstalled, run, tool } from './ensure.mjs'

/* Runs everything: format, lint, types, the share of tests, dependency rules, unit tests, build, end-to-end tests. Ends with the sum. */
ensureInstalled()
ensureChromium()
mkdirSync('.cache', { recursive: true })

const JEST = '.cache/jest.json'
const E2E = '.cache/e2e.json'
const read = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null)

/** A step that passes or fails as one. */
const step = (name, ...command) => ({ name, command, count: (ok) => [ok ? 1 : 0, ok ? 0 : 1] })

const steps = [
  step('format', tool('prettier'), '--check', '--log-level', 'warn', '.'),
  step('lint', tool('eslint'), '.'),
  step('types', 'npm', 'run', '-s', 'types'),
  step('share of tests', process.execPath, 'scripts/share.mjs'),
  step(
    'dependency rules',
    tool('depcruise'),
    '--config',
    '.dependency-cruiser.cjs',
    'src',
    'server',
    'bin',
    'bench',
  ),
  {
    name: 'unit tests',
    command: ['npm', 'run', '-s', 'test:unit', '--', '--json', `--outputFile=${JEST}`],
    count: (ok) => {
      const told = read(JEST)
      return told
        ? [told.numPassedTests, told.numFailedTests + told.numRuntimeErrorTestSuites]
        : [0, ok ? 0 : 1]
    },
  },
  step('build', tool('vite'), 'build', '--logLevel', 'warn'),
  {
    name: 'end-to-end tests',
    command: ['npm', 'run', '-s', 'test:e2e'],
    env: { E2E_JSON: E2E },
    count: (ok) => {
      const told = read(E2E)
      return told
        ? [told.stats.expected + told.stats.flaky, told.stats.unexpected]
        : [0, ok ? 0 : 1]
    },
  },
]

for (const path of [JEST, E2E]) rmSync(path, { force: true })
let passed = 0
let failed = 0
for (const { name, command, count, env } of steps) {
  const began = Date.now()
  console.log(`\n== ${name}`)
  const ok = run(command[0], command.slice(1), { env: { ...process.env, ...env } })
  const [good, bad] = count(ok)
  passed += good
  failed += ok ? bad : Math.max(1, bad)
  console.log(
    `== ${name}: ${ok ? 'passed' : 'FAILED'} in ${((Date.now() - began) / 1000).toFixed(0)} s`,
  )
}
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
