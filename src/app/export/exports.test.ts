import { csvParse } from 'd3'
import { XMLValidator } from 'fast-xml-parser'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Design } from '../../core/design/index.ts'
import { readProject, projectOf } from '../../core/project/index.ts'
import { derive } from '../../core/bag/index.ts'
import { defaultWords } from '../../core/stitch/index.ts'
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
    expect(offered(tote())).toEqual(exports.map(({ id }) => id))
  })

  it('give a file a name that any file system takes', () => {
    expect(fileName('Beater tote')).toBe('beater-tote')
    expect(fileName('Größe: 12/14 "neu"')).toBe('gro-e-12-14-neu')
    expect(fileName('🧶')).toBe('bag')
    expect(fileName('../../etc')).toBe('etc')
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
