import fc from 'fast-check'
import { roundsFrom, stripesFrom } from './index.ts'
import { tries } from '../testing/tries.ts'

/** Whether stripes can lie so that no two of one yarn touch: tried in every order. */
function canLie(counts: readonly number[], last = -1): boolean {
  if (counts.every((n) => n === 0)) return true
  return counts.some((n, i) => n > 0 && i !== last && canLie(counts.with(i, n - 1), i))
}

describe('stripes from amounts of yarn', () => {
  // 12 m, 0.3 m at the ends, 2.5 m a round: four rounds take 10 m, a fifth would want 12.8 m.
  it('a yarn gives whole rounds', () => {
    expect(roundsFrom({ yarn: 'A', metres: 12, perRound: 2.5 }, 0.3)).toEqual({
      rounds: 4,
      left: 2,
    })
    expect(roundsFrom({ yarn: 'A', metres: 0.2, perRound: 2.5 }, 0.3).rounds).toBe(0)
  })

  it('as many as counting them one by one gives', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 20, max: 500 }),
        (cm, each) => {
          const [metres, perRound] = [cm / 100, each / 100]
          let rounds = 0
          while ((rounds + 1) * each + 30 <= cm) rounds++
          expect(roundsFrom({ yarn: 'A', metres, perRound }, 0.3).rounds).toBe(rounds)
        },
      ),
    )
  })

  it('uses every round there is, and tells of a stripe that is too short', () => {
    const { stripes, short } = stripesFrom(
      [
        { yarn: 'A', rounds: 7 },
        { yarn: 'B', rounds: 4 },
      ],
      2,
    )
    expect(stripes).toEqual([
      { yarn: 'A', rounds: 2 },
      { yarn: 'B', rounds: 2 },
      { yarn: 'A', rounds: 2 },
      { yarn: 'B', rounds: 2 },
      { yarn: 'A', rounds: 3 },
    ])
    expect(short).toEqual([{ yarn: 'A', rounds: 1 }])
  })

  it('no two of one yarn touch wherever any order allows it (brute force)', () => {
    const counts = fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(counts, fc.integer({ min: 1, max: 3 }), (list, each) => {
        const rounds = list.map((n, i) => ({ yarn: 'ABCD'[i]!, rounds: n * each }))
        const { stripes, together } = stripesFrom(rounds, each)
        expect(together.length === 0).toBe(canLie(list))
        for (const { yarn, rounds: all } of rounds)
          expect(
            stripes.filter((one) => one.yarn === yarn).reduce((sum, one) => sum + one.rounds, 0),
          ).toBe(all)
        if (together.length === 0) for (const one of stripes) expect(one.rounds).toBe(each)
      }),
      { numRuns: tries(75) },
    )
  })
})
