import { wcagContrast, wcagLuminance } from 'culori'

/** Contrast of two colours (WCAG 2.x relative luminance on sRGB, IEC 61966-2-1): 1 for equal, 21 for black on white. */
export const contrast = (a: string, b: string): number => wcagContrast(a, b)

export type Ink = '#ffffff' | '#1b2421'
const inks = new Map<string, Ink>()

/** Ink that can be read on a ground of this colour. Kept, since it is asked for every cell. */
export function inkOn(ground: string): Ink {
  let ink = inks.get(ground)
  if (!ink) {
    ink = contrast(ground, '#ffffff') >= contrast(ground, '#1b2421') ? '#ffffff' : '#1b2421'
    inks.set(ground, ink)
  }
  return ink
}

/** A strand shows through when it is darker than what covers it by this much (from memory). */
const SHOWS_FROM = 3

/** Whether `carried`, laid inside stitches of `over`, is dark enough to show through. */
export const showsThrough = (carried: string, over: string): boolean =>
  wcagLuminance(carried) < wcagLuminance(over) && contrast(carried, over) >= SHOWS_FROM
