import { strides, type Stride } from '@core/make'

/** The next larger stride; of a row itself. */
export const larger = (by: Stride): Stride =>
  strides[Math.min(strides.length - 1, strides.indexOf(by) + 1)]!

/** What a stride is called, and its key. */
export const strideWords = (
  by: Stride,
  worked: 'rounds' | 'rows',
): { readonly title: string; readonly key: string } =>
  ({
    stitch: { title: 'A stitch', key: 'S' },
    run: { title: 'A run', key: 'R' },
    repeat: { title: 'Repeat done', key: 'P' },
    row: { title: `${worked === 'rows' ? 'Row' : 'Round'} done`, key: 'Enter' },
  })[by]

/** Each stride in a choice: "one stitch". */
export const strideLabel = (by: Stride, worked: 'rounds' | 'rows'): string =>
  ({ stitch: 'Stitch', run: 'Run', repeat: 'Repeat', row: worked === 'rows' ? 'Row' : 'Round' })[by]

/** What keys do; every other single key is a tap, as foot pedals send whatever they like. */
const named: Readonly<Record<string, Stride | 'back' | 'count'>> = {
  ...{ s: 'stitch', r: 'run', p: 'repeat', Enter: 'row', c: 'count' },
  ...{ Backspace: 'back', ArrowLeft: 'back', ArrowUp: 'back', PageUp: 'back' },
}
const PEDAL = [' ', 'ArrowRight', 'ArrowDown', 'PageDown', 'MediaTrackNext', 'F13', 'F14']

/** What a key asks for; null where it is none of Make's. */
export function keyAsks(key: string): Stride | 'back' | 'count' | 'tap' | null {
  const asked = named[key.length === 1 ? key.toLowerCase() : key]
  if (asked) return asked
  const single = key.length === 1 && /[a-z0-9.,+-]/i.test(key)
  return single || PEDAL.includes(key) ? 'tap' : null
}
