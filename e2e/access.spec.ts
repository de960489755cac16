import { accessible, expect, go, openDemo, test } from './bag.ts'

test('every view is accessible', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Open Beater tote' })).toBeVisible()
  await accessible(page)
  await page.getByRole('button', { name: 'New bag' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.waitForTimeout(400)
  await accessible(page)
  await page.getByRole('button', { name: 'Not now' }).click()
  await openDemo(page)
  for (const place of ['Size', 'Bands', 'Yarns', 'Pattern']) {
    await go(page, place)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.waitForTimeout(300)
    await accessible(page)
  }
})

test('a bag with snags, and an address with nothing, are accessible', async ({ page }) => {
  await openDemo(page, 'Size')
  await page.getByLabel('Last round: more').click()
  await expect(page.locator('.snag.error')).toBeVisible()
  await accessible(page)
  await page.goto('/nothing/here').catch(() => null)
  await expect(
    page.getByRole('heading', { name: 'There is nothing at this address.' }),
  ).toBeVisible()
  await accessible(page)
})

test('at the size of a tablet nothing is out of reach', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  await openDemo(page)
  await expect(page.getByRole('application')).toBeVisible()
  await page.getByRole('button', { name: 'Tally' }).click()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(820)
  await accessible(page)
})
