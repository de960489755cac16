import fc from 'fast-check'
import { checkPattern } from '@core/check'
import { readProject } from '@core/project'
import { fitAnswer, fitRequestOf } from '@core/fit'
import { writtenPattern } from '@core/pattern'
import { derive } from '@core/bag'
import { defaultWords } from '@core/stitch'
import { maybeEndless } from '../src/core/testing/finite.ts'
import { anyText } from '../src/core/testing/junk.ts'
import { anyMutant } from '../src/core/testing/mutate.ts'

/*
 * Random and mutated texts through the checker, mutated project files through the reader, and what it takes through all that
 * follows: none may fail, be slow, or make the memory grow. `npm run fuzz -- 100000 10000`
 */

const [texts = 100_000, files = 10_000] = process.argv.slice(2).map(Number)
const SEED = 20261125

interface Ground {
  readonly name: string
  readonly slowMs: number
  readonly from: fc.Arbitrary<unknown>
  readonly runs: number
  /** Whether it was taken. Throws when something went wrong. */
  readonly work: (item: unknown) => boolean
}

function followed(file: unknown): boolean {
  const read = readProject(JSON.stringify(file))
  if (!read.ok) return false
  const derived = derive(read.value)
  fitAnswer(fitRequestOf({ design: read.value.design, ...derived }))
  writtenPattern(derived.ledger, defaultWords)
  const endless = maybeEndless(derived)
  if (endless !== null) throw new Error(`no figure at ${endless}`)
  return true
}

const grounds: readonly Ground[] = [
  {
    name: 'texts',
    slowMs: 100,
    from: anyText,
    runs: texts,
    work: (text) => (checkPattern(text as string), true),
  },
  { name: 'files', slowMs: 2000, from: anyMutant, runs: files, work: followed },
]

function fuzz({ name, slowMs, from, runs, work }: Ground): boolean {
  let slowest = { ms: 0, item: null as unknown }
  let failed = 0
  let taken = 0
  const timed = (item: unknown): number => {
    const began = performance.now()
    try {
      if (work(item)) taken++
    } catch (error) {
      failed++
      console.log('failed:', JSON.stringify(item), error)
    }
    return performance.now() - began
  }
  const began = performance.now()
  const before = process.memoryUsage().heapUsed
  let seed = SEED
  for (let done = 0; done < runs; done += 1000) {
    for (const item of fc.sample(from, { numRuns: Math.min(1000, runs - done), seed: seed++ })) {
      let ms = timed(item)
      // A pause of the machine is none of the item's: what is slow is so again.
      for (let tries = 0; ms > slowMs && tries < 3; tries++) ms = Math.min(ms, timed(item))
      if (ms > slowest.ms) slowest = { ms, item }
    }
    if (done % 20_000 === 0)
      console.log(`${done} of ${runs} ${name}, slowest ${slowest.ms.toFixed(1)} ms`)
  }
  globalThis.gc?.()
  const grown = (process.memoryUsage().heapUsed - before) / 1e6
  console.log(
    `${runs} ${name}, ${taken} taken, ${failed} failed, slowest ${slowest.ms.toFixed(1)} ms, ${grown.toFixed(0)} MB more in use, ${((performance.now() - began) / 1000).toFixed(0)} s`,
  )
  const slow = slowest.ms > slowMs
  if (slow) console.log('slowest:', JSON.stringify(slowest.item))
  return failed === 0 && !slow
}

// The grammar looks itself over once, at its first use.
checkPattern('Rnd 1: 6 sc in magic ring (6)')
if (!grounds.map(fuzz).every(Boolean)) process.exitCode = 1
