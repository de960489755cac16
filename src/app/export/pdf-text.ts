/*
 * Text as the font of the PDF sets it: Roboto in the cut that comes with the PDF maker, which has Latin, Greek and Cyrillic.
 * What is said of it here is checked against the font in the tests.
 */

/** Signs the font has. */
const HAS =
  /[\u0020-\u007e\u00a0-\u017f\u0384-\u038a\u038c\u038e-\u03a1\u03a3-\u03ce\u0400-\u045f\u2013\u2014\u2018-\u201a\u201c-\u201e\u2020-\u2022\u2026\u2030\u2032\u2033\u20ac\u2122\u2212]/

/** Whether the font has a sign of its own for it. */
export const fitsFont = (sign: string): boolean => HAS.test(sign)

/** With a ? for each character the font does not have. */
export const printable = (text: string): string =>
  [...text].map((sign) => (fitsFont(sign) ? sign : '?')).join('')

/** Widths of the signs from the space to the tilde, in thousandths of an em. */
export const ADVANCES = [
  248, 258, 320, 616, 562, 732, 622, 175, 342, 348, 431, 567, 197, 276, 264, 413, 562, 562, 562,
  562, 562, 562, 562, 562, 562, 562, 242, 211, 508, 549, 523, 473, 898, 652, 623, 651, 656, 568,
  553, 681, 713, 272, 552, 627, 539, 873, 713, 688, 631, 688, 616, 594, 597, 648, 637, 887, 627,
  601, 599, 265, 411, 265, 418, 451, 309, 544, 562, 523, 564, 530, 348, 562, 551, 243, 239, 507,
  243, 877, 552, 570, 562, 568, 339, 516, 327, 551, 484, 751, 496, 473, 496, 338, 244, 338, 680,
] as const
/** Any other sign, wide enough for all but a few. */
const OTHER = 800

/** How wide a text is set, in thousandths of its size. */
function thousandthsOf(text: string): number {
  let width = 0
  for (const sign of text) width += ADVANCES[sign.codePointAt(0)! - 32] ?? OTHER
  return width
}

/** A text in lines no wider than this, broken at its spaces. */
export function brokenLines(text: string, widthPt: number, sizePt: number): string[] {
  const most = (1000 * widthPt) / sizePt
  const lines: string[] = []
  let line = ''
  let long = 0
  for (const word of text.split(' ')) {
    const wide = thousandthsOf(word)
    if (long > 0 && long + ADVANCES[0] + wide > most) {
      lines.push(line)
      line = word
      long = wide
    } else {
      line = long > 0 ? `${line} ${word}` : word
      long += (long > 0 ? ADVANCES[0] : 0) + wide
    }
  }
  return [...lines, line]
}
