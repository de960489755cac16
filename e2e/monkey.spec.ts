import type { Page } from '@playwright/test'
import { expect, fileFrom, go, openDemo, saved, test } from './bag.ts'
import { monkey, seeded, undoAll } from './monkey.ts'

/** The bag as the file it would leave in; what was made of it, which no undo takes back, aside. */
async function file(page: Page): Promise<unknown> {
  await go(page, 'Pattern')
  const { log, ...rest } = JSON.parse((await fileFrom(page, 'Project as JSON')).bytes.toString())
  expect(Array.isArray(log)).toBe(true)
  return rest
}

// What cannot be clicked now will not be later either.
test.use({ actionTimeout: 15_000 })

/* Done in stretches that undo can take back; `MONKEY=3000` for more of them. */
const STRETCH = 90
const stretches = Math.ceil(Number(process.env['MONKEY'] ?? 90) / STRETCH)

test('whatever is done leaves no error, can be read back, and undo leads back to the very file', async ({
  page,
}) => {
  test.setTimeout(60_000 + stretches * 90_000)
  await openDemo(page)
  let before = await file(page)
  let [tried, did] = [0, 0]
  async function stretch(seed: number) {
    const done = await monkey(page, seeded(seed), STRETCH)
    tried += done.tried
    did += done.did
    return done.inBag
  }
  for (let i = 0; i < stretches; i++) {
    if (await stretch(20261126 + i)) {
      await expect(page.locator('.not-drawn')).toHaveCount(0)
      await undoAll(page)
      expect(await file(page)).toEqual(before)
    } else {
      // It has put the bag away: what it was made is stored, and another sitting begins.
      await page
        .getByRole('link', { name: /^Open Beater/ })
        .first()
        .click()
      before = await file(page)
    }
  }
  // What is left of the last one is there when the page is opened again.
  if (await stretch(1)) {
    await saved(page)
    await page.reload()
    await expect(page.locator('.spine-strip .part').first()).toBeVisible()
  }
  // One that does little proves little.
  expect(tried).toBeGreaterThan(STRETCH / 2)
  expect(did / tried).toBeGreaterThan(0.6)
})
