import { computed, type Ref } from 'vue'
import { bandOf } from '@core/band'
import {
  type Cell,
  cellIn,
  type Chart,
  fieldOf,
  type LayId,
  movedOn,
  runAt,
  unrolled,
} from '@core/chart'
import { isBase } from '@core/design'
import { printNumber } from '@core/units'
import { hangsTurned, middlesOnChart, leanOf, standsOn } from '@core/ledger'
import { sidesBetween } from '@core/shape'
import type { ChartMark } from '@app/parts/chart/axes.ts'
import { partChart } from '@app/parts/chart/from-ledger.ts'
import { steady } from '@app/parts/page/steady.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'
import type { Seen } from '../chart-kinds/seen.ts'

/** So near to where rounds begin, as a share of a round. */
const BESIDE_JOIN = 0.12
/** How much of a band without a chart of its own is seen as its repeat. */
const SHOWN_COLUMNS = 24
/** How much a stitch of rounds that are never turned is aslant, as a share of its width. */
const ASLANT = 0.09

/** Where repeats end all along a row, and where it begins; in the round also where front, back and sides are, half-way up the band. */
function marksAround(
  { piece, place, hand }: Pick<Seen, 'piece' | 'place' | 'hand'>,
  count: number,
  repeat: number | null,
  moved: number,
): ChartMark[] {
  const edges: ChartMark[] = []
  for (let column = moved; repeat !== null && column < count; column += repeat)
    if (column > 0) edges.push({ column, kind: 'repeat', title: '' })
  if (piece.worked === 'rows')
    return [...edges, { column: count / 2, kind: 'middle', title: 'middle' }]
  const join: ChartMark = {
    column: hand === 'right' ? count : 0,
    kind: 'join',
    title: 'begins here',
  }
  if (!place || piece.columns.front[place.firstRow]! < 0) return [...edges, join]
  const seen = middlesOnChart(piece, place, hand)
  const sides = sidesBetween(seen, count)
  return [
    ...edges,
    join,
    { column: seen.front, kind: 'middle', title: 'front' },
    { column: seen.back, kind: 'middle', title: 'back' },
    ...sides.map((column): ChartMark => {
      // Beside the join there is no room for another word.
      const alone = Math.min(column, count - column) > count * BESIDE_JOIN
      return { column, kind: 'side', title: alone ? 'side' : '' }
    }),
  ]
}

/** How a chart lies on the stitches of its band. */
interface Laid {
  readonly lay: LayId
  /** Columns of it that balance a flat row, and stitches beside it at each edge. */
  readonly balance: number
  readonly edge: number
  /** Its rows, one above the other as often as they are worked. */
  readonly rows: number
}

function laidOf({ part, own, piece }: Seen): Laid | null {
  if (!own) return null
  const of = { lay: 'beside' as const, balance: 0, edge: 0, times: 1, ...part }
  const flat = piece.worked === 'rows'
  return {
    lay: of.lay,
    ...(flat ? { balance: of.balance, edge: of.edge } : { balance: 0, edge: 0 }),
    rows: own.colours.length * of.times,
  }
}

/** Columns by which a field so wide is moved on over all stitches of a row. */
const movedBy = ({ balance, edge }: Laid, width: number, count: number, hand: 'right' | 'left') =>
  hand === 'right' ? movedOn(width, count - edge, hand, balance) : edge % width

/** The row of a field that is worked as the band's row so many. */
const lineOf = ({ colours }: Chart, row: number): string => colours[row % colours.length]!

/** The run a cell is in, its stitches counted from where the row begins: "3 of A, stitches 14–16 of 120, repeat 1 of 5." */
function runWords(
  hand: 'right' | 'left',
  laid: Laid,
  field: Chart,
  all: number,
  whole: boolean,
  { column, row }: Cell,
  from: 'left' | 'right',
): string {
  const shift = movedBy(laid, field.width, all, hand)
  const line = unrolled({ ...field, colours: [lineOf(field, row)] }, all, shift).colours[0]!
  // Where one repeat is seen, it is the first that is worked.
  const first = from === 'right' ? all - field.width + column : column
  const at = Math.min(all - 1, Math.max(0, whole ? column : first))
  const run = runAt(line, at, from)!
  const repeats = Math.max(1, Math.floor(all / field.width))
  const repeat = Math.floor((from === 'right' ? all - 1 - at : at) / field.width) + 1
  const stitches = run.count === 1 ? `stitch ${run.from}` : `stitches ${run.from}–${run.to}`
  const where = repeat > repeats ? 'after the last repeat' : `repeat ${repeat} of ${repeats}`
  return `${run.count} of ${run.letter}, ${stitches} of ${all}, ${where}.`
}

/** A chart of the band all along its rows, in as many as it is worked in; without the edges beside it. */
function allAlong(chart: Chart, laid: Laid, count: number, hand: 'right' | 'left'): Chart {
  const field = fieldOf(chart, laid.lay)
  const wide = count - 2 * laid.edge
  const moved = hand === 'right' ? movedOn(field.width, wide, hand, laid.balance) : 0
  return unrolled(field, wide, moved, laid.rows)
}

/** Whether most of it hangs upside down on the bag. */
function hangsMostly({ ledger, piece, place }: Seen): boolean {
  const { firstRow, endRow } = place ?? { firstRow: 0, endRow: 0 }
  const turned = Array.from({ length: endRow - firstRow }, (_, row) =>
    hangsTurned(ledger, piece, firstRow + row),
  )
  return 2 * turned.filter(Boolean).length > turned.length
}

/** Columns over which the middles of front and back lie, counted from what stands beside it at an edge. */
function middlesOf({ piece, place, hand }: Seen, count: number, edge: number) {
  const none = { front: count / 2, back: count }
  const { front, back } = place ? middlesOnChart(piece, place, hand) : none
  return { front: front - edge, back: back - edge }
}

/** How a band leans, and the stitch its cells are shown as. */
function useLean(seen: Ref<Seen>, view: Ref<SeenAs>, leaning: Ref<boolean>) {
  const leans = computed(() => {
    const { design, piece, place, hand } = seen.value
    return place ? leanOf(design, piece, place, hand) : 0
  })
  const stitch = steady(() =>
    view.value.as === 'stitches'
      ? { id: seen.value.part.stitch, aslant: Math.sign(leans.value) * ASLANT }
      : null,
  )
  const leansWords = computed(() =>
    leans.value === 0
      ? ''
      : `${printNumber(Math.abs(leans.value))} of a stitch a round to the ${leans.value > 0 ? 'right' : 'left'}`,
  )
  const lean = computed(() => (leaning.value ? leans.value : 0))
  return { leans, leansWords, lean, stitch }
}

/** A band as the chosen view shows it: cells, marks and sides; and the cell of its own chart that each of them is. */
export function useView(seen: Ref<Seen>, view: Ref<SeenAs>, leaning: Ref<boolean>) {
  const whole = computed(() => view.value.shows === 'whole')
  const count = computed(() => {
    const { piece, place } = seen.value
    return place ? standsOn(piece, place) : 0
  })
  const laid = computed(() => laidOf(seen.value))
  const field = computed(() => (laid.value ? fieldOf(seen.value.own!, laid.value.lay) : null))
  /** Columns by which the field is moved on where all of it is seen. */
  const moved = computed(() => {
    if (!whole.value || !field.value) return 0
    return movedBy(laid.value!, field.value.width, count.value, seen.value.hand)
  })
  const chart = computed((): Chart | null => {
    const { ledger, piece, place, hand } = seen.value
    if (field.value)
      return whole.value && count.value > 0
        ? unrolled(field.value, count.value, moved.value, laid.value!.rows)
        : field.value
    if (!place || place.endRow <= place.firstRow) return null
    return partChart(ledger, piece, place, whole.value ? count.value : SHOWN_COLUMNS, hand)
  })
  const wholeOf = (chart: Chart) => allAlong(chart, laid.value!, count.value, seen.value.hand)
  const toOwn = ({ column, row }: Cell): Cell =>
    laid.value
      ? cellIn(seen.value.own!, laid.value.lay, { column: column - moved.value, row })
      : { column, row }
  /** All stitches of a row are there. */
  const alone = computed(
    () =>
      whole.value ||
      (seen.value.own === null &&
        seen.value.piece.worked === 'rows' &&
        chart.value?.width === count.value),
  )
  // Both stay the same while they say the same: a stroke draws neither the edges nor all stitches anew.
  const marks = steady((): readonly ChartMark[] => {
    const wide = field.value?.width ?? null
    if (whole.value) return marksAround(seen.value, count.value, wide, moved.value)
    return wide === null ? [] : [0, wide].map((column) => ({ column, kind: 'edge', title: '' }))
  })
  /** Where in the band a row of the chart is worked, and in how many. */
  const workedAs = (row: number) => {
    const { part, own } = seen.value
    return own && !isBase(part) ? bandOf(part).workedAs(part, row) : { row, rows: 1 }
  }
  /** The side of the chart a row begins on. */
  const beginsOn = (row: number): 'left' | 'right' => {
    const { piece, place, hand } = seen.value
    const wrong = piece.columns.side[(place?.firstRow ?? 0) + workedAs(row).row] === 1
    return (hand === 'right') !== wrong ? 'right' : 'left'
  }
  const runWordsAt = (cell: Cell): string =>
    field.value && count.value > 0
      ? runWords(
          seen.value.hand,
          laid.value!,
          field.value,
          count.value,
          whole.value,
          cell,
          beginsOn(cell.row),
        )
      : ''
  /** Columns of all of it over which the middles of front and back lie. */
  const middles = computed(() => middlesOf(seen.value, count.value, laid.value?.edge ?? 0))
  const leaned = useLean(seen, view, leaning)
  return {
    ...leaned,
    ...{ chart, alone, toOwn, wholeOf, marks, beginsOn, count, whole },
    ...{ runWordsAt, workedAs, middles, hangs: computed(() => hangsMostly(seen.value)) },
  }
}
