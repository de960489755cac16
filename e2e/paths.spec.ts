import { accessible, expect, go, openBag, openDemo, part, test, undo, word } from './bag.ts'

/* How the yarns are led: seen, planned, and led otherwise in one gap. */

test('plans stand side by side, one is taken, and undone', async ({ page }) => {
  await openDemo(page, 'Yarns')
  await page.getByText('Paths', { exact: true }).click()
  const plans = page.getByRole('group', { name: 'Plans' })
  // Today 16 ends; four yarns take eight at least, of each a beginning and an end.
  await expect(plans).toContainText('As it stands')
  await expect(plans.getByText('16 ends', { exact: false }).first()).toBeVisible()
  await expect(plans.getByRole('button', { name: /^Fewest ends 8 ends/ })).toBeVisible()
  await accessible(page)
  await plans.getByRole('button', { name: /^Fewest ends/ }).click()
  await expect(page.locator('.tally')).toContainText('8')
  await expect(plans.locator('.now')).toContainText('8 ends')
  await undo(page)
  await expect(plans.locator('.now')).toContainText('16 ends')
})

test('a gap is led otherwise, in the diagram and by words, and the pattern follows', async ({
  page,
}) => {
  await openBag(page, 'Music-stand bag', 'Yarns')
  await page.getByText('Paths', { exact: true }).click()
  await page.getByText('As a table', { exact: true }).click()
  await page
    .getByRole('button', { name: /^Page white, rounds .*: trailed/ })
    .first()
    .click()
  const card = page.locator('.gap-card')
  await expect(card.getByRole('button', { pressed: true })).toHaveCount(1)
  await card.getByRole('button', { name: /^Cut, join anew/ }).click()
  await expect(card.getByRole('button', { name: /^Cut, join anew/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await expect(page.locator('.paths-table')).toContainText('cut, and joined anew')
  await accessible(page)
  await card.getByRole('button', { name: 'As for the rest of the bag' }).click()
  await word(page, 'between')
  await page.getByText('Cut', { exact: true }).click()
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(/Cut [AB]\./)
})

test('a band is led otherwise, what cannot be says why, and every row is said in words', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  await page.getByText('Paths', { exact: true }).click()
  await word(page, 'scope')
  await page.getByRole('combobox', { name: 'In which band' }).press('Enter')
  await page.getByRole('option', { name: 'Diamonds' }).click()
  await page.keyboard.press('Escape')
  await word(page, 'within')
  await page.getByText('Bobbins', { exact: true }).click()
  await expect(page.getByText(/^Bobbins cannot be here/)).toBeVisible()
  await page.getByText('Float', { exact: true }).click()
  await page.keyboard.press('Escape')
  await expect(page.locator('.differs')).toContainText('All yarns in Diamonds: floated behind')
  const row = page.locator('.row-card')
  await row.getByRole('textbox', { name: 'Round' }).fill('33')
  await page.keyboard.press('Tab')
  await expect(row).toContainText(/After stitch \d+ finish in [ABC]/)
  await expect(row).toContainText('Float the yarns not in use loosely behind')
  await accessible(page)
  await page.getByRole('button', { name: 'As the bag: All yarns in Diamonds' }).click()
  await expect(page.locator('.differs')).toHaveCount(0)
})

test('other colours are tried on the whole bag, two yarns are swapped, two made one', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  await page.getByText('Recolour', { exact: true }).click()
  const cards = page.getByRole('group', { name: 'The bag in other colours' })
  await page.getByRole('checkbox', { name: 'Drum blue' }).check()
  await expect(cards.getByRole('button')).not.toHaveCount(0)
  await accessible(page)
  await cards.getByRole('button').first().click()
  await expect(page.locator('.tally')).not.toContainText('Chalk')
  await expect(page.locator('.tally')).toContainText('Drum blue')
  await undo(page)
  await page.getByRole('button', { name: 'Swap everywhere' }).click()
  await expect(page.locator('.tally-yarn').first()).toContainText('Brass')
  await page.getByRole('button', { name: 'A for both' }).click()
  await expect(page.locator('.tally-yarn')).toHaveCount(3)
})

test('rounds of two yarns by turns begin opposite one another, and the pattern says where', async ({
  page,
}) => {
  await openDemo(page)
  await part(page, 'Stripes below').click()
  await word(page, 'stripes')
  await page.getByText('Begin opposite', { exact: true }).click()
  await page.keyboard.press('Escape')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(
    'Join C after stitch 60 of round 27, where round 28 begins.',
  )
})
