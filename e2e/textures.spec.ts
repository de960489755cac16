import { accessible, addBand, expect, figure, go, openBag, part, test, undo, word } from './bag.ts'

test('a texture is chosen by its picture, shown before it is taken, and turned for its raised rows', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  const height = await figure(page, 'tall').textContent()
  await addBand(page, 'Diamonds', 'Texture …')
  const dialog = page.getByRole('dialog', { name: 'Add a texture' })
  const pattern = (name: string) => dialog.getByRole('button', { name: new RegExp(`^${name}`) })
  await expect(pattern('Bobbles')).toContainText('30 × 4')
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
  await accessible(page)

  // The tote is a spiral, which is never turned: one click joins these rounds.
  await expect(page.locator('.snags')).toContainText('would stand out on the inside')
  await page.getByRole('button', { name: /Join its rounds and turn for it/ }).click()
  await expect(page.locator('.snags')).not.toContainText('would stand out on the inside')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('Turn: the wrong side faces now.')
  await expect(page.locator('.paper')).toContainText('bobble in next st; rep from * around')
  await expect(page.locator('.paper')).toContainText('5 dc in one st, each left unfinished')
  await undo(page)
  await undo(page)
  await expect(figure(page, 'tall')).toHaveText(height!)
})

test('a texture takes its yarns in turn and its rounds, and says when it does not fit', async ({
  page,
}) => {
  await openBag(page, 'Music-stand bag', 'Bands')
  await part(page, 'Granny groups').click()
  await word(page, 'pattern')
  await expect(page.locator('.texture-fields')).toContainText('Comes out on 72 stitches')
  await word(page, 'yarns')
  await page.getByRole('button', { name: 'Another yarn in turn' }).click()
  await expect(page.locator('.texture-fields .stripes li')).toHaveCount(3)
  await word(page, 'rounds')
  await page.getByLabel('Rounds: more').click()
  await expect(page.locator('.part-list')).toContainText('19 rounds')
  await undo(page)
  await undo(page)
  // A stitch fewer below it: the groups want a multiple of 4.
  await part(page, 'Foot').click()
  await word(page, 'more')
  await page.getByLabel('Even out: less').click()
  await expect(page.locator('.snag.error').first()).toContainText('Granny groups')
})

test('two yarns interlaced: their rounds by turns, the loops told, the whole round drawn', async ({
  page,
}) => {
  await openBag(page, 'Music-stand bag', 'Bands')
  await part(page, 'Interlaced').click()
  await word(page, 'rounds')
  await expect(page.locator('.texture-fields')).toContainText('loop × 14, none in the middle')
  await expect(page.locator('.snags')).toContainText('Loops catch small fingers.')
  // A round too many leaves the loops uncaught; one click ends it as it should.
  await page.getByLabel('Rounds: more').click()
  await expect(page.locator('.snags')).toContainText('Interlaced loops stops in the midst.')
  await page.getByRole('button', { name: /^1 round fewer/ }).click()
  await expect(page.locator('.snags')).not.toContainText('stops in the midst')
  await page.getByText('The whole round').click()
  await expect(page.locator('.texture-stage .sheet.whole line.join')).toHaveCount(1)
  await expect(page.locator('.texture-stage .sheet.whole line')).toHaveCount(15)
  await accessible(page)
  // Another pattern of the family in its place, and back.
  await word(page, 'pattern')
  await page.getByRole('button', { name: 'Another pattern …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Another texture' })
  await expect(dialog.getByRole('button', { name: 'Open', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await dialog.getByRole('button', { name: /^Ladder loops/ }).press('Enter')
  await expect(page.locator('.stage h1')).toHaveText('Ladder loops')
  await undo(page)
  await expect(page.locator('.stage h1')).toHaveText('Interlaced loops')
  await go(page, 'Pattern')
  const paper = page.locator('.paper')
  await expect(paper).toContainText('Take up the loop of A.')
  await expect(paper).toContainText('working into Rnds 33 and 35 in turn')
  await expect(paper).toContainText('Fasten off C: this round closes over its loops too.')
  await expect(page.locator('.paper')).toContainText('ch 7, which hang free')
})

test('rows of a checked text become a pattern of one’s own, and go on a bag', async ({ page }) => {
  await page.goto('/check')
  await page
    .getByRole('textbox', { name: 'The written pattern' })
    .fill(
      'Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st around (12)\nRnd 3: *sc in next 3 sts, puff in next 3 sts; rep from * around (12)\nRnd 4: sc in each st around (12)',
    )
  await page.getByRole('button', { name: 'Keep rows …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Keep rows as a stitch pattern' })
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(dialog.getByRole('alert')).toContainText('12 stitches are left of 6')
  await accessible(page)
  for (const [label, row] of [
    ['From row', '3'],
    ['To row', '4'],
  ] as const) {
    await dialog.getByLabel(label, { exact: true }).fill(row)
    await dialog.getByLabel(label, { exact: true }).press('Tab')
  }
  await dialog.getByLabel('Name of the pattern').fill('Puff blocks')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('heading', { name: 'Puff blocks' })).toBeVisible()
  await openBag(page, 'Beater tote', 'Bands')
  await addBand(page, 'Diamonds', 'Texture …')
  await page.getByRole('button', { name: 'Your own' }).click()
  await page.getByRole('button', { name: /^Puff blocks/ }).press('Enter')
  await expect(page.locator('.stage h1')).toHaveText('Puff blocks')
  await word(page, 'pattern')
  await expect(page.locator('.texture-fields')).toContainText('Comes out on 120 stitches')
})

test('a flat texture has more stitches at its edges, by one click, or by hand', async ({
  page,
}) => {
  await openBag(page, 'March-book satchel', 'Bands')
  await addBand(page, 'Flap border', 'Texture …')
  const dialog = page.getByRole('dialog', { name: 'Add a texture' })
  await dialog.getByRole('button', { name: /^Fans wants/ }).press('Enter')
  await expect(page.locator('.snags')).toContainText('Fans')
  await page.getByRole('button', { name: /^\d more stitch(?:es)? at each edge/ }).click()
  await expect(page.locator('[data-word="pattern"]')).toContainText('on ')
  await word(page, 'edge')
  await page.getByLabel('Extra edge: more').click()
  await expect(page.locator('[data-word="pattern"]')).toContainText('wants')
  await undo(page)
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(
    'sk 3 sts, sc in next st; rep from * to last st, sc in last st',
  )
})
