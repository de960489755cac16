import type { WayChoice } from '@core/design'
import type { GapWay, How, WayFigures } from '@core/paths'
import { counted, printLength, printNumber, printYarnLength, type System } from '@core/units'

/** What a yarn does in a row, in words; of rows it waits at an edge, of rounds it is trailed at the join. */
export const howWords: Readonly<Record<How, string>> = {
  worked: 'worked',
  carried: 'carried inside the stitches',
  floated: 'floated behind',
  trailed: 'trailed up inside, at the join',
  waiting: 'hangs at the edge',
  parked: 'its loop waits on a marker',
  cut: 'cut, and joined anew',
}

/** What plans are called, and what they are after. */
export const aimWords = {
  ends: { title: 'Fewest ends', about: 'nothing is cut that can be brought up' },
  thin: { title: 'Thinnest fabric', about: 'nothing inside other stitches, floats behind' },
  balls: { title: 'Fewest balls at once', about: 'a yarn is cut where one more would hang' },
} as const

/** The figures of ways, as few as tell them apart. */
export function figuresWords(figures: WayFigures, units: System): readonly string[] {
  const { ends, carriedMetres, floatedMetres, balls, longestFloat, longestTrail, minutes } = figures
  const metres = (m: number) => printYarnLength(m, units)
  return [
    `${counted(ends, 'end')}, ${minutes} min to hide`,
    [
      ...(carriedMetres > 0 ? [`${metres(carriedMetres)} carried`] : []),
      ...(floatedMetres > 0 ? [`${metres(floatedMetres)} floated`] : []),
      ...(longestFloat > 0 ? [`over ${longestFloat} stitches at most`] : []),
    ].join(', ') || 'nothing carried',
    `${counted(balls, 'ball')} at once${longestTrail > 0 ? `, trailed ${longestTrail} at most` : ''}`,
  ]
}

interface Way {
  readonly title: string
  readonly takes: string
  readonly about: string
}

/** What becomes of a gap by one of its ways. `highMm`: how far the rows between reach. */
export function wayWords(
  { how, becomes, metres, ends }: GapWay,
  { highMm, worked, units }: { highMm: number; worked: 'rounds' | 'rows'; units: System },
): Way {
  const long = metres < 0.1 ? printLength(metres * 1000, units) : printYarnLength(metres, units)
  const takes = ends > 0 ? counted(ends, 'end') : `+ ${long}`
  const high = printLength(highMm, units)
  if (how === 'cut') return { title: 'Cut, join anew', takes, about: 'nothing lies between' }
  if (how === 'along')
    return {
      title: 'Carry it inside',
      takes,
      about: `one strand more in the stitches of ${high}: firmer, and it may show through`,
    }
  const title = worked === 'rows' ? 'Let it hang at the edge' : 'Trail it up inside'
  if (becomes === 'cut')
    return {
      title,
      takes: 'cannot be',
      about: 'after an odd number of rows it hangs at the other edge',
    }
  return worked === 'rows'
    ? { title, takes, about: `a strand up the edge of ${high}` }
    : { title, takes, about: `shows as a ridge over ${high} at the join` }
}

/** "not worked in 5 rounds (2.3 cm)". */
export const gapWords = (rows: number, worked: 'rounds' | 'rows', highMm: number, units: System) =>
  `not worked in ${counted(rows, worked === 'rows' ? 'row' : 'round')} (${printLength(highMm, units)})`

/** The sentence about how yarns are led. */
export const wholeWords = {
  within: {
    as: 'as in the bag',
    carry: 'carried inside',
    float: 'floated behind',
    bobbin: 'a bobbin for each field',
    snip: 'cut after its last stitch',
  },
  between: {
    as: 'as in the bag',
    usual: (most: number) => `brought up over ${printNumber(most)} at most, else cut`,
    trail: 'always brought up',
    along: 'always carried inside',
    cut: 'always cut',
  },
} as const

/** Whether a choice is about what lies within a row. */
export const isWithin = (how: WayChoice['how']): how is 'carry' | 'float' | 'bobbin' | 'snip' =>
  how in wholeWords.within

/** What is chosen for a band or a yarn: "Brass in Diamonds: floated behind". */
export function wideWords(
  { how }: WayChoice,
  { part, yarn }: { readonly part: string | null; readonly yarn: string | null },
): string {
  const who = [yarn ?? 'all yarns', ...(part === null ? [] : [`in ${part}`])].join(' ')
  const what = isWithin(how) ? wholeWords.within[how] : wholeWords.between[how]
  return `${who[0]!.toUpperCase()}${who.slice(1)}: ${what}`
}
