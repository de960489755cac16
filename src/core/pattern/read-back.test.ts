import fc from 'fast-check'
import { texturedBand } from '../shorthand/index.ts'
import { type Part, usualMaking } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { baseKinds } from '../shape/index.ts'
import { defaultWords, type Words } from '../stitch/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { base, baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { drawer } from '../texture/index.ts'
import { lineLabel, writtenPattern } from './index.ts'
import { tries } from '../testing/tries.ts'

/* A whole pattern as it is printed: every construction and school, in both terms and for both hands. */

const printed = (design: ReturnType<typeof tote>, words: Words): string =>
  writtenPattern(compile(design, { hand: words.hand }), words)
    .flatMap(({ name, times, sections, finish, joins }) => [
      name.toUpperCase(),
      ...(times ? [times] : []),
      ...sections.flatMap(({ name: part, intro, lines }) => [
        part,
        intro,
        ...lines.flatMap((line) => [
          line.note ?? '',
          `${lineLabel(line)}: ${line.text} (${line.total})`,
        ]),
      ]),
      finish,
      ...joins,
    ])
    .join('\n')

const puffs = (worked: 'rounds' | 'rows'): Part => {
  const band = texturedBand(
    drawer.find(({ id }) => id === 'puff-4')!,
    worked,
    {
      letters: ['B'],
      rounds: 4,
    },
  )
  if (!band.ok) throw new Error(band.problem)
  return { ...band.value, id: 'texture' } as Part
}

describe('the whole of a printed pattern', () => {
  const bag = fc.record({
    kind: fc.constantFrom(...baseKinds),
    stitch: fc.constantFrom('sc', 'hdc', 'dc'),
    firstStitch: fc.constantFrom(null, 'sc', 'dc'),
    textured: fc.boolean(),
    making: fc.record({
      working: fc.constantFrom('spiral', 'joined', 'turned', 'turn-once'),
      first: fc.constantFrom('same', 'next', 'second'),
      start: fc.constantFrom('chain', 'stacked', 'standing'),
      chainCounts: fc.boolean(),
      oneCounts: fc.boolean(),
    }),
    terms: fc.constantFrom('us', 'uk'),
    hand: fc.constantFrom('right', 'left'),
  })

  it('is read by the checker with no alarm, to its last line', () => {
    fc.assert(
      fc.property(bag, ({ kind, stitch, firstStitch, textured, making, terms, hand }) => {
        const own =
          kind === 'round-base'
            ? base({ stitch, count: 24, increase: 12 })
            : ({ ...baseAs(kind), stitch } as Part)
        const flat = compile(tote({ parts: [own, plain()] })).pieces[0]!.worked === 'rows'
        const first = kind === 'written-base' ? null : firstStitch
        const design = tote({
          making: { ...usualMaking, ...making } as never,
          parts: [
            { ...own, firstStitch: first } as Part,
            plain({ rounds: 2, stitch }),
            stripes(),
            ...(textured ? [puffs(flat ? 'rows' : 'rounds')] : [motif()]),
          ],
        })
        const text = printed(design, { ...defaultWords, terms, hand } as Words)
        const { lines, whole } = alarmsOf(text)
        expect([lines, Boolean(whole), text]).toEqual([[], false, text])
      }),
      { numRuns: tries(40) },
    )
  })

  it('says which way a chart is read by the hand, and both hands the same counts', () => {
    const [right, left] = (['right', 'left'] as const).map((hand) =>
      printed(tote(), { ...defaultWords, hand }),
    )
    expect(right).toContain('from right to left')
    expect(left).toContain('from left to right')
    const counts = (text: string) => text.match(/\(\d+\)$/gm)
    expect(counts(left!)).toEqual(counts(right!))
  })
})
