import { bandOf, type BandPart, type TexturePart } from '../band/index.ts'
import { type Design, type Part, partById } from '../design/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { bodyOf, compile } from '../ledger/index.ts'
import { drawer } from '../texture/index.ts'
import { alarmsOf } from '../testing/alarms.ts'
import { writtenIn } from '../testing/written.ts'
import { baseAs, mosaicBand, plain, tote, written } from '../testing/tote.ts'
import { countedOverBag, rowsDrawn, texturedBand } from './index.ts'

function texture(id: string, worked: 'rounds' | 'rows', rounds: number): Part {
  const pattern = drawer.find((one) => one.id === id)!
  const band = texturedBand(pattern, worked, { letters: ['A', 'B'], rounds })
  if (!band.ok) throw new Error(band.problem)
  return { ...(band.value as TexturePart), id: 'below' }
}
const joined = { ...tote().making, working: 'joined' as const }
const bag = (below: readonly Part[], count: number, worked: 'rounds' | 'rows' = 'rounds'): Design =>
  tote({
    making: joined,
    parts: [
      baseAs(worked === 'rounds' ? 'tube' : 'panel', { count }),
      ...below,
      {
        ...written(),
        id: 'rows',
        rows: [
          {
            text: 'x',
            runs: [{ stitch: 'sc', yarn: 'A', count: 1 }],
            repeat: { from: 0, to: 1, times: 1 },
            from: null,
            down: [],
          },
        ],
      },
      plain({ id: 'top', rounds: 1 }),
    ],
  })
const yarns = { ground: 'dc', yarn: 'A', letterOf: (said: string) => said }
const over = (design: Design, ...texts: string[]) => countedOverBag(design, 'rows', texts, yarns)!
/** The bag with the rows in it: what the first leaves, and on which counts they come out. */
function taken(design: Design, ...texts: string[]) {
  const counted = over(design, ...texts)
  if (!counted.ok) throw new Error(counted.problem)
  const made = commit(historyOf(projectOf(design)), {
    name: 'setPart',
    args: { id: 'rows', values: { rows: counted.value } },
  }).design
  const part = partById(made, 'rows') as BandPart
  const { columns, parts } = bodyOf(compile(made))
  const place = parts.find(({ id }) => id === 'rows')!
  return {
    made,
    makes: [...columns.makes.subarray(place.firstRow, place.endRow)],
    counts: bandOf(part).counts(part),
    texts: place.texts,
  }
}

describe('rows that are written over what a band has left (counted by hand)', () => {
  it('go into the chain spaces of a mesh: 24 of them, two in each', () => {
    const design = bag([texture('mesh', 'rounds', 3)], 48)
    const { makes, counts, texts, made } = taken(design, 'ch 2, 2 hdc in each ch-sp around')
    expect(makes).toEqual([48])
    expect(texts).toEqual(['ch 2, 2 hdc in each ch-sp around'])
    // Wider by a repeat of the mesh they come out as well.
    expect(counts).toEqual({ multiple: 2, offset: 0 })
    expect(alarmsOf(writtenIn(made, 'own'))).toMatchObject({ lines: [], whole: false })
    expect(over(bag([plain()], 48), '2 hdc in each ch-sp around').ok).toBe(false)
  })

  it('go into the spaces between groups of granny rounds, and stay on their own count where there is no other', () => {
    const design = bag([texture('granny', 'rounds', 3)], 48)
    const below = bodyOf(compile(design)).columns.makes[3]!
    // Every cluster is three and a chain: as many spaces as clusters, a shell of four and a chain in each.
    const spaces = below / 4
    expect(taken(design, '*4 dc in next ch-sp, ch 1; rep from * around').makes).toEqual([
      5 * spaces,
    ])
  })

  it('go on in rows: two of a kind over shells, the second over the first', () => {
    const design = bag([texture('shells', 'rows', 4)], 43, 'rows')
    const { makes } = taken(
      design,
      'ch 1, sc in each st across',
      'ch 1, *sc in next st, ch 1, sk 1 st; rep from * to last st, sc in last st',
      'ch 1, sc in next st, *sc in next ch-sp, sc in next st; rep from * across',
    )
    expect(makes).toEqual([43, 43, 43])
  })

  it('over a mosaic are over its stitches; and at the first of the chain nothing lies below', () => {
    expect(taken(bag([mosaicBand()], 48), 'sc in each st around').makes).toEqual([48])
    const atOnce = tote({
      parts: [
        { ...baseAs('panel', { count: 48 }), begins: 'bands' },
        { ...written(), id: 'rows' },
      ],
    })
    expect(countedOverBag(atOnce, 'rows', ['sc in each st'], yarns)).toBeNull()
  })

  it('are drawn in symbols with the written rows below them, over a few of their repeats', () => {
    const design = bag([texture('mesh', 'rounds', 3)], 48)
    const { made } = taken(design, 'ch 2, 2 hdc in each ch-sp around', 'sc in each st around')
    const drawnOf = (one: Design) => {
      const ledger = compile(one)
      return rowsDrawn(one, ledger, bodyOf(ledger), 'rows')
    }
    const drawn = drawnOf(made)!
    // Three rows of mesh and two of its own, above the ground.
    expect([drawn.rows, drawn.chart.rows, drawn.firstRow]).toEqual([5, 6, 1])
    const own = drawn.chart.stitches.filter(({ row }) => row === 4)
    expect(new Set(own.map(({ word }) => word))).toEqual(new Set(['hdc']))
    expect(own.length % 2).toBe(0)
    expect(own.length).toBeLessThan(48)
    // High above plain rows there is nothing to draw it from.
    expect(drawnOf(bag([texture('mesh', 'rounds', 40)], 48))).toBeNull()
  })

  it('name the row that does not come out', () => {
    const counted = over(
      bag([plain()], 48),
      'sc in each st around',
      '*sc in next 5 sts; rep from * around',
    )
    expect(counted).toMatchObject({
      ok: false,
      problem: expect.stringMatching(/^Row 2: /) as string,
    })
  })
})
