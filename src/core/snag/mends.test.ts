import { derive } from '../bag/index.ts'
import type { Design } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { everyBag } from '../testing/every-bag.ts'
import { snagKey, type Snag } from './index.ts'

/** Bags that are wanted in another size than they have. */
const wanted = ({ want, ...design }: Design, around: number, tall: number): Design => ({
  ...design,
  want: { ...want, aroundMm: want.aroundMm * around, heightMm: want.heightMm * tall },
})
const snagsOf = (design: Design): readonly Snag[] => derive(projectOf(design)).snags
const errorsOf = (snags: readonly Snag[]): string[] =>
  snags.filter(({ severity }) => severity === 'error').map(snagKey)

describe('every mend that is offered', () => {
  const bags = everyBag().filter((_, i) => i % 4 === 0)
  it.each(bags.map((bag) => [bag.design.name, bag.design] as const))(
    '%s: changes something, mends what it is for, and breaks nothing else',
    (_, design) => {
      const wrong: string[] = []
      for (const [around, tall] of [
        [1.13, 1.3],
        [0.85, 0.7],
      ] as const) {
        const bag = wanted(design, around, tall)
        const before = snagsOf(bag)
        for (const snag of before)
          for (const { kind, edits } of snag.mends) {
            const next = commit(historyOf(projectOf(bag)), edits).design
            const after = snagsOf(next)
            const say = (what: string) => wrong.push(`${snag.code} by ${kind} ${what}`)
            if (JSON.stringify(next) === JSON.stringify(bag)) say('changes nothing')
            const fresh = errorsOf(after).filter((key) => !errorsOf(before).includes(key))
            if (fresh.length > 0) say(`breaks ${fresh.join()}`)
            const same = after.find((one) => snagKey(one) === snagKey(snag))
            if (JSON.stringify(same?.facts) === JSON.stringify(snag.facts)) say('mends nothing')
          }
      }
      expect([...new Set(wrong)]).toEqual([])
    },
  )
})
