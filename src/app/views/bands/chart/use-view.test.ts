import { computed, effectScope, ref, shallowRef } from 'vue'
import type { TapestryPart } from '../../../../core/band/index.ts'
import { type Design, partById } from '../../../../core/design/index.ts'
import { bodyOf, compile } from '../../../../core/ledger/index.ts'
import { base, motif, plain, tote } from '../../../../core/testing/tote.ts'
import { views } from '../../../parts/chart/views.ts'
import type { Seen } from '../chart-kinds/seen.ts'
import { useView } from './use-view.ts'

/** A band of 4 × 2 on 8 stitches, joined rounds, as it is seen by this hand. */
const chart = { width: 4, colours: ['ABAA', 'AAAB'] }
function seenOf(over: Partial<TapestryPart> = {}, hand: 'right' | 'left' = 'right'): Seen {
  const making = { ...tote().making, working: 'joined' as const }
  const band = motif({ ...over, chart })
  const design: Design = tote({ making, parts: [base({ count: 12 }), plain(), band] })
  const ledger = compile(design)
  const piece = bodyOf(ledger)
  const place = piece.parts.find(({ id }) => id === band.id)
  const part = partById(design, band.id)
  return { design, ledger, piece, place, part, hand, own: chart }
}
const named = (id: string) => views.find((one) => one.id === id)!
function viewOf(seen: Seen, id = 'repeat') {
  const view = shallowRef(named(id))
  const scope = effectScope()
  const found = scope.run(() =>
    useView(
      computed(() => seen),
      view,
      ref(false),
    ),
  )!
  return { ...found, view }
}

describe('a band as a view shows it', () => {
  it('is its repeat, which begins at the side the hand works from', () => {
    const { chart: shown, beginsOn, alone, count, whole } = viewOf(seenOf())
    expect(shown.value).toEqual(chart)
    expect([beginsOn(0), beginsOn(1), count.value, alone.value, whole.value]).toEqual([
      ...['right', 'right', 12],
      ...[false, false],
    ])
    expect(viewOf(seenOf({}, 'left')).beginsOn(0)).toBe('left')
  })

  it('is all of it unrolled, and each cell knows the own one it is', () => {
    const { chart: shown, toOwn, alone } = viewOf(seenOf(), 'whole')
    expect(shown.value!.colours).toEqual(['ABAAABAAABAA', 'AAABAAABAAAB'])
    expect(alone.value).toBe(true)
    for (const [column, own] of [
      [0, 0],
      [5, 1],
      [11, 3],
    ] as const)
      expect(toOwn({ column, row: 1 })).toEqual({ column: own, row: 1 })
  })

  it('says the run under a cell by its stitches, from where the round begins', () => {
    // The round begins at the right: of the lowest row, read from there, the second stitch on is the third cell.
    const { runWordsAt } = viewOf(seenOf(), 'whole')
    expect(runWordsAt({ column: 9, row: 0 })).toBe('1 of B, stitch 3 of 12, repeat 1 of 3.')
    expect(runWordsAt({ column: 1, row: 0 })).toBe('1 of B, stitch 11 of 12, repeat 3 of 3.')
    const { runWordsAt: byLeft } = viewOf(seenOf({}, 'left'), 'whole')
    expect(byLeft({ column: 1, row: 0 })).toBe('1 of B, stitch 2 of 12, repeat 1 of 3.')
  })

  it('goes on from one view to the next without a new one', () => {
    const { chart: shown, view, marks, stitch } = viewOf(seenOf())
    expect([shown.value!.width, stitch.value]).toEqual([4, null])
    view.value = named('whole')
    expect([shown.value!.width, marks.value.length > 0]).toEqual([12, true])
    view.value = named('stitched')
    expect([shown.value!.width, stitch.value?.id]).toEqual([4, 'sc'])
  })
})
