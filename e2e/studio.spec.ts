import { accessible, expect, figure, go, openBag, part, test, undo, word } from './bag.ts'
import type { Page } from '@playwright/test'

const view = (page: Page, title: string) =>
  page.locator('.view-bar').getByText(title, { exact: true }).click()
const chart = (page: Page) => page.getByRole('application')

test('a chart is seen in every view, painted all around, and only here', async ({ page }) => {
  await openBag(page, 'Beater tote', 'Bands')
  await chart(page).focus()
  // By key to the whole round: stitch 120 is its left end.
  await page.keyboard.press('v')
  await expect(page.locator('.edges')).toContainText('begins here')
  await expect(page.locator('.edges')).toContainText('front')
  await page.keyboard.press('4')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press(' ')
  // Painted once it is there in each of the five repeats.
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('1 sc D) × 5')
  await go(page, 'Bands')
  await view(page, 'Unrolled')
  await page.getByText('Only here').click()
  await chart(page).focus()
  for (const key of ['4', 'ArrowUp', 'ArrowUp', ' ']) await page.keyboard.press(key)
  await expect(page.locator('[data-word="size"]')).toContainText('120 ×')
  await accessible(page)
  await undo(page)
  await expect(page.locator('[data-word="size"]')).toContainText('24 ×')

  await view(page, 'Stitched')
  await page.getByRole('button', { name: 'As it leans' }).click()
  await page.getByRole('button', { name: 'Straighten' }).click()
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toHaveAttribute(
    'title',
    /Straighten/,
  )
  await undo(page)
  await view(page, 'On the bag')
  const bag = page.locator('.round-bag canvas')
  await page.getByRole('button', { name: 'Left side' }).click()
  await expect(bag).toHaveAccessibleName(/turned by 90°: left side/)
  await accessible(page)
})

test('cells are chosen, copied, laid down and kept as a motif, by keyboard alone', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  await chart(page).focus()
  await page.keyboard.press('s')
  for (const key of [' ', 'ArrowRight', 'ArrowRight', 'ArrowUp', ' '])
    await page.keyboard.press(key)
  await expect(page.locator('.chart-says')).toContainText('Copy')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Motifs and letters' })
  await dialog.getByLabel('Name of the motif').fill('Corner')
  await dialog.getByRole('button', { name: 'Keep what is chosen' }).click()
  await expect(dialog.getByRole('button', { name: /^Corner/ })).toBeVisible()
  await accessible(page)

  // Letters tell how wide they are before they are placed; on the front they leave the rest plain.
  await dialog.getByText('Letters', { exact: true }).click()
  await dialog.getByLabel('Text in stitches').fill('BAND')
  await expect(dialog).toContainText('23 stitches of 120')
  await expect(dialog.getByRole('button', { name: /On both/ })).toContainText(/covers \d+ painted/)
  await dialog.getByRole('button', { name: /On the front/ }).click()
  await expect(page.locator('[data-word="size"]')).toContainText('120 ×')
  // The chart that was there stays beside it.
  await expect(page.locator('[data-word="size"]')).toHaveText('120 × 26')
  await expect(page.locator('.chart-says')).toContainText('all beside the motif is as it was')
  await undo(page)
  await expect(page.locator('[data-word="size"]')).toContainText('24 ×')
})

test('repeats are half-dropped; too many yarns and lone stitches are mended by a click', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  await word(page, 'lay')
  await page.getByRole('combobox', { name: 'How repeats lie' }).press('Enter')
  await page.getByRole('option', { name: 'Half-drop' }).click()
  // Five repeats of 24 are no whole number of pairs.
  await expect(page.locator('.snag.error')).toContainText('48')
  await undo(page)
  await chart(page).focus()
  for (const key of ['4', 'ArrowUp', 'ArrowUp', 'ArrowUp', ' ']) await page.keyboard.press(key)
  await expect(page.locator('.snags')).toContainText('A stitch of Diamonds stands alone.')
  await page.getByRole('button', { name: /Give them the yarn around them/ }).click()
  await expect(page.locator('.snags')).not.toContainText('stands alone')
  await word(page, 'carried')
  await page.getByLabel('Yarns at most: less').click()
  await page.getByLabel('Yarns at most: less').click()
  await expect(page.locator('.snags')).toContainText('more yarns in a round than wanted')
})

test('stripes are dragged on their stack, and made from amounts of yarn', async ({ page }) => {
  await openBag(page, 'March-book satchel', 'Bands')
  await part(page, 'Fold').click()
  await expect(page.locator('.stripes-stack')).toContainText('Brass is cut here')
  const tall = await figure(page, 'tall').textContent()
  await page.getByRole('slider', { name: /Top of stripe 2/ }).focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.locator('.stripes-stack')).toContainText('5 rows')
  await expect(figure(page, 'tall')).not.toHaveText(tall!)
  await accessible(page)
  await word(page, 'stripes')
  await page.getByRole('button', { name: 'From amounts …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Stripes from amounts of yarn' })
  await dialog.getByLabel('Oxblood, m').fill('5')
  await dialog.getByLabel('Chalk, m').fill('4')
  await dialog.getByLabel('Brass, m').fill('0')
  await dialog.getByLabel('Brass, m').press('Enter')
  await expect(dialog).toContainText(/In all \d rows\./)
  await dialog.getByRole('button', { name: 'Make these stripes' }).click()
  await expect(page.locator('.stripes-stack')).not.toContainText('Brass is cut here')
})

test('a motif of 24 stitches is drawn, mirrored, fitted and seen from all sides by keyboard alone', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  const press = async (...keys: readonly string[]) => {
    for (const key of keys) await page.keyboard.press(key)
  }
  await page.locator('[data-word="size"]').focus()
  await press('Enter')
  await page.getByLabel('Rounds', { exact: true }).focus()
  await press('Control+a', '9', 'Enter', 'Escape')
  await chart(page).focus()
  // All of it in one yarn: a rectangle from corner to corner.
  await press('1', 'r', 'PageDown', 'Home', ' ', 'PageUp', 'End', ' ')
  const symmetry = page.getByRole('button', { name: /^Symmetry/ })
  await symmetry.focus()
  await press('Enter')
  await expect(page.getByRole('menuitem', { name: 'As it is painted' })).toBeFocused()
  await press('ArrowDown')
  await expect(page.getByRole('menuitem', { name: 'Left and right alike' })).toBeFocused()
  await press('Enter')
  await expect(symmetry).toHaveAccessibleName('Symmetry: Left and right alike')
  // One slanting line from the lower left corner; its like comes by itself.
  await chart(page).focus()
  await press('2', 'l', 'PageDown', 'Home', ' ')
  for (let i = 0; i < 8; i++) await press('ArrowUp', 'ArrowRight')
  await press(' ')
  await expect(page.locator('.readout')).toContainText('[ 8 A 1 B 6 A 1 B 8 A ] × 5')
  await press('Home', 'PageDown')
  await expect(page.locator('.readout')).toContainText('[ 1 B 22 A 1 B ] × 5')
  // Five repeats of 24 are the 120 there are: nothing is wrong.
  await expect(page.locator('.snag.error')).toHaveCount(0)
  await expect(page.getByRole('main')).toContainText('5 times around')
  await press('v', 'v', 'v')
  const bag = page.locator('.round-bag canvas')
  await bag.focus()
  for (let i = 0; i < 24; i++) await press('ArrowRight')
  await expect(bag).toHaveAccessibleName(/: back/)
})

test('on a screen that is touched one finger paints, and two move and enlarge', async ({
  page,
}) => {
  await openBag(page, 'Beater tote', 'Bands')
  const box = (await chart(page).boundingBox())!
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  const client = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...xs: readonly number[]) =>
    client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: xs.map((x, id) => ({ x: middle.x + x, y: middle.y, id })),
    })
  const undoable = page.getByRole('button', { name: 'Undo', exact: true })
  await page.getByRole('radio', { name: /Oxblood/ }).click()
  await touch('touchStart', 0)
  await touch('touchMove', 40)
  await touch('touchEnd')
  await expect(undoable).toBeEnabled()
  await undo(page)
  await expect(undoable).toBeDisabled()
  // The first finger had begun to paint: that is taken back when the second comes down.
  /** How far apart the rows are on the screen. */
  const wide = () =>
    page.locator('.edges .yarn-mark').evaluateAll((marks) => {
      const ys = [...new Set(marks.map((mark) => Number(mark.getAttribute('y'))))]
      const gaps = ys
        .sort((a, b) => a - b)
        .slice(1)
        .map((y, i) => y - ys[i]!)
      return Math.min(...gaps)
    })
  const before = await wide()
  await touch('touchStart', -40)
  await touch('touchStart', -40, 40)
  await touch('touchMove', -80, 80)
  await touch('touchEnd')
  await expect.poll(wide).toBeGreaterThan(1.5 * before)
  await expect(undoable).toBeDisabled()
})
