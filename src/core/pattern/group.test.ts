import fc from 'fast-check'
import { type Grouped, grouped } from './group.ts'

const same = (a: string, b: string) => a === b
const unfolded = (list: readonly Grouped<string>[]): string[] =>
  list.flatMap((part) =>
    'item' in part
      ? [part.item]
      : Array.from({ length: part.times }, () => unfolded(part.items)).flat(),
  )
const said = (list: readonly Grouped<string>[]): string =>
  list.map((part) => ('item' in part ? part.item : `[${said(part.items)}]${part.times}`)).join(' ')
const written = (text: string) => said(grouped(text.split(' '), same))

describe('what repeats in a row, taken together', () => {
  it.each([
    ['a b a b a b', '[a b]3'],
    // Several groups, one after the other.
    ['x a b a b a b c d c d c d', 'x [a b]3 [c d]3'],
    // A short run within a group is spelled out; a long one is not.
    ['a b a b c a b a b c a b a b c', '[a b a b c]3'],
    ['a b a b a b c a b a b a b c', '[[a b]3 c]2'],
    ['a a b', 'a a b'],
  ])('%s: %s', (list, text) => expect(written(list)).toBe(text))

  it('is the list again when it is spelled out, and never longer', () => {
    const list = fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 60 })
    fc.assert(
      fc.property(list, (items) => {
        const parts = grouped(items, same)
        expect(unfolded(parts)).toEqual(items)
        expect(said(parts).split(' ').length).toBeLessThanOrEqual(Math.max(1, items.length))
      }),
    )
  })
})
