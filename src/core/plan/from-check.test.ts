import { checkPattern } from '../check/index.ts'
import { designFaults } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { handWritten } from '../testing/hand-rows.ts'
import { designFromCheck } from './index.ts'

describe('a checked pattern as a bag', () => {
  const about = { name: 'Found', hookMm: 3.5, yarnClass: 3 }
  it('has its base, its plain bands, and every other row as one that counts', () => {
    const purse = handWritten.find((text) => text.startsWith('Bag with handles'))!
    const made = designFromCheck(checkPattern(purse), about)
    if (!made.ok) throw new Error(made.problem)
    expect(made.value.parts[0]).toMatchObject({ kind: 'round-base', increase: 8, count: 48 })
    const { makes } = compile(made.value).pieces[0]!.columns
    // Round 13 changes the count; what follows goes on from there.
    expect([...makes].slice(-4)).toEqual([48, 48, 52, 52])
    expect(designFaults(made.value)).toEqual([])
    expect(made.value.parts.map(({ name }) => name).at(-2)).toContain('ch 12, sk next 10 sts')
  })

  it('is an oval or a panel where it begins as one, and nothing where a row does not count', () => {
    const kindOf = (start: string) => {
      const made = designFromCheck(
        checkPattern(handWritten.find((text) => text.startsWith(start))!),
        about,
      )
      return made.ok ? made.value.parts[0]!.kind : made.problem
    }
    expect(kindOf('Oval')).toBe('oval-base')
    expect(kindOf('Flat')).toBe('two-panels')
    expect(designFromCheck(checkPattern('Rnd 1: wobble'), about)).toMatchObject({ ok: false })
    expect(designFromCheck(checkPattern('nothing'), about)).toMatchObject({ ok: false })
  })
})
