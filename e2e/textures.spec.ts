import { accessible, expect, figure, go, openBag, test, undo } from './bag.ts'

test('a texture is chosen by its picture, shown before it is taken, and turned for its raised rows', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  const height = await figure(page, 'tall').textContent()
  await page.locator('.part-list .add').click()
  await page.getByRole('menuitem', { name: 'Texture …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Add a texture' })
  const pattern = (name: string) => dialog.getByRole('button', { name: new RegExp(`^${name}`) })
  await expect(pattern('Bobbles')).toContainText('30 × 4')
  await page.waitForTimeout(300)
  await accessible(page)
  // What does not come out stands after, with what it wants; pointing shows it on the bag.
  await expect(pattern('Zigzag')).toContainText('on 117 or 126')
  await pattern('Shells').focus()
  await expect(page.getByText('As it would be')).toBeVisible()
  await expect(figure(page, 'tall')).not.toHaveText(height!)
  await dialog.getByRole('button', { name: 'Raised' }).click()
  await pattern('Bobbles').press('Enter')
  await expect(dialog).toBeHidden()
  await expect(page.locator('.stage h1')).toHaveText('Bobbles')
  await expect(page.getByRole('img', { name: /^Bobbles in symbols/ })).toBeVisible()
  await page.waitForTimeout(300)
  await accessible(page)

  // The tote is a spiral, which is never turned: one click joins these rounds.
  await expect(page.locator('.snags')).toContainText('would stand out on the inside')
  await page.getByRole('button', { name: /Join its rounds and turn for it/ }).click()
  await expect(page.locator('.snags')).not.toContainText('would stand out on the inside')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('Turn: the wrong side faces now.')
  await expect(page.locator('.paper')).toContainText('bobble in next st; rep from * around')
  await expect(page.locator('.shorts')).toContainText('5 dc in one st, each left unfinished')
  await undo(page)
  await undo(page)
  await expect(figure(page, 'tall')).toHaveText(height!)
})

test('a texture takes its yarns in turn and its rounds, and says when it does not fit', async ({
  page,
}) => {
  await openBag(page, 'Music-stand bag', 'Bands')
  await page.locator('.part-list .name').filter({ hasText: 'Fans' }).click()
  await expect(page.locator('.texture-fields')).toContainText('Comes out on 72 stitches')
  await page.getByRole('button', { name: 'Another yarn in turn' }).click()
  await expect(page.locator('.texture-fields .stripes li')).toHaveCount(2)
  await page.getByLabel('Rounds: more').click()
  await expect(page.locator('.part-list')).toContainText('5 rounds')
  await undo(page)
  await undo(page)
  // Two stitches fewer below it: the fans want a multiple of 8.
  await page.locator('.part-list .name').filter({ hasText: 'Level' }).click()
  await page.getByLabel('Even out: less').click()
  await expect(page.locator('.snag.error')).toContainText('Fans')
})
