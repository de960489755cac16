import { csvParse } from 'd3'
import { XMLValidator } from 'fast-xml-parser'
import { getDocument, OPS, type PDFPageProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Design } from '../../core/design/index.ts'
import { readProject, projectOf } from '../../core/project/index.ts'
import { derive } from '../../core/bag/index.ts'
import { defaultWords } from '../../core/stitch/index.ts'
import { itemBegun } from '../../core/testing/items.ts'
import { base, motif, plain, tote } from '../../core/testing/tote.ts'
import { exports } from './exports.ts'
import { fileName } from './file-name.ts'

/* By itself: the PDF maker finds its fonts where it was installed. */

const stages: string[] = []
const bag = (design: Design) => ({
  ...projectOf(design),
  derived: derive(projectOf(design)),
  words: defaultWords,
  file: fileName(design.name),
  portrait: null,
  tell: (stage: string) => void stages.push(stage),
})
const made = async (id: string, design: Design) =>
  exports.find((one) => one.id === id)!.make(bag(design))
const textOf = async (content: Blob | string) =>
  typeof content === 'string' ? content : await content.text()
/** The words of a PDF, page by page, as another reader sees them. */
async function pagesOf(content: Blob | string) {
  const data = new Uint8Array(await (content as Blob).arrayBuffer())
  const pdf = await getDocument({ data, useSystemFonts: false }).promise
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
      'pattern-pdf',
      'bag-png',
      'rounds-csv',
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
    const data = new Uint8Array(await (files[0]!.content as Blob).arrayBuffer())
    const pdf = await getDocument({ data, useSystemFonts: false }).promise
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

describe('the PDF', () => {
  it('holds the pattern in words, and says how far it is while it is made', async () => {
    stages.length = 0
    const { files, notes } = await made('pattern-pdf', tote())
    const text = (await pagesOf(files[0]!.content)).join(' ')
    for (const words of ['Test tote', 'Drum blue', 'in a magic ring', 'Rounds 14–16', '(48)'])
      expect(text).toContain(words)
    expect(notes).toEqual([])
    expect(stages).toEqual(['writing every round', 'setting pages'])
  })

  it('says which characters its font does not have, and puts a ? for each', async () => {
    const { files, notes } = await made('pattern-pdf', tote({ name: 'Tote 🧶 太' }))
    expect(notes).toHaveLength(1)
    expect(notes![0]).toContain('🧶 太')
    expect((await pagesOf(files[0]!.content))[0]).toContain('Tote ? ?')
  })

  it('breaks long rows where the page ends, and loses none of their words', async () => {
    const row = (shift: number) =>
      Array.from({ length: 96 }, (_, i) => 'ABC'[(i * i + shift) % 3]).join('')
    const wide = tote({
      parts: [base({ count: 96 }), motif({ chart: { width: 96, colours: [row(0), row(1)] } })],
    })
    const { pieces } = (await import('../../core/bag/index.ts')).patternSheet(
      wide,
      derive(projectOf(wide)),
      defaultWords,
    )
    const { files } = await made('pattern-pdf', wide)
    const text = (await pagesOf(files[0]!.content)).join(' ').replace(/\s+/g, '')
    for (const { text: said } of pieces[0]!.sections[1]!.lines)
      expect(text).toContain(said.replace(/\s+/g, ''))
  })
})
