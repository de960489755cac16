import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { ensureChromium, ensureInstalled, tool } from './ensure.mjs'

/*
 * Runs everything, in two lanes side by side: the build and the journeys through it; format, types, lint, the share of tests,
 * dependency rules and unit tests. What a step says is shown when it has ended. Ends with the sum.
 */
ensureInstalled()
ensureChromium()
mkdirSync('.cache', { recursive: true })

const JEST = '.cache/jest.json'
const E2E = '.cache/e2e.json'
const read = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null)

/** A step that passes or fails as one. */
const step = (name, ...command) => ({ name, command, count: (ok) => [ok ? 1 : 0, ok ? 0 : 1] })

const unit = {
  name: 'unit tests',
  command: [
    process.execPath,
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    ...['--config', 'jest.run.config.mjs', '--maxWorkers=1', '--json', `--outputFile=${JEST}`],
  ],
  count: (ok) => {
    const told = read(JEST)
    return told
      ? [told.numPassedTests, told.numFailedTests + told.numRuntimeErrorTestSuites]
      : [0, ok ? 0 : 1]
  },
}
const journeys = {
  name: 'end-to-end tests',
  command: [tool('playwright'), 'test'],
  env: { E2E_JSON: E2E },
  count: (ok) => {
    const told = read(E2E)
    if (!told) return [0, ok ? 0 : 1]
    const { expected, flaky, unexpected } = told.stats
    if (flaky > 0) console.log(`${flaky} of the journeys passed at the second try only.`)
    return [expected + flaky, unexpected]
  },
}
const lanes = [
  [step('build', process.execPath, 'scripts/build.mjs'), journeys],
  [
    step('format', tool('prettier'), '--check', '--log-level', 'warn', '.'),
    step('types', tool('vue-tsc'), '--noEmit', '-p', 'tsconfig.json'),
    step('types of the core', tool('tsc'), '-p', 'tsconfig.core.json'),
    step('lint', tool('eslint'), '.'),
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
    step('unit tests put together', process.execPath, 'scripts/bundle-tests.mjs'),
    unit,
  ],
]

/** Runs a step; whether it went well, and what it said. */
const runStep = ({ command: [command, ...args], env }) =>
  new Promise((done) => {
    const child = spawn(command, args, {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, npm_config_loglevel: 'error', ...env },
    })
    let said = ''
    for (const stream of [child.stdout, child.stderr])
      stream.setEncoding('utf8').on('data', (text) => (said += text))
    child.on('error', (error) => done({ ok: false, said: `${said}${error.message}\n` }))
    child.on('close', (code) => done({ ok: code === 0, said }))
  })

for (const path of [JEST, E2E]) rmSync(path, { force: true })
let passed = 0
let failed = 0
async function runLane(steps) {
  for (const one of steps) {
    const began = Date.now()
    const { ok, said } = await runStep(one)
    const [good, bad] = one.count(ok)
    passed += good
    failed += ok ? bad : Math.max(1, bad)
    const seconds = ((Date.now() - began) / 1000).toFixed(0)
    console.log(
      `\n== ${one.name}\n${said}== ${one.name}: ${ok && bad === 0 ? 'passed' : 'FAILED'} in ${seconds} s`,
    )
  }
}
await Promise.all(lanes.map(runLane))
console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
