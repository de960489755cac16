import { accessible, expect, fileFrom, go, openDemo, saved, test, undo } from './bag.ts'

/* How much of each yarn: what there is, what it takes and why, what to buy; and whether it lasts, weighed on the way. */

test('a figure opens to its sum, lots are said, and what is to be bought follows', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  await page.getByRole('button', { name: /^Brass in Diamonds: / }).click()
  const sum = page.locator('.sum-card')
  // The ledger's 820 sc of Brass in the diamonds.
  await expect(sum).toContainText('820 sc')
  await expect(sum).toContainText('carried inside other stitches')
  await sum.getByText('Row by row').click()
  await expect(sum.locator('li').first()).toContainText('round 32')
  await accessible(page)

  await page.locator('[data-word="hand-Brass"]').click()
  await page.getByRole('textbox', { name: 'In hand of Brass' }).fill('20 g')
  await page.getByRole('textbox', { name: 'Dye lot 1 of Brass' }).fill('12')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-word="hand-Brass"]')).toHaveText('20 g')
  const buy = page.locator('[data-word="buy-Brass"]')
  await expect(buy).toHaveText('1 ball of lot 12')
  await page.locator('[data-word="ball-Brass"]').click()
  await page.getByRole('textbox', { name: 'Price a ball of Brass' }).fill('4.25')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Escape')
  await buy.click()
  await expect(page.getByText('Price: 4.25.')).toBeVisible()
})

test('stitches are measured, and scale all others', async ({ page }) => {
  await openDemo(page, 'Yarns')
  const rests = page.locator('.measured-yarn')
  await rests.getByRole('button', { name: 'Measure stitches' }).click()
  await rests.getByRole('textbox', { name: 'Stitches' }).fill('20')
  await rests.getByRole('textbox', { name: 'Yarn pulled out' }).fill('80')
  await page.keyboard.press('Tab')
  await expect(rests).toContainText('20 sc of A: 80.0 cm unravelled')
  await expect(page.locator('.tally')).toContainText('From unravelled stitches')
  await undo(page)
  await expect(rests).not.toContainText('80.0 cm')
})

test('what is weighed says by when to change course, on the spine too, and stays', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  await page.getByText('Will it last', { exact: true }).click()
  await page.getByRole('textbox', { name: 'After round' }).fill('58')
  await page.getByRole('textbox', { name: 'On the pan' }).fill('20')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Take the reading' }).click()
  await expect(page.getByRole('textbox', { name: 'Left' })).toHaveValue(/^(19|20|21)$/)
  await page.getByRole('button', { name: 'Keep this weighing' }).click()
  const card = page.locator('.lasts-card').first()
  await expect(card).toContainText('It does not last: change course after round')
  await accessible(page)
  await expect(page.locator('.spine-strip .turn').first()).toHaveAttribute(
    'title',
    /^Drum blue does not last/,
  )
  await expect(page.locator('.snags')).toContainText('Drum blue does not last.')
  await saved(page)
  await page.reload()
  await page.getByText('Will it last', { exact: true }).click()
  await expect(page.locator('.weighings')).toContainText('after round 58')
  // Ended where the yarn does it lasts; undone it is as it was.
  await page.getByRole('button', { name: /fewer of Plain above make it last$/ }).click()
  await expect(page.locator('.lasts-card').first()).toContainText('It lasts.')
  await undo(page)
  await page.getByRole('button', { name: /^Take back Drum blue/ }).click()
  await expect(page.locator('.lasts-card')).toHaveCount(0)
})

test('yarns in hand are kept for any bag, set aside for one, and never promised twice', async ({
  page,
}) => {
  await page.goto('/in-hand')
  await page.getByRole('button', { name: 'Yarn', exact: true }).click()
  await page.getByRole('textbox', { name: 'Name of Yarn 1' }).fill('Brass')
  await page.keyboard.press('Tab')
  await page.locator('[data-word="ball-Brass"]').click()
  await page.getByRole('textbox', { name: 'Grams a ball of Brass' }).fill('50')
  await page.getByRole('textbox', { name: 'Metres a ball of Brass' }).fill('125')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Escape')
  await page.locator('[data-word="hand-Brass"]').click()
  await page.getByRole('textbox', { name: 'In hand of Brass' }).fill('1')
  await page.getByRole('textbox', { name: 'Dye lot 1 of Brass' }).fill('77')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Escape')
  await accessible(page)
  const table = (await fileFrom(page, 'Give out a table')).bytes.toString('utf8')
  expect(table).toContain('Brass,')
  expect(table).toContain('77,50')

  await page.getByRole('link', { name: 'Shelf' }).click()
  await page.getByRole('link', { name: 'Open Beater tote' }).click()
  await go(page, 'Yarns')
  await page.locator('[data-word="hand-Brass"]').click()
  await page.getByRole('button', { name: 'Take out lot 1' }).click()
  await page.getByRole('button', { name: /^Brass, lot 77/ }).click()
  // About 30 g are surely needed, of 50.
  await expect(page.getByRole('button', { name: /^Brass, lot 77/ })).toContainText(/(19|20) g free/)
  // No more than there is: what it has, and what is free beside.
  const there = page.getByRole('textbox', { name: 'In hand of Brass' })
  await there.fill('60 g')
  await there.press('Tab')
  await expect(page.getByText('That is too large.')).toBeVisible()
  await there.press('Escape')
  await there.press('Escape')
  await saved(page)
  await page.goto('/in-hand')
  await expect(page.locator('.in-hand')).toContainText('Beater tote 3')
})

test('one ball must do, another yarn in its place, packs, and a yarn that stripes by itself', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  await page.getByRole('button', { name: 'One ball must do' }).click()
  // 184 m of Drum blue do not come from one ball of 125 m: the bag gets smaller.
  await expect(page.locator('.within-yarn')).toContainText(/cm around and .* tall/)
  await expect(page.locator('.tally')).toContainText('As it would be')
  await accessible(page)
  await page.getByRole('button', { name: 'Make it this size' }).click()
  await expect(page.locator('.tally')).not.toContainText('60.0')
  await undo(page)

  await page.getByRole('button', { name: 'Another yarn in the place of Brass' }).click()
  await page.getByRole('textbox', { name: 'Grams a ball of the other' }).fill('50')
  await page.getByRole('textbox', { name: 'Metres a ball of the other' }).fill('50')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/^2 balls for the same metres/)).toBeVisible()
  await page.getByRole('button', { name: 'Take it' }).click()
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-word="buy-Another yarn"]')).toHaveText('2 balls')

  await page.getByRole('button', { name: 'They come in packs' }).click()
  await expect(page.locator('.packs-card')).toContainText('2 packs.')

  await page.locator('[data-word="ball-Drum blue"]').click()
  await page.getByRole('button', { name: 'It stripes by itself' }).click()
  await page.keyboard.press('Escape')
  await expect(page.locator('.sum-card')).toContainText('its colours last, in rounds: colour 1')
})
