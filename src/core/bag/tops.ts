import { bands, type BandRun, type WrittenPart } from '../band/index.ts'
import type { NewBand } from '../design/index.ts'
import { abbrOf, defaultWords, stitchById } from '../stitch/index.ts'

/* Ways to end a top: each a band of a few rows over whatever count there is, written as one would write them. */

/** What a top is put on. */
export interface TopFrom {
  readonly count: number
  readonly stitch: string
  readonly letter: string
  readonly worked: 'rounds' | 'rows'
  /** Stitches after which what lies below begins again; null where it has no repeat. */
  readonly repeat: number | null
  /** How high what lies below stands over each stitch of its repeat, in heights of a sc; null where it is level, or that is not known. */
  readonly wave?: readonly number[] | null
}

export interface Top {
  readonly name: string
  readonly hint: string
  /** Null where it cannot stand on so many. */
  readonly band: (from: TopFrom) => NewBand | null
}

type Row = WrittenPart['rows'][number]
type Stitches = readonly (readonly [stitch: string, count: number])[]

const say = (stitch: string): string => abbrOf(stitchById(stitch), defaultWords)
const whole = (worked: TopFrom['worked']): string => (worked === 'rounds' ? 'around' : 'across')
const places = (stitches: Stitches): number =>
  stitches.reduce((sum, [stitch, count]) => sum + stitchById(stitch).uses * count, 0)

/** "sc in next 3 sts", "ch 1, sk 1 st", "picot". */
function saidOf([stitch, count]: Stitches[number]): string {
  const many = count === 1 ? 'next st' : `next ${count} sts`
  if (stitch === 'ch') return `ch ${count}`
  if (stitch === 'skip') return `sk ${count === 1 ? '1 st' : `${count} sts`}`
  if (stitchById(stitch).uses === 0) return count === 1 ? say(stitch) : `${count} ${say(stitch)}s`
  if (stitchById(stitch).uses > 1)
    return count === 1 ? say(stitch) : `(${say(stitch)}) ${count} times`
  return `${say(stitch)} in ${many}`
}

const runsOf = (stitches: Stitches, yarn: string): BandRun[] =>
  stitches.map(([stitch, count]) => ({ stitch, yarn, count }))
const bare = { from: null, down: [] } as const

/** One stitch in each place. */
const every = (stitch: string, { count, letter, worked }: TopFrom, on = ''): Row => ({
  ...bare,
  text: `${say(stitch)} in each st${on} ${whole(worked)}`,
  runs: [{ stitch, yarn: letter, count: 1 }],
  repeat: { from: 0, to: 1, times: count },
})

/** A motif as often as it fits, and the plain stitch in what is left. */
function repeated(motif: Stitches, { count, stitch, letter, worked }: TopFrom): Row {
  const wide = places(motif)
  const left = count % wide
  const words = `*${motif.map(saidOf).join(', ')}; rep from *`
  const rest: Stitches = left > 0 ? [[stitch, left]] : []
  return {
    ...bare,
    text:
      left > 0
        ? `${words} to last ${left === 1 ? 'st' : `${left} sts`}, ${say(stitch)} in last ${left === 1 ? 'st' : `${left} sts`}`
        : `${words} ${whole(worked)}`,
    runs: [...runsOf(motif, letter), ...runsOf(rest, letter)],
    repeat: { from: 0, to: motif.length, times: Math.floor(count / wide) },
  }
}

const written = (name: string, { stitch, letter, count }: TopFrom, rows: readonly Row[]): NewBand =>
  ({
    ...bands.written.begin({ stitch, letters: [letter], count, abbr: '' }),
    ...{ name, rows },
  }) as NewBand

/**
 * A gap for a button in the middle of a row, and a row over it: as many chains as it passes over.
 * @param middle stitches of the row before the middle of the gap
 */
export function buttonhole(from: TopFrom, wide: number, middle: number): NewBand | null {
  const before = Math.round(middle - wide / 2)
  const after = from.count - before - wide
  if (before < 1 || after < 1) return null
  const motif: Stitches = [
    [from.stitch, before],
    ['ch', wide],
    ['skip', wide],
    [from.stitch, after],
  ]
  const row = {
    ...bare,
    text: motif.map(saidOf).join(', '),
    runs: runsOf(motif, from.letter),
    repeat: null,
  }
  return written('Buttonhole', from, [row, every(from.stitch, from, ' and ch')])
}

/** The repeat of a wave: what lies below has one, or the nearest to 6 that the count is a multiple of. */
function waveOf({ count, repeat }: TopFrom): number | null {
  if (repeat !== null && repeat >= 4 && repeat <= 20 && count % repeat === 0) return repeat
  return [6, 5, 7, 8, 4, 9, 10, 12].find((one) => count % one === 0) ?? null
}

/** Tall in the hollow, stepping down to the heights on either side: dc, hdc, sc, hdc; over long waves tr too. */
export function levelMotif(wide: number): Stitches {
  const steps = wide >= 10 ? ['tr', 'dc', 'hdc'] : ['dc', 'hdc']
  const [tallest, ...down] = steps
  const short = wide - 1 - 2 * down.length
  return [
    [tallest!, 1],
    ...down.map((stitch) => [stitch, 1] as const),
    ['sc', short],
    ...down.toReversed().map((stitch) => [stitch, 1] as const),
  ]
}

const levels = ['sc', 'hdc', 'dc', 'tr'] as const

/** Stitches that fill up a wave: over each of it the one whose height is nearest to what is missing there. */
export function fillingOf(wave: readonly number[]): Stitches {
  const top = Math.max(...wave)
  const heightOf = (stitch: string) => stitchById(stitch).height
  const each = wave.map((height) =>
    levels.reduce((best, stitch) => {
      const off = (one: string) => Math.abs(heightOf(one) - heightOf('sc') - (top - height))
      return off(stitch) < off(best) ? stitch : best
    }),
  )
  return each.reduce<[string, number][]>((runs, stitch) => {
    const last = runs.at(-1)
    if (last?.[0] === stitch) last[1]++
    else runs.push([stitch, 1])
    return runs
  }, [])
}

/** Over and under so many stitches a drawstring goes through: a round of tall ones. */
const tall = 'dc'

/** What the band of each is called, by which it is known again. */
const called = {
  level: 'Levelled top',
  firm: 'Firm edge',
  slip: 'Slip-stitch edge',
  crab: 'Crab-stitch edge',
  picot: 'Picots',
  eyelets: 'Eyelets',
  thread: 'Round to thread',
  'draw-in': 'Drawn-in top',
} as const
export const topNames: ReadonlySet<string> = new Set(Object.values(called))

export const tops = {
  level: {
    name: 'Level it',
    hint: 'Tall stitches in the hollows of a wavy top, short ones over its heights, and a plain round over them',
    band: (from) => {
      const wide = waveOf(from)
      if (from.wave)
        return written(called.level, from, [
          repeated(fillingOf(from.wave), from),
          every('sc', from),
        ])
      if (wide === null) return null
      return written(called.level, from, [repeated(levelMotif(wide), from), every('sc', from)])
    },
  },
  firm: {
    name: 'Firm edge',
    hint: 'A plain round, and slip stitches over it: it does not stretch',
    band: (from) => written(called.firm, from, [every('sc', from), every('sl-st', from)]),
  },
  slip: {
    name: 'Slip stitches',
    hint: 'A round of slip stitches, kept loose',
    band: (from) => written(called.slip, from, [every('sl-st', from)]),
  },
  crab: {
    name: 'Crab stitch',
    hint: 'Single crochet worked backward: a corded edge on which nothing more is worked',
    band: (from) => written(called.crab, from, [every('crab-stitch', from)]),
  },
  picot: {
    name: 'Picots',
    hint: 'A small loop of three chains after every third stitch',
    band: (from) =>
      from.count < 3
        ? null
        : written(called.picot, from, [
            repeated(
              [
                ['sc', 3],
                ['picot', 1],
              ],
              from,
            ),
          ]),
  },
  eyelets: {
    name: 'Eyelets',
    hint: 'Holes for a cord: every other stitch passed over by a chain, and a plain round over them',
    band: (from) =>
      from.count < 4
        ? null
        : written(called.eyelets, from, [
            repeated(
              [
                ['hdc', 1],
                ['ch', 1],
                ['skip', 1],
              ],
              from,
            ),
            every('sc', from, ' and ch'),
          ]),
  },
  thread: {
    name: 'Round to thread',
    hint: 'A round of tall stitches that a cord goes over and under, and a plain round over it',
    band: (from) => written(called.thread, from, [every(tall, from), every('sc', from)]),
  },
  'draw-in': {
    name: 'Drawn in',
    hint: 'An eighth fewer stitches over three rounds, spread evenly: it holds what is in it',
    band: ({ count, stitch, letter, worked }) => {
      const by = Math.round(count / 8)
      const even = worked === 'rounds' ? by - (by % 2) : by
      if (even < 2) return null
      const begun = bands.plain.begin({ stitch, letters: [letter], count, abbr: '' })
      return { ...begun, name: called['draw-in'], rounds: 3, adjust: -even, steps: 3 } as NewBand
    },
  },
} as const satisfies Record<string, Top>
export type TopId = keyof typeof tops
export const topIds = Object.keys(tops) as TopId[]
