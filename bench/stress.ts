import type { Design } from '@core/design'
import { motif, tote } from '../src/core/testing/tote.ts'

/** 400 stitches × 600 rounds in five colours, in runs of about four stitches. Made up, from a fixed seed. */
export function stressBag(): Design {
  const letters = 'ABCDE'
  let seed = 12345
  const random = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const colours = Array.from({ length: 600 }, () => {
    let row = ''
    while (row.length < 400)
      row += letters[Math.floor(random() * 5)]!.repeat(1 + Math.floor(random() * 7))
    return row.slice(0, 400)
  })
  const hues = ['#22406b', '#d39a2d', '#efe9dc', '#7c2f35', '#4b7a5a']
  const [base] = tote().parts
  return {
    ...tote(),
    name: 'Stress bag',
    want: { aroundMm: 2000, said: 'around', heightMm: 3000, tolerance: 0.05 },
    yarns: hues.map((colour, i) => ({
      letter: letters[i]!,
      name: `Yarn ${letters[i]}`,
      colour,
      label: { grams: 50, metres: 125 },
      inHandGrams: null,
    })),
    parts: [
      { ...base!, count: 400 } as Design['parts'][number],
      motif({ id: 'p2', name: 'All', chart: { width: 400, colours } }),
    ],
  }
}
