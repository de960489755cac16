import { accessible, expect, figure, fileFrom, part, test, word } from './bag.ts'

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
  await expect(page.locator('.check-row.off')).toContainText('Six repeats fit, seven are written.')
  await expect(page.locator('.check-row .fault.error').first()).toBeVisible()
  await page.getByRole('button', { name: 'Round 4', exact: true }).click()
  await expect(text).toBeFocused()
  await accessible(page)
})

test('the example says each fault, counts through a row, and keeps the text', async ({ page }) => {
  await page.goto('/check')
  await page.getByRole('button', { name: 'Try the example' }).click()
  await expect(page.getByRole('heading', { name: '10 rows add up, 2 do not.' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Rounds 6–9', exact: true })).toBeVisible()
  await expect(page.getByText('It makes 40, not 42')).toBeVisible()
  await page.getByRole('button', { name: 'Count through Round 3' }).click()
  await page.getByRole('slider', { name: /Round 3/ }).fill('5')
  await expect(page.getByText('after 5 of 8 repeats: 10 done, 6 left')).toBeVisible()
  await page.getByText('Only what is wrong').click()
  await expect(page.locator('.check-row')).toHaveCount(2)
  await page.reload()
  await expect(page.getByLabel('The written pattern')).toContainText('Raffle purse')
  // A pattern that says nothing of its terms is taken as US; a UK word in it is pointed out.
  await page.getByLabel('The written pattern').fill('Rnd 1: 6 htr in magic ring (6)')
  await page.getByText('US', { exact: true }).click()
  await expect(page.locator('.whole')).toContainText('“htr” is a UK word')
})

test('faults are gone through by keys, mended by a press, undone by a key, and sent', async ({
  page,
}) => {
  await page.goto('/check')
  const text = page.getByLabel('The written pattern')
  await text.fill(stranger.replace('× 6 (24)', '× 7 (24)').replace('(12)', '(13)'))
  await expect(page.locator('.check-row.off')).toHaveCount(2)
  await expect(text.locator('.mark.error')).toHaveCount(2)
  await page.locator('h1').click()
  const selected = () =>
    page.evaluate(() => {
      const { shadowRoot } = document.querySelector('.pattern-editor')!
      const own = shadowRoot as unknown as { getSelection?: () => Selection }
      return (own.getSelection?.() ?? document.getSelection())!.toString()
    })
  await page.keyboard.press('n')
  await expect(text).toBeFocused()
  await expect.poll(selected).toContain('(13)')
  await page.keyboard.press('Alt+ArrowDown')
  await expect.poll(selected).toContain('2 sc')
  await page.getByRole('button', { name: 'Write “× 6”' }).click()
  await expect(text).toContainText('[2 sc, inc] × 6 (24)')
  await expect(page.locator('.check-row.off')).toHaveCount(1)
  await page.keyboard.press('Control+z')
  await expect(text).toContainText('× 7 (24)')
  await expect(page.locator('.check-row.off')).toHaveCount(2)
  await page.getByRole('button', { name: 'Report …' }).click()
  const markdown = await fileFrom(page, 'As Markdown')
  expect(markdown.bytes.toString()).toMatch(/Line 4, Round 4[^]*Perhaps “× 6”/)
  await page.getByRole('button', { name: 'Report …' }).click()
  const pdf = await fileFrom(page, 'As PDF')
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-')
  // A pattern in sizes is counted in the one that is chosen.
  await text.fill(
    'Sizes: small (large)\nCh 11 (13).\nRow 1: sc in 2nd ch from hook and in each ch across. 10 (12) sc\nRow 2: ch 1, sc in each st across. 10 (13) sc\nRow 3: ch 1, sc in each st across. 10 (12) sc',
  )
  await expect(page.getByRole('heading', { name: 'All 3 rows add up.' })).toBeVisible()
  await page.getByLabel('Size', { exact: true }).selectOption('large')
  await expect(page.getByRole('heading', { name: '2 rows add up, 1 does not.' })).toBeVisible()
  await accessible(page)
})

test('what cannot be read is said, and reading goes on; what counts through becomes a bag', async ({
  page,
}) => {
  await page.goto('/check')
  const text = page.getByLabel('The written pattern')
  await text.fill(`${stranger}\nRnd 10: wobble gently, sc in each st around (24)`)
  // The rows of the example go first.
  const lost = page.locator('.check-row.not-understood')
  await expect(lost).toHaveCount(0)
  // What is left of it accounts for the row: the rest is read past.
  await expect(page.locator('.check-row').last()).toContainText('It adds up without')
  await text.fill(`${stranger}\nRnd 10: wobble gently, sc in next 9 sts (24)`)
  await expect(lost).toHaveCount(1)
  await expect(lost).toContainText('I do not know these words: “wobble gently”')
  await expect(
    page.getByRole('heading', { name: '9 rows add up, 1 is not understood.' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Make a bag of it' }).click()
  await expect(page.getByRole('alert')).toContainText('Line 6 does not count through yet')
  await text.fill(`Little purse\n${stranger}`)
  await expect(page.getByRole('heading', { name: 'All 9 rows add up.' })).toBeVisible()
  await page.getByRole('button', { name: 'Make a bag of it' }).click()
  const told = page.getByRole('dialog', { name: '“Little purse” as a bag' })
  await expect(told).toContainText('It is taken for: Round')
  await expect(told).toContainText('Every row is worked as the text says.')
  await accessible(page)
  await told.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('24')
  await expect(page.locator('.part-list')).toContainText('4 rounds')
})

test('rows of a pattern become a band that says them as written, and are counted again when changed', async ({
  page,
}) => {
  await page.goto('/check')
  await page.getByLabel('The written pattern').fill(`Ferry purse
Rnd 1: 8 sc in magic ring (8)
Rnd 2: inc x 8 (16)
Rnd 3: (sc, inc) x 8 (24)
Body
Rnd 4: sc around (24)
Rnd 5: with B *3 sc, puff in next st; rep from * around (24 sts, 6 puffs)
Rnd 6: with A *sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts; rep from * around (24)
Rnd 7: sc around (24)`)
  await expect(page.getByRole('heading', { name: 'All 7 rows add up.' })).toBeVisible()
  await page.getByRole('button', { name: 'Make a bag of it' }).click()
  await page.getByRole('button', { name: 'Put it on the shelf' }).click()
  await part(page, '2 rounds').click()
  await word(page, 'rows')
  const rows = page.getByLabel('Rows in shorthand, from below, one a line')
  await expect(rows).toHaveValue(/^with B \*3 sc, puff in next st; rep from \* around\nwith A \*sc/)
  await expect(page.locator('.written-fields')).toContainText('Counted on 24 stitches.')
  await rows.fill('*5 sc, bobble in next st; rep from * around\nsc in next 25 sts')
  await page.getByRole('button', { name: 'Count them on 24' }).click()
  await expect(page.locator('.written-fields')).toContainText('Row 2: It runs out here')
  await rows.fill('*5 sc, bobble in next st; rep from * around\nsc in next 24 sts, ch 1')
  await page.getByRole('button', { name: 'Count them on 24' }).click()
  await expect(page.locator('.written-fields')).toContainText('Counted on 24 stitches.')
  await expect(figure(page, 'stitches around')).toHaveText('25')
  await accessible(page)
  await page.getByRole('link', { name: 'Pattern' }).click()
  await expect(page.locator('main')).toContainText('*5 sc, bobble in next st; rep from * around')
  // Another count below it is said, and mended with a click.
  await page.keyboard.press('Control+z')
  await expect(page.locator('main')).toContainText('with B *3 sc, puff in next st')
})
