import {
  accessible,
  construct,
  enter,
  expect,
  figure,
  go,
  openBag,
  openDemo,
  say,
  test,
  undo,
  word,
} from './bag.ts'
import { readFileSync } from 'node:fs'

test('an oval base is fitted by mouse and by keyboard', async ({ page }) => {
  await openBag(page, 'Raffle bag', 'Size')
  await expect(page.locator('.base-card')).toContainText('10 rounds, 124 stitches')
  await expect(page.locator('.base-card')).toContainText('28.9 × 10.5 cm')
  await accessible(page)

  // By keyboard: a longer chain, and a count that does not fit below round 1 is said at its field.
  await say(page, 'base', 'Chain', '40')
  await expect(page.locator('.base-card')).toContainText('8 rounds, 124 stitches')
  await enter(page, 'Last round', '60')
  await expect(page.getByRole('alert')).toContainText('too small')
  await page.getByLabel('Last round', { exact: true }).press('Escape')
  await undo(page)

  // By mouse: another count from the table.
  await page.locator('.fit-card').getByRole('button', { name: 'Use 128' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('128')
  await expect(page.locator('.fit-card')).toContainText('11 base rounds of + 6, + 4 in the last')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('3 sc in last ch, on the other side 32 sc')
})

test('a base of another kind takes the place of the round one, and undo brings it back', async ({
  page,
}) => {
  await openDemo(page, 'Size')
  await construct(page, 'Corners')
  await expect(page.locator('.base-card')).toContainText('9 rounds, 120 stitches')
  await word(page, 'base')
  await expect(page.getByLabel('Chain', { exact: true })).toHaveValue('30')
  await construct(page, 'Oval')
  await word(page, 'base')
  await expect(page.getByLabel('In each end', { exact: true })).toHaveValue('3')
  await expect(figure(page, 'stitches around')).toHaveText('120')
  await undo(page)
  await undo(page)
  await expect(page.locator('.base-card')).toContainText('20 rounds, 120 stitches')
})

test('the gauge is taken from the base once it is made', async ({ page }) => {
  await openDemo(page, 'Size')
  await word(page, 'gauge')
  await page.getByRole('button', { name: 'Take it from the base' }).click()
  await page.getByLabel('Across', { exact: true }).fill('18.2 cm')
  await page.getByLabel('Across', { exact: true }).press('Enter')
  await expect(page.getByText('21 stitches and 22 rounds over')).toBeVisible()
  await page.getByRole('button', { name: 'Take this gauge' }).click()
  await expect(page.getByLabel('Stitches', { exact: true }).first()).toHaveValue('20.99 over 10 cm')
  await expect(page.locator('.base-card')).toContainText('Ø 18.2 cm')
  await undo(page)
  await expect(page.locator('.base-card')).toContainText('Ø 19.1 cm')
})

test('every construction is drawn, fitted and written', async ({ page }) => {
  await openBag(page, 'Mute pouch', 'Size')
  for (const [name, words] of [
    ['Flat, in rows', 'stitches picked up around it'],
    ['Tube', 'its bottom sewn last'],
    ['Folded panel', 'with a flap'],
    ['Two panels', 'sewn together'],
    ['Squares', 'draughtboard'],
    ['Two discs', 'would be dead flat'],
    ['Half-round panels', 'would be dead flat'],
  ] as const) {
    await construct(page, name)
    // The bands of the pouch alone go further around a half round than it may: that is said.
    await expect(page.locator('.fit-card').locator('tbody tr, .nothing').first()).toBeVisible()
    await page.getByText('From the side', { exact: true }).click()
    await expect(page.locator('.base-card')).toContainText(words)
    await expect(page.getByRole('group', { name: /^The bag from the side/ })).toBeVisible()
    await page
      .getByRole('radiogroup', { name: 'How the bag is shown' })
      .getByText('Rows', { exact: true })
      .click()
    await expect(page.locator('.base-rows tbody tr').first()).toBeVisible()
  }
  await accessible(page)
  await construct(page, 'Two panels')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('Make 2.')
  await expect(page.locator('.paper')).toContainText('Sew the bottom: 33 pairs.')
})

test('the satchel is fitted by keyboard: its handle steps from count to count', async ({
  page,
}) => {
  await openBag(page, 'March-book satchel', 'Size')
  const handle = page.getByRole('slider')
  await handle.focus()
  await page.keyboard.press('ArrowRight')
  await expect(figure(page, 'stitches across')).toHaveText('56')
  await expect(page.locator('.fit-card tr.on')).toContainText('4 × 13 + 4')
  await page.keyboard.press('ArrowLeft')
  await expect(figure(page, 'stitches across')).toHaveText('43')
  // An odd number of rows cannot be folded evenly; the mend says and does what is missing.
  await say(page, 'base', 'Flap rows', '22')
  await expect(page.locator('.snag.error')).toContainText('Front and back are not equal')
  await page.getByRole('button', { name: 'A flap of 23 rows' }).click()
  await expect(page.locator('.snag.error')).toHaveCount(0)
})

test('the pouch is fitted by dragging its edge, which snaps to counts', async ({ page }) => {
  await openBag(page, 'Mute pouch', 'Size')
  const box = (await page.getByRole('slider').boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 14, y, { steps: 6 })
  await expect(page.getByText('As it would be')).toBeVisible()
  await page.mouse.up()
  const count = Number(await figure(page, 'stitches around').textContent())
  expect(count).toBeGreaterThan(64)
  await expect(page.locator('.fit-card tr.on')).toContainText(String(count))
})

test('what is on the hook is answered, and a miss says which limit to relax', async ({ page }) => {
  await openDemo(page, 'Size')
  await page.getByText('On the hook', { exact: true }).click()
  await enter(page, 'I have', '118')
  const lines = page.locator('.fit-card tbody tr')
  await expect(lines.first()).toContainText('2 added at both sides')
  await expect(lines.nth(2)).toContainText('120')
  await page.getByText('Any count', { exact: true }).click()
  await say(page, 'want', 'Give or take', '0.1 %')
  await page.getByRole('textbox', { name: 'Around' }).fill('61.3 cm')
  await page.keyboard.press('Enter')
  await expect(page.locator('.fit-card')).toContainText('Nearest:')
  await expect(page.locator('.fit-card')).toContainText('a tolerance of ±')
})

test('a motif that breaks off is drawn as it meets at the join', async ({ page }) => {
  await openDemo(page, 'Size')
  await say(page, 'base', 'Last round', '118')
  await expect(page.getByRole('img', { name: 'How it would look at the join' })).toBeVisible()
  await expect(page.locator('.snag.error')).toContainText('2 stitches more or fewer put it right')
})

test('the whole bag is resized, shown before it is done', async ({ page }) => {
  await openDemo(page, 'Size')
  await page.getByRole('button', { name: 'Resize …' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('textbox', { name: 'Around' }).fill('80 cm')
  await dialog.getByRole('textbox', { name: 'Around' }).press('Enter')
  await dialog.getByLabel('Tall', { exact: true }).fill('40 cm')
  await dialog.getByLabel('Tall', { exact: true }).press('Tab')
  await expect(dialog).toContainText('84.0 cm')
  await expect(dialog).toContainText('40.0 cm')
  await accessible(page)
  await dialog.getByRole('button', { name: 'Make it this size' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('168')
  await undo(page)
  await expect(figure(page, 'stitches around')).toHaveText('120')
})

test('a base is written in shorthand, and counted before it is taken', async ({ page }) => {
  await openBag(page, 'Beater tote', 'Size')
  await construct(page, 'Written rounds')
  await word(page, 'base')
  await page.getByRole('button', { name: 'Spokes' }).click()
  await expect(figure(page, 'stitches around')).toHaveText('108')
  const rounds = page.getByLabel('Rounds in shorthand, from the ring, one a line')
  await expect(rounds).toHaveValue(/^12 dc in magic ring\n\*FPdc around next st/)
  await accessible(page)
  await rounds.fill('6 sc in magic ring\ninc in each st around\nsc in next 11 sts')
  await page.getByRole('button', { name: 'Count them' }).click()
  await expect(page.locator('#base-rounds-said')).toContainText('Round 3')
  await expect(figure(page, 'stitches around')).toHaveText('108')
  await rounds.fill('6 sc in magic ring\ninc in each st around\nsc in next 12 sts')
  await page.getByRole('button', { name: 'Count them' }).click()
  await expect(page.locator('#base-rounds-said')).toHaveText('Counted: 3 rounds leave 12 stitches.')
  await expect(figure(page, 'stitches around')).toHaveText('12')
})

test('a gauge is measured on a picture, which stays here', async ({ page }) => {
  const asked: string[] = []
  page.on('request', (request) => request.method() !== 'GET' && asked.push(request.url()))
  await openBag(page, 'March-book satchel', 'Size')
  await word(page, 'gauge')
  await page.getByRole('button', { name: 'More swatches' }).click()
  await page.getByRole('button', { name: 'Measure from a picture …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Measure a swatch on a picture' })
  // A file that is no picture is refused in words; one's own picture can be marked.
  const choose = async (name: string, mimeType: string, buffer: Buffer) => {
    const waiting = page.waitForEvent('filechooser')
    await dialog.getByRole('button', { name: 'Choose a picture …' }).click()
    await (await waiting).setFiles({ name, mimeType, buffer })
  }
  await choose('notes.png', 'image/png', Buffer.from('no picture'))
  await expect(dialog.getByRole('alert')).toContainText('not a picture')
  await choose('swatch.png', 'image/png', readFileSync('public/swatch-example.png'))
  await expect(dialog.getByRole('button', { name: /^Corner 1:/ })).toBeVisible()
  await dialog.getByRole('button', { name: 'Try the example' }).click()
  await expect(dialog.locator('.result')).toContainText('20 stitches over 10 cm')
  await expect(dialog.locator('.result')).toContainText('22 rows over 10 cm')
  await accessible(page)
  const mark = dialog.getByRole('button', { name: /^After the last stitch/ })
  await mark.focus()
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight')
  await expect(dialog.locator('.result')).not.toContainText('20 stitches over 10 cm')
  await dialog.getByText('A length', { exact: true }).click()
  await expect(dialog.getByLabel('Length', { exact: true })).toHaveValue('10 cm')
  await dialog.getByRole('button', { name: 'Try the example' }).click()
  await dialog.getByRole('button', { name: 'Take this gauge' }).click()
  await expect(page.getByRole('dialog', { name: 'Swatches' }).locator('.swatch')).toHaveCount(2)
  expect(asked).toEqual([])
})
