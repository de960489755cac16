import { effectScope, ref, shallowRef } from 'vue'
import type { Cell, Chart } from '../../../../core/chart/index.ts'
import { stampTool, type Tool, toolById } from '../../../parts/chart/tools.ts'
import { useSelection } from './use-selection.ts'

Object.assign(globalThis, { navigator: globalThis.navigator ?? {} })
const inks = ['A', 'B', 'C'].map((letter) => ({ letter, name: letter, colour: '#101010' }))
const cells = (...at: [number, number][]): Cell[] => at.map(([column, row]) => ({ column, row }))

/** A chart of 4 × 2, and what is painted on it. */
function table() {
  const chart = shallowRef<Chart | null>({ width: 4, colours: ['ABCA', 'AAAA'] })
  const tool = shallowRef<Tool>(toolById('brush'))
  const said = ref('')
  const painted: [string, string][] = []
  const paint = (list: readonly Cell[], letter: string) =>
    painted.push([letter, list.map(({ column, row }) => `${column},${row}`).join(' ')])
  const scope = effectScope()
  const selection = scope.run(() =>
    useSelection({
      ...{ chart, yarns: ref(inks), tool, paint, said },
      ...{ ground: ref('A'), away: () => true },
    }),
  )!
  return { ...selection, chart, tool, said, painted }
}

describe('cells that are chosen', () => {
  it('are those of the chart; what lies above or below it is left out', () => {
    const { choose, chosen, patch } = table()
    choose(cells([1, 0], [2, 0], [2, 5], [1, -1]))
    expect(chosen.value).toEqual(cells([1, 0], [2, 0]))
    expect(patch.value).toEqual({ width: 2, colours: ['BC'] })
  })

  it('are emptied to the ground, and moved by being laid down elsewhere', () => {
    const { choose, actions, painted, stamp, stampOn, tool, said, chosen } = table()
    choose(cells([1, 0], [2, 0]))
    actions.find(({ title }) => title === 'Move')!.run()
    expect(painted).toEqual([['A', '1,0 2,0']])
    expect([stamp.value, tool.value, chosen.value]).toEqual([
      { width: 2, colours: ['BC'] },
      stampTool,
      [],
    ])
    expect(said.value).toContain('2 × 1')
    stampOn({ column: 0, row: 1 })
    expect(painted.slice(1)).toEqual([
      ['B', '0,1'],
      ['C', '1,1'],
    ])
  })

  it('that hold a yarn this bag does not have are laid down in its ground', () => {
    const { lay, stampOn, painted } = table()
    lay({ width: 2, colours: ['BZ'] })
    stampOn({ column: 0, row: 0 })
    expect(painted).toEqual([
      ['B', '0,0'],
      ['A', '1,0'],
    ])
  })

  it('are laid down until another tool is taken, or it is given up, which gives the last tool back', () => {
    const { lay, tool, stamp, done } = table()
    lay({ width: 1, colours: ['B'] })
    lay({ width: 1, colours: ['C'] })
    done()
    expect([tool.value.id, stamp.value]).toEqual(['brush', null])
    lay({ width: 1, colours: ['B'] })
    tool.value = toolById('line')
    return Promise.resolve().then(() => expect(stamp.value).toBeNull())
  })

  it('are pasted from a table of letters, or where there is none as they were copied last', () => {
    const one = table()
    one.choose(cells([0, 0], [1, 0]))
    one.actions.find(({ title }) => title === 'Copy')!.run()
    const other = table()
    expect(other.paste('')).toBe(true)
    expect(other.stamp.value).toEqual({ width: 2, colours: ['AB'] })
    expect(other.paste('C;B\n')).toBe(true)
    expect(other.stamp.value!.colours.length).toBe(1)
  })
})
