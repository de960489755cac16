import { blankChart } from '@core/chart'
import { lift, move, press } from './gesture.ts'
import { stampTool, toolById, tools } from './tools.ts'

const chart = blankChart(10, 8, 'A')
const at = (column: number, row: number) => ({ column, row })
const went = (id: string, ...way: ReturnType<typeof at>[]) => {
  let step = press(toolById(id), chart, way[0]!, 'g')
  const outcomes = [step.outcome]
  for (const cell of way.slice(1)) {
    if (!step.gesture) break
    step = move(step.gesture, chart, cell)
    outcomes.push(step.outcome)
  }
  if (step.gesture) outcomes.push(lift(step.gesture, chart).outcome)
  return outcomes
}

describe('the hand on the chart', () => {
  it('paints without gaps on the way with a brush', () => {
    const [down, on, up] = went('brush', at(0, 0), at(3, 0))
    expect(down).toEqual({ kind: 'paint', cells: [at(0, 0)], gesture: 'g' })
    expect(on).toMatchObject({ kind: 'paint', cells: [at(0, 0), at(1, 0), at(2, 0), at(3, 0)] })
    expect(up!.kind).toBe('nothing')
    expect(went('brush', at(1, 1), at(1, 1))[1]!.kind).toBe('nothing')
  })

  it('shows a shape until it is lifted, then paints it once', () => {
    const outcomes = went('rectangle', at(1, 1), at(2, 2), at(2, 3))
    expect(outcomes.map(({ kind }) => kind)).toEqual(['show', 'show', 'show', 'paint'])
    const [last] = outcomes.slice(-1)
    expect(last!.kind === 'paint' && last!.cells).toHaveLength(6)
  })

  it('fills and picks at once', () => {
    expect(went('fill', at(0, 0))).toEqual([{ kind: 'fill', cell: at(0, 0), gesture: 'g' }])
    expect(went('pick', at(4, 4))).toEqual([{ kind: 'pick', cell: at(4, 4) }])
    expect(went('move', at(4, 4))).toEqual([{ kind: 'nothing' }])
  })

  it('chooses cells while it is dragged, or at once, and lays down what was copied', () => {
    const chosen = went('select', at(1, 1), at(2, 2))
    expect(chosen.map(({ kind }) => kind)).toEqual(['select', 'select', 'nothing'])
    expect(chosen[1]).toMatchObject({ cells: { length: 4 } })
    expect(went('wand', at(0, 0))).toMatchObject([{ kind: 'select', cells: { length: 80 } }])
    expect(press(stampTool, chart, at(3, 3), 'g').outcome).toEqual({
      kind: 'stamp',
      cell: at(3, 3),
      gesture: 'g',
    })
  })

  it('has one key a tool', () => {
    expect(new Set(tools.map(({ key }) => key)).size).toBe(tools.length)
  })
})
