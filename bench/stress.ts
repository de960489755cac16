import { type Design, type Part, partsOf } from '@core/design'
import type { FitRequest } from '@core/fit'
import type { PhotoMarks } from '@core/measure'
import { motif, tote } from '../src/core/testing/tote.ts'

const letters = 'ABCDE'

/** So many rows of so many cells in five colours, in runs of about four stitches. Made up, from a fixed seed. */
function randomRows(width: number, height: number): string[] {
  let seed = 12345
  const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  return Array.from({ length: height }, () => {
    let row = ''
    while (row.length < width)
      row += letters[Math.floor(random() * 5)]!.repeat(1 + Math.floor(random() * 7))
    return row.slice(0, width)
  })
}

/** A bag of one chart on so many stitches. */
function chartBag(count: number, width: number, height: number): Design {
  const hues = ['#22406b', '#d39a2d', '#efe9dc', '#7c2f35', '#4b7a5a']
  const [base] = partsOf(tote())
  return tote({
    name: 'Stress bag',
    want: { aroundMm: 2000, said: 'around', heightMm: 3000, tolerance: 0.05 },
    yarns: hues.map((colour, i) => ({
      letter: letters[i]!,
      name: `Yarn ${letters[i]}`,
      colour,
      label: { grams: 50, metres: 125 },
      lots: [],
      yarnClass: null,
      strands: [],
    })),
    parts: [
      { ...base!, count } as Part,
      motif({ id: 'p2', name: 'All', chart: { width, colours: randomRows(width, height) } }),
    ],
  })
}

/** 400 stitches × 600 rounds. */
export const stressBag = (): Design => chartBag(400, 400, 600)
/** The same, all of it in one yarn. */
/** A bag whose pattern in words fills some two hundred pages. */
export const longBag = (): Design => chartBag(480, 480, 1000)

export function blankBag(): Design {
  const bag = chartBag(400, 400, 600)
  const [base] = partsOf(bag)
  const chart = { width: 400, colours: Array.from({ length: 600 }, () => 'A'.repeat(400)) }
  const body = { ...bag.pieces[0]!, parts: [base!, motif({ id: 'p2', name: 'All', chart })] }
  return { ...bag, name: 'Blank bag', pieces: [body] }
}
/** A chart of 1,000 × 1,000, twice around. */
export const largeBag = (): Design => chartBag(2000, 1000, 1000)

/** A chart of 200 × 200 in 24 colours with hardly a run in it. Made up, from a fixed seed. */
export function noisyBag(): Design {
  const many = 'ABCDEFGHIJKLMNOPQRSTUVWX'
  let seed = 5
  const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const row = () => Array.from({ length: 200 }, () => many[Math.floor(random() * 24)]).join('')
  const [base] = partsOf(tote())
  return tote({
    name: 'Noisy bag',
    yarns: [...many].map((letter, i) => ({
      letter,
      name: `Yarn ${letter}`,
      colour: `#${(100_000 + i * 600_000).toString(16).padStart(6, '0')}`,
      label: null,
      lots: [],
      yarnClass: null,
      strands: [],
    })),
    parts: [
      { ...base!, count: 200 } as Part,
      motif({
        id: 'p2',
        name: 'Noise',
        chart: { width: 200, colours: Array.from({ length: 200 }, row) },
      }),
    ],
  })
}

/** Five bands whose repeats have little in common, on any count within 15 % of 400. */
export const fiveBands: FitRequest = {
  stitchWidthMm: 5,
  wantedMm: 2000,
  tolerance: 0.15,
  bands: [24, 10, 14, 9, 16].map((multiple, i) => ({
    id: String(i),
    multiple,
    offset: 0,
    hidden: i % 2 === 0,
  })),
  maxPad: 6,
  bases: [6, 7, 5].map((increase) => ({ kind: 'round', first: increase, increase, flat: 6.28 })),
}

/** A bag that asks the same of the fit. */
export const fiveBandBag = (): Design =>
  tote({
    want: { aroundMm: 2000, said: 'around', heightMm: 300, tolerance: 0.15 },
    parts: [
      { ...partsOf(tote())[0]!, count: 400 } as Part,
      ...[24, 10, 14, 9, 16].map((width, i) =>
        motif({ id: `m${i}`, chart: { width, colours: ['A'.repeat(width - 1) + 'B'] } }),
      ),
    ],
  })

export const marksOfPicture: PhotoMarks = {
  reference: {
    kind: 'rectangle',
    points: [
      { x: 610, y: 120 },
      { x: 860, y: 131 },
      { x: 889, y: 300 },
      { x: 622, y: 288 },
    ],
    wideMm: 85.6,
    highMm: 54,
  },
  stitchEdges: [
    { x: 120, y: 300 },
    { x: 480, y: 310 },
  ],
  stitches: 20,
  rowEdges: [
    { x: 300, y: 120 },
    { x: 310, y: 500 },
  ],
  rows: 22,
}
