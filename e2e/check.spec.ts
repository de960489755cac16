import { accessible, expect, figure, test } from './bag.ts'

const stranger = `Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc in each st around (12)
Rnd 3: *sc in next st, inc in next st; rep from * around (18)
Rnd 4: [2 sc, inc] × 6 (24)
Rnds 5–9: sc in each st around (24)`

test('a stranger’s pattern with a planted fault is pasted, and the fault is plain within a second', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Check', exact: true }).click()
  const text = page.getByLabel('The written pattern')
  await text.fill(stranger)
  await expect(page.getByRole('heading', { name: 'All 9 rows add up.' })).toBeVisible()
  await text.fill(stranger.replace('× 6 (24)', '× 7 (24)'))
  await expect(page.locator('.check-row.off')).toContainText('It runs out here', { timeout: 1000 })
  await expect(page.locator('.check-row .fault.error').first()).toBeVisible()
  await page.getByRole('button', { name: 'Round 4' }).click()
  await expect(text).toBeFocused()
  await accessible(page)
})

test('the example says each fault, counts through a row, and keeps the text', async ({ page }) => {
  await page.goto('/check')
  await page.getByRole('button', { name: 'Try the example' }).click()
  await expect(page.getByRole('heading', { name: '2 of 12 rows do not add up.' })).toBeVisible()
  await expect(page.getByText('It makes 40, not 42')).toBeVisible()
  await page.getByRole('slider', { name: /Round 3/ }).fill('5')
  await expect(page.getByText('after 5 of 8 repeats: 10 done, 6 left')).toBeVisible()
  await page.getByText('Only what is wrong').click()
  await expect(page.locator('.check-row')).toHaveCount(2)
  await page.waitForTimeout(300)
  await page.reload()
  await expect(page.getByLabel('The written pattern')).toHaveValue(/^Raffle purse/)
  // A pattern that says nothing of its terms is taken as US; a UK word in it is pointed out.
  await page.getByLabel('The written pattern').fill('Rnd 1: 6 htr in magic ring (6)')
  await page.getByText('US', { exact: true }).click()
  await expect(page.locator('.whole')).toContainText('“htr” is a UK word')
})

test('what cannot be read is said, and reading goes on; what counts through becomes a bag', async ({
  page,
}) => {
  await page.goto('/check')
  const text = page.getByLabel('The written pattern')
  await text.fill(`${stranger}\nRnd 10: wobble gently, sc in each st around (24)`)
  await expect(page.locator('.check-row.off')).toContainText('“wobble gently” could not be read')
  await page.getByRole('button', { name: 'Make a bag of it' }).click()
  await expect(page.getByRole('alert')).toContainText('Line 6 does not count through yet')
  await text.fill(`Little purse\n${stranger}`)
  await expect(page.getByRole('heading', { name: 'All 9 rows add up.' })).toBeVisible()
  await page.getByRole('button', { name: 'Make a bag of it' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('24')
  await expect(page.locator('.part-list')).toContainText('4 rounds')
})
