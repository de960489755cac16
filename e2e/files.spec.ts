import { csvParse, csvParseRows } from 'd3'
import { XMLValidator } from 'fast-xml-parser'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { PNG } from 'pngjs'
import { expect, fileFrom, openDemo, test } from './bag.ts'

/* What goes out is opened by readers that have nothing to do with this program. */

test('the PDF holds the whole pattern, with its fonts', async ({ page }) => {
  await openDemo(page, 'Pattern')
  const { name, bytes } = await fileFrom(page, 'PDF')
  expect(name).toBe('beater-tote.pdf')
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false }).promise
  const pages = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const { items } = await (await pdf.getPage(i + 1)).getTextContent()
      return items.map((item) => ('str' in item ? item.str : '')).join('')
    }),
  )
  const text = pages.join(' ')
  for (const words of [
    'Beater tote',
    'Drum blue',
    'in a magic ring',
    'Rounds 21–25',
    'Round 76',
    '(194)',
  ])
    expect(text).toContain(words)
  expect(bytes.toString('latin1')).toContain('/FontFile2')
  expect((await pdf.getMetadata()).info).toMatchObject({ Title: 'Beater tote' })
})

test('chart, rounds and project are read by other readers', async ({ page }) => {
  await openDemo(page, 'Pattern')
  const svg = await fileFrom(page, 'Chart as SVG')
  expect(svg.name).toBe('beater-tote-diamonds.svg')
  expect(XMLValidator.validate(svg.bytes.toString())).toBe(true)

  const png = PNG.sync.read((await fileFrom(page, 'Chart as PNG')).bytes)
  const pixel = (x: number, y: number) => [
    ...png.data.subarray(4 * (y * png.width + x), 4 * (y * png.width + x) + 3),
  ]
  // The lowest row is all brass: its left cell begins 46 units in and 14 down, at twice the size.
  const [width, height] = [24 * 32, Math.round(26 * 32 * (20 / 22))]
  expect(png.width).toBe(width + 2 * 92)
  expect(pixel(92 + 5, 28 + height - 4)).toEqual([0xd3, 0x9a, 0x2d])
  expect(pixel(92 + 5, 28 + height - 100)).toEqual([0x22, 0x40, 0x6b])

  // A pixel a stitch, and a letter: the lowest row comes last.
  const stitches = PNG.sync.read((await fileFrom(page, 'Stitches as PNG')).bytes)
  expect([stitches.width, stitches.height]).toEqual([24, 26])
  expect([...stitches.data.subarray(4 * 24 * 25, 4 * 24 * 25 + 3)]).toEqual([0xd3, 0x9a, 0x2d])
  const letters = csvParseRows((await fileFrom(page, 'Stitches as CSV')).bytes.toString())
  expect([letters.length, letters[25]!.join('')]).toEqual([26, 'B'.repeat(24)])

  const rounds = csvParse((await fileFrom(page, 'Rounds as CSV')).bytes.toString())
  expect(rounds).toHaveLength(80)
  expect(rounds[19]).toMatchObject({ round: '20', part: 'Base', uses: '114', makes: '120' })

  const project = JSON.parse((await fileFrom(page, 'Project as JSON')).bytes.toString())
  expect(project).toMatchObject({ format: 'ample-motif-project', version: 18 })
})
