import {
  type BandPart,
  bandOf,
  type LiesAs,
  liesAs,
  reliefMended,
  reliefs,
  type Technique,
  techniques,
  within,
} from '../band/index.ts'
import {
  blankColumns,
  type Cell,
  type Chart,
  type LineChange,
  loneCells,
  type LoneMend,
  loneMends,
  paintedRows,
  rowsWith,
  type WideningId,
  withLine,
  withPadding,
  withSize,
} from '../chart/index.ts'
import { LIMITS } from '../part/index.ts'
import type { Design, Part } from './documents.ts'
import { type Draw, type DraftPart, type EditRule, NotThere, part, place } from './draft.ts'
import { isBase, makingOf } from './parts-of.ts'
import { turnedFor } from './turned-for.ts'

/* What can be done to the chart of a band. */

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

export interface ChartEdits {
  paint: { id: string; cells: readonly Cell[]; letter: string } & OnLayer
  /** The chart as it is now to be: turned, with a row more, or brought in from a file. */
  drawChart: { id: string; chart: Chart; why: string } & OnLayer
  /** Rows of the chart, by number, in other letters. */
  drawRows: {
    id: string
    rows: readonly (readonly [row: number, letters: string])[]
    why: string
  } & OnLayer
  /** A row or column of a chart more, twice, or fewer; of both its layers, where it has two. */
  changeLine: { id: string; along: 'row' | 'column'; at: number; change: LineChange; why: string }
  /** Lone stitches go into what is around them, or beside others of their yarn; found when it is done. */
  mendLone: { id: string; how: LoneMend; round: boolean }
  /** A mosaic as the nearest picture that can be worked, as far as that is found quickly. */
  mendMosaic: { id: string; worked: 'rounds' | 'rows' }
  /** Symbols on a ground as the nearest that can be worked, where its rows lie so. */
  mendRelief: { id: string } & LiesAs
  /** Another technique for the same picture. */
  setTechnique: { id: string; kind: Technique; worked: 'rounds' | 'rows' }
  /** Wider or narrower at its right, where nothing else is said. */
  resizeChart: {
    id: string
    width: number
    height: number
    letter: string
    where?: WideningId
  }
  padChart: { id: string; columns: number }
}

export const chartEdits: { readonly [Name in keyof ChartEdits]: EditRule<ChartEdits[Name]> } = {
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
  changeLine: {
    label: ({ why }) => why,
    run: (design, { id, along, at, change }) => {
      const one = charted(design, id)
      const changed = (chart: Chart) => withLine(chart, along, at, change)
      if ('raised' in one) one.raised = changed(one.raised) as typeof one.raised
      const { width, colours } = changed(one.chart)
      setChart(design, id, width, colours)
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
      const colours = isBase(found) ? null : bandOf(found).nearest(found, worked)
      if (!colours) throw new NotThere('this part has nothing to mend')
      setChart(design, id, colours[0]!.length, colours)
    },
  },
  mendRelief: {
    label: () => 'The nearest that can be worked',
    run: (design, { id, ...lies }) => {
      const one = part(design, id)
      if (!('raised' in one)) throw new NotThere('this part has nothing to mend')
      const { width, colours } = reliefMended(one, liesAs(lies))
      setChart(design, id, width, colours, 'raised')
    },
  },
  setTechnique: {
    label: ({ kind }) => `Work it in ${kind}`,
    run: (design, { id, kind, worked }) => {
      const { piece, at } = place(design, id)
      const before = piece.parts[at] as Part
      if (isBase(before) || bandOf(before).technique(before) === null || !('chart' in before))
        throw new NotThere('this part has no chart')
      const { name, stitch, chart } = before
      const making = turnedFor(kind, worked, makingOf(design as Design, before), before.making)
      const next = techniques[kind]({ name, stitch, chart, making }, before)
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
      const band = one as BandPart
      const blank = bandOf(band).blank(band, tall) ?? letter
      const { colours } = withSize(one.chart, wide, tall, blank, where)
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
}
