import type { Page } from '@playwright/test'
import {
  accessible,
  construct,
  enter,
  expect,
  figure,
  go,
  openDemo,
  saved,
  say,
  test,
  undo,
  word,
} from './bag.ts'

const paper = (page: Page) => page.locator('.paper')

test('a panel lies on its side: stitches make it tall, and it is folded across its rows', async ({
  page,
}) => {
  await openDemo(page, 'Size')
  await construct(page, 'Sideways panel')
  await say(page, 'base', 'Up and down', '96')
  await enter(page, 'Flap', '20')
  await expect(page.locator('.fit-card th').nth(1)).toHaveText('Tall')
  await accessible(page)
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText(
    'Fold the bottom between stitches 38 and 39 of its rows, and the flap between stitches 76 and 77, right side out.',
  )
  await expect(paper(page)).toContainText('Sew one side, folded, along the first row: 38 pairs.')
})

test('strips are turned head to tail, each by itself', async ({ page }) => {
  await openDemo(page, 'Size')
  await construct(page, 'Strips')
  await word(page, 'base')
  const turned = page.getByRole('group', { name: 'Turned head to tail' })
  await turned.getByRole('checkbox', { name: 'front 2' }).check()
  await turned.getByRole('checkbox', { name: 'back 1' }).check()
  await saved(page)
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText(
    'Turn strips 2 of the front and 1 of the back head to tail',
  )
  await undo(page)
  await expect(paper(page)).toContainText('Turn strip 2 of the front head to tail')
})

test('discs are written round by round, and refused where they do not add up', async ({ page }) => {
  await openDemo(page, 'Size')
  await construct(page, 'Two discs')
  await word(page, 'base')
  await page.getByText('In words', { exact: true }).click()
  await page.getByRole('button', { name: 'Spokes' }).click()
  await expect(page.getByText('Counted: 9 rounds leave 108 stitches.')).toBeVisible()
  const rounds = page.getByLabel('Rounds in shorthand, from the ring, one a line')
  const text = await rounds.inputValue()
  await rounds.fill(`${text}\nsc in next 99 sts`)
  await page.getByRole('button', { name: 'Count them' }).click()
  await expect(page.getByText(/^Round 10: /)).toBeVisible()
  // Begun opposite, in another yarn.
  await rounds.fill(`${text}\nwith B, beginning in the 55th st, sc in each st around`)
  await page.getByRole('button', { name: 'Count them' }).click()
  await expect(page.getByText('Counted: 10 rounds leave 108 stitches.')).toBeVisible()
  await accessible(page)
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText('Join B where round 10 begins.')
  await expect(paper(page)).toContainText(
    'with B, beginning in the 55th st, ch 1, sc in each st around',
  )
})

test('an edge goes all around a flat piece, with what is wanted in its corners', async ({
  page,
}) => {
  await openDemo(page, 'Size')
  await construct(page, 'One panel')
  await go(page, 'Bands')
  await page.getByRole('button', { name: 'Add a piece' }).click()
  await page.getByRole('menuitem', { name: /^Edge/ }).click()
  await expect(page.locator('.stage h1')).toHaveText(/Edge/)
  const count = await figure(page, 'stitches across').textContent()
  expect(Number(count)).toBeGreaterThan(20)
  await word(page, 'piece-joins')
  await page.getByRole('combobox', { name: 'Join 1: in each corner' }).press('Enter')
  await page.getByRole('option', { name: 'ch 2 at each corner' }).click()
  await accessible(page)
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText(
    /pick up \d+ sc along the last row of Panel, ch 2, \d+ sc along the left side/,
  )
})

test('rounds are begun anew at a stitch, in the bag or in one band', async ({ page }) => {
  await openDemo(page, 'Bands')
  await page.locator('.part-list .bands .name').first().click()
  await word(page, 'making')
  await page.getByText('Own way', { exact: true }).click()
  await page.getByText('Begun anew', { exact: true }).click()
  await enter(page, 'In stitch', '31')
  await accessible(page)
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText(
    'Begin every round anew: cut the yarn when it is joined, and join it again in the 31st stitch of that round.',
  )
  await expect(paper(page)).toContainText('join in 31st st, ch 1, sc in each st around')
})
