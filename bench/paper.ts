import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import PDFDocument from 'pdfkit'
import { derive } from '@core/bag'
import { bookletOf, type Choices, sizeOf } from '@core/booklet'
import type { Design } from '@core/design'
import { pagesOf, rulerOf, textsOf } from '@core/paper'
import { projectOf } from '@core/project'
import { defaultWords } from '@core/stitch'
import { type Family, fontsFor, type FontShelf } from '../src/app/export/fonts.ts'
import { pdfOf } from '../src/app/export/paper-pdf.ts'

/* A booklet of about 200 pages: how long it takes beside the PDF maker's own time for as many pages of bare text. */

const choices: Choices = {
  ...{ shows: 'words', ticks: 'rows', large: false, colour: true, paper: 'a4', changes: false },
  piece: null,
}
const shelf: FontShelf = {
  table: async () => JSON.parse(readFileSync('.cache/fonts/table.json', 'utf8')) as Family[],
  file: async (name) => new Uint8Array(readFileSync(`.cache/fonts/${name}`)),
}

/** The pages of a bag's booklet as a PDF: how many, and how long that took in ms. */
export async function bookletMs(design: Design): Promise<{ pages: number; ms: number }> {
  const derived = derive(projectOf(design))
  const from = performance.now()
  const paper = bookletOf({ design, derived, words: defaultWords, choices, paged: true })
  const fonts = await fontsFor(textsOf(paper), shelf)
  const pages = pagesOf(paper, {
    ...{ paper: 'a4', size: sizeOf(choices), ruler: rulerOf(fonts.advance) },
  })
  await pdfOf(pages, { title: 'x', fonts, images: new Map() })
  return { pages: pages.length, ms: performance.now() - from }
}

/** So many pages of bare text by the PDF maker alone, in the same font and size, in ms. */
export async function bareTextMs(design: Design, pages: number): Promise<number> {
  const derived = derive(projectOf(design))
  const paper = bookletOf({ design, derived, words: defaultWords, choices, paged: true })
  const fonts = await fontsFor(textsOf(paper), shelf)
  const { font } = fonts.fontOf('a', 'text')
  const rows = paper.blocks.flatMap((block) =>
    block.is === 'work'
      ? block.lines.map(({ label, text, total }) => `${label}: ${text} (${total})`)
      : [],
  )
  const from = performance.now()
  const doc = new PDFDocument({ size: 'A4', margin: 48 })
  let made = 1
  doc.on('pageAdded', () => made++)
  doc.on('data', () => {})
  doc.font(font as never).fontSize(10)
  for (let i = 0; made < pages; i++) doc.text(rows[i % rows.length]!)
  doc.end()
  await new Promise((done) => doc.on('end', done))
  return performance.now() - from
}

/** While a PDF is made in the page: the longest time without a word of how far it is, and the longest pause of the page, in ms. */
export async function whileMade(page: Page): Promise<{ quietMs: number; pauseMs: number }> {
  await page.evaluate(() => {
    const seen = { last: performance.now(), quiet: 0, pause: 0, frame: performance.now(), on: true }
    Object.assign(globalThis, { seen })
    new MutationObserver(() => {
      const now = performance.now()
      seen.quiet = Math.max(seen.quiet, now - seen.last)
      seen.last = now
    }).observe(document.querySelector('.outputs')!, {
      ...{ subtree: true, childList: true, characterData: true },
    })
    const tick = () => {
      const now = performance.now()
      seen.pause = Math.max(seen.pause, now - seen.frame)
      seen.frame = now
      if (seen.on) setTimeout(tick, 0)
    }
    tick()
  })
  const download = page.waitForEvent('download', { timeout: 300_000 })
  await page.getByRole('button', { name: /^PDF/ }).click()
  await download
  return page.evaluate(() => {
    const { seen } = globalThis as unknown as {
      seen: { quiet: number; pause: number; on: boolean }
    }
    seen.on = false
    return { quietMs: seen.quiet, pauseMs: seen.pause }
  })
}
