import MarkdownIt from 'markdown-it'
import { parseFragment } from 'parse5'
import { checkPattern } from '../check/index.ts'
import type { Design } from '../design/index.ts'
import type { Ledger } from '../ledger/index.ts'
import {
  type Block,
  htmlOf,
  MARGIN,
  markdownOf,
  pagesOf,
  type Placed,
  plainTextOf,
  type Ruler,
  rulerOf,
} from '../paper/index.ts'
import { historyOf, projectOf, readProject, tryCommit } from '../project/index.ts'
import { defaultWords, type Words } from '../stitch/index.ts'
import { bookletFor } from '../testing/booklets.ts'
import { sizeOf } from './choices.ts'
import { everyBag } from '../testing/every-bag.ts'
import { finishedBags } from '../testing/finished-bags.ts'
import { base, baseAs, motif, plain, stripes, tote } from '../testing/tote.ts'
import { CAMPAIGN } from '../testing/tries.ts'
import beaterTote from '../../../demo/beater-tote.json' with { type: 'json' }
import drumStickRoll from '../../../demo/drum-stick-roll.json' with { type: 'json' }
import marchBookSatchel from '../../../demo/march-book-satchel.json' with { type: 'json' }
import musicStandBag from '../../../demo/music-stand-bag.json' with { type: 'json' }
import mutePouch from '../../../demo/mute-pouch.json' with { type: 'json' }
import raffleBag from '../../../demo/raffle-bag.json' with { type: 'json' }

const demos = [
  beaterTote,
  raffleBag,
  marchBookSatchel,
  mutePouch,
  musicStandBag,
  drumStickRoll,
].map((file): Design => {
  const read = readProject(JSON.stringify(file))
  if (!read.ok) throw new Error(JSON.stringify(read.problem))
  return read.value.design
})

interface Node {
  readonly nodeName: string
  readonly value?: string
  readonly childNodes?: readonly Node[]
}
/** The words of a page of the web, a line for each element that is one. */
function linesIn(node: Node): string[] {
  if (node.nodeName === 'style' || node.nodeName === 'svg') return []
  if (/^(?:li|p|h\d|dt|dd|figcaption)$/.test(node.nodeName)) return [wordsIn(node)]
  return (node.childNodes ?? []).flatMap(linesIn)
}
const wordsIn = (node: Node): string =>
  (node.value ?? (node.childNodes ?? []).map(wordsIn).join('')).replace(/\s+/g, ' ')

/** The counts a bag leaves, row by row, as the ledger has them: of a piece that is made twice once. */
const countsIn = ({ pieces }: Ledger): number[] =>
  pieces.flatMap(({ columns }) => [...columns.makes])

/** What the checker makes of a text: rows that do not add up, what it could not read, and the counts of all rows. */
function readBack(text: string) {
  const { rows, problems, unread } = checkPattern(text)
  return {
    wrong: rows.filter(({ problems: own }) => own.length > 0).map((row) => row.text),
    problems: problems.length,
    unread: unread.map((one) => one.text),
    counts: rows.map(({ makes }) => makes),
  }
}

/** A booklet in each of the ways it goes out as words. */
function waysOf(design: Design, words: Words = defaultWords) {
  const { paper, derived } = bookletFor(design, { words })
  const html = linesIn(parseFragment(htmlOf(paper, new Map())) as unknown as Node).join('\n')
  const markdown = markdownOf(paper)
  const rendered = linesIn(
    parseFragment(new MarkdownIt().render(markdown)) as unknown as Node,
  ).join('\n')
  return { derived, texts: { plain: plainTextOf(paper), markdown, rendered, html } }
}

describe('a booklet, read back by the checker', () => {
  it.each(demos.map((design) => [design.name, design] as const))(
    '%s: as text, Markdown and page of the web its rows and totals are those of the ledger',
    (_, design) => {
      const { derived, texts } = waysOf(design)
      const good = { wrong: [], problems: 0, unread: [], counts: countsIn(derived.ledger) }
      for (const text of Object.values(texts)) expect(readBack(text)).toEqual(good)
    },
  )

  const sample = everyBag().filter((_, i) => CAMPAIGN || i % 9 === 0)
  const others = [...sample.map(({ design }) => design), ...finishedBags]
  it.each(others.map((design) => [design.name, design] as const))(
    '%s: so are those of every construction, and of bags that are finished',
    (_, design) => {
      const { derived, texts } = waysOf(design)
      const good = { wrong: [], problems: 0, unread: [], counts: countsIn(derived.ledger) }
      expect(readBack(texts.plain)).toEqual(good)
    },
  )

  it('in UK terms and for the left hand too', () => {
    const words: Words = { terms: 'uk', units: 'imperial', hand: 'left' }
    const { derived, texts } = waysOf(demos[0]!, words)
    const { rows } = checkPattern(texts.plain, { terms: 'uk' } as never)
    expect(rows.map(({ makes }) => makes)).toEqual(countsIn(derived.ledger))
    expect(texts.plain).toContain('for the left hand')
    expect(texts.plain).toContain('Tension swatch')
    expect(texts.plain).not.toMatch(/\d cm\b/)
  })
})

/** All blocks of a document, those side by side too. */
const flat = (blocks: readonly Block[]): Block[] =>
  blocks.flatMap((block) =>
    block.is === 'beside' ? block.columns.flatMap((one) => flat(one.blocks)) : [block],
  )
const of = <Is extends Block['is']>(blocks: readonly Block[], is: Is) =>
  flat(blocks).filter((block): block is Extract<Block, { is: Is }> => block.is === is)
const linesOf = (blocks: readonly Block[]) => of(blocks, 'work').flatMap(({ lines }) => lines)

describe('what a booklet holds', () => {
  const { paper } = bookletFor(demos[0]!)
  const text = plainTextOf(paper)

  it('is in the order one needs it', () => {
    const heads = of(paper.blocks, 'heading').map((one) => one.text)
    expect(heads).toEqual([
      ...['What you need', 'Gauge swatch', 'How to read it', 'A note from the maker', 'Short for'],
      ...['The bag', 'Base', 'Plain', 'Stripes', 'Diamonds', 'Stripes', 'Plain', 'Edge', 'Handles'],
      ...['Finishing', 'To mind'],
    ])
  })

  it('has a box for each row: numbered where a line is several', () => {
    const lines = linesOf(paper.blocks)
    expect(lines.flatMap(({ ticks }) => ticks)).toHaveLength(80)
    expect(lines.find(({ label }) => label === 'Rounds 21–25')!.ticks).toEqual([
      ...['21', '22', '23', '24', '25'],
    ])
    const boxed = (ticks: 'lines' | 'none') =>
      linesOf(bookletFor(demos[0]!, { ticks }).paper.blocks).map((line) => line.ticks.length)
    expect(new Set(boxed('lines'))).toEqual(new Set([1]))
    expect(new Set(boxed('none'))).toEqual(new Set([0]))
  })

  it('names yarns by what their balls are and what there is of them', () => {
    expect(text).toContain(
      'A Drum blue: 169–200 m, 68–80 g, 2 balls of 50 g (125 m); In hand: 150 g',
    )
    const lots = [{ lot: '4711', grams: 80, of: null }]
    const own = tote({ yarns: tote().yarns.map((yarn) => ({ ...yarn, lots })) })
    expect(plainTextOf(bookletFor(own).paper)).toContain('In hand: 80 g of lot 4711')
  })

  it('shows words, charts or both; what has no chart stays in words', () => {
    const shown = (shows: 'both' | 'words' | 'charts') => {
      const { blocks } = bookletFor(demos[0]!, { shows }).paper
      const diamonds = linesOf(blocks).find(({ label }) => label === 'Round 36')!
      const charts = of(blocks, 'figure').filter(({ alt }) => alt.startsWith('Chart of'))
      return [diamonds.text, charts.length]
    }
    const words = '[11 sc A, 2 sc B, 11 sc A] × 5'
    expect(shown('both')).toEqual([words, 1])
    expect(shown('words')).toEqual([words, 0])
    expect(shown('charts')).toEqual(['as the chart has it', 1])
  })

  it('has notes of one’s own, line by line, and none that steer a screen', () => {
    const noted = (notes: string) =>
      tryCommit(historyOf(projectOf(tote())), { name: 'setDesign', args: { notes } })
    const good = noted('Mind the cat.\n\nAnd the dog.')
    expect(good.ok && plainTextOf(bookletFor(good.value.design).paper)).toContain(
      'A note from the maker\n\nMind the cat.\n\nAnd the dog.',
    )
    for (const bad of ['a\u0000b', 'a\u202eb', 'x'.repeat(3001)]) expect(noted(bad).ok).toBe(false)
  })
  it('is of one piece alone where that is asked, and lists changes where that is', () => {
    const alone = bookletFor(demos[2]!, { piece: 'c1' }).paper
    const named = demos[2]!.pieces.find(({ id }) => id === 'c1')!.name!
    expect(of(alone.blocks, 'title')[0]!.under).toBe(named)
    expect(plainTextOf(alone)).not.toContain('FINISHING')
    // Round 38 of the tote changes after 9, 11, 13 and 15 stitches of its first repeat.
    const listed = plainTextOf(bookletFor(demos[0]!, { changes: true }).paper)
    expect(listed).toMatch(/^38: 9 B, 11 A, 13 B, 15 A, 33 B/m)
  })
})

describe('on its pages', () => {
  // Signs half as wide as they are high, as on a typewriter.
  const ruler = rulerOf(() => 0.5)
  const settings = [
    { large: false, paper: 'a4' },
    { large: true, paper: 'letter' },
  ] as const
  it.each(settings)('nothing stands outside the margins (%j)', ({ large, paper }) => {
    for (const design of demos) {
      const booklet = bookletFor(design, { large, paper, paged: true, changes: true })
      const pages = pagesOf(booklet.paper, { paper, size: sizeOf({ large }), ruler })
      for (const { width, height, groups } of pages)
        for (const { items } of groups)
          for (const item of items)
            for (const { left, right, y } of placesOf(item, ruler)) {
              expect(left).toBeGreaterThan(MARGIN.side - 2)
              expect(right).toBeLessThan(width - MARGIN.side + 2)
              expect(y).toBeGreaterThan(MARGIN.top / 2)
              expect(y).toBeLessThan(height - MARGIN.bottom / 2)
            }
    }
  })
})

/** Where texts of something on a page begin and end. */
function placesOf(item: Placed, ruler: Ruler) {
  if (item.is === 'text') {
    const wide = ruler.width(item.text, item.face, item.size)
    return [{ left: item.x, right: item.x + wide, y: item.y }]
  }
  if (item.is !== 'drawing') return []
  const { drawing, scale, x, y } = item
  return drawing.texts
    .filter(({ xs, text }) => xs.length === 1 && text !== '')
    .map((one) => {
      const wide = ruler.width(one.text, 'text', one.size) * scale
      const from = x + one.xs[0]! * scale - { start: 0, middle: 0.5, end: 1 }[one.anchor] * wide
      return { left: from, right: from + wide, y: y + one.y * scale }
    })
}

describe('places to stop and measure', () => {
  // 20 sc and 20 rounds over 10 cm: a stitch is 5 mm wide. 8 rounds of 6 more each: the fourth has 30, the last 48.
  const design = tote({ parts: [base({ count: 48 }), plain({ rounds: 30 })] })
  const checks = linesOf(bookletFor(design).paper.blocks).flatMap(({ after }) => after)

  it('are in the middle and at the end of a base, by the width of the circle (reckoned by hand)', () => {
    // 30 × 5 mm = 150 mm around is 47.7 mm across; 48 × 5 = 240 is 76.4.
    expect(checks[0]).toMatch(
      /^After round 5: 30 stitches, 4\.8 cm \([\d.]+ cm to [\d.]+ cm\) across, flat\./,
    )
    expect(checks[1]).toMatch(/^After round 8: 48 stitches, 7\.6 cm/)
    expect(checks[1]).toContain('Smaller than that: go up half a hook size.')
  })
  it('are at the end of what grows by 2 cm and more, as wide as it lies flat and as tall as it stands', () => {
    // 48 stitches laid flat are 24 of 5 mm; 30 rounds of 5 mm.
    expect(checks[2]).toMatch(
      /^After round 38: 48 stitches, 12\.0 cm \(.*\) laid flat, 15\.0 cm \(.*\) tall from the base up\.$/,
    )
    expect(checks).toHaveLength(3)
  })
  it('are of a half-round along its curve and its straight edge, of discs across (reckoned by hand)', () => {
    const checksOf = (kind: 'half-round' | 'discs') =>
      linesOf(
        bookletFor(tote({ parts: [baseAs(kind), plain({ rounds: 6 })] })).paper.blocks,
      ).flatMap(({ after }) => after)
    // 21 stitches of 5 mm along the curve; 7 rows of 5 mm on either side of the middle.
    const [half, , cup] = checksOf('half-round')
    expect(half).toMatch(
      /^After row 7: 21 stitches, 10\.5 cm \(.*\) along its curve, 7\.0 cm \(.*\) along its straight edge\. It lies flat/,
    )
    expect(cup).toMatch(/along its straight edge\.$/)
    // 48 × 5 mm around are 76.4 mm across; the strip between them is a piece like any: 12 stitches of 5 mm wide.
    const discs = checksOf('discs')
    expect(discs[1]).toMatch(/^After round 8: 48 stitches, 7\.6 cm \(.*\) across\. It lies flat/)
    expect(discs.at(-1)).toMatch(
      /^After row 7: 12 stitches, 6\.0 cm \(.*\) wide, 3\.5 cm \(.*\) tall\.$/,
    )
  })
  it('are not after every few rows', () => {
    const striped = tote({
      parts: [base(), plain({ rounds: 2 }), stripes(), plain({ id: 'x', rounds: 2 }), motif()],
    })
    const found = linesOf(bookletFor(striped).paper.blocks).flatMap(({ after }) => after)
    expect(found.length).toBeLessThan(6)
    const strip = tote({ parts: [baseAs('panel', { count: 8 }), plain({ rounds: 200 })] })
    const few = linesOf(bookletFor(strip).paper.blocks).flatMap(({ after }) => after)
    expect(few.length).toBeLessThanOrEqual(3)
    // A line of 200 rows is parted where one stops.
    const labels = linesOf(bookletFor(strip).paper.blocks).map(({ label }) => label)
    expect(labels).toEqual(['Row 1 (RS)', 'Rows 2–68', 'Rows 69–135', 'Rows 136–201'])
  })
})
