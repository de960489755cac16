import type { Page } from '@playwright/test'
import { accessible, expect, go, openDemo, test, word } from './bag.ts'

const sizes = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const

/** Nothing lies beside the page, where nobody finds it. */
const withinPage = async (page: Page, width: number) =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)

for (const viewport of sizes)
  test.describe(`at ${viewport.width} × ${viewport.height}`, () => {
    test.use({ viewport })

    test('every place of a bag is accessible and within the page', async ({ page }) => {
      await openDemo(page)
      for (const place of ['Size', 'Bands', 'Yarns', 'Pattern', 'Make']) {
        await go(page, place)
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
        await accessible(page)
        await withinPage(page, viewport.width)
      }
      for (const name of ['Undo', 'Redo', 'Tally', 'Find an action', /^Words and units/])
        await expect(page.getByRole('button', { name, exact: true })).toBeInViewport({ ratio: 1 })
      if (viewport.width > 1000) return
      await go(page, 'Pattern')
      await page.getByRole('button', { name: 'Tally' }).click()
      await expect(page.getByRole('complementary', { name: 'Tally' })).toBeVisible()
      await accessible(page)
      await withinPage(page, viewport.width)
    })

    test('every place outside of bags is accessible and within the page', async ({ page }) => {
      await page.goto('/')
      await expect(page.getByRole('link', { name: 'Open Beater tote' })).toBeVisible()
      await accessible(page)
      await withinPage(page, viewport.width)
      await page.getByRole('button', { name: 'New bag' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
      await accessible(page)
      await page.goto('/stitches')
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await accessible(page)
      await withinPage(page, viewport.width)
      await page.goto('/check')
      await page.getByRole('button', { name: 'Try the example' }).click()
      await expect(page.locator('.check-row').first()).toBeVisible()
      await accessible(page)
      await withinPage(page, viewport.width)
    })
  })

test('a bag with snags, and an address with nothing, are accessible', async ({ page }) => {
  await openDemo(page, 'Size')
  await word(page, 'base')
  await page.getByLabel('Last round: more').click()
  await expect(page.locator('.snag.error')).toBeVisible()
  await accessible(page)
  await page.goto('/nothing/here').catch(() => null)
  await expect(
    page.getByRole('heading', { name: 'There is nothing at this address.' }),
  ).toBeVisible()
  await accessible(page)
})

test('Escape closes one thing at a time, and the focus goes back to its button', async ({
  page,
}) => {
  await openDemo(page, 'Size')
  const button = page.locator('[data-word=working]')
  await button.focus()
  await page.keyboard.press('Enter')
  const fields = page.locator('.working-fields')
  await expect(fields).toBeVisible()
  // What has opened is next in the order of tabs.
  await page.keyboard.press('Tab')
  expect(
    await page.evaluate(() => document.activeElement!.closest('.working-fields') !== null),
  ).toBe(true)
  await fields.locator('.el-select').first().click()
  await expect(page.getByRole('listbox').locator('visible=true')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('listbox').locator('visible=true')).toHaveCount(0)
  await expect(fields).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(fields).toHaveCount(0)
  await expect(button).toBeFocused()

  await word(page, 'gauge')
  await page.getByRole('button', { name: 'All 2 swatches' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toBeVisible()
  const field = dialog.getByRole('textbox').first()
  const before = await field.inputValue()
  await field.fill('7')
  await field.press('Escape')
  await expect(field).toHaveValue(before)
  await expect(dialog).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()

  // A list in a dialog is closed first, and does not keep the key to itself.
  await word(page, 'gauge')
  await page.getByRole('button', { name: 'All 2 swatches' }).click()
  await dialog.locator('.el-select').first().click()
  await expect(page.getByRole('listbox').locator('visible=true')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('listbox').locator('visible=true')).toHaveCount(0)
  await expect(dialog).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()
})

test('every drag is given up by Escape, and when the pointer is lost', async ({ page }) => {
  await openDemo(page)
  const edge = page.locator('.spine-strip .edge').first()
  const box = (await edge.boundingBox())!
  const dragUp = async () => {
    await page.mouse.move(box.x + 8, box.y + 4)
    await page.mouse.down()
    await page.mouse.move(box.x + 8, box.y - 60, { steps: 4 })
    await expect(figure(page)).not.toHaveText('27.3 cm')
  }
  await dragUp()
  await page.keyboard.press('Escape')
  await expect(figure(page)).toHaveText('27.3 cm')
  await page.mouse.up()
  await dragUp()
  await edge.dispatchEvent('pointercancel', { pointerId: 1 })
  await expect(figure(page)).toHaveText('27.3 cm')
  await page.mouse.up()
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled()
})
const figure = (page: Page) =>
  page
    .locator('.fig')
    .filter({ has: page.getByText('tall', { exact: true }) })
    .locator('b')

test.describe('in colours of the system', () => {
  test('what is chosen and what a yarn is can be told', async ({ page }) => {
    await page.emulateMedia({ forcedColors: 'active' })
    await openDemo(page)
    const look = (selector: string) =>
      page
        .locator(selector)
        .first()
        .evaluate((element) => getComputedStyle(element).backgroundColor)
    const dots = await page
      .locator('.part-list .yarn-dot')
      .evaluateAll((all) => new Set(all.map((one) => getComputedStyle(one).backgroundColor)).size)
    expect(dots).toBeGreaterThanOrEqual(4)
    expect(await look('.tool-button[aria-pressed="true"]')).not.toBe(
      await look('.tool-button[aria-pressed="false"]'),
    )
    await go(page, 'Size')
    expect(await look('.choice input:checked + span')).not.toBe(
      await look('.choice input:not(:checked) + span'),
    )
  })
})
