/* Text as the font of the PDF can set it: Roboto in the cut that comes with the PDF maker, which has Latin, Greek and Cyrillic. */

/** Signs the font has, from memory of its blocks and checked by a test against the font itself. */
const HAS =
  /[\u0020-\u007e\u00a0-\u017f\u0384-\u03ce\u0400-\u045f\u2013\u2014\u2018-\u201e\u2020-\u2022\u2026\u2030\u2032\u2033\u20ac\u2122\u2212]/

/** Whether the font has a sign of its own for it. */
export const fitsFont = (sign: string): boolean => HAS.test(sign)

/** With a sign the font has for each character it does not have. */
export const printable = (text: string): string =>
  [...text].map((sign) => (fitsFont(sign) ? sign : '?')).join('')

/** Widths of signs in ems, rounded up, by kind: enough to break lines by, never so little that a line runs over. */
const WIDTHS: readonly (readonly [RegExp, number])[] = [
  [/[ ,.;:'’|!()[\]\-iljIft]/, 0.36],
  [/[a-z0-9]/, 0.58],
  [/[MWmw@%—]/, 0.92],
]
const OTHER = 0.72

const widths = new Map<string, number>()
function emsOf(sign: string): number {
  let width = widths.get(sign)
  if (width === undefined) {
    width = WIDTHS.find(([signs]) => signs.test(sign))?.[1] ?? OTHER
    widths.set(sign, width)
  }
  return width
}

/** A text in lines no wider than this, broken at its spaces.  */
export function brokenLines(text: string, widthPt: number, sizePt: number): string[] {
  const most = widthPt / sizePt
  const lines: string[] = []
  let line = ''
  let long = 0
  const space = emsOf(' ')
  for (const word of text.split(' ')) {
    let ems = 0
    for (const sign of word) ems += emsOf(sign)
    if (long > 0 && long + space + ems > most) {
      lines.push(line)
      line = ''
      long = 0
    }
    line = long > 0 ? `${line} ${word}` : word
    long += (long > 0 ? space : 0) + ems
  }
  return [...lines, line]
}
