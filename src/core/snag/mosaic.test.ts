import fc from 'fast-check'
import { inTurnsFrom, type MosaicPart } from '../band/index.ts'
import { type Design, type Edit, type Part, partById } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { inTurns, wantedMarks } from '../mosaic/index.ts'
import { derive } from '../bag/index.ts'
import { defaultWords } from '../stitch/index.ts'
import { base, baseAs, mosaicBand, plain, reliefBand, tote } from '../testing/tote.ts'
import { snagText, type SnagCode } from './index.ts'

const of = (design: Design, code: SnagCode) =>
  derive(projectOf(design)).snags.filter((snag) => snag.code === code)
const after = (design: Design, edits: readonly Edit[]) =>
  edits.reduce((now, edit) => commit(now, edit), historyOf(projectOf(design))).design
const inRounds = (over: Parameters<typeof mosaicBand>[0] = {}) =>
  tote({ parts: [base(), mosaicBand(over)] })
const flat = (over: Parameters<typeof mosaicBand>[0] = {}) =>
  tote({ parts: [baseAs('panel', { count: 18 }), plain({ rounds: 2 }), mosaicBand(over)] })

describe('what a mosaic cannot have', () => {
  it('is told with its reason, and mended by the fewest cells', () => {
    expect(of(inRounds(), 'mosaic-misfits')).toEqual([])
    // Column 1 of row 2 and of row 1 both want to be borrowed.
    const colours = ['AAAAAAAA', 'BAABBAAB', 'ABABBAAA', 'BABBBBAB', 'AAABBAAA', 'BBBBBBBB']
    const design = inRounds({ chart: { width: 8, colours } })
    const [snag] = of(design, 'mosaic-misfits')
    expect(snag).toMatchObject({ severity: 'warning', facts: { why: 'stacked' } })
    expect(snagText(snag!, defaultWords).text).toContain('above one that is borrowed too')
    const next = after(design, snag!.mends[0]!.edits)
    expect(of(next, 'mosaic-misfits')).toEqual([])
    const { chart } = partById(next, 'mosaic') as ReturnType<typeof mosaicBand>
    const changed = chart.colours.flatMap((row, r) =>
      [...row].filter((letter, i) => letter !== colours[r]![i]),
    )
    expect(changed.length).toBeLessThanOrEqual((snag!.facts as { cells: number }).cells)
  })

  // Twelve rows, each joined anew on the right side; eleven are cut, the last goes on into a plain row.
  it('tells early how many ends flat overlay leaves; inset leaves none of them', () => {
    const colours = mosaicBand().chart.colours
    const twice = { chart: { width: 8, colours: [...colours, ...colours] }, rows: 'ABABABABABAB' }
    const design = flat(twice)
    const [snag] = of(design, 'mosaic-ends')
    expect((snag!.facts as { ends: number }).ends).toBe(12 + 11)
    const next = after(design, snag!.mends[0]!.edits)
    expect(of(next, 'mosaic-ends')).toEqual([])
    expect(of(inRounds(twice), 'mosaic-ends')).toEqual([])
  })

  it('keeps its picture through every technique', () => {
    const design = inRounds()
    const chartOf = (one: Design) => (partById(one, 'mosaic') as { chart: unknown }).chart
    const kinds = ['inset', 'tapestry', 'overlay'] as const
    let now = design
    for (const kind of kinds) {
      const edit = { name: 'setTechnique', args: { id: 'mosaic', kind, worked: 'rounds' } } as const
      now = after(now, [edit])
      expect(chartOf(now)).toEqual(chartOf(design))
      expect(derive(projectOf(now)).snags.filter(({ severity }) => severity === 'error')).toEqual(
        [],
      )
    }
  })

  it('is borrowed where it was when another two yarns work in turn', () => {
    const rows = fc.array(fc.stringMatching(/^[AB]{6}$/), { minLength: 3, maxLength: 8 })
    fc.assert(
      fc.property(rows, fc.nat(7), (colours, from) => {
        const before = { chart: { width: 6, colours }, rows: inTurns('A', 'B', colours.length) }
        const at = Math.min(from, colours.length - 1)
        // Above a row of A stands one of C, above one of B too: neighbours differ.
        const next = inTurnsFrom(before, at, 'C', 'D')
        const marks = ({ chart, rows: of }: Pick<MosaicPart, 'chart' | 'rows'>) => [
          ...wantedMarks({ ...chart, rows: of }),
        ]
        const last = 6 * (colours.length - 1)
        expect(marks(next).slice(0, last)).toEqual(marks(before).slice(0, last))
      }),
    )
  })
})

describe('a mosaic on tall stitches', () => {
  it('is refused in words, and worked in sc with one click: its drops are dc', () => {
    const design = tote({ parts: [base(), { ...mosaicBand(), stitch: 'hdc' } as Part] })
    const [snag] = of(design, 'mosaic-ground')
    expect(snag).toMatchObject({ severity: 'error', facts: { stitch: 'hdc' } })
    expect(of(after(design, snag!.mends[0]!.edits), 'mosaic-ground')).toEqual([])
  })
})

describe('what cannot stand on a ground', () => {
  it('is told with rows it could stand in, and mended', () => {
    expect(of(tote({ parts: [base(), reliefBand()] }), 'relief-misfits')).toEqual([])
    const panel = [baseAs('panel', { count: 16 }), reliefBand()]
    const [snag] = of(tote({ parts: panel }), 'relief-misfits')
    // Row 3 of the bag faces: its puffs could stand in the next, or in the one before.
    expect(snag!.facts).toMatchObject({ why: 'side', rows: [4, 2] })
    const next = after(tote({ parts: panel }), snag!.mends[0]!.edits)
    expect(of(next, 'relief-misfits')).toEqual([])
  })

  it('draws in where clusters stand close', () => {
    const colours = ['ABABABAA', 'AAAAAAAA', 'AAAAAAAA', 'AAAAAAAA']
    const design = tote({ parts: [base(), reliefBand({ raised: { width: 8, colours } })] })
    const [snag] = of(design, 'relief-draws-in')
    expect(snag!.facts).toMatchObject({ clusters: 3, of: 8 })
    expect(snagText(snag!, defaultWords).text).toContain('about 9 % narrower')
  })
})
