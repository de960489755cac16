import { type BandPart, bandOf, within } from '../band/index.ts'
import {
  bandsOf,
  baseInstead,
  baseOf,
  BODY,
  type Design,
  growthOf,
  undecided,
  unsaid,
  withBody,
} from '../design/index.ts'
import { resized } from '../fit/index.ts'
import { newPiece } from './new-piece.ts'
import { bodyOf, compile, gaugeFor } from '../ledger/index.ts'
import { spotOn } from '../part/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { type BasePart, constructionOf, type Contents, flatIncrease } from '../shape/index.ts'

/** The little that is asked before a bag is begun. */
export interface NewBag {
  readonly name: string
  readonly aroundMm: number
  readonly said: 'around' | 'flat'
  readonly heightMm: number
  readonly hookMm: number
  readonly yarnClass: number
  /** Its construction; a round base unless it is said. */
  readonly kind?: BasePart['kind']
  /** Its yarns, as many as there are; two made up where none are said. */
  readonly yarns?: readonly { readonly name: string; readonly colour: string }[]
  /** How long the flap is, where the construction has one. */
  readonly flapMm?: number
  /** How many handles, and how long each is. */
  readonly handles?: { readonly many: 0 | 1 | 2; readonly lengthMm: number }
  /** Of what goes in, so that the base is as much longer than wide. */
  readonly footprint?: { readonly lengthMm: number; readonly widthMm: number }
}

/** Colours of a new bag's first yarns, made up. */
const firstYarns = [
  { name: 'Main yarn', colour: '#33566b' },
  { name: 'Second yarn', colour: '#d8a13a' },
] as const
const LETTERS = [...'ABCDEFGHIJKL']

/** A plain bag of the wanted size, of any construction: worked on the counts that come nearest, with its handles. */
export function newDesign(bag: NewBag): Design {
  const design = newBody(bag)
  const { many, lengthMm } = bag.handles ?? { many: 0, lengthMm: 0 }
  return many === 0 ? design : withHandles(design, many, lengthMm)
}

function newBody(bag: NewBag): Design {
  const round = newRound(bag)
  const { kind = 'round-base', footprint, aroundMm, heightMm } = bag
  const base = baseInstead(round, kind)
  // It is one already.
  if (base === baseOf(round)) return round
  const { stitchWidthMm } = gaugeFor(round, { stitch: base.stitch, fabric: 'plain', yarn: null })
  // The chain of a base worked around one is the length by which it is longer than wide.
  const along =
    footprint && 'along' in base
      ? { along: within((footprint.lengthMm - footprint.widthMm) / stitchWidthMm + 1, 3, 400) }
      : {}
  const longer = { ...base, ...along, ...flapOf(base, bag, round) } as BasePart
  const count = Math.max(longer.count, growthOf(longer).first)
  // Where the height goes with the width no rows of their own make it.
  const bands = constructionOf(longer).tied
    ? bandsOf(round).map((part) => ({ ...part, ...bandOf(part).withRounds(part, 1) }) as BandPart)
    : bandsOf(round)
  const design = withBody(round, [{ ...longer, count }, ...bands])
  // Its height is reached in a few steps: each knows better what the bands come to.
  let now = design
  for (let i = 0; i < 3; i++) {
    const next = resized(now, { aroundMm, heightMm })
    const same = JSON.stringify(next.pieces) === JSON.stringify(now.pieces)
    now = next
    if (same) break
  }
  return keepAlong(now, along)
}

/** Rows of the flap, where it has one: as long as was asked. */
function flapOf(base: BasePart, { flapMm }: NewBag, design: Design): object {
  if (flapMm === undefined || !('flapRows' in base)) return {}
  const sc = { stitch: base.stitch, fabric: 'plain', yarn: null } as const
  return { flapRows: within(flapMm / gaugeFor(design, sc).rowHeightMm, 0, 300) }
}

/** Handles are straps from the rim to the rim: one from side to side, two in front and behind, where the bag has rounds; else as straps go. */
function withHandles(design: Design, many: 1 | 2, lengthMm: number): Design {
  const compiled = { design, ledger: compile(design) }
  const strap = newPiece(compiled, 'strap')
  const { rowHeightMm } = gaugeFor(design, { stitch: 'sc', fabric: 'plain', yarn: null })
  const [base, ...bands] = strap.parts
  const rows = within(lengthMm / rowHeightMm - 1, 1, 1000)
  const parts = [base!, ...bands.map((band) => ({ ...band, rounds: rows }))] as typeof strap.parts
  const round = bodyOf(compiled.ledger).worked === 'rounds'
  const count = bodyOf(compiled.ledger).columns.makes.at(-1)!
  const sides = many === 2 && round ? (['front', 'back'] as const) : ([null] as const)
  return sides.reduce((now: Design, side, i) => {
    const joins =
      side === null
        ? strap.joins
        : strap.joins.map((join, at) => ({
            ...join,
            to: spotOn(BODY, { by: side, at: Math.round((at === 0 ? -1 : 1) * count * APART) }),
          }))
    const name = sides.length > 1 ? `Handle ${i + 1}` : 'Handle'
    const piece = { ...strap, name, parts, joins }
    return commit(historyOf(projectOf(now)), { name: 'addPiece', args: { piece } }).design
  }, design)
}
/** The ends of a handle stand so far from the middle of its side, as a share of the way around (from memory). */
const APART = 0.075

/** Resizing scales the chain too; what goes in says how long it is. */
const keepAlong = (design: Design, along: object): Design => {
  const base = { ...baseOf(design), ...along } as BasePart
  return withBody(design, [
    { ...base, count: Math.max(base.count, growthOf(base).first) },
    ...bandsOf(design),
  ])
}

/** The construction that suits what goes in, by its footprint (common practice). */
export function proposedFor({ shape, widthMm, thicknessMm }: Contents): BasePart['kind'] {
  if (shape === 'round') return 'round-base'
  if (thicknessMm <= FLAT_MM) return 'two-panels'
  if (shape === 'oval') return 'oval-base'
  return widthMm / thicknessMm >= WIDE ? 'rectangle-base' : 'round-base'
}
/** Thinner things go between two panels; a box at least so much wider than thick wants corners (from memory). */
const FLAT_MM = 25
const WIDE = 1.3

/** A base that lies flat at the nearest whole count, and plain rounds up to the rim. */
function newRound({ name, aroundMm, said, heightMm, hookMm, yarnClass, yarns }: NewBag): Design {
  const sc = { stitch: 'sc', fabric: 'plain', yarn: null } as const
  const gauge = gaugeFor({ swatches: [], hookMm, yarnClass }, sc)
  const increase = Math.max(3, Math.round(flatIncrease(gauge)))
  const groups = Math.max(1, Math.round(aroundMm / gauge.stitchWidthMm / increase))
  return {
    name,
    want: { aroundMm, said, heightMm, tolerance: 0.05 },
    hookMm,
    yarnClass,
    ...undecided,
    yarns: (yarns ?? firstYarns)
      .slice(0, LETTERS.length)
      .map((yarn, i) => ({ letter: LETTERS[i]!, ...yarn, ...unsaid })),
    pieces: [
      {
        id: BODY,
        name: null,
        times: 1,
        joins: [],
        blocks: [],
        parts: [
          {
            kind: 'round-base',
            id: 'p1',
            name: 'Base',
            making: null,
            yarn: 'A',
            stitch: 'sc',
            firstStitch: null,
            turns: [],
            increase,
            count: increase * groups,
            stagger: 'staggered',
            plainFrom: null,
            plainRounds: 0,
          },
          {
            kind: 'plain',
            id: 'p2',
            name: 'Plain',
            making: null,
            yarn: 'A',
            stitch: 'sc',
            rounds: Math.max(1, Math.round(heightMm / gauge.rowHeightMm)),
            adjust: 0,
            steps: 1,
          },
        ],
      },
    ],
  }
}
