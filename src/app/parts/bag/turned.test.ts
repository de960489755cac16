import { aroundPicture, bodyOf, compile } from '../../../core/ledger/index.ts'
import { derive } from '../../../core/bag/index.ts'
import { base, baseAs, motif, plain, tote } from '../../../core/testing/tote.ts'
import { facesOf } from '@core/form'
import { paintTurned, standingFrom } from './turned.ts'
import { projectOf } from '../../../core/project/index.ts'
import type { Design } from '../../../core/design/index.ts'

/** 48 stitches, 12 columns of four, in as many yarns as there are letters. */
const chart = {
  width: 48,
  colours: ['A'.repeat(12) + 'B'.repeat(12) + 'C'.repeat(12) + 'A'.repeat(11) + 'B'],
}
const design = tote({ parts: [base({ count: 48, increase: 6 }), motif({ chart, times: 8 })] })
const ledger = compile(design)
const piece = bodyOf(ledger)
const palette = Uint32Array.from([0xff000010, 0xff000020, 0xff000030])

function seen(turn: number, lean = 0) {
  const [width, height] = [90, 60]
  const data = new Uint8ClampedArray(width * height * 4)
  const { footprint } = ledger.sizes
  const look = {
    ...{
      piece,
      palette,
      plan: 'round' as const,
      footprint,
      front: (row: number) =>
        piece.columns.makes[row]! / 2 - lean * Math.max(0, row - standingFrom(piece)),
    },
    around: aroundPicture(ledger, piece, 'right'),
  }
  paintTurned(look, turn, 1, { width, height, data } as ImageData)
  const pixels = new Uint32Array(data.buffer)
  /** The yarn at a place across, so many lines above the foot: the nearest whose brightness fits. */
  return (x: number, up: number) => {
    const value = pixels[(height - 1 - up) * width + x]! & 255
    return value === 0 ? '' : value > 0x20 ? 'C' : value > 0x13 ? 'B' : 'A'
  }
}

describe('the bag from all sides', () => {
  // As laid out, 0–11 A lie from the middle of the back to the left side, B to the middle of the front, C to the right side.
  it('shows what lies there: the front, a side, the back', () => {
    expect([seen(0)(35, 2), seen(0)(55, 2)]).toEqual(['B', 'C'])
    expect([seen(Math.PI / 2)(35, 2), seen(Math.PI / 2)(55, 2)]).toEqual(['A', 'B'])
    expect(seen(Math.PI)(60, 2)).toBe('A')
    expect([seen(0)(0, 2), seen(0)(45, 59)]).toEqual(['', ''])
  })

  it('leans by so many stitches a round, to the right', () => {
    const edge = (at: ReturnType<typeof seen>, up: number) =>
      Array.from({ length: 90 }, (_, x) => at(x, up)).indexOf('C')
    const straight = seen(0)
    expect(edge(straight, 2)).toBe(edge(straight, 35))
    const leaning = seen(0, 0.5)
    expect(edge(leaning, 35) - edge(leaning, 2)).toBeGreaterThan(10)
  })

  it('stands on its base', () => {
    expect(standingFrom(piece)).toBe(piece.parts[0]!.endRow)
  })
})

describe('the back of a bag that lies flat', () => {
  const rowsOf = (bag: Design, facing: 'front' | 'back') =>
    facesOf(derive(projectOf(bag)), facing).faces.map((face) =>
      face.kind === 'rows' ? [face.piece, face.firstRow, face.endRow, face.turns] : [face.piece],
    )
  it('is what lies between front and flap, or the second panel', () => {
    const folded = tote({ parts: [baseAs('folded-panel', { count: 24 }), plain({ rounds: 59 })] })
    const [front, flap] = rowsOf(folded, 'front')
    expect(rowsOf(folded, 'back')).toEqual([[0, front![2], flap![1], 0]])
    const two = tote({ parts: [baseAs('two-panels', { count: 24 }), plain({ rounds: 20 })] })
    expect(rowsOf(two, 'back')[0]![0]).toBe(compile(two).pieces.length > 1 ? 1 : 0)
  })
})
