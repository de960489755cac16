import svgpath from 'svgpath'
import { abbrOf, type Stitch, stitchById, type Words } from '../stitch/index.ts'
import { type Drawing, type DrawnPath, inked, QUIET_INK } from '../paper/index.ts'
import { chainSymbol, hasSymbol, type StitchSymbol, symbolOf, tallOf } from '../texture/index.ts'

/* Special stitches drawn step by step: what a step adds to the stitch, between the stitches beside it and over those below. */

const WIDE = 96
/** Room above the stitch and below what it stands on; from one row down to the next; and from one stitch to the next. */
const AIR = 6
const ROW = 13
const APART = 22

/** A path turned, and moved to a place. */
export const turned = (d: string, degrees: number, x: number, y: number): string =>
  svgpath(d).rotate(degrees).translate(x, y).round(2).toString()

/** The lines of a path, each by itself. */
const strokesIn = (path: string): string[] => path.match(/M[^M]*/g) ?? []

/** A recipe as its steps: parted at what is done next, but not within brackets. */
export function stepsOf(recipe: string): string[] {
  const steps: string[] = []
  let now = ''
  let deep = 0
  for (const sign of recipe) {
    if (sign === '(') deep++
    if (sign === ')') deep--
    if (deep === 0 && (sign === ',' || sign === ';')) {
      steps.push(now.trim())
      now = ''
    } else now += sign
  }
  return joined([...steps, now.trim()].filter(Boolean))
}

/** Words that only go on with the step before are one with it: "yo" and "each left unfinished" are no picture of their own. */
function joined(steps: readonly string[]): string[] {
  const out: string[] = []
  let carried = ''
  for (const step of steps) {
    if (/^yo$/.test(step)) {
      carried = `${carried}${step}, `
      continue
    }
    if (
      out.length > 0 &&
      carried === '' &&
      /^(?:each|not|over|from|into|in front|drawn|and|which|it|2nd|then|the)\b/.test(step)
    )
      out[out.length - 1] += `, ${step}`
    else out.push(`${carried}${step}`)
    carried = ''
  }
  return carried ? [...out, carried.replace(/, $/, '')] : out
}

/** The shape of a stitch, from its foot up: as charts of stitch patterns have it, else its own symbol. */
function shapeOf({ abbr, name, symbol }: Stitch, tall: number): StitchSymbol {
  const known = [abbr.us, abbr.us.toLowerCase(), `3-dc ${name.us}`].find(hasSymbol)
  if (known) return symbolOf(known, tall)
  // Drawn in a box of 20 with its foot in the middle of the lower edge.
  const scale = tall / 18
  return { path: svgpath(symbol).translate(-10, -19).scale(scale).round(2).toString(), fill: '' }
}

/** One step of a stitch: what is there so far bold, what is still to come thin; beside it plain stitches, below it what it stands on. */
export function stepDrawing(id: string, step: number, of: number, words: Words): Drawing {
  const stitch = stitchById(id)
  const word = abbrOf(stitch, { ...words, terms: 'us' })
  const tall = tallOf(word)
  const foot = AIR + Math.max(tall, 18)
  const down = (stitch.reaches ?? 0) * ROW
  const own = shapeOf(stitch, tall)
  // What reaches down goes over the rows it passes, to where it is hooked in.
  const reach = down > 0 ? [`M0 0V${down + 3}M-3 ${down}L0 ${down + 4}L3 ${down}`] : []
  const strokes = [...reach, ...strokesIn(own.path), ...strokesIn(own.fill)]
  const upTo =
    step === of - 1 ? strokes.length : Math.max(1, Math.floor((strokes.length * (step + 1)) / of))
  const plainWord = stitchById(stitch.of).abbr.us
  const plain = symbolOf(plainWord, tallOf(plainWord))
  const middle = WIDE / 2
  const at = (d: string, x = middle, y = foot) => turned(d, 0, x, y)
  const beside = [-1, 1].map((side) => at(plain.path, middle + side * APART))
  const below = Array.from({ length: 1 + (stitch.reaches ?? 0) }, (_, row) =>
    [-1, 0, 1].map((side) => at(chainSymbol.path, middle + side * APART, foot + 5 + row * ROW)),
  )
  const faint = { colour: QUIET_INK, opacity: 0.55, width: 0.9 }
  const joined = (list: readonly string[]) => list.map((d) => at(d)).join('')
  const paths: DrawnPath[] = [
    { d: below.flat().join(''), stroke: faint },
    { d: beside.join(''), stroke: faint },
    ...(upTo < strokes.length
      ? [{ d: joined(strokes.slice(upTo)), stroke: { ...faint, dash: [2, 2] } }]
      : []),
    { d: joined(strokes.slice(0, upTo)), stroke: inked(1.8) },
  ]
  return {
    ...{ width: WIDE, height: foot + down + ROW + AIR, title: `${word}, step ${step + 1}` },
    ...{ paths, texts: [] },
  }
}
