import { execFileSync } from 'node:child_process'
import { expect, go, openBag, test } from './bag.ts'

/* All of them with `EVERY=all`. */
const AT_ONCE = 20
const bags = () =>
  JSON.parse(
    execFileSync(
      process.execPath,
      ['--import', 'tsx', 'e2e/print-bags.ts', process.env['EVERY'] ?? ''],
      { encoding: 'utf8', maxBuffer: 1e9 },
    ),
  ) as { name: string; file: string }[]

test('a bag of every construction and beginning, with every kind of band, opens in every view', async ({
  page,
}) => {
  const all = bags()
  expect(all.length).toBeGreaterThan(15)
  test.setTimeout(120_000 + all.length * 20_000)
  await page.goto('/')
  await expect(page.locator('.bag-card').first()).toBeVisible()
  const names = new Set(all.map(({ name }) => name))
  for (let at = 0; at < all.length; at += AT_ONCE) {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Import a bag' }).click()
    await (
      await choosing
    ).setFiles(
      all.slice(at, at + AT_ONCE).map(({ name, file }) => ({
        name: `${name}.json`,
        mimeType: 'application/json',
        buffer: Buffer.from(file),
      })),
    )
    for (const { name } of all.slice(at, at + AT_ONCE))
      await expect(page.getByRole('link', { name: `Open ${name}`, exact: true })).toBeVisible()
  }
  for (const name of names) {
    await page.getByRole('link', { name: `Open ${name}`, exact: true }).click()
    for (const place of ['Bands', 'Size', 'Yarns', 'Pattern']) {
      await go(page, place)
      await expect(page.getByRole('heading', { level: 1 }), `${name}, ${place}`).toBeVisible()
      await expect(page.locator('.not-drawn'), `${name}, ${place}`).toHaveCount(0)
      if (place !== 'Bands') continue
      for (const at of [0, 1]) {
        await page.locator('.part-list .name').nth(at).click()
        const rounds = page.locator('[data-word="rounds"]')
        if (await rounds.isVisible()) {
          await rounds.click()
          await page.getByRole('button', { name: /^(?:R\w+s|In all): more$/ }).click()
          await page.keyboard.press('Escape')
        }
        await expect(page.locator('.not-drawn'), `${name}, its band`).toHaveCount(0)
      }
    }
    await page.getByRole('link', { name: 'Ample Motif' }).click()
  }
})

// Half of these are what a page is like at 200 % zoom.
const sizes = [
  [1280, 800],
  [1280, 560],
  [1000, 800],
  [1000, 600],
  [820, 1180],
  [640, 400],
  [390, 844],
  [320, 640],
] as const

test('counts that fit can be taken at every size of the window', async ({ page }) => {
  await openBag(page, 'Raffle bag', 'Size')
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height })
    const other = page.locator('.fit-card tbody tr:not(.on)').first()
    const count = (await other.locator('td').first().innerText()).split('\n')[0]!
    await other.getByRole('button', { name: 'Use' }).click()
    await expect(page.locator('.fit-card tr.on td').first(), `${width} × ${height}`).toContainText(
      count,
    )
  }
})
