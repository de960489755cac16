import { type BaseKind, constructionOf, constructions, type Growth } from '../shape/index.ts'
import type {
  BandPart,
  BasePart,
  Beginning,
  Design,
  Making,
  Part,
  WrittenRow,
  Yarn,
} from './documents.ts'
import { lettersOf } from '../chart/index.ts'
import { stitchById } from '../stitch/index.ts'
import { InvariantError } from '../units/index.ts'

export const isBaseKind = (kind: string): kind is BaseKind => kind in constructions

export const isBase = (part: Part): part is BasePart => isBaseKind(part.kind)

/** Stitches of a base's first row, and those each further one adds. */
export const growthOf = (base: BasePart): Growth => constructionOf<BasePart>(base).growth(base)

/** How the rounds of a part are worked: as it says, or as the rest of the bag. */
export const makingOf = (design: Design, part: Part): Making => part.making ?? design.making

/** The base: the first part of a design. */
export function baseOf(design: Design): BasePart {
  const [first] = design.parts
  if (!first || !isBase(first)) throw new InvariantError('a design starts with its base')
  return first
}

/** The bands above the base, from the bottom up. */
export const bandsOf = (design: Design): readonly BandPart[] =>
  design.parts.filter((part): part is BandPart => !isBase(part))

/** @throws InvariantError when the design has no such part */
export function partById(design: Design, id: string): Part {
  const part = design.parts.find((one) => one.id === id)
  if (!part) throw new InvariantError(`no part “${id}” in the design`)
  return part
}

/** @throws InvariantError when the design has no such yarn */
export function yarnByLetter(design: Design, letter: string): Yarn {
  const yarn = design.yarns.find((one) => one.letter === letter)
  if (!yarn) throw new InvariantError(`no yarn ${letter} in the design`)
  return yarn
}

/** Rounds a band has. */
export function roundsOf(part: BandPart): number {
  if (part.kind === 'plain') return part.rounds
  if (part.kind === 'stripes') return part.stripes.reduce((sum, { rounds }) => sum + rounds, 0)
  return part.kind === 'written' ? part.rows.length : part.chart.colours.length * part.times
}

/** Places a written row takes up, and those it leaves. */
export function placesOf({ runs }: WrittenRow): { readonly uses: number; readonly makes: number } {
  const sum = { uses: 0, makes: 0 }
  for (const { stitch, count } of runs) {
    const { uses, makes } = stitchById(stitch)
    sum.uses += uses * count
    sum.makes += makes * count
  }
  return sum
}

/** The letters a part is worked in. */
export function lettersIn(part: Part): readonly string[] {
  if (part.kind === 'stripes') return [...new Set(part.stripes.map(({ yarn }) => yarn))]
  if (part.kind === 'tapestry') return lettersOf(part.chart)
  if (part.kind === 'written')
    return [...new Set(part.rows.flatMap(({ runs }) => runs.map(({ yarn }) => yarn)))]
  return part.kind === 'squares' ? [part.yarn, part.second] : [part.yarn]
}

/** The first id of the form p1, p2 … that no part has. */
export function freePartId(design: Design): string {
  for (let n = 1; ; n++) if (!design.parts.some(({ id }) => id === `p${n}`)) return `p${n}`
}

/** The first letter no yarn has; null when all are taken. */
export function maybeFreeLetter(design: Design): string | null {
  const taken = new Set(design.yarns.map(({ letter }) => letter))
  return [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !taken.has(letter)) ?? null
}

/** How a new bag is worked until she says otherwise: a spiral from a magic ring. */
export const usualMaking: Making = {
  working: 'spiral',
  start: 'chain',
  chainCounts: false,
  first: 'same',
}
export const usualBeginning: Beginning = { ring: 'magic', into: 'loops' }
