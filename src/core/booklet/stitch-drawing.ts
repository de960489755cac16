import svgpath from 'svgpath'
import { stitchById, type Words, abbrOf } from '../stitch/index.ts'
import { type Drawing, type DrawnPath, inked, QUIET_INK } from '../paper/index.ts'
import { chainSymbol, symbolOf, tallOf } from '../texture/index.ts'

/* Special stitches drawn step by step: what a step adds to the stitch, between the stitches beside it and over those below. */

const WIDE = 92
const HIGH = 74
const FOOT = 50
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
      /^(?:each|over|from|drawn|and|which|it|2nd|then)\b/.test(step)
    )
      out[out.length - 1] += `, ${step}`
    else out.push(`${carried}${step}`)
    carried = ''
  }
  return carried ? [...out, carried.replace(/, $/, '')] : out
}

/** One step of a stitch: what is there so far bold, what is still to come thin; beside it plain stitches, below it what it stands on. */
export function stepDrawing(id: string, step: number, of: number, words: Words): Drawing {
  const stitch = stitchById(id)
  const word = abbrOf(stitch, { ...words, terms: 'us' })
  const tall = tallOf(word)
  const own = symbolOf(word, tall)
  const strokes = [...strokesIn(own.path), ...strokesIn(own.fill).map((d) => d)]
  const upTo =
    step === of - 1 ? strokes.length : Math.max(1, Math.floor((strokes.length * (step + 1)) / of))
  const plain = symbolOf(stitchById(stitch.of).abbr.us, tallOf(stitchById(stitch.of).abbr.us))
  const middle = WIDE / 2
  const at = (d: string, x: number, y: number) => turned(d, 0, x, y)
  const beside = [-1, 1].map((side) => at(plain.path, middle + side * APART, FOOT))
  const tops = (y: number, shift = 0) =>
    [-1.5, -0.5, 0.5, 1.5].map((side) => at(chainSymbol.path, middle + (side + shift) * APART, y))
  const rows = stitch.reaches ? 1 + Math.min(2, stitch.reaches) : 1
  const below = Array.from({ length: rows }, (_, i) => tops(FOOT + 5 + i * 9, i % 2 ? 0 : 0))
  const faint = { colour: QUIET_INK, opacity: 0.55, width: 0.9 }
  const paths: DrawnPath[] = [
    { d: below.flat().join(''), stroke: faint },
    { d: beside.join(''), stroke: faint },
    ...(upTo < strokes.length
      ? [
          {
            d: strokes
              .slice(upTo)
              .map((d) => at(d, middle, FOOT))
              .join(''),
            stroke: { ...faint, dash: [2, 2] },
          },
        ]
      : []),
    {
      d: strokes
        .slice(0, upTo)
        .map((d) => at(d, middle, FOOT))
        .join(''),
      stroke: inked(1.8),
    },
  ]
  return { width: WIDE, height: HIGH, title: `${word}, step ${step + 1}`, paths, texts: [] }
}
