import type { Rim } from '@core/bag'
import { shareOf } from './rim-hand.ts'

/** Where the strip lies, in CSS px. */
interface Room {
  readonly side: number
  readonly wide: number
}

/** More ticks than this are a grey blur. */
const MOST_TICKS = 400

/** What is drawn of a rim, in px from the left. */
export function rimParts(rim: Rim, hand: 'right' | 'left', { side, wide }: Room) {
  const xOf = (at: number) => side + shareOf(at, rim.count, hand) * wide
  const box = (from: number, to: number) => {
    const [a, b] = [xOf(from), xOf(to)]
    return { x: Math.min(a, b), width: Math.abs(b - a) }
  }
  let at = 0
  const runs = rim.runs.map(({ letter, count }) => {
    const one = { letter, ...box(at, Math.min(rim.count, at + count)) }
    at += count
    return one
  })
  const ticks =
    rim.count > MOST_TICKS
      ? ''
      : Array.from({ length: rim.count - 1 }, (_, i) => `M${xOf(i + 1).toFixed(2)} 0v24`).join('')
  // What goes on around the beginning is drawn at both ends.
  const inside = rim.stretches.flatMap((one) => {
    const [from, to] = [one.from, one.to].map((place) => Math.round(place * 100) / 100) as [
      number,
      number,
    ]
    if (from < 0)
      return [
        { ...one, from: from + rim.count, to: rim.count },
        { ...one, from: 0, to },
      ]
    return to > rim.count
      ? [
          { ...one, from, to: rim.count },
          { ...one, from: 0, to: to - rim.count },
        ]
      : [{ ...one, from, to }]
  })
  const stretches = inside.map(({ from, to, chain }) => {
    const { x, width } = box(from, to)
    const bend = Math.min(10, width / 4)
    const arc = `M${x} 2C${x + bend} -52 ${x + width - bend} -52 ${x + width} 2`
    return { x, width, chain, arc }
  })
  const cuts = [...new Set([0, ...inside.flatMap(({ from, to }) => [from, to]), rim.count])].sort(
    (a, b) => a - b,
  )
  const counts = cuts.slice(1).flatMap((to, i) => {
    const from = cuts[i]!
    const count = Math.round((to - from) * 10) / 10
    const passed = inside.some((one) => one.from <= from && one.to >= to)
    return count > 0 ? [{ x: xOf((from + to) / 2), count, passed }] : []
  })
  const middles = rim.middles
    ? (['front', 'back'] as const).map((of) => ({ of, x: xOf(rim.middles![of]) }))
    : []
  return { runs, ticks, stretches, counts, middles, rimLetter: rim.runs[0]?.letter ?? 'A' }
}
