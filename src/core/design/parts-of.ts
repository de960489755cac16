import { LIMITS } from '../part/index.ts'
import { type BandPart, bandOf } from '../band/index.ts'
import type { Making } from '../part/index.ts'
import {
  type BaseKind,
  type BasePart,
  constructionOf,
  constructions,
  type Growth,
  writtenYarns,
} from '../shape/index.ts'
import { InvariantError } from '../units/index.ts'
import type { Beginning, Design, DesignPiece, Leading, Part, Yarn } from './documents.ts'

export const isBaseKind = (kind: string): kind is BaseKind => kind in constructions

export const isBase = (part: Part): part is BasePart => isBaseKind(part.kind)

/** Stitches of a base's first row, and those each further one adds. */
export const growthOf = (base: BasePart): Growth => constructionOf(base).growth(base)

/** The pieces a base begins beside the body, and the stitches the bands of each stand on. */
export const begunBy = (base: BasePart): ReadonlyMap<string, number> =>
  new Map(Object.entries(constructionOf(base).begins?.(base) ?? {}))

/** How the rounds of a part are worked: as it says, or as the rest of the bag. */
export const makingOf = (design: Design, part: Part): Making => part.making ?? design.making

/** The piece that the bag stands on, or hangs from. */
export const BODY = 'bag'

export function bodyPiece({ pieces }: Design): DesignPiece {
  const [body] = pieces
  if (!body) throw new InvariantError('a design without a piece')
  return body
}

/** The base of a piece; null where its construction begins it. */
export function maybeBaseOf({ parts }: DesignPiece): BasePart | null {
  const [first] = parts
  return first && isBase(first) ? first : null
}

/** The base of the body. */
export function baseOf(design: Design): BasePart {
  const base = maybeBaseOf(bodyPiece(design))
  if (!base) throw new InvariantError('a body starts with its base')
  return base
}

/** Whether the rows of its body run up the bag. */
export const isSideways = (design: Design): boolean =>
  constructionOf(baseOf(design)).sideways === true
type TwoSizes = Pick<Design['want'], 'aroundMm' | 'heightMm'>
/** What of a size stitches come to: the way around, or how tall it is where its rows run up the bag. */
export const stitchesMm = (design: Design, { aroundMm, heightMm }: TwoSizes): number =>
  isSideways(design) ? heightMm : aroundMm
/** What of a size rows come to: how tall it is, or how wide laid flat where they run up the bag. */
export const rowsMm = (design: Design, { aroundMm, heightMm }: TwoSizes): number =>
  isSideways(design) ? aroundMm / 2 : heightMm

/** The bands of a piece, from the bottom up. */
export const bandsIn = ({ parts }: DesignPiece): readonly BandPart[] =>
  parts.filter((part): part is BandPart => !isBase(part))

/** The bands of the body. */
export const bandsOf = (design: Design): readonly BandPart[] => bandsIn(bodyPiece(design))

/** The parts of all pieces. */
export const partsOf = ({ pieces }: Design): readonly Part[] => pieces.flatMap(({ parts }) => parts)

/** The piece a part is of. @throws InvariantError when the design has no such part */
export function pieceOfPart({ pieces }: Design, id: string): DesignPiece {
  const piece = pieces.find(({ parts }) => parts.some((part) => part.id === id))
  if (!piece) throw new InvariantError(`no part “${id}” in the design`)
  return piece
}

/** @throws InvariantError when the design has no such part */
export function partById(design: Design, id: string): Part {
  const part = partsOf(design).find((one) => one.id === id)
  if (!part) throw new InvariantError(`no part “${id}” in the design`)
  return part
}

/** The design with other parts in its body. */
export const withBody = (design: Design, parts: readonly Part[]): Design => ({
  ...design,
  pieces: design.pieces.map((piece, at) => (at === 0 ? { ...piece, parts } : piece)),
})

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
  isBase(part)
    ? [
        ...new Set([
          ...baseYarns(part),
          ...part.turns.map(({ yarn }) => yarn),
          ...writtenYarns(constructionOf(part).written?.(part) ?? []),
        ]),
      ]
    : bandOf(part).yarns(part)

/** The yarns of a base: some are worked in two. */
export const baseYarns = (base: BasePart): readonly string[] => [
  ...new Set(
    BASE_YARNS.flatMap((field) =>
      field in base ? [(base as unknown as Record<string, string>)[field]!] : [],
    ),
  ),
]
/** Fields of bases that hold a yarn. */
export const BASE_YARNS = ['yarn', 'second'] as const

/** The letter a row on top of a part goes on in. */
export const lastYarnOf = (part: Part): string =>
  isBase(part) ? part.yarn : bandOf(part).lastYarn(part)

/** The first id of the form p1, p2 … that no part has. */
export const freePartId = (design: Design): string => freeId('p', partsOf(design))
/** The first id of the form c1, c2 … that no piece has. */
export const freePieceId = (design: Design): string => freeId('c', design.pieces)

/** The first id of the form f1, f2 … that no fitting has. */
export const freeItemId = (design: Design): string => freeId('f', design.items)

function freeId(letter: string, taken: readonly { readonly id: string }[]): string {
  for (let n = 1; ; n++) if (!taken.some(({ id }) => id === letter + n)) return letter + n
}

/** Grams of a yarn that are in hand, all lots together; null where that is not said. */
export const gramsInHand = ({ lots }: Pick<Yarn, 'lots'>): number | null =>
  lots.length === 0 ? null : lots.reduce((sum, { grams }) => sum + grams, 0)

/** So much in hand, of no lot that is known. */
export const unknownLot = (grams: number): Yarn['lots'] => [{ lot: null, grams, of: null }]

/** A yarn of which no more than its colour is known. */
export const unsaid = { label: null, lots: [], yarnClass: null, strands: [] } as const

/** Yarns of these colours that a bag has not yet, as far as it has letters for them; else like its first. */
export function newYarns(
  design: Pick<Design, 'yarns'>,
  colours: readonly { readonly name?: string; readonly colour: string }[],
): Yarn[] {
  const taken = new Set(design.yarns.map(({ letter }) => letter))
  const free = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].filter((letter) => !taken.has(letter))
  const room = Math.max(0, Math.min(free.length, LIMITS.yarns - design.yarns.length))
  return colours.slice(0, room).map(({ name, colour }, i) => ({
    ...{ letter: free[i]!, name: name ?? `Yarn ${free[i]!}`, colour },
    ...{ ...unsaid, label: design.yarns[0]?.label ?? null },
  }))
}

/** How a new bag is worked until she says otherwise: a spiral from a magic ring. */
export const usualMaking: Making = {
  working: 'spiral',
  start: 'chain',
  chainCounts: false,
  oneCounts: false,
  shortChain: false,
  first: 'same',
  anew: null,
}
export const usualBeginning: Beginning = { ring: 'magic', into: 'loops' }

/** How yarns are led until she says otherwise (common practice). */
export const usualLeading: Leading = {
  ...{
    cutAfter: 4,
    catchEvery: null,
    catchNext: false,
    closeIn: 'new',
    tails: 'in',
    doubled: false,
  },
}

/** What of a design nothing was decided about yet. */
export const undecided = {
  swatches: [],
  measured: [],
  making: usualMaking,
  beginning: usualBeginning,
  frontAfter: null,
  leading: usualLeading,
  ways: [],
  meant: [],
  items: [],
} as const satisfies Partial<Design>
