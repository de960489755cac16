import type { Page } from '@playwright/test'
import {
  accessible,
  addBand,
  construct,
  enter,
  expect,
  figure,
  go,
  openBag,
  openDemo,
  part,
  saved,
  test,
  undo,
  withBand,
  word,
} from './bag.ts'

const piece = (page: Page, name: string) =>
  page.locator('.piece-tabs').getByRole('button', { name, exact: true })
const choose = async (page: Page, kind: string) => {
  await go(page, 'Size')
  await construct(page, kind)
  await go(page, 'Bands')
}

test('a strap is added to the satchel, sewn where the flap begins, copied and taken out', async ({
  page,
}) => {
  await openBag(page, 'March-book satchel', 'Bands')
  // It hangs by one already: that is taken off first.
  await piece(page, 'Strap').click()
  await page.getByRole('button', { name: 'What to do with the piece Strap' }).click()
  await page.getByRole('menuitem', { name: 'Take out' }).click()
  await expect(piece(page, 'Strap')).toHaveCount(0)
  await page.getByRole('button', { name: 'Add a piece' }).press('Enter')
  await page.getByRole('menuitem', { name: 'Strap' }).press('Enter')
  await expect(piece(page, 'Strap')).toHaveAttribute('aria-pressed', 'true')
  await expect(page.locator('.part-said h1')).toHaveText('Strap')
  // Its strip alone lies on the mat: its base and its rows.
  await expect(page.locator('.part-list .line')).toHaveCount(2)
  await word(page, 'piece-base')
  await page.locator('.piece-fields').getByLabel('Across: more').click()
  await go(page, 'Pattern')
  await expect(page.locator('.pattern-view')).toContainText(
    'Whip-stitch the first row of Strap to the left side of Panel',
  )
  await go(page, 'Bands')
  await page.getByRole('button', { name: 'What to do with the piece Strap' }).click()
  await page.getByRole('menuitem', { name: 'Copy' }).click()
  await expect(piece(page, 'Strap 2')).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'What to do with the piece Strap 2' }).click()
  await page.getByRole('menuitem', { name: 'Take out' }).click()
  await expect(piece(page, 'Strap 2')).toHaveCount(0)
  await undo(page)
  await expect(piece(page, 'Strap 2')).toHaveCount(1)
  await saved(page)
  await page.reload()
  await expect(piece(page, 'Strap 2')).toHaveCount(1)
})

test('the two panels of a bag differ, and must be as long as each other', async ({ page }) => {
  await openDemo(page)
  await choose(page, 'Two panels')
  await expect(piece(page, 'Panel × 2')).toHaveCount(1)
  await page.locator('.part-list .base .name').click()
  await word(page, 'faces')
  await page.getByText('Its own', { exact: true }).click()
  await piece(page, 'Back').click()
  await expect(page.locator('.part-list .bands .line')).toHaveCount(7)
  await withBand(page, 'Edge', 'Take out')
  const snag = page.locator('.snag', { hasText: 'The two faces are not equal' })
  await expect(snag).toContainText('The front has 61 and the back 60')
  await snag.getByRole('button', { name: /1 row more of Plain/ }).click()
  await expect(snag).toHaveCount(0)
})

test('discs take bands of their own, which widen the bag', async ({ page }) => {
  await openDemo(page)
  await choose(page, 'Two discs')
  await piece(page, 'Disc × 2').click()
  await addBand(page, 'Disc', 'Plain')
  const around = await figure(page, 'around').innerText()
  const snag = page.locator('.snag', { hasText: 'Disc will not lie flat' })
  await snag.getByRole('button', { name: /Add \d+ evenly/ }).click()
  await expect(snag).toHaveCount(0)
  await expect(figure(page, 'around')).not.toHaveText(around)
})

test('bands are worked several times, their yarns by turns, edited once and unfolded', async ({
  page,
}) => {
  await openBag(page, 'Mute pouch', 'Bands')
  const bands = page.locator('.part-list .bands .line')
  await expect(bands).toHaveCount(6)
  const rounds = page.locator('.part-list')
  await withBand(page, 'Puffs', /^Repeat up to/)
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: /Pine/ }).click()
  await dialog.getByRole('button', { name: /Rust/ }).click()
  await accessible(page)
  await dialog.getByRole('button', { name: 'Repeat them' }).click()
  // Puffs and the stripes above them, three times: shown once.
  await expect(bands).toHaveCount(6)
  await expect(rounds.getByText('3 rounds × 3')).toBeVisible()
  await part(page, 'Puffs').click()
  await word(page, 'rounds')
  await enter(page, 'Rounds', '5')
  await expect(rounds.getByText('5 rounds × 3')).toBeVisible()
  await go(page, 'Pattern')
  await expect(page.getByRole('heading', { name: 'Puffs, 3' })).toBeVisible()
  await go(page, 'Bands')
  await withBand(page, 'Puffs', /^Unfold/)
  await expect(bands).toHaveCount(10)
  await undo(page)
  await expect(bands).toHaveCount(6)
})
