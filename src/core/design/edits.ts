import type { Draft } from 'immer'
import {
  type BandPart,
  bandOf,
  bands,
  mosaicFrom,
  mosaicRules,
  reliefs,
  within,
} from '../band/index.ts'
import { mended, type School } from '../mosaic/index.ts'
import { LIMITS, partOfId } from '../section/index.ts'
import {
  blankColumns,
  type Cell,
  type Chart,
  loneCells,
  type LoneMend,
  loneMends,
  paintedRows,
  rowsWith,
  withPadding,
  type WideningId,
  withSize,
} from '../chart/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import type { Design, DesignPiece, Part, Yarn } from './documents.ts'
import { turnedFor } from './turned-for.ts'
import {
  BASE_YARNS,
  baseOf,
  begunBy,
  BODY,
  freePartId,
  freePieceId,
  growthOf,
  isBase,
  lastYarnOf,
  makingOf,
  roundsOf,
} from './parts-of.ts'

/*
 * Everything that can be done to a design. Each edit is data (a name and its arguments), so that a mend can carry one and
 * a worker can send one; the table says what it does and what it is called in the list of what can be undone.
 */

type Draw = Draft<Design>
type DraftPiece = Draw['pieces'][number]
type DraftPart = DraftPiece['parts'][number]

/** A band before it is on a bag, which gives it its id. */
export type NewBand = BandPart extends infer Band
  ? Band extends BandPart
    ? Omit<Band, 'id'>
    : never
  : never

/** A piece before it is on a bag, which gives it and its parts their ids. */
export type NewPiece = Omit<DesignPiece, 'id'>

interface Edits {
  replace: { design: Design; why: string }
  rename: { name: string }
  setDesign: Partial<
    Pick<
      Design,
      | 'want'
      | 'hookMm'
      | 'yarnClass'
      | 'swatches'
      | 'weighed'
      | 'unravelled'
      | 'making'
      | 'beginning'
      | 'frontAfter'
      | 'ways'
    >
  >
  /** Fields of the base it has; or all of another base, which takes its place. */
  setBase: { piece?: string } & ({ values: Record<string, unknown> } | { instead: BasePart })
  setPart: { id: string; values: Record<string, unknown> }
  setRounds: { id: string; rounds: number }
  /** At a place among the parts of its piece; the body when none is said. */
  addPart: { part: NewBand; at: number; piece?: string }
  removePart: { id: string }
  movePart: { id: string; to: number }
  paint: { id: string; cells: readonly Cell[]; letter: string } & OnLayer
  /** The chart as it is now to be: turned, with a row more, or brought in from a file. */
  drawChart: { id: string; chart: Chart; why: string } & OnLayer
  /** Rows of the chart, by number, in other letters. */
  drawRows: {
    id: string
    rows: readonly (readonly [row: number, letters: string])[]
    why: string
  } & OnLayer
  /** Lone stitches go into what is around them, or beside others of their yarn; found when it is done. */
  mendLone: { id: string; how: LoneMend; round: boolean }
  /** A mosaic as the nearest picture that can be worked, as far as that is found quickly. */
  mendMosaic: { id: string; worked: 'rounds' | 'rows' }
  /** Another technique for the same picture. */
  setTechnique: { id: string; kind: 'tapestry' | School; worked: 'rounds' | 'rows' }
  /** Wider or narrower at its right, where nothing else is said. */
  resizeChart: {
    id: string
    width: number
    height: number
    letter: string
    where?: WideningId
  }
  padChart: { id: string; columns: number }
  adjustBefore: { id: string; by: number }
  /** A piece of her own, or (without a base) one of the construction's, which has no bands so far. */
  addPiece: { piece: NewPiece }
  setPiece: { id: string; values: Partial<Pick<DesignPiece, 'name' | 'times' | 'joins'>> }
  copyPiece: { id: string; name: string }
  movePiece: { id: string; to: number }
  removePiece: { id: string }
  setYarn: { letter: string; values: Partial<Omit<Yarn, 'letter'>> }
  addYarn: { yarn: Yarn }
  removeYarn: { letter: string; instead: string }
}
export type EditName = keyof Edits
export type Edit = { [Name in EditName]: { name: Name; args: Edits[Name] } }[EditName]

interface EditRule<Args> {
  readonly label: (args: Args) => string
  readonly run: (design: Draw, args: Args) => void
}

/** Thrown when what an edit is about is not in the design any more, or not of its kind: then nothing is changed. */
export class NotThere extends Error {
  override name = 'NotThere'
}

/** A part, the piece it is of, and its place there. */
function place(design: Draw, id: string): { piece: DraftPiece; at: number } {
  for (const piece of design.pieces) {
    const at = piece.parts.findIndex((one) => one.id === id)
    if (at >= 0) return { piece, at }
  }
  throw new NotThere('this part is not there any more')
}
const NEW_FROM = { stitch: 'sc', letters: ['A'], count: 0, abbr: '' }
const part = (design: Draw, id: string): DraftPart => {
  const { piece, at } = place(design, id)
  return piece.parts[at]!
}
const pieceAt = (design: Draw, id: string): number => {
  const at = design.pieces.findIndex((one) => one.id === id)
  if (at < 0) throw new NotThere('this piece is not there any more')
  return at
}
const piece = (design: Draw, id: string): DraftPiece => design.pieces[pieceAt(design, id)]!
/** The lowest place a band can have in a piece. */
const lowest = ({ parts }: DraftPiece): number => (parts[0] && isBase(parts[0] as Part) ? 1 : 0)
/** Of a part with two charts, one over the other: the colours, or what stands on them. */
export type Layer = 'chart' | 'raised'
interface OnLayer {
  readonly layer?: Layer
}

/** A part with a chart of its own. */
const charted = (design: Draw, id: string) => {
  const found = part(design, id)
  if (!('chart' in found)) throw new NotThere('this part has no chart')
  return found
}

/** The chart of a layer; that of the colours where the part has no other. */
const layerOf = (one: ReturnType<typeof charted>, layer: Layer = 'chart') =>
  layer === 'raised' && 'raised' in one ? one.raised : one.chart

/** The chart of a part replaced row by row, so that rows that stay keep their place in the patches. */
function setChart(
  design: Draw,
  id: string,
  width: number,
  colours: readonly string[],
  layer?: Layer,
) {
  const one = charted(design, id)
  const chart = layerOf(one, layer)
  chart.width = width
  colours.forEach((row, r) => {
    if (chart.colours[r] !== row) chart.colours[r] = row
  })
  chart.colours.length = colours.length
  const band = one as BandPart
  Object.assign(one, bandOf(band).settled(band))
}

/** Gives a band so many rounds where one number can say it, and there can be. */
function setRounds(one: DraftPart, wanted: number) {
  if (isBase(one as Part)) return
  const band = one as BandPart
  Object.assign(one, bandOf(band).withRounds(band, wanted))
}

function replaceLetter(one: DraftPart, from: string, to: string) {
  const part = one as Part
  const fields = one as unknown as Record<string, string>
  if (!isBase(part)) Object.assign(one, bandOf(part).withYarn(part, from, to))
  else for (const field of BASE_YARNS) if (fields[field] === from) fields[field] = to
}

/** Takes out what stands on a construction's piece that is begun no more, and joins to pieces that are gone. */
function forgetLost(design: Draw) {
  const begun = begunBy(baseOf(design as Design))
  design.pieces = design.pieces.filter((one) => lowest(one) > 0 || begun.has(one.id))
  const there = new Set([...begun.keys(), ...design.pieces.map(({ id }) => id)])
  for (const one of design.pieces)
    if (one.joins.some(({ to }) => !there.has(to)))
      one.joins = one.joins.filter(({ to }) => there.has(to))
  const parts = new Set(design.pieces.flatMap((one) => one.parts.map(({ id }) => id)))
  const isThere = ({ part: of, after }: Design['ways'][number]) =>
    (of === null || parts.has(of)) && (after === null || parts.has(partOfId(after)))
  if (!design.ways.every(isThere)) design.ways = design.ways.filter(isThere)
}

export const edits: { readonly [Name in EditName]: EditRule<Edits[Name]> } = {
  replace: {
    label: ({ why }) => why,
    run: (draft, { design }) => void Object.assign(draft, design),
  },
  rename: {
    label: ({ name }) => `Rename to ${name}`,
    run: (design, { name }) => {
      design.name = name
    },
  },
  setDesign: {
    label: (values) =>
      `Change ${Object.keys(values)
        .map((key) => designWords[key])
        .join(', ')}`,
    run: (design, values) => Object.assign(design, values),
  },
  setBase: {
    label: () => 'Change the base',
    run: (design, args) => {
      const of = piece(design, args.piece ?? BODY)
      if (lowest(of) === 0) throw new NotThere('this piece has no base of its own')
      if ('instead' in args) of.parts[0] = { ...args.instead } as Draft<BasePart>
      const base = of.parts[0]! as Draft<BasePart>
      if ('values' in args) Object.assign(base, args.values)
      const settle = () =>
        Object.assign(base, constructionOf(base as BasePart).settled?.(base as BasePart))
      settle()
      base.count = Math.max(base.count, growthOf(base as BasePart).first)
      settle()
      forgetLost(design)
    },
  },
  setPart: {
    label: () => 'Change a part',
    run: (design, { id, values }) => {
      const one = part(design, id) as Part
      Object.assign(one, values)
      if (!isBase(one)) Object.assign(one, bandOf(one).settled(one))
    },
  },
  setRounds: {
    label: ({ rounds }) => `${rounds} rounds`,
    run: (design, { id, rounds }) => setRounds(part(design, id), rounds),
  },
  addPart: {
    label: ({ part: { name } }) => `Add ${name}`,
    run: (design, { part: added, at, piece: of = BODY }) => {
      const band = { ...added, id: freePartId(design as Design) }
      const known = design.pieces.some(({ id }) => id === of)
      if (!known && begunBy(baseOf(design as Design)).has(of))
        design.pieces.push({ id: of, name: null, times: 1, parts: [], joins: [] })
      const into = piece(design, of)
      into.parts.splice(Math.max(lowest(into), at), 0, band as Draft<Part>)
    },
  },
  removePart: {
    label: () => 'Remove a part',
    run: (design, { id }) => {
      const { piece, at } = place(design, id)
      if (at < lowest(piece)) return
      piece.parts.splice(at, 1)
      forgetLost(design)
    },
  },
  movePart: {
    label: () => 'Move a part',
    run: (design, { id, to }) => {
      const { piece, at } = place(design, id)
      if (at < lowest(piece)) return
      const [moved] = piece.parts.splice(at, 1)
      piece.parts.splice(Math.max(lowest(piece), to), 0, moved!)
    },
  },
  paint: {
    label: ({ letter }) => `Paint with ${letter}`,
    run: (design, { id, cells, letter, layer }) => {
      const chart = layerOf(charted(design, id), layer)
      for (const [row, text] of paintedRows(chart, cells, letter)) chart.colours[row] = text
    },
  },
  drawChart: {
    label: ({ why }) => why,
    run: (design, { id, chart, layer }) => setChart(design, id, chart.width, chart.colours, layer),
  },
  drawRows: {
    label: ({ why }) => why,
    run: (design, { id, rows, layer }) => {
      const chart = layerOf(charted(design, id), layer)
      for (const [row, letters] of rows)
        if (row in chart.colours && chart.colours[row] !== letters) chart.colours[row] = letters
    },
  },
  mendLone: {
    label: ({ how }) => loneMends[how].title,
    run: (design, { id, how, round }) => {
      const { chart } = charted(design, id)
      const list = loneMends[how].of(chart, loneCells(chart, round), round)
      for (const [row, letters] of rowsWith(chart, list)) chart.colours[row] = letters
    },
  },
  mendMosaic: {
    label: () => 'The nearest picture that can be worked',
    run: (design, { id, worked }) => {
      const found = part(design, id) as Part
      if (found.kind !== 'mosaic') throw new NotThere('this part is no mosaic')
      const { chart, rows } = found
      const rules = mosaicRules(found, worked)
      const { colours } = mended({ ...chart, rows }, rules).chart
      setChart(design, id, chart.width, colours)
    },
  },
  setTechnique: {
    label: ({ kind }) => `Work it in ${kind}`,
    run: (design, { id, kind, worked }) => {
      const { piece, at } = place(design, id)
      const before = piece.parts[at] as Part
      if (before.kind !== 'tapestry' && before.kind !== 'mosaic')
        throw new NotThere('this part has no chart')
      const { name, stitch, chart } = before
      const making = turnedFor(kind, worked, makingOf(design as Design, before), before.making)
      const from = { name, stitch, chart, making }
      const next =
        kind === 'tapestry'
          ? { ...bands.tapestry.begin(NEW_FROM), ...from }
          : before.kind === 'mosaic'
            ? { ...before, making, school: kind }
            : mosaicFrom(from, kind)
      piece.parts[at] = { ...next, id } as DraftPart
    },
  },
  resizeChart: {
    label: ({ width, height }) => `Chart of ${width} × ${height}`,
    run: (design, { id, width, height, letter, where }) => {
      const wide = within(width, 1, LIMITS.chartWidth)
      const tall = within(height, 1, LIMITS.chartHeight)
      const one = charted(design, id)
      if ('raised' in one)
        one.raised = withSize(
          one.raised,
          wide,
          tall,
          reliefs[0]!.letter,
          where,
        ) as typeof one.raised
      const { colours } = withSize(one.chart, wide, tall, letter, where)
      setChart(design, id, wide, colours)
    },
  },
  padChart: {
    label: ({ columns }) =>
      columns < 0 ? `Narrow the motif by ${-columns}` : `Pad the motif by ${columns}`,
    run: (design, { id, columns }) => {
      const { chart } = charted(design, id)
      const by = within(columns, -blankColumns(chart), LIMITS.chartWidth)
      const padded = withPadding(chart, by)
      setChart(design, id, padded.width, padded.colours)
    },
  },
  adjustBefore: {
    label: ({ by }) => (by > 0 ? `Add ${by} stitches` : `Take away ${-by} stitches`),
    run: (design, { id, by }) => {
      const { piece, at } = place(design, id)
      const below = piece.parts[at - 1]
      if (!below) throw new NotThere('nothing lies below the base')
      if (!addTo(below, by)) piece.parts.splice(at, 0, plainRoundFor(design, below as Part, by))
    },
  },
  addPiece: {
    label: ({ piece }) => `Add ${piece.name}`,
    run: (design, { piece: added }) => {
      const id = freePieceId(design as Design)
      const empty: DraftPiece = { ...(added as DraftPiece), id, parts: [] }
      design.pieces.push(empty)
      for (const one of added.parts)
        piece(design, id).parts.push({ ...one, id: freePartId(design as Design) } as DraftPart)
    },
  },
  setPiece: {
    label: () => 'Change a piece',
    run: (design, { id, values }) => void Object.assign(piece(design, id), values),
  },
  copyPiece: {
    label: ({ name }) => `Copy as ${name}`,
    run: (design, { id, name }) => {
      const { times, parts, joins } = piece(design, id) as DesignPiece
      edits.addPiece.run(design, { piece: { name, times, parts, joins } })
      const [copy] = design.pieces.splice(-1)
      design.pieces.splice(pieceAt(design, id) + 1, 0, copy!)
    },
  },
  movePiece: {
    label: () => 'Move a piece',
    run: (design, { id, to }) => {
      const at = pieceAt(design, id)
      if (at === 0) return
      const [moved] = design.pieces.splice(at, 1)
      design.pieces.splice(within(to, 1, design.pieces.length), 0, moved!)
    },
  },
  removePiece: {
    label: () => 'Remove a piece',
    run: (design, { id }) => {
      const at = pieceAt(design, id)
      if (at > 0) design.pieces.splice(at, 1)
      forgetLost(design)
    },
  },
  setYarn: {
    label: ({ letter }) => `Change yarn ${letter}`,
    run: (design, { letter, values }) => {
      const yarn = design.yarns.find((one) => one.letter === letter)
      if (yarn) Object.assign(yarn, values)
    },
  },
  addYarn: {
    label: ({ yarn }) => `Add ${yarn.name}`,
    run: (design, { yarn }) => void design.yarns.push(yarn as Draft<Yarn>),
  },
  removeYarn: {
    label: ({ letter, instead }) => `${instead} instead of ${letter}`,
    run: (design, { letter, instead }) => {
      for (const { parts } of design.pieces)
        for (const one of parts) replaceLetter(one, letter, instead)
      if (design.weighed?.letter === letter) design.weighed = null
      for (const swatch of design.swatches) if (swatch.yarn === letter) swatch.yarn = instead
      design.ways = design.ways.filter(({ yarn }) => yarn !== letter)
      design.yarns = design.yarns.filter((yarn) => yarn.letter !== letter)
    },
  },
}

/** What a round is called that is there only to carry a change of count. */
const EVEN_OUT = 'Even out'
/** Whether a band is there only for its change of count. */
export const isEvenOut = (part: BandPart): boolean =>
  bandOf(part).change(part) !== null && part.name === EVEN_OUT && roundsOf(part) === 1

/** Adds to the change of count of a band; whether that is its work. */
function addTo(one: DraftPart, by: number): boolean {
  const part = one as Part
  const now = isBase(part) ? null : bandOf(part).change(part)
  if (now === null || isBase(part)) return false
  Object.assign(one, bandOf(part).withChange(part, now + by))
  return true
}

/** A single plain round that carries a change of count, in the yarn of the part below. */
function plainRoundFor(design: Draw, below: Part, adjust: number): Draft<BandPart> {
  const letters = [lastYarnOf(below)]
  return {
    ...bands.plain.begin({ stitch: below.stitch, letters, count: 0, abbr: '' }),
    id: freePartId(design as Design),
    name: EVEN_OUT,
    rounds: 1,
    adjust,
  }
}

const designWords: Readonly<Record<string, string>> = {
  want: 'the wanted size',
  hookMm: 'the hook',
  yarnClass: 'the yarn class',
  swatches: 'the swatches',
  weighed: 'the weighed swatch',
  unravelled: 'the unravelled stitches',
  making: 'how rounds are worked',
  beginning: 'how it is begun',
  frontAfter: 'where the front is',
  ways: 'how yarns are led',
}

/** Runs an edit on a draft. */
export function runEdit(design: Draw, edit: Edit): void {
  const rule = edits[edit.name] as EditRule<unknown>
  rule.run(design, edit.args)
}

/** What the edit is called in the list of what can be undone. */
export function editLabel(edit: Edit): string {
  return (edits[edit.name] as EditRule<unknown>).label(edit.args)
}
