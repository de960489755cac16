import { markOf } from './signs.ts'

it('has a mark of its own for every yarn there can be', () => {
  const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWX']
  expect(new Set(letters.map(markOf)).size).toBe(24)
})
