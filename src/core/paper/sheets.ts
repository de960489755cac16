/** Sheets of paper, in mm. */
export const papers = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const
export type PaperSize = keyof typeof papers

/** Points of a page in a millimetre. */
export const POINTS = 72 / 25.4
/** What stays empty at the edges of a page, in points; its number stands in the lower one. */
export const MARGIN = { side: 48, top: 48, bottom: 54 } as const

/** How large a page is, and the room within its margins; in points. */
export function pageOf(paper: PaperSize) {
  const { widthMm, heightMm } = papers[paper]
  const [width, height] = [widthMm * POINTS, heightMm * POINTS]
  return {
    ...{ width, height },
    room: { width: width - 2 * MARGIN.side, height: height - MARGIN.top - MARGIN.bottom },
  }
}
