import { type Ref, ref, shallowRef } from 'vue'
import {
  type Cell,
  type Chart,
  straightened,
  symmetries,
  type Symmetry,
  withSymmetry,
} from '@core/chart'
import type { Edit } from '@core/design'
import { LIMITS } from '@core/part'
import type { Depicted } from '../picture/picture-asked.ts'
import { type BrushSize, brushSizes, type Tool } from '@app/parts/chart/tools.ts'
import type { OnChart } from '../chart-kinds/chart-kind.ts'

interface Painted {
  readonly id: () => string
  readonly on: Ref<OnChart>
  readonly chart: Ref<Chart | null>
  readonly own: Ref<Chart | null>
  readonly toOwn: (cell: Cell) => Cell
  readonly wholeOf: (chart: Chart) => Chart
  readonly tool: Ref<Tool>
  readonly letter: Ref<string>
  readonly ground: Ref<string>
  /** All of a row is seen, and how many stitches that are; and by how much rows lean. */
  readonly whole: Ref<boolean>
  readonly count: Ref<number>
  readonly leans: Ref<number>
  readonly said: Ref<string>
  readonly edit: (edit: Edit | readonly Edit[], gesture?: string) => boolean
  /** A stroke goes on. */
  readonly goesOn: () => void
}

/** What hands, tools and motifs make of a band's chart. */
export function usePainting(of: Painted) {
  const { on, chart, own, tool, letter, whole, count, said, edit } = of
  const size = shallowRef<BrushSize>(brushSizes[0]!)
  const symmetry = shallowRef<Symmetry>(symmetries[0]!)
  /** Painting changes the stitch under the hand alone, not every repeat. */
  const onlyHere = ref(false)

  const draw = (next: Chart, why: string) =>
    edit({ name: 'drawChart', args: { id: of.id(), chart: next, why, layer: on.value.layer } })

  /** The whole round becomes one repeat, so that a stitch of it can differ from its like. */
  function breakRepeat(gesture: string) {
    if (count.value > LIMITS.chartWidth || chart.value!.colours.length > LIMITS.chartHeight)
      return (said.value = 'That is more than one chart can hold.')
    const values = { ...on.value.asWhole(of.wholeOf) }
    edit({ name: 'setPart', args: { id: of.id(), values } }, gesture)
  }
  function paint(cells: readonly Cell[], yarn: string, gesture: string) {
    of.goesOn()
    if (onlyHere.value && whole.value && own.value && own.value.width !== count.value)
      breakRepeat(gesture)
    const list = cells.map(of.toOwn)
    const { painted, layer } = on.value
    if (painted) {
      const edits = painted(list, tool.value.erases === true)
      return void (edits.length > 0 && edit(edits, gesture))
    }
    const all = own.value ? withSymmetry(list, symmetry.value, own.value) : list
    edit({ name: 'paint', args: { id: of.id(), cells: all, letter: yarn, layer } }, gesture)
  }
  /** Fills from a cell: as whole rows where the chart is seen as it is, since that may be all of it. */
  function fill(cell: Cell, gesture: string) {
    const { rows, cells, title } = tool.value
    const asItIs = chart.value === own.value && symmetry.value === symmetries[0]
    if (!rows || !asItIs) return paint(cells(chart.value!, cell, cell), letter.value, gesture)
    const args = { id: of.id(), rows: rows(own.value!, cell, letter.value), why: title }
    edit({ name: 'drawRows', args }, gesture)
  }
  /** A chart made from a motif: as wide as the round it stands alone, narrower it is the repeat. */
  function make(next: Chart, why: string) {
    const { made } = on.value
    if (!made) return draw(next, why)
    const values = { ...made(next, of.ground.value, letter.value) }
    edit({ name: 'setPart', args: { id: of.id(), values } })
    said.value = `${why}: it takes the place of the chart that was there.`
  }
  /** A motif laid on a side of all of the round: what was there stays beside it. */
  function stand(next: Chart, words: string) {
    if (next.width > LIMITS.chartWidth || next.colours.length > LIMITS.chartHeight)
      return (said.value = 'That is more than one chart can hold.')
    const values = { ...on.value.asWhole(of.wholeOf, next) }
    if (edit({ name: 'setPart', args: { id: of.id(), values } })) said.value = words
  }
  /** What puts a picture on the band: the yarns that come with it, and its chart or that of all of the round. */
  const depicting = ({ chart: next, isWhole, yarns }: Depicted): readonly Edit[] => [
    ...yarns.map((yarn): Edit => ({ name: 'addYarn', args: { yarn } })),
    isWhole
      ? {
          name: 'setPart',
          args: { id: of.id(), values: { ...on.value.asWhole(of.wholeOf, next) } },
        }
      : {
          name: 'drawChart',
          args: { id: of.id(), chart: next, why: 'Make it of a picture', layer: on.value.layer },
        },
  ]
  /** What straightens it, shown before it is done. */
  const straight = () => straightened(own.value!, of.leans.value)
  return { size, symmetry, onlyHere, draw, paint, fill, make, stand, straight, depicting }
}
