import { reliefs } from '@core/band'
import { markOf, symbolFor } from './signs.ts'

it('has a mark of its own for every yarn there can be', () => {
  const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWX']
  expect(new Set(letters.map(markOf)).size).toBe(24)
})

it('has a symbol for everything that can stand on a ground, no two alike', () => {
  const all = reliefs.map(({ letter }) => symbolFor(letter))
  expect(all[0]).toBe('')
  expect(new Set(all).size).toBe(reliefs.length)
})
