import { readFileSync } from 'node:fs'
import { csvParse } from 'd3'
import { XMLValidator } from 'fast-xml-parser'
import { HtmlValidate } from 'html-validate'
import { getDocument, OPS, type PDFPageProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Design } from '../../core/design/index.ts'
import { readProject, projectOf } from '../../core/project/index.ts'
import { derive, patternSheet } from '../../core/bag/index.ts'
import { defaultWords } from '../../core/stitch/index.ts'
import { itemBegun } from '../../core/testing/items.ts'
import { base, motif, plain, tote } from '../../core/testing/tote.ts'
import type { Choices } from '../../core/booklet/index.ts'
import { choices } from '../../core/testing/booklets.ts'
import type { Outgoing } from './export.ts'
import { exports } from './exports.ts'
import { fileName } from './file-name.ts'
import type { Family, FontShelf } from './fonts.ts'

/* By itself: fonts are read from where they were put together. */

const FONTS = '.cache/fonts'
const fontShelf: FontShelf = {
  table: async () => JSON.parse(readFileSync(`${FONTS}/table.json`, 'utf8')) as Family[],
  file: async (name) => new Uint8Array(readFileSync(`${FONTS}/${name}`)),
}
const stages: string[] = []
const bag = (design: Design, over: Partial<Choices> = {}): Outgoing => ({
  ...projectOf(design),
  derived: derive(projectOf(design)),
  words: defaultWords,
  file: fileName(design.name),
  pictures: new Map(),
  choices: choices(over),
  fontShelf,
  tell: (stage: string) => void stages.push(stage),
})
const made = async (id: string, design: Design, over: Partial<Choices> = {}) =>
  exports.find((one) => one.id === id)!.make(bag(design, over))
const opened = async (content: Blob | string) =>
  getDocument({
    data: new Uint8Array(await (content as Blob).arrayBuffer()),
    useSystemFonts: false,
  }).promise
const textOf = async (content: Blob | string) =>
  typeof content === 'string' ? content : await content.text()
/** The words of a PDF, page by page, as another reader sees them. */
async function pagesOf(content: Blob | string) {
  const pdf = await opened(content)
  return Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const { items } = await (await pdf.getPage(i + 1)).getTextContent()
      return items.map((item) => ('str' in item ? item.str : '')).join(' ')
    }),
  )
}

/** How wide and high each path of a page is, in mm, as another reader has its steps and what they are set with. */
async function pathBoxesMm(page: PDFPageProxy): Promise<[number, number][]> {
  const { fnArray, argsArray } = await page.getOperatorList()
  let now = [1, 0, 0, 1, 0, 0]
  const kept: number[][] = []
  const boxes: [number, number][] = []
  fnArray.forEach((fn, i) => {
    const args = argsArray[i] as unknown[]
    if (fn === OPS.save) kept.push(now)
    if (fn === OPS.restore) now = kept.pop() ?? now
    if (fn === OPS.transform) {
      const [a, b, c, d, e, f] = args as number[]
      const [A, B, C, D, E, F] = now as [number, number, number, number, number, number]
      now = [
        A * a! + C * b!,
        B * a! + D * b!,
        A * c! + C * d!,
        B * c! + D * d!,
        A * e! + C * f! + E,
        B * e! + D * f! + F,
      ]
    }
    if (fn === OPS.constructPath) {
      const [x0, y0, x1, y1] = args[2] as number[]
      const mm = (value: number) => (Math.abs(value) * 25.4) / 72
      boxes.push([mm((x1! - x0!) * now[0]!), mm((y1! - y0!) * now[3]!)])
    }
  })
  return boxes
}

describe('the ways out', () => {
  it('are one of a kind, and those with a chart are offered for bags that have one', () => {
    expect(new Set(exports.map(({ id }) => id)).size).toBe(exports.length)
    const plainBag = tote({ parts: [base(), plain()] })
    const offered = (design: Design) =>
      exports.filter((one) => one.offered(design)).map(({ id }) => id)
    expect(offered(plainBag)).toEqual([
      'booklet-pdf',
      'cards-pdf',
      'booklet-html',
      'booklet-markdown',
      'booklet-text',
      'bag-png',
      'rounds-csv',
      'log-csv',
      'log-markdown',
      'palette',
      'project-json',
    ])
    const lined = tote({ items: [itemBegun('lining')] })
    expect(offered(lined)).toEqual(exports.map(({ id }) => id))
  })

  it('give a file a name that any file system takes', () => {
    expect(fileName('Beater tote')).toBe('beater-tote')
    expect(fileName('Größe: 12/14 "neu"')).toBe('gro-e-12-14-neu')
    expect(fileName('🧶')).toBe('bag')
    expect(fileName('../../etc')).toBe('etc')
  })

  it('has a cutting plan in full size on pages that another reader measures', async () => {
    const lined = tote({
      making: { ...tote().making, working: 'joined' },
      parts: [base({ count: 120 }), plain({ rounds: 40 })],
      items: [itemBegun('lining', { belowMm: 0 })],
    })
    const { files } = await made('cutting-pdf', lined)
    const pdf = await opened(files[0]!.content)
    // The base is 21 cm across with its allowances, over 2 × 1 pages of 18.6 × 27.3 cm; the side 62 × 22.5 cm over 4 × 1; and the first page.
    expect(pdf.numPages).toBe(1 + 2 + 4)
    const page = await pdf.getPage(1)
    const [, , width, height] = page.view
    expect([width! / (72 / 25.4), height! / (72 / 25.4)].map((mm) => Math.round(mm))).toEqual([
      210, 297,
    ])
    // The square on the first page: the sides of its path, as they are set on the page.
    const boxes = await pathBoxesMm(page)
    expect(boxes.some(([w, h]) => Math.abs(w - 50) < 0.05 && Math.abs(h - 50) < 0.05)).toBe(true)
    // The base, drawn whole and cut off by its page: as large as it is.
    const across = 600 / Math.PI + 20
    const shapes = await pathBoxesMm(await pdf.getPage(2))
    expect(shapes.some(([w, h]) => Math.abs(w - across) < 0.2 && Math.abs(h - across) < 0.2)).toBe(
      true,
    )
    const svg = await textOf((await made('cutting-svg', lined)).files[0]!.content)
    expect(XMLValidator.validate(svg)).toBe(true)
    expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm"/)
  })

  it('lead back in: the project is read as the very design', async () => {
    const { files } = await made('project-json', tote())
    expect(files.map(({ name }) => name)).toEqual(['test-tote.json'])
    expect(readProject(await textOf(files[0]!.content))).toEqual({
      ok: true,
      value: projectOf(tote()),
    })
  })

  it('write every round as a line another reader counts', async () => {
    const { files } = await made('rounds-csv', tote())
    const rows = csvParse(await textOf(files[0]!.content))
    expect(rows.map(({ makes }) => Number(makes))).toEqual([
      ...[6, 12, 18, 24, 30, 36, 42, 48],
      ...new Array<number>(8).fill(48),
    ])
  })

  it('draw one chart a charted part', async () => {
    const two = tote({
      parts: [base(), motif({ id: 'a', name: 'Steps' }), motif({ id: 'b', name: 'Stairs' })],
    })
    const { files } = await made('chart-svg', two)
    expect(files.map(({ name }) => name)).toEqual(['test-tote-steps.svg', 'test-tote-stairs.svg'])
    for (const { content } of files) expect(XMLValidator.validate(await textOf(content))).toBe(true)
  })
})

/** What another reader has of a page: its texts with where they begin, and the signs no font has a shape for. */
async function readPage(page: PDFPageProxy) {
  const { items } = await page.getTextContent()
  const { fnArray, argsArray } = await page.getOperatorList()
  let shapeless = 0
  const fonts = new Set<string>()
  fnArray.forEach((fn, i) => {
    const args = argsArray[i] as unknown[]
    if (fn === OPS.setFont) fonts.add(args[0] as string)
    if (fn !== OPS.showText) return
    for (const glyph of args[0] as { originalCharCode?: number }[])
      if (typeof glyph === 'object' && glyph.originalCharCode === 0) shapeless++
  })
  const embedded = [...fonts].map(
    (name) => !(page.commonObjs.get(name) as { missingFile?: boolean }).missingFile,
  )
  return {
    texts: items.flatMap((item) =>
      'str' in item && item.str.trim() ? [{ text: item.str, y: item.transform[5] as number }] : [],
    ),
    shapeless,
    embedded,
  }
}

describe('the PDF, read by another reader', () => {
  const everyPage = async (content: Blob | string) => {
    const pdf = await opened(content)
    return Promise.all(
      Array.from({ length: pdf.numPages }, async (_, i) => readPage(await pdf.getPage(i + 1))),
    )
  }

  it('holds the pattern in words with its fonts within it, and says how far it is while it is made', async () => {
    stages.length = 0
    const { files, notes } = await made('booklet-pdf', tote())
    const pages = await everyPage(files[0]!.content)
    const text = pages.flatMap(({ texts }) => texts.map((one) => one.text)).join(' ')
    for (const words of ['Test tote', 'Drum blue', 'in a magic ring', 'Rounds 14–16', '(48)'])
      expect(text).toContain(words)
    expect(pages.every(({ embedded }) => embedded.length > 0 && embedded.every(Boolean))).toBe(true)
    expect(notes).toEqual([])
    expect(stages.slice(0, 2)).toEqual(['writing every round', 'setting pages'])
    expect(stages.at(-1)).toBe(`page ${pages.length} of ${pages.length}`)
  })

  it('has a shape for every sign of a name, in any script', async () => {
    const name = 'Tote 🧶 太鼓 のばち 북 сумка τσάντα תיק حقيبة ถุง Ñandú'
    const { files, notes } = await made('booklet-pdf', tote({ name }))
    expect(notes).toEqual([])
    const pages = await everyPage(files[0]!.content)
    expect(pages.map(({ shapeless }) => shapeless)).toEqual(pages.map(() => 0))
    const text = pages[0]!.texts.map((one) => one.text).join('')
    for (const word of ['🧶', '太鼓', 'のばち', '북', 'сумка', 'τσάντα', 'ถุง', 'Ñandú'])
      expect(text.replace(/\s/g, '')).toContain(word)
  })

  it('says which signs no font has', async () => {
    const { notes } = await made('booklet-pdf', tote({ name: 'Tote \u{10330}' }))
    expect(notes).toEqual(['No font here has \u{10330}: a box stands for each.'])
  })

  it('has bookmarks for its parts, is tagged, and says its name and its language', async () => {
    const { files } = await made('booklet-pdf', tote())
    const pdf = await opened(files[0]!.content)
    const [root] = await pdf.getOutline()
    const titles = root!.items.map(({ title }) => title)
    expect(root!.title).toBe('Test tote')
    expect(titles).toEqual(expect.arrayContaining(['How to read it', 'The bag', 'Finishing']))
    const { info } = await pdf.getMetadata()
    expect(info).toMatchObject({ Title: 'Test tote', Language: 'en' })
    expect(await pdf.getMarkInfo()).toMatchObject({ Marked: true })
    const tree = await (await pdf.getPage(1)).getStructTree()
    const roles = JSON.stringify(tree)
    for (const role of ['H1', 'Figure', 'LI']) expect(roles).toContain(`"role":"${role}"`)
    expect(roles).toContain('"alt":"The bag from the front"')
  })

  it('never parts a heading from what follows, and has no page of a line or two', async () => {
    const many = tote({
      parts: [
        base(),
        ...Array.from({ length: 14 }, (_, i) =>
          plain({ id: `p${i}`, name: `Part ${i}`, rounds: 2 }),
        ),
      ],
    })
    const { files } = await made('booklet-pdf', many)
    const pages = await everyPage(files[0]!.content)
    expect(pages.length).toBeGreaterThan(2)
    for (const { texts } of pages) {
      const own = texts.filter(({ y }) => y > 40)
      const lowest = own.reduce((low, one) => (one.y < low.y ? one : low))
      expect(lowest.text).not.toMatch(/^Part \d+$/)
      expect(new Set(own.map(({ y }) => Math.round(y))).size).toBeGreaterThan(5)
    }
  })

  it('has cells of 5 mm, and its chart on the page of its heading', async () => {
    const { files } = await made('booklet-pdf', tote())
    const pdf = await opened(files[0]!.content)
    const pages = await everyPage(files[0]!.content)
    const at = pages.findIndex(({ texts }) => texts.some(({ text }) => text === 'Steps'))
    const boxes = await pathBoxesMm(await pdf.getPage(at + 1))
    // The frame of a repeat of 6: 30 mm across.
    expect(boxes.some(([w, h]) => Math.abs(w - 30) < 0.05 && h > 10)).toBe(true)
  })

  it('parts a chart that is wider than a page, with cells of 4 mm and the numbers of the whole', async () => {
    const row = (shift: number) =>
      Array.from({ length: 96 }, (_, i) => 'ABC'[(i * i + shift) % 3]).join('')
    const wide = tote({
      parts: [base({ count: 96 }), motif({ chart: { width: 96, colours: [row(0), row(1)] } })],
    })
    const { files } = await made('booklet-pdf', wide)
    const text = (await pagesOf(files[0]!.content)).join(' ').replace(/\s+/g, ' ')
    // 174.2 mm within the margins, less the numbers at both sides: 37 cells of 4 mm; 96 in three parts that overlap by 2.
    expect(text).toContain('It is in 3 parts')
    expect(text).toContain('Part 1 of 3: stitches 1–34, rows 17–18.')
    expect(text).toContain('Part 3 of 3: stitches 63–96, rows 17–18.')
  })

  it('is in large type, on Letter and with little ink where that is asked', async () => {
    const { files } = await made('booklet-pdf', tote(), {
      large: true,
      paper: 'letter',
      colour: false,
    })
    const pdf = await opened(files[0]!.content)
    const page = await pdf.getPage(1)
    expect(page.view.slice(2).map((pt) => Math.round((pt * 25.4) / 7.2) / 10)).toEqual([
      215.9, 279.4,
    ])
    const { items } = await page.getTextContent()
    const sizes = items.flatMap((item) => ('str' in item && item.str.trim() ? [item.height] : []))
    expect(Math.max(...sizes)).toBeCloseTo(14 * 2.5, 1)
    expect(Math.min(...sizes)).toBeGreaterThan(8)
  })

  it('loses none of the words of long rows', async () => {
    const row = (shift: number) =>
      Array.from({ length: 96 }, (_, i) => 'ABC'[(i * i + shift) % 3]).join('')
    const wide = tote({
      parts: [base({ count: 96 }), motif({ chart: { width: 96, colours: [row(0), row(1)] } })],
    })
    const { pieces } = patternSheet(wide, derive(projectOf(wide)), defaultWords)
    const { files } = await made('booklet-pdf', wide, { shows: 'words' })
    const text = (await pagesOf(files[0]!.content)).join(' ').replace(/\s+/g, '')
    for (const { text: said } of pieces[0]!.sections[1]!.lines)
      expect(text.replace(/\(96\)/g, '')).toContain(said.replace(/\s+/g, ''))
  })
})

describe('round cards', () => {
  it('have every row once with its box, ten lines to a card', async () => {
    const { files } = await made('cards-pdf', tote())
    const text = (await pagesOf(files[0]!.content)).join(' ')
    for (const label of ['Round 1 ', 'Round 8 ', 'Rounds 14–16'])
      expect(text.split(label).length - 1).toBe(1)
    expect(text).toContain('Test tote: Base')
  })
})

describe('the page of the web', () => {
  it('is good HTML by a validator, with names that are text alone', async () => {
    const { files } = await made('booklet-html', tote({ name: '<b>Tote</b> & "friends"' }))
    const html = await textOf(files[0]!.content)
    const report = await new HtmlValidate({
      extends: ['html-validate:standard'],
      rules: { 'no-inline-style': 'off', 'long-title': 'off', 'no-implicit-input-type': 'off' },
    }).validateString(html)
    expect(
      report.results.flatMap(({ messages }) =>
        messages.map((one) => `${one.ruleId} ${one.message}`),
      ),
    ).toEqual([])
    expect(html).not.toContain('<b>Tote</b>')
    expect(html).not.toMatch(/<script|\son\w+=/)
  })
})
