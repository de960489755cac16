import { accessible, enter, expect, figure, go, openDemo, test, undo } from './bag.ts'

test('an oval base is fitted by mouse and by keyboard', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Open Raffle bag' }).click()
  await go(page, 'Size')
  await expect(page.locator('.base-card')).toContainText('10 rounds, 124 stitches')
  await expect(page.locator('.base-card')).toContainText('28.9 × 10.5 cm')
  await accessible(page)

  // By keyboard: a longer chain, and a count that does not fit below round 1 is said at its field.
  await enter(page, 'Chain', '40')
  await expect(page.locator('.base-card')).toContainText('8 rounds, 124 stitches')
  await enter(page, 'Last round', '60')
  await expect(page.getByRole('alert')).toContainText('too small')
  await page.getByLabel('Last round', { exact: true }).press('Escape')
  await undo(page)

  // By mouse: another count from the table.
  await page.locator('.fit-card').getByRole('button', { name: 'Use 125' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('125')
  await expect(page.locator('.fit-card')).toContainText('11 base rounds of + 6, + 1 in the last')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('3 sc in last ch, on the other side 32 sc')
})

test('a base of another kind takes the place of the round one, and undo brings it back', async ({
  page,
}) => {
  await openDemo(page, 'Size')
  await page.getByText('Corners', { exact: true }).click()
  await expect(page.locator('.base-card')).toContainText('9 rounds, 120 stitches')
  await expect(page.getByLabel('Chain', { exact: true })).toHaveValue('30')
  await page.getByText('Oval', { exact: true }).click()
  await expect(page.getByLabel('In each end', { exact: true })).toHaveValue('3')
  await expect(figure(page, 'stitches around')).toHaveText('120')
  await undo(page)
  await undo(page)
  await expect(page.locator('.base-card')).toContainText('20 rounds, 120 stitches')
})

test('the gauge is taken from the base once it is made', async ({ page }) => {
  await openDemo(page, 'Size')
  await page.getByRole('button', { name: 'Or take it from the base' }).click()
  await page.getByLabel('Across', { exact: true }).fill('18.2 cm')
  await page.getByLabel('Across', { exact: true }).press('Enter')
  await expect(page.getByText('21 stitches and 22 rounds over')).toBeVisible()
  await page.getByRole('button', { name: 'Take this gauge' }).click()
  await expect(page.getByLabel('Stitches', { exact: true }).first()).toHaveValue('20.99 over 10 cm')
  await expect(figure(page, 'around')).toHaveText('57.2 cm')
  await undo(page)
  await expect(figure(page, 'around')).toHaveText('60.0 cm')
})
