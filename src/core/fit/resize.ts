import { type BandPart, bandOf } from '../band/index.ts'
import { LIMITS } from '../part/index.ts'
import {
  bandsIn,
  bandsOf,
  baseOf,
  blockOf,
  BODY,
  bodyPiece,
  type Design,
  growthOf,
  maybeBaseOf,
  type Part,
  roundsOf,
  rowsMm,
  stitchesMm,
  withBody,
} from '../design/index.ts'
import { historyOf, tryCommit, projectOf } from '../project/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import { bodyOf, compile, compiled } from '../ledger/index.ts'
import { fitEdits, fitRequestOf } from './design-fit.ts'
import { bestFit, type Fit, fitCounts } from './fit.ts'

/** What grows with the width of a bag, and what with its height. */
const WIDE = { along: LIMITS.along, strip: LIMITS.strip } as const
/** What may be none. */
const FLAP = { flapStitches: LIMITS.count } as const
const TALL = { flapRows: LIMITS.rounds } as const
/** What is as tall as it is wide: there are more of it one above the other where the bag grows taller than wider. */
const SQUARE = { down: LIMITS.squares } as const

/** Whole, and within what there can be. */
const scaled = (value: number, by: number, least: number, most: number) =>
  Math.min(most, Math.max(least, Math.round(value * by)))

function resizedBase(base: BasePart, wide: number, tall: number): BasePart {
  if (constructionOf(base).fixed?.(base)) return base
  const values = base as unknown as Record<string, number>
  const grown = (fields: Record<string, number>, by: number, least: number) =>
    Object.fromEntries(
      Object.entries(fields)
        .filter(([key]) => key in base)
        .map(([key, most]) => [key, scaled(values[key]!, by, least, most)]),
    )
  const next = {
    ...base,
    ...grown(WIDE, wide, 3),
    ...grown(FLAP, wide, 0),
    ...grown(TALL, tall, 0),
    ...grown(SQUARE, tall / wide, 1),
  } as BasePart
  const count = scaled(base.count, wide, 3, LIMITS.count)
  return { ...next, count: Math.max(count, growthOf({ ...next, count }).first) }
}

/** A size as near as this to the one it has is no other. */
const SAME = 0.002

/** The plain body alone gives height down to this share of it. */
const LEAST_BODY = 0.25

/** What can be stretched takes up the change of height; motifs stay whole. */
const resizedBand = (part: BandPart, by: number): BandPart =>
  ({ ...part, ...bandOf(part).stretched(part, by) }) as BandPart
const isSoft = (part: BandPart): boolean => bandOf(part).stretched(part, 1) !== null
/** A band that is worked several times would give or take its height as often. */
const isOnce = (design: Design, { id }: BandPart): boolean =>
  blockOf(bodyPiece(design), id) === null

/** Height of all bands, of those that can be stretched, and of the plain body, in mm along the fabric. */
function heights(design: Design) {
  const bag = compile(design).pieces.find(({ id }) => id === 'bag')!
  const { alongMm } = bag.columns
  const bands = bag.parts.slice(1)
  const high = ({ firstRow, endRow }: (typeof bands)[number]) =>
    alongMm[endRow - 1]! - alongMm[firstRow - 1]!
  const sum = (parts: typeof bands) => parts.reduce((total, part) => total + high(part), 0)
  return {
    all: sum(bands),
    soft: sum(bands.filter((_, i) => isSoft(bandsOf(design)[i]!))),
    body: sum(bands.filter(({ id }) => id === plainBodyOf(design)?.id)),
  }
}

/**
 * The same bag in another size: the base and its count go by the width (at the best count that fits). The plain body gives and
 * takes the height; edges, stripes and motifs keep their rounds, as long as it can. Where it cannot all plain and striped bands
 * go by the height.
 */
export function resized(
  design: Design,
  size: Pick<Design['want'], 'aroundMm' | 'heightMm'>,
): Design {
  return withShares(resizedBody(design, size), design)
}

/** Pieces that are kept as high as a share of the body: as wide as it grew, and as high as it came out. */
function withShares(design: Design, before: Design): Design {
  if (design === before || !design.pieces.some(({ share }) => share !== undefined)) return design
  const [now, was] = [compile(design), compile(before)]
  const rim = (ledger: typeof now) => bodyOf(ledger).columns.makes.at(-1)!
  const wide = rim(now) / Math.max(1, rim(was))
  const pieces = design.pieces.map((piece) => {
    const made = now.pieces.find(({ id }) => id === piece.id)
    const base = maybeBaseOf(piece)
    if (piece.share === undefined || !made || !base) return piece
    const [band] = bandsIn(piece)
    const { rowHeightMm } = made.parts[0]!.gauge
    const off = now.sizes.heightMm * piece.share - made.columns.alongMm[made.rows - 1]!
    const rounds = band ? Math.max(1, roundsOf(band) + Math.round(off / rowHeightMm)) : 0
    const parts = piece.parts.map((part): Part => {
      if (part === base) return { ...base, count: scaled(base.count, wide, 3, LIMITS.count) }
      return part === band
        ? ({ ...part, ...bandOf(band).withRounds(band, rounds) } as BandPart)
        : part
    })
    return { ...piece, parts }
  })
  return { ...design, pieces }
}

function resizedBody(design: Design, size: Pick<Design['want'], 'aroundMm' | 'heightMm'>): Design {
  const { sizes } = compile(design)
  const wide = stitchesMm(design, size) / stitchesMm(design, sizes)
  const rowsNow = rowsMm(design, sizes)
  const tall = rowsNow > 0 ? rowsMm(design, size) / rowsNow : 1
  if (Math.abs(wide - 1) < SAME && Math.abs(tall - 1) < SAME)
    return { ...design, want: { ...design.want, ...size } }
  const { tied } = constructionOf(baseOf(design))
  if (tied) return resizedTied(design, size, wide, tied)
  const { all, soft, body } = heights(design)
  const alone = body > 0 && all * tall - (all - body) > body * LEAST_BODY
  const gives = alone ? body : soft
  const by = gives > 0 ? Math.max(0.05, (all * tall - (all - gives)) / gives) : 1
  const giver = plainBodyOf(design)
  const bands = bandsOf(design)
  const parts = [
    resizedBase(baseOf(design), wide, tall),
    ...bands.map((part) => (alone && part !== giver ? part : resizedBand(part, by))),
  ]
  const wider = { ...withBody(design, parts), want: { ...design.want, ...size } }
  return equalled(evened(fitted(wider), rowsMm(design, size)))
}

/** Its height goes with its width: bands stay as they are, and the body has the rows that go with its base. */
function resizedTied(
  design: Design,
  size: Pick<Design['want'], 'aroundMm' | 'heightMm'>,
  wide: number,
  tied: NonNullable<ReturnType<typeof constructionOf>['tied']>,
): Design {
  const parts = [resizedBase(baseOf(design), wide, wide), ...bandsOf(design)]
  const wider = fitted({ ...withBody(design, parts), want: { ...design.want, ...size } })
  const body = plainBodyOf(wider)
  if (!body) return wider
  const rows = compile(wider).pieces.find(({ id }) => id === BODY)!.rows
  const now = roundsOf(body)
  return withRounds(wider, body, Math.max(1, now + tied(baseOf(wider), rows) - rows))
}

/** On the best count that fits its wanted size, and at which what is sewn together is equal; as it is when there is none. */
function fitted(design: Design): Design {
  const bag = compiled(projectOf(design))
  const on = (fit: Fit): Design | null => {
    const tried = tryCommit(historyOf(projectOf(design)), fitEdits(design, fit))
    return tried.ok ? tried.value.design : null
  }
  const request = fitRequestOf(bag)
  const best = bestFit(request)
  const first = best && on(best)
  if (!first) return design
  if (compile(first).unequal === null) return first
  const others = fitCounts(request).map(on)
  return others.find((one) => one !== null && compile(one).unequal === null) ?? first
}

/** With what makes sides equal that are sewn together, where the construction knows of something. */
function equalled(design: Design): Design {
  const { unequal, pieces } = compile(design)
  if (unequal === null) return design
  const base = baseOf(design)
  const { rows } = pieces.find(({ id }) => id === BODY)!
  const ways = constructionOf(base).evened?.(base, rows) ?? []
  const others = ways.map(({ values }) =>
    withBody(design, [{ ...base, ...values } as BasePart, ...bandsOf(design)]),
  )
  return others.find((one) => compile(one).unequal === null) ?? design
}

const withRounds = (design: Design, part: BandPart, rounds: number): Design =>
  withBody(
    design,
    bodyPiece(design).parts.map((one) =>
      one === part ? ({ ...part, ...bandOf(part).withRounds(part, rounds) } as BandPart) : one,
    ),
  )

/** The plain body takes the rounds by which what rows come to is still off. */
function evened(design: Design, wantedMm: number): Design {
  const hasMm = rowsMm(design, compile(design).sizes)
  const top = plainBodyOf(design)
  if (!top || hasMm === 0) return design
  const { all } = heights(design)
  const now = bandOf(top).rounds(top)
  const changed = (rounds: number) => withRounds(design, top, rounds)
  const rowMm = heights(changed(now + 1)).all - all
  const faces = all / hasMm
  const by = Math.round(((wantedMm - hasMm) * faces) / rowMm)
  return changed(Math.max(1, now + by))
}

/** The body: of the bands that give and take height the one that is highest, the topmost of several. */
export const bodyBandOf = (design: Design): BandPart | undefined =>
  bandsOf(design)
    .filter((part) => isSoft(part) && isOnce(design, part))
    .reduce<BandPart | undefined>(
      (most, part) => (most && roundsOf(most) > roundsOf(part) ? most : part),
      undefined,
    )

/** The plain body: of the bands whose work is no more than their rounds the one with the most, the topmost of several. */
export const plainBodyOf = (design: Design): BandPart | undefined =>
  bandsOf(design)
    .filter((part) => bandOf(part).change(part) !== null && isOnce(design, part))
    .reduce<BandPart | undefined>(
      (most, part) => (most && roundsOf(most) > roundsOf(part) ? most : part),
      undefined,
    )
