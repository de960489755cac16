import {
  blankChart,
  type Cell,
  type Chart,
  lettersOf,
  withLetterFor,
  withSize,
} from '../chart/index.ts'
import { One, OneOf, Whole } from '../document/index.ts'
import { group, type Program, type Step, work } from '../program/index.ts'
import { LIMITS, Section } from '../part/index.ts'
import { stitchById } from '../stitch/index.ts'
import { type Band, type Ground, usual, within } from './band.ts'
import { ChartDocument } from './tapestry.ts'

/** What stands on a ground: a symbol that is painted, and the stitch it is. */
export interface Relief {
  readonly letter: string
  readonly name: string
  /** Null for the ground itself. */
  readonly stitch: string | null
  /** The side it is worked from; all the same to it where it says none. */
  readonly side?: 'RS' | 'WS'
  /** Several stitches drawn together: not beside another one, and it pulls in. */
  readonly cluster?: true
  /** Worked around a post: of the stitch below, or of the one before. */
  readonly post?: 'below' | 'before'
  /** A chain over a stitch that is passed. */
  readonly open?: true
}

/** Everything that can be painted on a ground. One is added here and nowhere else. */
export const reliefs: readonly Relief[] = [
  { letter: 'A', name: 'Plain', stitch: null },
  { letter: 'B', name: 'Puff', stitch: 'puff', side: 'WS', cluster: true },
  { letter: 'C', name: 'Bobble', stitch: 'bobble', side: 'WS', cluster: true },
  { letter: 'D', name: 'Popcorn', stitch: 'popcorn', side: 'RS', cluster: true },
  { letter: 'E', name: 'Bead', stitch: 'bead', side: 'RS', cluster: true, post: 'before' },
  { letter: 'F', name: 'Front post', stitch: 'fpdc', post: 'below' },
  { letter: 'G', name: 'Back post', stitch: 'bpdc', post: 'below' },
  { letter: 'H', name: 'Spike of 1', stitch: 'spike' },
  { letter: 'I', name: 'Spike of 2', stitch: 'spike-2' },
  { letter: 'J', name: 'Spike of 3', stitch: 'spike-3' },
  { letter: 'K', name: 'Eyelet', stitch: 'over-st', open: true },
]
const PLAIN_LETTER = reliefs[0]!.letter
const byLetter = new Map(reliefs.map((one) => [one.letter, one]))
export const reliefOf = (letter: string): Relief => byLetter.get(letter) ?? reliefs[0]!
const reachOf = ({ stitch }: Relief): number =>
  stitch?.startsWith('spike') ? (stitchById(stitch).reaches ?? 0) : 0

/** Symbols painted freely on a ground stitch, over a chart of colours. */
export class ReliefPart extends Section {
  @OneOf(['relief']) readonly kind!: 'relief'
  @One(() => ChartDocument)
  readonly chart!: ChartDocument
  /** What stands on each cell: letters of {@link reliefs}, as wide and high as the chart. */
  @One(() => ChartDocument)
  readonly raised!: ChartDocument
  @Whole(1, LIMITS.times) readonly times!: number
  /** Columns worked once more at the end of a flat row. */
  @Whole(0, LIMITS.chartWidth) readonly balance!: number
}

/** Why a symbol cannot be worked where it stands. */
export type WhyNot = 'side' | 'beside' | 'reach' | 'over' | 'post' | 'edge' | 'ground'
export interface ReliefMisfit extends Cell {
  readonly why: WhyNot
}

/** How the rows of a band lie: the side each faces, and the rows there are below the first. */
export interface Lies {
  /** Null where it may face either. */
  readonly sideOf: (row: number) => 'RS' | 'WS' | null
  readonly below: number
  /** Rounds that go on the same way: what stands out at the back is pushed through to the front. */
  readonly unturned?: boolean
}

/** The same as plain data: the side of each row, and the rows there are below the first. */
export interface LiesAs {
  readonly sides: readonly ('RS' | 'WS' | null)[]
  readonly below: number
  readonly unturned?: boolean
}
export const liesAs = ({ sides, below, unturned = false }: LiesAs): Lies => ({
  sideOf: (row) => sides[row] ?? null,
  below,
  unturned,
})
const isPushed = ({ stitch }: Relief): boolean =>
  stitch !== null && stitchById(stitch).pushes === true

/** What stands on a ground while it is gone through: the symbols that are worked, and the side each row has. */
class Standing {
  /** Letters of what is worked, by row; what cannot be is ground. */
  readonly works: string[][]
  readonly sides: ('RS' | 'WS' | null)[]

  constructor(
    readonly part: Pick<ReliefPart, 'raised' | 'stitch'>,
    private readonly lies: Lies,
  ) {
    const { colours } = part.raised
    this.works = colours.map((row) => [...row])
    this.sides = colours.map((_, row) => lies.sideOf(row))
  }

  at(row: number, column: number): Relief {
    return reliefOf(this.works[row]?.[column] ?? PLAIN_LETTER)
  }

  /** The side a symbol wants; none where it can be pushed through. */
  private sideFor(own: Relief): 'RS' | 'WS' | undefined {
    return this.lies.unturned && isPushed(own) ? undefined : own.side
  }

  /** Why a symbol cannot stand there, among what is worked; null where it can. */
  whyNot(own: Relief, row: number, column: number): WhyNot | null {
    const { lies, part } = this
    const side = this.sides[row]!
    const wanted = this.sideFor(own)
    if (wanted && side && wanted !== side) return 'side'
    // Rows begin and end there, with chains and joins.
    const edge = column === 0 || column === part.raised.width - 1
    if ((own.cluster || own.open) && edge) return 'edge'
    if (own.cluster && this.at(row, column - 1).cluster) return 'beside'
    const reach = reachOf(own)
    // A spike is a sc drawn up: beside taller stitches it would pull them down.
    if (reach > 0 && stitchById(part.stitch).height > 1) return 'ground'
    if (reach > 0 && reach > row + lies.below - 1) return 'reach'
    for (let down = 1; down <= reach; down++)
      if (row - down >= 0 && this.at(row - down, column).stitch !== null) return 'over'
    if (own.post === 'before' && stitchById(part.stitch).height < 2) return 'post'
    const under = row > 0 ? this.at(row - 1, column) : null
    if (own.post === 'below' && ((under?.open ?? false) || row + lies.below === 0)) return 'post'
    return null
  }

  /** A symbol stands there; where the row may face either side, the first that wants one has it. */
  put(own: Relief, row: number, column: number): void {
    this.works[row]![column] = own.letter
    this.sides[row] ??= this.sideFor(own) ?? null
  }

  /** Whether a symbol can be put there, and takes the place of no other that is worked. */
  takes(own: Relief, row: number, column: number): boolean {
    if (!this.works[row] || this.at(row, column).stitch !== null) return false
    if (this.whyNot(own, row, column) !== null) return false
    if (own.cluster && this.at(row, column + 1).cluster) return false
    for (let up = 1; up <= DEEPEST; up++) if (reachOf(this.at(row + up, column)) >= up) return false
    return !(own.open && this.at(row + 1, column).post === 'below')
  }
}
/** No symbol reaches further down. */
const DEEPEST = Math.max(...reliefs.map(reachOf))

/** Goes through all symbols once, row by row from below: those that cannot be worked where they stand are worked as ground. */
function stood(
  part: Pick<ReliefPart, 'raised' | 'stitch'>,
  lies: Lies,
): { readonly standing: Standing; readonly misfits: ReliefMisfit[] } {
  const standing = new Standing(part, lies)
  const misfits: ReliefMisfit[] = []
  part.raised.colours.forEach((text, row) => {
    for (let column = 0; column < text.length; column++) {
      if (text[column] === PLAIN_LETTER) continue
      const own = reliefOf(text[column]!)
      if (own.stitch === null) continue
      const why = standing.whyNot(own, row, column)
      if (why === null) standing.put(own, row, column)
      else {
        misfits.push({ column, row, why })
        standing.works[row]![column] = PLAIN_LETTER
      }
    }
  })
  return { standing, misfits }
}

/** Symbols that cannot be worked where they stand. They are worked as ground. */
export const reliefMisfits = (
  part: Pick<ReliefPart, 'raised' | 'stitch'>,
  lies: Lies,
): readonly ReliefMisfit[] => stood(part, lies).misfits

const chartOf = ({ works, part }: Standing): Chart => ({
  width: part.raised.width,
  colours: works.map((row) => row.join('')),
})

/** The symbols that are worked: those that cannot be are ground. */
const worksOf = (part: ReliefPart, lies: Lies): Chart => chartOf(stood(part, lies).standing)

/** Of what a row may be before it is laid: any side, and rows below it. */
const anyhow = (below: number = LIMITS.rounds): Lies => ({
  sideOf: () => null,
  below,
  unturned: true,
})

/** The nearest that can be worked: a symbol on the wrong side goes to the row above or below that can have it; the rest are left out. */
export function reliefMended(part: Pick<ReliefPart, 'raised' | 'stitch'>, lies: Lies): Chart {
  const { standing, misfits } = stood(part, lies)
  const { colours } = part.raised
  for (const { row, column, why } of misfits) {
    if (why !== 'side') continue
    const own = reliefOf(colours[row]![column]!)
    const other = [row + 1, row - 1].find((to) => standing.takes(own, to, column))
    if (other !== undefined) standing.put(own, other, column)
  }
  return chartOf(standing)
}

/** Cells in working order, neighbours alike together. */
function stepsOf(yarns: readonly string[], symbols: readonly string[], ground: string): Step[] {
  const steps: Step[] = []
  for (let from = 0; from < yarns.length;) {
    let to = from + 1
    while (to < yarns.length && yarns[to] === yarns[from] && symbols[to] === symbols[from]) to++
    steps.push(work(reliefOf(symbols[from]!).stitch ?? ground, to - from, { yarn: yarns[from]! }))
    from = to
  }
  return steps
}

const balanceOf = ({ balance }: ReliefPart, worked: Ground['worked']) =>
  worked === 'rows' ? balance : 0

function rowPrograms(part: ReliefPart, { count, hand, worked: way, below }: Ground): Program[] {
  const { chart, stitch } = part
  const { width } = chart
  const raised = worksOf(part, anyhow(below))
  const balance = balanceOf(part, way)
  const inOrder = (row: string) => (hand === 'right' ? [...row].reverse() : [...row])
  const first = balance < count ? balance : 0
  const repeats = Math.floor((count - first) / width)
  const left = (count - first) % width
  return chart.colours.map((text, row): Program => {
    const [yarns, symbols] = [inOrder(text), inOrder(raised.colours[row]!)]
    const some = (from: number, to: number) =>
      stepsOf(yarns.slice(from, to), symbols.slice(from, to), stitch)
    const all = stepsOf(yarns, symbols, stitch)
    const [only, more] = all
    if (only?.do === 'work' && !more) return [{ ...only, times: count }]
    // As seen, the columns that balance a row are the first ones of the chart again, at its right edge.
    const edge = hand === 'right' ? some(width - first, width) : []
    const rest = hand === 'right' ? some(0, left) : some(0, left + first)
    return [...edge, ...(repeats > 0 ? [group(repeats, ...all)] : []), ...rest]
  })
}

const HANDY = [12, 10, 8, 6, 15, 9, 7, 5]
const NEW_HEIGHT = 8

/** Puffs, posts, spikes and the like painted on a ground, each stitch in the yarn of its cell. */
export const relief: Band<ReliefPart> = {
  ...usual,
  document: ReliefPart,
  title: 'Free texture',
  heading: 'Free texture on',
  begin: ({ stitch, letters, count }) => {
    const width = HANDY.find((repeat) => count > 0 && count % repeat === 0) ?? HANDY[0]!
    return {
      kind: 'relief',
      name: 'Relief',
      making: null,
      stitch,
      chart: blankChart(width, NEW_HEIGHT, letters[0]!),
      raised: blankChart(width, NEW_HEIGHT, PLAIN_LETTER),
      times: 1,
      balance: 0,
    }
  },
  rounds: ({ chart, times }) => chart.colours.length * times,
  withRounds: ({ chart }, rounds) => ({
    times: within(rounds / chart.colours.length, 1, LIMITS.times),
  }),
  stretched: () => null,
  settled: ({ chart, raised, balance }) => ({
    balance: Math.min(balance, chart.width - 1),
    raised: withSize(raised, chart.width, chart.colours.length, PLAIN_LETTER),
  }),
  yarns: ({ chart }) => lettersOf(chart),
  withYarn: ({ chart }, from, to) => ({ chart: withLetterFor(chart, from, to) }),
  lastYarn: ({ chart }) => chart.colours.at(-1)![0]!,
  gaugeYarn: () => null,
  fabric: ({ id, name }) => ({ key: `relief-${id}`, name }),
  repeat: (part, way) => ({ multiple: part.chart.width, offset: balanceOf(part, way) }),
  faults: ({ chart, raised, balance }, say) => {
    if (balance >= chart.width)
      say('balance', `must be less than the ${chart.width} columns of the chart`)
    if (raised.width !== chart.width || raised.colours.length !== chart.colours.length)
      say('raised', `must be ${chart.width} × ${chart.colours.length}, as the chart is`)
    for (const [field, { width, colours }] of [
      ['chart', chart],
      ['raised', raised],
    ] as const)
      colours.forEach((row, r) => {
        if (row.length !== width)
          say(`${field}.colours[${r}]`, `has ${row.length} cells, the chart is ${width} wide`)
      })
    raised.colours.forEach((row, r) => {
      const strange = [...row].find((letter) => !byLetter.has(letter))
      if (strange) say(`raised.colours[${r}]`, `has “${strange}”, which stands for no stitch`)
    })
  },
  size: ({ chart }) => ({ cells: 2 * chart.width * chart.colours.length, runs: 0 }),
  *rows(part, ground) {
    const rows = rowPrograms(part, ground)
    for (let i = 0; i < part.times; i++) yield* rows
  },
  looks: ({ chart, raised }) => ({
    below: 0,
    rows: chart.colours.map((row, r) => `${row} ${raised.colours[r]}`),
  }),
  wants: ({ raised }, row) => {
    const text = raised.colours[(row - 1) % raised.colours.length]!
    const wanting = [...text].map(reliefOf).filter(({ side }) => side)
    const sure = wanting.find((one) => !isPushed(one))
    const [pushed] = wanting
    return {
      // What is painted is what is seen from the right side.
      asSeen: true,
      ...(sure ? { side: sure.side! } : pushed ? { sideIfTurned: pushed.side! } : {}),
    }
  },
  // What is painted stands as its own letter, small, so that it is no yarn's.
  signs: ({ raised }) => {
    const used = reliefs.filter(
      ({ letter, stitch }) => stitch && raised.colours.some((row) => row.includes(letter)),
    )
    return {
      rows: raised.colours.map((row) =>
        [...row].map((letter) => (reliefOf(letter).stitch ? letter.toLowerCase() : ' ')).join(''),
      ),
      key: used.map(({ letter, name, stitch }) => ({
        ...{ sign: letter.toLowerCase(), is: name },
        symbol: stitchById(stitch!).symbol,
      })),
    }
  },
  chart: ({ chart }) => chart,
  field: ({ chart }) => chart,
  beside: (part, way) => ({ edge: 0, again: balanceOf(part, way) }),
  lookFor: () => 'what stands out does so on the right side, all of it; push out what does not',
}
