import { useTimeoutFn } from '@vueuse/core'
import { computed, type Ref, ref, shallowRef, watch } from 'vue'
import type { Cell, Chart } from '@core/chart'
import type { LedgerPart } from '@core/ledger'
import { rowWord } from '@core/terms'
import type { OnChart } from '../chart-kinds/chart-kind.ts'

/** While a stroke goes on the words rest for so long, so that nothing holds up the hand. */
const REST_MS = 250

interface Pointed {
  readonly part: Ref<{ readonly id: string }>
  readonly place: Ref<LedgerPart | undefined>
  readonly on: Ref<OnChart>
  readonly chart: Ref<Chart | null>
  readonly own: Ref<Chart | null>
  readonly toOwn: (cell: Cell) => Cell
  readonly workedAs: (row: number) => { readonly row: number; readonly rows: number }
  readonly runWordsAt: (cell: Cell) => string
  readonly worked: () => 'rounds' | 'rows'
  readonly hand: () => 'right' | 'left'
}

/** The row under the pointer, which is written out, and the cell: when the pointer is away, the last one stays. */
export function useReadout(of: Pointed) {
  const { part, place, on, chart, own, toOwn, workedAs } = of
  const row = ref<number | null>(null)
  watch(
    () => part.value.id,
    () => (row.value = own.value ? own.value.colours.length >> 1 : 0),
    { immediate: true },
  )
  // A chart that has become smaller has no such row any more.
  watch(
    () => chart.value?.colours.length,
    (rows) => {
      if (rows && row.value !== null && row.value >= rows) row.value = rows - 1
    },
  )
  const pointed = shallowRef<Cell | null>(null)
  /** The cell last pointed at, within the repeat. */
  const at = shallowRef<Cell>({ column: 0, row: 0 })
  function point(cell: Cell | null) {
    if (!cell) return
    row.value = cell.row
    at.value = toOwn(cell)
    pointed.value = cell
  }
  const { isPending: painting, start: rest } = useTimeoutFn(() => {}, REST_MS, {
    immediate: false,
  })
  /** The run under the pointer: "3 of A, stitches 14–16 of 120, repeat 1 of 5"; or why its cell is not worked as it is drawn. */
  const runWords = computed(() => {
    const cell = pointed.value
    const text = cell && own.value ? chart.value!.colours[cell.row] : undefined
    if (!cell || text === undefined || painting.value) return ''
    return on.value.whyNot(toOwn(cell)) || (on.value.inRuns ? of.runWordsAt(cell) : '')
  })
  const readRow = ref(row.value)
  watch([row, painting], () => {
    if (!painting.value) readRow.value = row.value
  })
  /** The row of the piece that is written out. */
  const shownRow = computed(() => {
    if (readRow.value === null || !place.value) return null
    const shown = place.value.firstRow + workedAs(readRow.value).row
    return shown < place.value.endRow ? shown : null
  })
  const firstRound = computed(
    () => (place.value?.firstRow ?? 0) + 1 + (own.value ? workedAs(0).row : 0),
  )
  /** Its row and column by the numbers that stand beside the chart: columns are counted the way a right-side row is worked. */
  const names = computed(() => {
    const { column, row: of0 } = at.value
    const width = own.value?.width ?? 0
    return {
      row: `${rowWord(of.worked())} ${firstRound.value + of0 * workedAs(0).rows}`,
      column: `column ${of.hand() === 'right' ? width - column : column + 1}`,
    }
  })
  return { row, at, point, rest, runWords, shownRow, firstRound, names }
}
