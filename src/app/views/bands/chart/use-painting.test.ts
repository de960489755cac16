import { ref, shallowRef } from 'vue'
import { type Chart, symmetries } from '../../../../core/chart/index.ts'
import type { Edit } from '../../../../core/design/index.ts'
import { toolById } from '../../../parts/chart/tools.ts'
import { type OnChart, plainKind } from '../chart-kinds/chart-kind.ts'
import { usePainting } from './use-painting.ts'

const chart: Chart = { width: 3, colours: ['AAA', 'AAA'] }
/** A chart of three columns that is seen, all of a row of `count` stitches where that is asked. */
function painted(over: Partial<OnChart> = {}, { shown = chart, count = 9, tool = 'brush' } = {}) {
  const edits: (Edit & { gesture?: string | undefined })[] = []
  const said = ref('')
  const usual = plainKind.on({} as never, { own: chart } as never, {} as never)
  const painting = usePainting({
    ...{ id: () => 'p2', on: shallowRef({ ...usual, ...over }), said, goesOn: () => {} },
    ...{
      chart: shallowRef(shown),
      own: shallowRef(chart),
      tool: shallowRef(toolById(tool as 'brush')),
    },
    ...{ letter: ref('B'), ground: ref('A'), leans: ref(0.5) },
    ...{ whole: ref(shown !== chart), count: ref(count) },
    toOwn: ({ column, row }) => ({ column: column % 3, row: row % 2 }),
    wholeOf: () => shown,
    edit: (list, gesture) =>
      edits.push(...('name' in list ? [list] : list).map((edit) => ({ ...edit, gesture }))) > 0,
  })
  return { ...painting, edits, said }
}
const cell = (column: number, row: number) => ({ column, row })

describe('painting on a chart', () => {
  it('goes to the cells of the repeat, with their mirror images, as one gesture', () => {
    const { paint, symmetry, edits } = painted()
    symmetry.value = symmetries.find(({ id }) => id === 'across')!
    paint([cell(3, 1)], 'B', 'g1')
    expect(edits).toEqual([
      {
        name: 'paint',
        gesture: 'g1',
        args: { id: 'p2', cells: [cell(0, 1), cell(2, 1)], letter: 'B', layer: 'chart' },
      },
    ])
  })

  it('only here makes the whole round one repeat first, where one chart can hold it', () => {
    const round: Chart = { width: 9, colours: ['AAAAAAAAA', 'AAAAAAAAA'] }
    const { paint, onlyHere, edits } = painted({}, { shown: round })
    onlyHere.value = true
    paint([cell(4, 0)], 'B', 'g1')
    expect(edits.map(({ name }) => name)).toEqual(['setPart', 'paint'])
    expect(edits[0]!.args).toMatchObject({ values: { chart: round, lay: 'beside', times: 1 } })
    const wide = painted({}, { shown: round, count: 1001 })
    wide.onlyHere.value = true
    wide.paint([cell(4, 0)], 'B', 'g1')
    expect(wide.said.value).toContain('more than one chart can hold')
    expect(wide.edits.map(({ name }) => name)).toEqual(['paint'])
  })

  it('means what its kind says, and nothing where that is nothing', () => {
    const edit: Edit = { name: 'padChart', args: { id: 'p2', columns: 1 } }
    const own = painted({ painted: (cells) => (cells.length > 1 ? [edit] : []) })
    own.paint([cell(0, 0)], 'B', 'g1')
    expect(own.edits).toEqual([])
    own.paint([cell(0, 0), cell(1, 0)], 'B', 'g1')
    expect(own.edits.map(({ name }) => name)).toEqual(['padChart'])
  })

  it('fills by whole rows where the chart is seen as it is, else cell by cell', () => {
    const { fill, symmetry, edits } = painted({}, { tool: 'fill' })
    fill(cell(0, 0), 'g1')
    symmetry.value = symmetries.find(({ id }) => id === 'up')!
    fill(cell(0, 0), 'g2')
    expect(edits.map(({ name }) => name)).toEqual(['drawRows', 'paint'])
  })

  it('a motif takes the place of the chart as its kind has it; symbols are drawn on their layer', () => {
    const next: Chart = { width: 1, colours: ['B'] }
    const plain = painted()
    plain.make(next, 'Star')
    expect(plain.edits[0]).toMatchObject({ name: 'setPart', args: { values: { chart: next } } })
    expect(plain.said.value).toContain('takes the place of the chart')
    plain.stand(next, 'Star on the front.')
    expect(plain.edits[1]!.args).toMatchObject({ values: { chart: next, times: 1 } })
    expect(plain.said.value).toBe('Star on the front.')
    const symbols = painted({ made: null, layer: 'raised' })
    symbols.make(next, 'Star')
    expect(symbols.edits[0]).toMatchObject({ name: 'drawChart', args: { layer: 'raised' } })
  })
})
