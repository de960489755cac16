import { printLength, printNumber, type System } from '../units/index.ts'
import type { BandFit, Fit } from './fit.ts'

/** Less than this share wider or narrower is not seen. */
const FLARE = 0.02

/** By how much a band of another gauge or count is wider or narrower than the base; empty when it is not seen. */
function flareWords(sizeMm: number, baseMm: number, units: System): string {
  const by = sizeMm - baseMm
  if (Math.abs(by) < baseMm * FLARE) return ''
  return `${by > 0 ? 'flares' : 'draws in'} ${printLength(Math.abs(by), units)}`
}

/** How a band comes out: "5 × 24", whether it does so by itself, and how its size differs from that of the base. */
export function bandWords(
  band: BandFit,
  baseMm: number,
  units: System,
): { readonly text: string; readonly even: boolean; readonly flare: string } {
  return { ...repeatWords(band), flare: flareWords(band.sizeMm, baseMm, units) }
}

/** The two halves of a count, which pair when they are equal: "60 + 60". */
export const halvesWords = ({ count }: Pick<Fit, 'count'>): string =>
  `${Math.ceil(count / 2)} + ${Math.floor(count / 2)}`

/** What lies in the middle of the bands, where a closure or the middle of a face is: a repeat, or the edge between two. */
export function middleWords({ bands }: Pick<Fit, 'bands'>): string {
  const odd = (band: BandFit) => band.repeats % 2 === 1
  if (bands.length === 0) return ''
  if (bands.every(odd)) return 'one in the middle'
  return bands.some(odd) ? 'middles differ' : 'two meet in the middle'
}

function repeatWords({ repeats, multiple, padded, added, count, offset }: BandFit): {
  readonly text: string
  readonly even: boolean
} {
  const times = `${repeats} × ${multiple + padded}${offset > 0 ? ` + ${offset}` : ''}`
  if (padded !== 0) return { text: `${times}, ${padded > 0 ? 'padded' : 'narrowed'}`, even: false }
  return added === 0
    ? { text: `${times}, even`, even: true }
    : { text: `${times} on ${count}`, even: false }
}

function baseWords(fit: Fit): string {
  const { base, count } = fit
  if (!base) return `${count} stitches`
  if (base.begunWith !== null) return base.begunWith
  const last = base.last > 0 ? `, + ${base.last} in the last` : ''
  return `${base.rounds} base rounds of + ${base.increase}${last}`
}

/** A change of one or two stitches hides at the sides of the bag; more are spread evenly. */
function addedWords(added: number, name: string): string {
  const many = Math.abs(added)
  const how = many === 1 ? 'at one side' : many === 2 ? 'at both sides' : 'evenly'
  return `${many} ${added > 0 ? 'added' : 'taken away'} ${how} below ${name}`
}

function paddedWords(padded: number): string {
  const many = Math.abs(padded)
  return `${padded > 0 ? 'padded' : 'narrowed'} by ${many} ${many === 1 ? 'column' : 'columns'}`
}

/** What must be done to get there, in one sentence. `nameOf` gives a band's name. */
export function fitSentence(fit: Fit, nameOf: (id: string) => string): string {
  const bands = fit.bands.flatMap(({ id, padded, added }) => [
    ...(added === 0 ? [] : [addedWords(added, nameOf(id))]),
    ...(padded === 0 ? [] : [`${nameOf(id)} ${paddedWords(padded)}`]),
  ])
  return [baseWords(fit), ...bands].join('; ')
}

/** One yarn is worked with hooks of about half to twice its own, and hooks are made up to 25 mm (from memory). */
const HOOKS = { least: 0.5, most: 2, largestMm: 25 } as const

/** The hook that would make another gauge: "about a 4.5 mm hook", or that none does. */
export function hookWords(hookMm: number, ownMm: number): string {
  const none =
    hookMm < HOOKS.least * ownMm || hookMm > HOOKS.most * ownMm || hookMm > HOOKS.largestMm
  return none ? 'which no hook makes of this yarn' : `about a ${printNumber(hookMm)} mm hook`
}

/** Counts a band wants: "a multiple of 4, and 2 more"; a multiple of 0 is one count alone: "just 48 stitches". */
export function countsWords(multiple: number, offset: number): string {
  if (multiple === 0) return `just ${offset} stitches`
  if (multiple === 1) return offset > 1 ? `more than ${offset} stitches` : 'any number of stitches'
  return `a multiple of ${multiple} stitches${offset > 0 ? `, and ${offset} more` : ''}`
}
