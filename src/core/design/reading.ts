import { type BandPart, bandOf } from '../band/index.ts'
import type { Making } from '../section/index.ts'
import {
  type BaseKind,
  type BasePart,
  constructionOf,
  constructions,
  type Growth,
} from '../shape/index.ts'
import { InvariantError } from '../units/index.ts'
import type { Beginning, Design, Part, Yarn } from './documents.ts'

export const isBaseKind = (kind: string): kind is BaseKind => kind in constructions

export const isBase = (part: Part): part is BasePart => isBaseKind(part.kind)

/** Stitches of a base's first row, and those each further one adds. */
export const growthOf = (base: BasePart): Growth => constructionOf(base).growth(base)

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
export const roundsOf = (part: BandPart): number => bandOf(part).rounds(part)

/** The letters a part is worked in. */
export const lettersIn = (part: Part): readonly string[] =>
  isBase(part) ? baseYarns(part) : bandOf(part).yarns(part)

/** The yarns of a base: some are worked in two. */
export const baseYarns = (base: BasePart): readonly string[] =>
  BASE_YARNS.flatMap((field) =>
    field in base ? [(base as unknown as Record<string, string>)[field]!] : [],
  )
/** Fields of bases that hold a yarn. */
export const BASE_YARNS = ['yarn', 'second'] as const

/** The letter a row on top of a part goes on in. */
export const lastYarnOf = (part: Part): string =>
  isBase(part) ? part.yarn : bandOf(part).lastYarn(part)

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
