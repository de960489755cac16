import { type Stitch, stitchById } from '../stitch/index.ts'
import type { Program, Step } from './program.ts'

/*
 * How high a row lies, in heights of a sc. A row of tall and short stitches is not as high as its tallest: where they come over one
 * another it is half-way between them (sc and dc by turns 1.5); what is tall and stands alone between short ones folds and pops out. All of
 * it is from memory, as docs/method.md says, and a swatch replaces it.
 */

/** A row with raised stitches on a lower ground is so much higher than the ground. */
const BUMP = 1.2
/** A basic stitch so much taller than those beside it folds; its row is so much higher. */
const FOLDS = 2.5
const FOLD = 1.1
/** A chain that passes more than this is a handle: it hangs beside the bag and not in it. */
const HANDLE_GAP = 8

/** How far a chain of so many hangs over so many stitches: a shallow arc so much longer than its chord. */
const hangs = (chains: number, over: number): number =>
  over > 0 && over < HANDLE_GAP && chains > over ? Math.sqrt((3 * over * (chains - over)) / 8) : 0

interface Heights {
  /** Of stitches that make the ground. */
  readonly ground: Set<number>
  readonly raised: Set<number>
  arch: number
}

const LONG_LOOP = { chains: 7, over: 4 } as const

function add(heights: Heights, stitch: Stitch): void {
  if (stitch.loop) {
    if (stitch.loop.stands === 'over')
      heights.arch = Math.max(heights.arch, hangs(LONG_LOOP.chains, LONG_LOOP.over))
  } else if (stitch.family === 'raised') heights.raised.add(stitch.height)
  else if (stitch.family !== 'over' && stitch.height > 0) heights.ground.add(stitch.height)
}

const numberOf = (step: Step | undefined): number =>
  step && 'times' in step && typeof step.times === 'number' ? step.times : 0

function gather(heights: Heights, steps: Program): void {
  steps.forEach((step, i) => {
    if (step.do === 'group' && step.times !== 0) gather(heights, step.steps)
    if (step.do === 'cells' || (step.do === 'work' && !step.closes))
      add(heights, stitchById(step.stitch))
    if (step.do !== 'chain' || step.stands === 'off') return
    // What it passes stands before it or after it; in a group also at its other end.
    const beside = [steps[(i + 1) % steps.length], steps.at(i - 1)]
    const over = numberOf(beside.find((one) => one?.do === 'pass'))
    heights.arch = Math.max(heights.arch, hangs(numberOf(step), over))
  })
}

/** The height of a row of such steps; 0 where nothing gives it any. */
export function heightOf(steps: Program): number {
  const heights: Heights = { ground: new Set(), raised: new Set(), arch: 0 }
  gather(heights, steps)
  const raised = Math.max(0, ...heights.raised)
  const sorted = [...heights.ground].sort((a, b) => a - b)
  const [short] = sorted
  if (short === undefined) return Math.max(raised, heights.arch)
  const upright = sorted.filter((height) => height < FOLDS * short)
  const lies = (short + upright.at(-1)!) / 2
  return Math.max(
    lies,
    upright.length < sorted.length ? FOLD * lies : 0,
    Math.min(raised, BUMP * lies),
    heights.arch > short ? (short + heights.arch) / 2 : 0,
  )
}
