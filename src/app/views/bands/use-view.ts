import { computed, type Ref } from 'vue'
import { bandOf, type TapestryPart } from '@core/band'
import { type Cell, cellIn, type Chart, fieldOf, movedOn, runAt, unrolled } from '@core/chart'
import type { Design, Part } from '@core/design'
import { type Ledger, type LedgerPart, leanOf, type Piece, standsOn } from '@core/ledger'
import type { ChartMark } from '@app/parts/chart/axes.ts'
import { partChart } from '@app/parts/chart/from-ledger.ts'
import { steady } from '@app/parts/page/steady.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'

/** How much of a band without a chart of its own is seen as its repeat. */
const SHOWN_COLUMNS = 24
/** How much a stitch of rounds that are never turned is aslant, as a share of its width. */
const ASLANT = 0.09

/** What the view of a band is made from. */
export interface Seen {
  readonly design: Design
  readonly ledger: Ledger
  readonly piece: Piece
  readonly part: Part
  readonly place: LedgerPart | undefined
  readonly hand: 'right' | 'left'
  /** Its own chart, where it has one. */
  readonly own: Chart | null
}

/** Where repeats end all along a row, and where it begins; in the round also where the middle of the front and the sides are. */
function marksAround(
  { piece, hand }: Pick<Seen, 'piece' | 'hand'>,
  count: number,
  repeat: number | null,
  moved: number,
): ChartMark[] {
  const edges: ChartMark[] = []
  for (let column = moved; repeat !== null && column < count; column += repeat)
    if (column > 0) edges.push({ column, kind: 'repeat', title: '' })
  if (piece.worked === 'rows')
    return [...edges, { column: count / 2, kind: 'middle', title: 'middle' }]
  return [
    ...edges,
    { column: hand === 'right' ? count : 0, kind: 'join', title: 'begins here' },
    { column: count / 4, kind: 'side', title: 'side' },
    { column: count / 2, kind: 'middle', title: 'front' },
    { column: (count * 3) / 4, kind: 'side', title: 'side' },
  ]
}

/** The row of a field that is worked as the band's row so many. */
const lineOf = ({ colours }: Chart, row: number): string => colours[row % colours.length]!

/** The run a cell is in, its stitches counted from where the row begins: "3 of A, stitches 14–16 of 120, repeat 1 of 5." */
function runWords(
  { part, hand, piece }: Pick<Seen, 'part' | 'hand' | 'piece'>,
  field: Chart,
  all: number,
  whole: boolean,
  { column, row }: Cell,
  from: 'left' | 'right',
): string {
  const { balance } = part as TapestryPart
  const shift = movedOn(field.width, all, hand, piece.worked === 'rows' ? balance : 0)
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

/** A band as the chosen view shows it: cells, marks and sides; and the cell of its own chart that each of them is. */
export function useView(seen: Ref<Seen>, view: Ref<SeenAs>, leaning: Ref<boolean>) {
  const whole = computed(() => view.value.shows === 'whole')
  const count = computed(() => {
    const { piece, place } = seen.value
    return place ? standsOn(piece, place) : 0
  })
  const tapestry = computed(() => (seen.value.own ? (seen.value.part as TapestryPart) : null))
  const field = computed(() =>
    tapestry.value ? fieldOf(seen.value.own!, tapestry.value.lay) : null,
  )
  /** Columns by which the field is moved on where all of it is seen. */
  const moved = computed(() => {
    const { hand, piece } = seen.value
    if (!whole.value || !field.value) return 0
    const balance = piece.worked === 'rows' ? tapestry.value!.balance : 0
    return movedOn(field.value.width, count.value, hand, balance)
  })
  const chart = computed((): Chart | null => {
    const { ledger, piece, place, hand, part } = seen.value
    if (field.value)
      return whole.value && count.value > 0
        ? unrolled(
            field.value,
            count.value,
            moved.value,
            bandOf(part as TapestryPart).rounds(part as TapestryPart),
          )
        : field.value
    if (!place || place.endRow <= place.firstRow) return null
    return partChart(ledger, piece, place, whole.value ? count.value : SHOWN_COLUMNS, hand)
  })
  const toOwn = ({ column, row }: Cell): Cell =>
    tapestry.value
      ? cellIn(seen.value.own!, tapestry.value.lay, { column: column - moved.value, row })
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
  /** The side of the chart a row begins on. */
  const beginsOn = (row: number): 'left' | 'right' => {
    const { piece, place, hand } = seen.value
    const wrong = piece.columns.side[(place?.firstRow ?? 0) + row] === 1
    return (hand === 'right') !== wrong ? 'right' : 'left'
  }
  const runWordsAt = (cell: Cell): string =>
    field.value && count.value > 0
      ? runWords(seen.value, field.value, count.value, whole.value, cell, beginsOn(cell.row))
      : ''
  const leans = computed(() => {
    const { design, piece, place, hand } = seen.value
    return place ? leanOf(design, piece, place, hand) : 0
  })
  const stitch = steady(() =>
    view.value.as === 'stitches'
      ? { id: seen.value.part.stitch, aslant: Math.sign(leans.value) * ASLANT }
      : null,
  )
  const lean = computed(() => (leaning.value ? leans.value : 0))
  return {
    ...{ chart, alone, toOwn, marks, beginsOn, leans, lean, stitch, count, whole },
    runWordsAt,
  }
}
