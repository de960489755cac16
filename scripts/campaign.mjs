import { spawnSync } from 'node:child_process'
import { bundleTests } from './bundle-tests.mjs'
import { ensureInstalled, tool } from './ensure.mjs'

/*
 * What takes long, and is not waited for in a run: the properties tried twenty times as often from another seed, and the program killed,
 * stopped and fed with what it does not expect. Each part ends by itself, or is ended.
 */
ensureInstalled()
const seed = process.argv[2] ?? String(Date.now() % 1_000_000_007)
console.log(`Seed ${seed}: npm run campaign -- ${seed} does the same again.`)
const MINUTES = 60_000
const node = process.execPath
await bundleTests()
const parts = [
  [
    'properties',
    60,
    node,
    '--experimental-vm-modules',
    '--no-warnings',
    'node_modules/jest/bin/jest.js',
    '--config',
    'jest.run.config.mjs',
    '--testTimeout=600000',
  ],
  ['build', 5, node, 'scripts/build.mjs'],
  ['every view', 30, tool('playwright'), 'test', 'every-view', '--grep', 'every view'],
  ['at the hook', 30, tool('playwright'), 'test', 'long-work'],
  ['monkey', 60, tool('playwright'), 'test', 'monkey'],
  ['kills', 20, tool('tsx'), 'bench/kills.ts'],
  ['pauses', 10, tool('tsx'), 'bench/pauses.ts'],
  ['fuzz', 30, node, '--expose-gc', '--import', 'tsx', 'bench/fuzz.ts'],
]
let failed = 0
for (const [name, minutes, command, ...args] of parts) {
  console.log(`\n== ${name}`)
  const { status } = spawnSync(command, args, {
    stdio: 'inherit',
    timeout: minutes * MINUTES,
    killSignal: 'SIGKILL',
    env: { ...process.env, CAMPAIGN: seed, EVERY: 'all', MONKEY: '3000' },
  })
  if (status !== 0) failed++
  console.log(`== ${name}: ${status === 0 ? 'passed' : 'FAILED'}`)
}
process.exit(failed > 0 ? 1 : 0)
