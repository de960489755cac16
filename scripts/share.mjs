import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'

/* Tests are a quarter of all lines at least, what is only there for them included. */

const LEAST = 0.25
const CODE = /\.(ts|vue|mjs|js|css)$/
const TEST = /(\.test\.|\.spec\.|\/testing\/|(^|\/)e2e\/)/

const { status, stdout } = spawnSync('git', ['ls-files'], { encoding: 'utf8' })
if (status !== 0) console.log('Not a checkout: the share of tests is not known.')
else {
  const sum = { all: 0, tests: 0 }
  for (const path of stdout.split('\n').filter((name) => CODE.test(name))) {
    const lines = readFileSync(path, 'utf8').split('\n').length - 1
    sum.all += lines
    if (TEST.test(path)) sum.tests += lines
  }
  const share = sum.tests / sum.all
  console.log(`Tests are ${(100 * share).toFixed(1)} % of ${sum.all} lines.`)
  if (share < LEAST) process.exitCode = 1
}
