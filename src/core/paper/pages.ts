import type { Paper } from './block.ts'
import { QUIET_INK } from './drawing.ts'
import type { Ruler } from './lines.ts'
import { MARGIN, pageOf, type PaperSize } from './sheets.ts'
import type { Group, HeadMark, Strip } from './strip.ts'
import { stripsOf } from './strips.ts'

/** A page as it is printed: what stands on it, each in its place. */
export interface Page {
  readonly width: number
  readonly height: number
  readonly groups: readonly Group[]
  readonly marks: readonly Mark[]
}

/** A heading, by which its place is found. */
export interface Mark {
  readonly level: number
  readonly text: string
  /** What it heads; null where that is nothing of its own. */
  readonly id: string | null
  readonly y: number
}

export interface Setting {
  readonly paper: PaperSize
  /** Size of the text, in points. */
  readonly size: number
  readonly ruler: Ruler
}

/** A strip where it lies on its page. */
interface Laid {
  readonly strip: Strip
  readonly top: number
}

/** What has less than this at the end of a document is no page of its own, in lines of its text. */
const LEAST_LINES = 6

/** A document on pages. */
export function pagesOf({ name, blocks }: Paper, { paper, size, ruler }: Setting): Page[] {
  const { width, height, room } = pageOf(paper)
  let of = 0
  const strips = stripsOf(blocks, { ...room, size, ruler, next: () => of++ })
  const laid = broken(strips, room.height, LEAST_LINES * size * 1.36)
  const heads = headsOf(laid)
  return laid.map((lines, i) => ({
    ...{ width, height },
    groups: [
      ...(heads[i] ? [head(heads[i], { size })] : []),
      ...lines.flatMap(({ strip, top }) => strip.groups.map((group) => moved(group, top))),
      foot({ name, size, ruler }, i + 1, laid.length, { width, height }),
    ],
    marks: lines.flatMap(({ strip: { mark }, top }) =>
      mark ? [{ level: mark.level, text: mark.text, id: mark.id, y: MARGIN.top + top }] : [],
    ),
  }))
}

const moved = (group: Group, top: number): Group => ({
  ...group,
  items: group.items.map((one) => ({
    ...one,
    x: one.x + MARGIN.side,
    y: one.y + MARGIN.top + top,
  })),
})

/** What goes on from the page before, of each page: "Strap: Plain (in C)"; null where a page begins with something of its own. */
function headsOf(pages: readonly (readonly Laid[])[]): (string | null)[] {
  let open: HeadMark[] = []
  return pages.map((lines) => {
    const [first] = lines
    const fresh = !first || (first.strip.mark && first.strip.mark.level <= 2)
    const said = fresh || open.length === 0 ? null : open
    for (const { strip } of lines) {
      const { mark } = strip
      if (mark && mark.level > 0 && mark.level < 3)
        open = [...open.filter(({ level }) => level < mark.level), mark]
    }
    const aside = said?.at(-1)?.aside
    return (
      said && `${said.map(({ text }) => text).join(': ')}${aside ? ` (${aside})` : ''}, continued`
    )
  })
}

const head = (words: string, { size }: Pick<Setting, 'size'>): Group => ({
  ...{ role: 'none', of: -1 },
  items: [
    {
      ...{ is: 'text', x: MARGIN.side, y: MARGIN.top - size, text: words },
      ...{ face: 'text', size: size * 0.85, ink: QUIET_INK },
    },
  ],
})

/** "Beater tote · 2 of 9". */
function foot(
  { name, size, ruler }: Pick<Setting, 'size' | 'ruler'> & { readonly name: string },
  page: number,
  pages: number,
  sheet: { readonly width: number; readonly height: number },
): Group {
  const small = size * 0.85
  const wide = (words: string) => ruler.width(words, 'text', small)
  const number = `${page} of ${pages}`
  const line = { y: sheet.height - 30, face: 'text', size: small, ink: QUIET_INK } as const
  return {
    ...{ role: 'none', of: -1 },
    items: [
      { is: 'text', x: MARGIN.side, text: name, ...line },
      { is: 'text', x: sheet.width - MARGIN.side - wide(number), text: number, ...line },
    ],
  }
}

/** Strips in pages: each as full as it may be, what is kept together on one. */
export function broken(strips: readonly Strip[], room: number, least: number): Laid[][] {
  const starts = startsOf(strips, room)
  return withFullEnds(strips, starts, least).map(({ from, to }) => layOut(strips, from, to, room))
}

interface Stretch {
  readonly from: number
  readonly to: number
}

/** The last of what is never parted from `at`, before it, on a page that begins at `from`. */
function chainStart(strips: readonly Strip[], from: number, at: number): number {
  let start = at
  while (start > from && strips[start - 1]!.keep) start--
  // What is kept together and is longer than a page is parted where it must be.
  return start > from ? start : at
}

function startsOf(strips: readonly Strip[], room: number): Stretch[] {
  const pages: Stretch[] = []
  let from = 0
  let y = 0
  const end = (to: number) => {
    if (to > from) pages.push({ from, to })
    from = to
    y = 0
  }
  for (let i = 0; i < strips.length;) {
    const strip = strips[i]!
    const top = i === from ? 0 : y + strip.space
    const fits = top + strip.height <= room + 1e-6
    const shrunk = fits || i === from ? null : strip.shrunk?.(room - top)
    if (fits || i === from || shrunk) {
      y = top + (shrunk ?? strip).height
      i++
      continue
    }
    const to = chainStart(strips, from, i)
    end(to)
    i = to
  }
  end(strips.length)
  return pages
}

const heightOf = (strips: readonly Strip[], { from, to }: Stretch): number =>
  strips
    .slice(from, to)
    .reduce((sum, { height, space }, i) => sum + height + (i === 0 ? 0 : space), 0)

/** Where a last page has next to nothing on it some of the page before comes to it. */
function withFullEnds(strips: readonly Strip[], pages: Stretch[], least: number): Stretch[] {
  return pages.reduceRight<Stretch[]>((after, page, i) => {
    const next = after[0]
    const isEnd = next?.to === strips.length
    if (!next || !isEnd || heightOf(strips, next) >= least) return [page, ...after]
    let to = page.to
    while (to > page.from + 1 && heightOf(strips, { from: to, to: next.to }) < least) to--
    to = chainStart(strips, page.from, to)
    void i
    return [{ from: page.from, to }, { from: to, to: next.to }, ...after.slice(1)]
  }, [])
}

function layOut(strips: readonly Strip[], from: number, to: number, room: number): Laid[] {
  let y = 0
  return strips.slice(from, to).map((strip, i) => {
    const top = i === 0 ? 0 : y + strip.space
    const set = top + strip.height > room + 1e-6 ? (strip.shrunk?.(room - top) ?? strip) : strip
    y = top + set.height
    return { strip: set, top }
  })
}
