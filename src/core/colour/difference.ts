import { differenceCiede2000, type Lab65 } from 'culori'

/** As hex, or by its coordinates. */
type Colour = string | Lab65

const ciede2000 = differenceCiede2000()

/** How far two colours look apart: CIEDE2000 (Sharma, Wu and Dalal, 2005); 1 is just seen, more than about 10 is another colour. */
export const difference = (a: Colour, b: Colour): number => ciede2000(a, b)

/** The one of several that looks nearest, and how far it is apart. @throws RangeError when there is none */
export function nearestColour<T extends { readonly colour: string }>(
  colour: string,
  all: readonly T[],
): { readonly nearest: T; readonly apart: number } {
  if (all.length === 0) throw new RangeError('no colour to choose from')
  return all
    .map((nearest) => ({ nearest, apart: difference(colour, nearest.colour) }))
    .reduce((best, one) => (one.apart < best.apart ? one : best))
}
