import { accessible, addBand, expect, go, openBag, part, test, undo, word } from './bag.ts'

const chart = 'application'

test('a picture becomes a mosaic: what cannot be is shown, mended, and written in rows', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  await word(page, 'technique')
  const technique = page.getByRole('radiogroup', { name: 'Technique' })
  await technique.getByText('Overlay').click()
  await expect(page.locator('.part-said')).toContainText('Now 27 rounds instead of 26')
  await expect(page.locator('.part-said')).toContainText('134 cells cannot be as drawn')
  await page.keyboard.press('Escape')
  await expect(page.locator('.snags')).toContainText('cannot be worked quite as it is drawn')

  // The reason stands at the cell: the top row is borrowed all along, and has none above it.
  await page.getByRole(chart).focus()
  await page.keyboard.press('Home')
  await page.keyboard.press('PageUp')
  await expect(page.locator('.readout')).toContainText('would be borrowed in the first or last row')
  await expect(page.locator('.readout')).toContainText('It is worked in A')

  // The nearest is shown, left, shown again and taken.
  await page.getByRole('button', { name: 'Make it workable' }).click()
  await expect(page.locator('.chart-says')).toContainText(
    '134 cells would change. No fewer would do.',
  )
  await accessible(page)
  await page.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.locator('.snags')).toContainText('cannot be worked quite as it is drawn')
  // What is painted while it is shown is kept, and ends the showing.
  await page.getByRole('button', { name: 'Make it workable' }).click()
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible()
  await page.getByRole(chart).focus()
  await page.keyboard.press('2')
  for (const key of ['PageDown', 'ArrowUp', ' ']) await page.keyboard.press(key)
  await expect(page.getByRole('button', { name: 'Take it' })).toHaveCount(0)
  await undo(page)
  await page.getByRole('button', { name: 'Make it workable' }).click()
  await page.getByRole('button', { name: 'Take it' }).click()
  await expect(page.locator('.snags')).not.toContainText('cannot be worked quite')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('drop dc')
  await expect(page.locator('.paper')).toContainText('drop double crochet: dc in the front loop')
})

test('drops are put where they are worked, by keyboard; inset goes there and back', async ({
  page,
}) => {
  await openBag(page, 'Drum-stick roll', 'Bands')
  await part(page, 'Keys and sticks').click()
  await expect(page.locator('.snags')).toContainText('Keys and sticks leaves 47 ends.')
  await page.keyboard.press('v')
  await expect(page.locator('.view-bar')).toContainText('As worked')
  await page.getByRole(chart).focus()
  for (const key of ['PageDown', 'Home', 'ArrowUp', 'ArrowUp']) await page.keyboard.press(key)
  const readout = page.locator('.readout')
  await expect(readout).toContainText('Row 34')
  const before = await readout.locator('.runs').textContent()
  await page.keyboard.press(' ')
  await expect(readout.locator('.runs')).not.toHaveText(before!)
  await expect(readout.locator('.runs')).toContainText('drop dc')
  await undo(page)
  await expect(readout.locator('.runs')).toHaveText(before!)
  await accessible(page)

  const tally = page.locator('.tally')
  await expect(tally).toContainText('52 ends')
  await page.getByRole('button', { name: /Work it in inset/ }).click()
  await expect(page.locator('.snags')).not.toContainText('leaves 47 ends')
  await expect(tally).not.toContainText('52 ends')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('long dc')
  await expect(page.locator('.paper')).toContainText(/ch \d, sk \d ch/)
})

test('two other yarns take their turn from a row on', async ({ page }) => {
  await openBag(page, 'March-book satchel', 'Bands')
  await part(page, 'Flap border').click()
  await word(page, 'more')
  await expect(page.locator('.part-said')).toContainText('Over, at most')
  await word(page, 'turns')
  await page.getByLabel('From', { exact: true }).fill('4')
  await page.getByLabel('From', { exact: true }).press('Enter')
  await page.getByRole('combobox', { name: 'Yarn of row 4' }).press('Enter')
  await page.getByRole('option', { name: /C Brass/ }).click()
  await expect(page.locator('.snags')).not.toContainText('cannot be worked quite')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(/with C, .*long dc/)
})

test('puffs and spikes are painted on a ground; what cannot stand there is mended', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  await addBand(page, 'Diamonds', 'Free texture')
  await expect(page.getByRole('radiogroup', { name: 'Stitch to paint with' })).toBeVisible()
  await page.getByRole(chart).focus()
  const press = async (...keys: readonly string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  // Two puffs side by side: the second finds no room. A spike of one beside them.
  await press('PageDown', 'Home', 'ArrowRight', ' ', 'ArrowRight', ' ')
  await expect(page.locator('.readout')).toContainText('leaves no room for it')
  await expect(page.locator('.snags')).toContainText('Relief has 1 stitch that cannot stand there.')
  await press('8', 'ArrowRight', 'ArrowRight', ' ')
  await accessible(page)
  await page.getByRole('button', { name: /The nearest that can be/ }).click()
  await expect(page.locator('.snags')).not.toContainText('cannot stand there')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('[7 sc, 1 spike, 2 sc, 1 puff, 1 sc] × 10')
})
