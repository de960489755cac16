import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Page } from '@playwright/test'
import { accessible, expect, fileFrom, openBag, openDemo, test, undo } from './bag.ts'

/* The pattern on its pages, how it is printed, and what goes out of it. */

const paper = (page: Page) => page.getByLabel('The written pattern')
const sheets = (page: Page) => page.locator('.sheet')
const drawnSheets = (page: Page) => page.locator('.sheet svg')
/** All pages are drawn. */
async function allDrawn(page: Page): Promise<number> {
  await expect(drawnSheets(page).first()).toBeVisible()
  await expect
    .poll(async () => (await sheets(page).count()) - (await drawnSheets(page).count()))
    .toBe(0)
  return sheets(page).count()
}
const words = (text: string) => text.replace(/\s+/g, '')
const choose = (page: Page, name: string) =>
  page.locator('.print-choices').getByText(name, { exact: true }).click()

test('the pages that are seen are the very pages of the PDF', async ({ page }) => {
  await openDemo(page, 'Pattern')
  await allDrawn(page)
  await accessible(page)
  // In lines alone: in a browser without light there are no pictures on the screen.
  await page.getByLabel('In colour').uncheck()
  await expect(page.locator('.sheet image')).toHaveCount(0)
  await expect(paper(page)).toContainText('The bag from the back')
  const many = await allDrawn(page)
  const { name, bytes } = await fileFrom(page, 'PDF')
  expect(name).toBe('beater-tote.pdf')
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false }).promise
  expect(pdf.numPages).toBe(many)
  for (let i = 0; i < many; i++) {
    const { items } = await (await pdf.getPage(i + 1)).getTextContent()
    const printed = words(items.map((item) => ('str' in item ? item.str : '')).join(''))
    const seen = words((await drawnSheets(page).nth(i).locator('text').allTextContents()).join(''))
    expect(printed).toBe(seen)
  }
})

test('it is printed as one chooses, and stays so for other bags', async ({ page }) => {
  await openDemo(page, 'Pattern')
  await allDrawn(page)
  await expect(paper(page)).toContainText('[11 sc A, 2 sc B, 11 sc A] × 5')
  await choose(page, 'Charts')
  await expect(paper(page)).toContainText('as the chart has it')
  await expect(paper(page)).not.toContainText('[11 sc A, 2 sc B, 11 sc A] × 5')
  await choose(page, 'Words')
  await expect(page.getByRole('img', { name: /^Chart of/ })).toHaveCount(0)
  await choose(page, 'Letter')
  await expect
    .poll(async () => {
      const box = (await sheets(page).first().boundingBox())!
      return Math.round((100 * box.height) / box.width)
    })
    // 279.4 to 215.9 mm.
    .toBe(129)
  const before = await sheets(page).count()
  await page.getByLabel('Large type').check()
  await expect.poll(() => sheets(page).count()).toBeGreaterThan(before)
  await page.getByLabel('List of all changes').check()
  await expect(paper(page)).toContainText('Changes of yarn')
  await openBag(page, 'Mute pouch', 'Pattern')
  await expect(page.getByLabel('Large type')).toBeChecked()
  await expect(paper(page)).toContainText('Round 36')
  await accessible(page)
})

test('a note of one’s own stands at the beginning, and can be taken back', async ({ page }) => {
  await openDemo(page, 'Pattern')
  await page.getByLabel('A note at the beginning').fill('Mind the drummer’s cat.')
  await page.getByLabel('A note at the beginning').blur()
  await expect(paper(page)).toContainText('Mind the drummer’s cat.')
  await undo(page)
  await expect(paper(page)).not.toContainText('cat.')
  await expect(page.getByLabel('A note at the beginning')).toHaveValue(/^Made for drum beaters/)
})

test('one piece is printed alone', async ({ page }) => {
  await openBag(page, 'March-book satchel', 'Pattern')
  await allDrawn(page)
  await expect(paper(page)).toContainText('Finishing')
  await page.locator('.print-choices select').selectOption({ label: 'Strap alone' })
  await expect(paper(page)).not.toContainText('Finishing')
  await expect(paper(page)).toContainText('Rows 2–')
})

test('as one text it is read by who hears it, and goes out as a page that needs nothing', async ({
  page,
}) => {
  await openDemo(page, 'Pattern')
  await page.getByText('One text', { exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Diamonds' })).toBeVisible()
  await accessible(page)
  const html = (await fileFrom(page, 'Web page')).bytes.toString()
  const markdown = (await fileFrom(page, 'Markdown')).bytes.toString()
  expect(markdown).toContain('- [ ] **Round 2:** 2 sc in each st around (12)')
  const text = (await fileFrom(page, 'Plain text')).bytes.toString()
  expect(text).toContain('\nRound 2: 2 sc in each st around (12)\n')
  const { name } = await fileFrom(page, 'Round cards')
  expect(name).toBe('beater-tote-cards.pdf')
  // As a page of its own, without a line of script.
  const alone = await page.context().newPage()
  await alone.setContent(html)
  await alone.getByLabel('Round 2 done').check()
  await expect(alone.getByLabel('Round 2 done')).toBeChecked()
  expect(await alone.locator('script').count()).toBe(0)
  await accessible(alone)
})

test('on a phone it is one text at first', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 })
  await openDemo(page, 'Pattern')
  await expect(page.getByRole('heading', { name: 'Diamonds' })).toBeVisible()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  await page.getByText('Pages', { exact: true }).click()
  await expect(drawnSheets(page).first()).toBeVisible()
})
