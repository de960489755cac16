import {
  accessible,
  enter,
  expect,
  go,
  openBag,
  openDemo,
  part,
  saved,
  say,
  test,
  undo,
  withBand,
} from './bag.ts'

/* A cord is tied to the sides of a pouch; where its front is can be said, and everything follows. */

test('a cord has its chains, its yarn and its places, and follows the bag when it is turned', async ({
  page,
}) => {
  await openBag(page, 'Mute pouch', 'Bands')
  await page.getByRole('button', { name: 'Add a piece' }).click()
  await page.getByRole('menuitem', { name: 'Cord' }).click()
  const dialog = page.getByRole('dialog', { name: 'Cord' })
  // The pouch is worked at 6.25 mm a stitch: 600 mm are 600 / (6.25 · √2) = 68 chains of two strands.
  await expect(dialog).toContainText('With 2 strands of A held together, ch 68')
  await accessible(page)
  await enter(page, 'Strands', '1')
  await expect(dialog).toContainText('With A, ch 96')
  await enter(page, 'Length', '1 m')
  await expect(dialog).toContainText('With A, ch 160: 100.0 cm')
  await page.getByRole('combobox', { name: 'One end: from where it is counted' }).press('Enter')
  await page.getByRole('option', { name: 'at the front' }).click()
  await expect(dialog).toContainText('Tie one end to the middle of the front of Base and body')
  await dialog.getByRole('button', { name: 'Done' }).click()
  await saved(page)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Cord', exact: true })).toBeVisible()

  await go(page, 'Yarns')
  await expect(page.getByRole('row', { name: /^Cord/ }).first()).toBeVisible()
  await go(page, 'Pattern')
  const paper = page.getByLabel('The written pattern')
  await expect(paper).toContainText('With A, ch 160')
  await expect(paper).toContainText('A long cord can catch around a neck')
  await expect(paper).toContainText(
    'The middle of the front is between stitches 16 and 17 of round 8, of the back between stitches 48 and 49: mark both.',
  )

  await go(page, 'Size')
  await say(page, 'base', 'Front after', '0')
  await go(page, 'Pattern')
  await expect(paper).toContainText('of the back between stitches 32 and 33: mark both.')
  await undo(page)
  await expect(paper).toContainText('between stitches 48 and 49: mark both.')
})

test('a cord tied to a row stays with it when rows are put in below, and says when its row is gone', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  await page.getByRole('button', { name: 'Add a piece' }).click()
  await page.getByRole('menuitem', { name: 'Cord' }).click()
  const dialog = page.getByRole('dialog', { name: 'Cord' })
  await page.getByRole('combobox', { name: 'One end: where on the piece' }).press('Enter')
  await page.getByRole('option', { name: 'one of its rows' }).click()
  await enter(page, 'Row', '50')
  await expect(dialog).toContainText('of round 50')
  await dialog.getByRole('button', { name: 'Done' }).click()

  // Diamonds are rounds 32 to 57, and a row is put in below the first.
  await part(page, 'Diamonds').click()
  const change = async (what: RegExp) => {
    await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
    await page.getByRole('menuitem', { name: what }).click()
  }
  const cordIn = async (round: string) => {
    await page.getByRole('button', { name: 'Cord', exact: true }).click()
    await expect(dialog).toContainText(round)
    await dialog.getByRole('button', { name: 'Done' }).click()
  }
  await change(/^Put one in below round 32/)
  await cordIn('of round 51')
  await undo(page)
  await cordIn('of round 50')

  // Without its band it is tied to nothing, and one click ties it to the edge.
  await withBand(page, 'Diamonds', 'Take out')
  const snag = page.locator('.snag', { hasText: 'Cord has lost its place.' })
  await snag.getByRole('button', { name: 'To the edge instead' }).click()
  await expect(snag).toHaveCount(0)
  await cordIn('of round 54')
})

test('handles are chained in the edge, centred on front and back, and written', async ({
  page,
}) => {
  await openDemo(page)
  await part(page, 'Edge').click()
  await page.getByRole('button', { name: 'Add a band above Edge' }).click()
  await page.getByRole('menuitem', { name: 'Handles in the edge …' }).click()
  const dialog = page.getByRole('dialog')
  await enter(page, 'Stitches passed over', '26')
  await enter(page, 'Chains of each', '80')
  // 120 stitches, two gaps of 26, two chains of 80.
  await expect(dialog).toContainText('ch 80, sk 26')
  await expect(dialog).toContainText('(228)')
  await accessible(page)
  await dialog.getByRole('button', { name: 'Make them' }).click()
  await expect(part(page, 'Handles')).toBeVisible()
  // Rounds over a chain make the bag no wider.
  await expect(page.locator('.tally')).toContainText('60.0')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(/sc in each st and ch around\s*\(228\)/)
})
