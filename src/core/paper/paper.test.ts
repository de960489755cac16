import fc from 'fast-check'
import { parseFragment } from 'parse5'
import MarkdownIt from 'markdown-it'
import type { Strip } from './strip.ts'
import { tries } from '../testing/tries.ts'
import {
  type Block,
  broken,
  htmlOf,
  linesOf,
  markdownOf,
  pageOf,
  pageSvg,
  pagesOf,
  plainTextOf,
  rulerOf,
  type WorkLine,
} from './index.ts'

/** A ruler of a typewriter: every sign half as wide as it is high. */
const ruler = rulerOf(() => 0.5)
const line = (over: Partial<WorkLine> = {}): WorkLine => ({
  ...{ label: 'Round 1', before: [], text: '6 sc', total: '6', after: [], ticks: [''] },
  ...over,
})

describe('a text in lines (counted by hand, every sign 5 points)', () => {
  const broke = (said: Parameters<typeof linesOf>[0], width: number) =>
    linesOf(said, { width, size: 10, ruler }).map((pieces) =>
      pieces.map(({ x, text }) => `${x}:${text}`).join('|'),
    )

  it('is broken at the last space that fits', () => {
    // "2 sc in" is 7 signs of 5: 35; "2 sc in each" 12: 60.
    expect(broke('2 sc in each st around', 60)).toEqual(['0:2 sc in each', '0:st around'])
    expect(broke('2 sc in each st around', 59)).toEqual(['0:2 sc in', '0:each st', '0:around'])
  })
  it('keeps its spans apart, with the space that is between them', () => {
    expect(broke([{ text: 'Ends: ', bold: true }, { text: 'weave in' }], 200)).toEqual([
      '0:Ends:|30:weave in',
    ])
    expect(broke([{ text: 'A', bold: true }, { text: ', then B' }], 200)).toEqual([
      '0:A|5:, then B',
    ])
  })
  it('parts a word that is wider than the room, and no other', () => {
    expect(broke('太鼓のばちを入れる 袋', 25)).toEqual(['0:太鼓のばち', '0:を入れる', '0:袋'])
    expect(broke('', 50)).toEqual([''])
  })
})

describe('strips on pages', () => {
  const strip = (height: number, over: Partial<Strip> = {}): Strip => ({
    ...{ height, space: 0, keep: false, groups: [] },
    ...over,
  })
  const pages = (strips: readonly Strip[], room = 100, least = 0) =>
    broken(strips, room, least).map((page) => page.map(({ strip: one }) => strips.indexOf(one)))

  it('are as many as fit, and what is kept together goes on as one', () => {
    expect(pages([strip(40), strip(40), strip(40)])).toEqual([[0, 1], [2]])
    expect(pages([strip(40), strip(40, { keep: true }), strip(40)])).toEqual([[0], [1, 2]])
    // Space above the first of a page is none.
    expect(pages([strip(60), strip(40, { space: 1 }), strip(60)])).toEqual([[0], [1, 2]])
    // What is kept together and longer than a page is parted where it must be.
    expect(pages([strip(60, { keep: true }), strip(60, { keep: true }), strip(60)])).toEqual([
      [0],
      [1],
      [2],
    ])
  })
  it('leave no last page with next to nothing on it', () => {
    expect(pages([strip(30), strip(30), strip(30), strip(20)], 100, 40)).toEqual([
      [0, 1],
      [2, 3],
    ])
    // A heading does not stay behind alone.
    const headed = [strip(30), strip(30), strip(10, { keep: true }), strip(20), strip(20)]
    expect(pages(headed, 100, 30)).toEqual([
      [0, 1],
      [2, 3, 4],
    ])
  })
  it('are made smaller where they can be, rather than left to the next page', () => {
    const small = strip(30)
    const chart = strip(90, { shrunk: (height) => (height >= 30 ? small : null) })
    const [first] = broken([strip(60), chart], 100, 0)
    expect(first!.map(({ strip: one, top }) => [one.height, top])).toEqual([
      [60, 0],
      [30, 60],
    ])
  })

  it('stand each on one page, in order, within it, a heading with what follows (any strips)', () => {
    const any = fc.array(
      fc.record({
        height: fc.integer({ min: 1, max: 60 }),
        space: fc.integer({ min: 0, max: 8 }),
        keep: fc.boolean(),
      }),
      { minLength: 1, maxLength: 60 },
    )
    fc.assert(
      fc.property(any, fc.integer({ min: 0, max: 40 }), (all, least) => {
        const strips = all.map((one) => strip(one.height, one))
        const set = broken(strips, 100, least)
        expect(set.flat().map(({ strip: one }) => strips.indexOf(one))).toEqual(
          strips.map((_, i) => i),
        )
        let at = 0
        for (const page of set) {
          expect(page.length).toBeGreaterThan(0)
          for (const { strip: one, top } of page) expect(top + one.height).toBeLessThanOrEqual(100)
          at += page.length
          const chain = strips.slice(0, at).findLastIndex(({ keep }) => !keep) + 1
          const long = strips
            .slice(chain, at + 1)
            .reduce((sum, { height, space }, i) => sum + height + (i ? space : 0), 0)
          // Only what is longer than a page is parted from what it is kept with.
          if (at < strips.length && strips[at - 1]!.keep)
            expect(long > 100 || chain <= at - page.length).toBe(true)
        }
      }),
      { numRuns: tries(100) },
    )
  })
})

const everything: Block[] = [
  { is: 'title', text: 'Tote <1>', under: 'In the round & plain.' },
  { is: 'heading', level: 1, text: 'Body', aside: 'Make 2.', id: 'bag' },
  { is: 'words', said: [{ text: 'Look', bold: true }, { text: ' at [it] * once_' }] },
  { is: 'list', by: 'box', items: ['Ends'] },
  {
    is: 'facts',
    facts: [{ what: 'Hook', said: ['4 mm'], swatch: { colour: '#123456', letter: 'A' } }],
  },
  {
    is: 'work',
    lines: [
      line({ before: ['Join B.'], after: ['After round 1: 6.'] }),
      line({
        label: 'Rounds 2–3',
        text: '*2 sc, inc; rep from * around',
        total: '8',
        ticks: ['2', '3'],
      }),
    ],
  },
  {
    is: 'figure',
    ...{ drawing: { width: 10, height: 10, title: 'x', paths: [], texts: [] }, scale: 1 },
    ...{ alt: 'A chart', caption: 'How it is read.' },
  },
  { is: 'cards', cards: [{ title: 'Base', lines: [line()] }] },
]
const paper = { name: 'Tote <1>', blocks: everything }

interface Node {
  readonly nodeName: string
  readonly value?: string
  readonly attrs?: readonly { readonly name: string; readonly value: string }[]
  readonly childNodes?: readonly Node[]
}
const textOf = (node: Node): string =>
  node.value ?? (node.childNodes ?? []).map((child) => textOf(child)).join('')
const all = (node: Node, name: string): Node[] => [
  ...(node.nodeName === name ? [node] : []),
  ...(node.childNodes ?? []).flatMap((child) => all(child, name)),
]

describe('a document as a page of the web, read by another parser', () => {
  const read = parseFragment(htmlOf(paper, new Map())) as unknown as Node

  it('says every word once, and none of them is markup', () => {
    const text = textOf(read).replace(/\s+/g, ' ')
    for (const words of [
      'Tote <1>',
      'In the round & plain.',
      'at [it] * once_',
      'Rounds 2–3: *2 sc, inc; rep from * around (8)',
    ])
      expect(text).toContain(words)
    expect(all(read, 'script')).toEqual([])
    expect(all(read, 'h1').map(textOf)).toEqual(['Tote <1>'])
  })
  it('has a box with a name for every row', () => {
    const boxes = all(read, 'input').map(
      ({ attrs }) => attrs!.find(({ name }) => name === 'aria-label')!.value,
    )
    expect(boxes).toEqual(['Ends', 'Round 1 done', '2 done', '3 done', 'Round 1 done'])
  })
})

describe('a document as Markdown, read by another parser', () => {
  const html = new MarkdownIt().render(markdownOf(paper))
  const read = parseFragment(html) as unknown as Node

  it('says the very words, with signs that are its own set off', () => {
    const text = textOf(read).replace(/\s+/g, ' ')
    expect(text).toContain('Look at [it] * once_')
    expect(text).toContain('[ ] Rounds 2–3: *2 sc, inc; rep from * around (8)')
    expect(all(read, 'h1').map(textOf)).toEqual(['Tote <1>'])
    expect(all(read, 'strong').map(textOf)).toContain('Round 1:')
    expect(all(read, 'em')).toEqual([])
  })
})

describe('a document as plain text', () => {
  it('is words and nothing that draws, a row a line', () => {
    const text = plainTextOf(paper)
    expect(text.split('\n').filter(Boolean)).toEqual([
      'TOTE <1>',
      'In the round & plain.',
      'BODY · Make 2.',
      'Look at [it] * once_',
      'Ends',
      'Hook: 4 mm',
      ...['Join B.', 'Round 1: 6 sc (6)', 'After round 1: 6.'],
      'Rounds 2–3: *2 sc, inc; rep from * around (8)',
      'A chart. How it is read.',
      ...['Base', 'Round 1: 6 sc (6)'],
    ])
  })
})

describe('a document on pages', () => {
  const pages = pagesOf(paper, { paper: 'a4', size: 10, ruler })
  it('is as large as its paper, and numbers its pages', () => {
    const { width, height } = pageOf('a4')
    expect([pages[0]!.width, pages[0]!.height]).toEqual([width, height])
    // 210 × 297 mm in points of 1/72 in.
    expect([width, height].map((pt) => Math.round(pt * 100) / 100)).toEqual([595.28, 841.89])
    expect(pages[0]!.marks.map(({ text }) => text)).toEqual(['Tote <1>', 'Body'])
  })
  it('says at the top of a page what goes on from the one before, and finds what stands side by side', () => {
    const long = {
      name: 'Tote',
      blocks: [
        { is: 'heading', level: 1, text: 'Strap' },
        {
          is: 'beside',
          columns: [
            {
              share: 1,
              blocks: [{ is: 'heading', level: 2, text: 'Plain', aside: 'in C', id: 'p1' }],
            },
          ],
        },
        {
          is: 'work',
          lines: Array.from({ length: 60 }, (_, i) => line({ label: `Row ${i + 1}` })),
        },
        { is: 'heading', level: 1, text: 'Finishing' },
        { is: 'words', said: 'Ends.' },
      ] satisfies Block[],
    }
    const set = pagesOf(long, { paper: 'a4', size: 10, ruler })
    const heads = set.map(({ groups }) => {
      const [first] = groups[0]!.items
      return first?.is === 'text' && first.y < 48 ? first.text : null
    })
    expect(heads).toEqual([null, 'Strap: Plain (in C), continued'])
    expect(set[0]!.marks.map(({ id }) => id)).toEqual([null, 'p1'])
  })
  it('is shown as a drawing that a parser of SVG reads, with its words in order', () => {
    const svg = parseFragment(pageSvg(pages[0]!, new Map())) as unknown as Node
    const texts = all(svg, 'text').map(textOf)
    expect(texts).toContain('6 sc')
    expect(texts.indexOf('Round 1')).toBeLessThan(texts.indexOf('Rounds 2–3'))
    expect(texts.at(-1)).toBe(`1 of ${pages.length}`)
  })
})
