import { bodyOf, compile } from '../../../core/ledger/index.ts'
import { baseAs, plain, tote } from '../../../core/testing/tote.ts'
import { LINE, spineParts, STRIP, stripHeight } from './spine-layout.ts'

/** A bag with a base and bands of one round each. */
const thin = (bands: number) =>
  bodyOf(
    compile(
      tote({
        parts: [
          baseAs('round-base'),
          ...Array.from({ length: bands }, (_, i) => plain({ id: `b${i}`, rounds: 1 })),
        ],
      }),
    ),
  )

describe('the spine', () => {
  it('stacks the parts without gaps, to scale, from below', () => {
    const piece = bodyOf(compile(tote()))
    const parts = spineParts(piece, 700, 4)
    expect(parts[0]!.bottom).toBe(700 - STRIP.pad)
    parts.slice(1).forEach((part, i) => expect(part.bottom).toBeCloseTo(parts[i]!.top, 9))
    expect(parts.at(-1)!.top).toBeCloseTo(700 - STRIP.pad - piece.columns.alongMm.at(-1)! * 4, 9)
  })

  it.each([1, 5, 40])('has a line for each of %i thin bands that can be read and hit', (bands) => {
    const piece = thin(bands)
    const height = stripHeight(piece.parts.length, 400)
    expect(height).toBeGreaterThanOrEqual(400)
    const parts = spineParts(piece, height, 0.5)
    expect(parts[0]!.slot.bottom).toBe(height)
    expect(parts.at(-1)!.slot.top).toBe(0)
    parts.forEach(({ slot }, i) => {
      expect(slot.bottom - slot.top).toBeGreaterThanOrEqual(LINE - 1e-9)
      if (i > 0) expect(slot.bottom).toBe(parts[i - 1]!.slot.top)
    })
  })

  it('names the bands of a block once', () => {
    const piece = thin(4)
    const again = new Map([
      ['b0', 2],
      ['b1', 2],
      ['b2', 0],
      ['b3', 0],
    ])
    const parts = spineParts(piece, 500, 1, (id) => again.get(id) ?? 1)
    expect(parts.filter(({ slot }) => slot.bottom > slot.top).map(({ id }) => id)).toEqual([
      piece.parts[0]!.id,
      'b0',
      'b1',
    ])
  })
})
