import { bandOf } from '../band/index.ts'
import {
  baseOf,
  blockOf,
  BODY,
  type Design,
  growthOf,
  isBase,
  isSideways,
  partById,
  roundsOf,
} from '../design/index.ts'
import { baseFlatness, bodyBandOf, type Fit, fitEdits, fitsOf, isInUse } from '../fit/index.ts'
import { historyOf, projectOf, tryCommit } from '../project/index.ts'
import {
  compile,
  gaugeForCount,
  gaugeIn,
  type Ledger,
  maybeOutsideClass,
  partOfRow,
  type Piece,
  standsOn,
} from '../ledger/index.ts'
import { constructionOf, lieOf, type Unequal } from '../shape/index.ts'
import type { Finder, SnagContext } from './finder.ts'
import { moreRows } from './joins.ts'
import { asMeant, type Mend } from './snag.ts'

/** Taller or lower than wanted by more than this many rows of the body. */
const ROWS_OFF = 1

/** The best count that fits, where it is another. */
function countMends(bag: SnagContext): Mend[] {
  const { design } = bag
  const best = fitsOf(bag).find((fit) => isSewn(design, fit))
  if (!best || isInUse(design, best)) return []
  const { count, sizeMm, errorMm, cost } = best
  const facts = { count, sizeMm, errorMm, changed: cost > 1 }
  return [{ kind: 'count', facts, edits: fitEdits(design, best) }]
}

/** So many rows of the body more, or fewer, as the difference takes; of what is `made` and wanted in the direction of its rows. */
function rowMends(
  { design, ledger, piece }: SnagContext,
  made: number,
  wanted: number,
  shown = 1,
): Mend[] {
  const base = baseOf(design)
  const { rowsARise = 1, tied } = constructionOf(base)
  const body = bodyBandOf(design)
  if (tied || !body) return []
  const rowMm = gaugeIn(ledger, body.id).rowHeightMm / rowsARise
  const by = Math.round((wanted - made) / rowMm / rowsARise) * rowsARise
  const values = bandOf(body).withRounds(body, roundsOf(body) + by)
  // What cannot be so many rounds high by itself is not asked for them.
  const comes = values ? bandOf(body).rounds({ ...body, ...values } as never) : 0
  if (by === 0 || comes !== roundsOf(body) + by || comes < 1) return []
  return [
    {
      kind: 'rounds',
      facts: { name: body.name, by, madeMm: shown * (made + by * rowMm), worked: piece.worked },
      edits: [{ name: 'setRounds', args: { id: body.id, rounds: comes } }],
    },
  ]
}

/** The way around is not the one that is wanted. */
export const sizeOff: Finder = (bag) => {
  const { design, ledger } = bag
  const made = ledger.sizes.aroundMm
  const { count } = baseOf(design)
  const { aroundMm: wanted, tolerance, said } = design.want
  if (Math.abs(made - wanted) <= wanted * tolerance + 1e-6) return []
  const sideways = isSideways(design)
  return [
    {
      code: 'size-off',
      severity: 'warning',
      where: { part: baseOf(design).id, round: null },
      facts: {
        made,
        wanted,
        // What is not sewn is only wide.
        said: constructionOf(baseOf(design)).open ? 'flat' : said,
        tolerance,
        // Where rows make it wide no gauge of its stitches does.
        gauge: sideways ? null : { count, ...gaugeForCount(bag, count), ownHookMm: design.hookMm },
      },
      mends: sideways
        ? rowMends(bag, made / 2, wanted / 2, said === 'flat' ? 1 : 2)
        : countMends(bag),
    },
  ]
}

/** Whether what is sewn together comes out equal on the count of a fit. */
function isSewn(design: Design, fit: Fit): boolean {
  if (!constructionOf(baseOf(design)).unequal) return true
  const tried = tryCommit(historyOf(projectOf(design)), fitEdits(design, fit))
  return tried.ok && compile(tried.value.design).unequal === null
}

/** The body is taller or lower than wanted; the plain body can take the difference. */
export const heightOff: Finder = (bag) => {
  const { design, ledger } = bag
  const base = baseOf(design)
  const { rowsARise = 1, tied } = constructionOf(base)
  const { heightMm: made, aroundMm } = ledger.sizes
  const wanted = design.want.heightMm
  const body = bodyBandOf(design)
  const rowMm = gaugeIn(ledger, (body ?? base).id).rowHeightMm / rowsARise
  if (Math.abs(made - wanted) <= Math.max(ROWS_OFF * rowMm, wanted * design.want.tolerance))
    return []
  return [
    {
      code: 'height-off',
      severity: 'warning',
      where: { part: body?.id ?? null, round: null },
      facts: { made, wanted, goesWithMm: tied ? (aroundMm * wanted) / made : null },
      mends: isSideways(design) ? countMends(bag) : rowMends(bag, made, wanted),
    },
  ]
}

/** The base will not lie flat. */
export const baseLie: Finder = (bag) => {
  const { design } = bag
  const base = baseOf(design)
  const { flatness, flat, average } = baseFlatness(bag)
  const lie = lieOf(flatness)
  if (lie === 'flat' || flat === null) return []
  const increase = Math.max(3, Math.round(flat))
  const { gauge } = bag
  const code = lie === 'cups' ? ('base-cups' as const) : ('base-ruffles' as const)
  const where = { part: base.id, round: null }
  const mends: Mend[] =
    !constructionOf(base).anyIncrease || increase === growthOf(base).increase
      ? []
      : [
          {
            kind: 'increase',
            facts: { increase, rounds: Math.ceil(base.count / increase) },
            edits: [{ name: 'setBase', args: { values: { increase } } }],
          },
        ]
  return [
    {
      code,
      severity: lie === 'cups' ? 'advice' : 'warning',
      where,
      facts: { average, flat, flatness, spread: gauge.source === 'estimate' ? gauge.spread : null },
      mends: [...mends, asMeant(design, { code, where })],
    },
  ]
}

/** Sizes rest on an estimate. */
export const gaugeEstimated: Finder = ({ design, gauge }) =>
  gauge.source !== 'estimate'
    ? []
    : [
        {
          code: 'gauge-estimated',
          severity: 'advice',
          where: { part: null, round: null },
          facts: {
            ...{ spread: gauge.spread, hookMm: design.hookMm, yarnClass: design.yarnClass },
            ring:
              constructionOf(baseOf(design)).ring !== undefined &&
              constructionOf(baseOf(design)).worked === 'rounds',
          },
          mends: [],
        },
      ]

/** Bands on a piece that lies flat under or beside the bag: they must grow with it. */
export const pieceLie: Finder = ({ design, piece }) => {
  const { columns, rows, parts, worked } = piece
  const lies = worked === 'rounds' && columns.heightMm[rows - 1] === 0
  const band = parts.findLast(({ endRow, firstRow }) => endRow > firstRow)!
  if (piece.id === BODY || !lies || band === parts[0]) return []
  const reachMm = columns.alongMm[rows - 1]!
  const radiusMm = columns.widthMm[rows - 1]! / (2 * Math.PI)
  if (lieOf(radiusMm / reachMm) !== 'cups') return []
  const count = Math.round((2 * Math.PI * reachMm) / band.gauge.stitchWidthMm)
  const by = count - standsOn(piece, band)
  const part = partById(design, band.id)
  return [
    {
      code: 'piece-cups',
      severity: 'warning',
      where: { part: band.id, round: columns.number[rows - 1]! },
      facts: { name: piece.name, reachMm, radiusMm },
      mends:
        !isBase(part) && bandOf(part).change(part) !== null
          ? [
              {
                kind: 'adjust',
                facts: { by, count, sizeMm: count * band.gauge.stitchWidthMm },
                edits: [
                  {
                    name: 'setPart',
                    args: { id: part.id, values: { ...bandOf(part).withChange(part, by, true) } },
                  },
                ],
              },
            ]
          : [],
    },
  ]
}

/** What each kind of unequal sides is called. */
const unequalCodes = {
  halves: 'halves-unequal',
  sides: 'sides-unequal',
  opening: 'opening-small',
  faces: 'faces-unequal',
} as const satisfies Record<Unequal['what'], string>

/** Sides that should be sewn together and are not equal, or a strip that leaves no opening. */
export const unequalSides: Finder = ({ design, ledger, piece }) => {
  const { unequal } = ledger
  if (!unequal) return []
  const base = baseOf(design)
  const ways = constructionOf(base).evened?.(base, piece.rows) ?? []
  const evened = ways.map(({ kind, facts, values }) => ({
    kind,
    facts,
    edits: [{ name: 'setBase', args: { values: { ...values } } }],
  })) as unknown as Mend[]
  const mends = unequal.what === 'faces' ? evenedFaces(design, ledger) : evened
  return [
    {
      code: unequalCodes[unequal.what],
      severity: 'error',
      where: { part: base.id, round: null },
      facts: { one: unequal.one, other: unequal.other },
      mends,
    },
  ]
}

/** The front and, where it is a piece of its own, the back. */
const facesIn = (design: Design, { pieces }: Ledger): readonly (Piece | undefined)[] =>
  [constructionOf(baseOf(design)).face ?? BODY, 'back'].map((id) =>
    pieces.find((piece) => piece.id === id),
  )

/** The face with fewer rows takes as many more in its plain rounds, or the other gives them. */
function evenedFaces(design: Design, ledger: Ledger): Mend[] {
  const [front, back] = facesIn(design, ledger)
  // Of what lies in rounds no more of them make its edge as long.
  if (!front || !back || front.worked === 'rounds') return []
  return [
    [back, front.rows - back.rows],
    [front, back.rows - front.rows],
  ].flatMap(([face, by]) => moreRows(design, face as Piece, by as number))
}

/** Less than this is not seen when two faces are sewn together. */
const APART = 0.02

/** Faces with bands of their own that come out of unlike size. */
export const facesDiffer: Finder = ({ design, ledger }) => {
  const [front, back] = facesIn(design, ledger)
  if (!front || !back) return []
  const sizeOf = ({ columns, rows }: Piece) => ({
    widthMm: columns.widthMm.reduce((most, mm) => Math.max(most, mm), 0),
    heightMm: columns.alongMm[rows - 1]!,
  })
  const [one, other] = [sizeOf(front), sizeOf(back)]
  const apart = (key: 'widthMm' | 'heightMm') => Math.abs(one[key] / other[key] - 1)
  if (apart('widthMm') < APART && apart('heightMm') < APART) return []
  return [
    {
      code: 'faces-differ',
      severity: 'warning',
      where: { part: null, round: null },
      facts: { front: one, back: other },
      mends: [],
    },
  ]
}

/** Bands of another gauge draw the bag in or let it flare; less than this is not seen. */
const FLARE = 0.04

/** A band that is clearly narrower or wider than the one below it. */
export const flares: Finder = ({ piece }) => {
  const { widthMm, makes } = piece.columns
  return piece.parts.slice(1).flatMap((part) => {
    if (part.firstRow === 0) return []
    // What differs is the gauge: chains and groups draw a row in for themselves.
    const under = partOfRow(piece, part.firstRow - 1)
    const here = widthMm[part.firstRow]!
    const below = (here / part.gauge.stitchWidthMm) * under.gauge.stitchWidthMm
    const same = makes[part.firstRow] === makes[part.firstRow - 1]
    if (!same || Math.abs(here / below - 1) < FLARE) return []
    return [
      {
        code: 'flare' as const,
        severity: 'advice' as const,
        where: { part: part.id, round: piece.columns.number[part.firstRow]! },
        facts: { name: part.name, below, here },
        mends: [],
      },
    ]
  })
}

/** A swatch far outside the published range of its class: the class, the hook or the count may be wrong. */
export const outsideClass: Finder = ({ design }) =>
  design.swatches.flatMap((swatch) => {
    const outside = maybeOutsideClass(swatch, design.yarnClass)
    if (!outside) return []
    const [few, many] = outside.range
    return [
      {
        code: 'outside-class' as const,
        severity: 'advice' as const,
        where: { part: null, round: null },
        facts: { sc: outside.sc, few, many, yarnClass: design.yarnClass },
        mends: [],
      },
    ]
  })

/** Bands without a swatch of their own: their sizes are derived from another. */
export const gaugeDerived: Finder = ({ design, ledger }) => {
  // What is worked several times is told once.
  const isAgain = (id: string) => design.pieces.some((piece) => (blockOf(piece, id)?.nth ?? 0) > 0)
  const parts = ledger.pieces.flatMap(({ parts }) => parts)
  const derived = parts.filter(
    ({ id, gauge }, at) =>
      gauge.source === 'derived' && parts.findIndex((one) => one.id === id) === at && !isAgain(id),
  )
  if (derived.length === 0) return []
  return [
    {
      code: 'gauge-derived',
      severity: 'advice',
      where: { part: derived[0]!.id, round: null },
      facts: { names: derived.map(({ name }) => name) },
      mends: [],
    },
  ]
}
