import {
  accessible,
  enter,
  expect,
  go,
  openBag,
  openDemo,
  part,
  say,
  saved,
  test,
  undo,
  withBand,
  word,
} from './bag.ts'
import type { Page } from '@playwright/test'

/* How bags are finished: what is put on, said, moved along the rim, ordered, printed and cut. */

const card = (page: Page, name: string) =>
  page.locator('.finish-cards label').filter({ hasText: name })
const putOn = (page: Page, name: string) =>
  page.locator('.put-on .ways').getByRole('button', { name, exact: true }).click()
const sentence = (page: Page) => page.locator('.finish-sentence')
const said = (page: Page) => page.locator('.finish-said')
const paper = (page: Page) => page.getByLabel('The written pattern')

test('handles stand in the edge on front and back, and are moved on the rim by hand and by keys', async ({
  page,
}) => {
  await openDemo(page, 'Finish')
  await expect(page.locator('.stage h1')).toHaveText('In the edge')
  await expect(sentence(page)).toContainText('over gaps of 26, chains of 65, 3 rounds over them')
  await expect(said(page)).toContainText('ch 65, sk 26 sts')
  await expect(said(page)).toContainText('(198)')
  // Two stitches fewer at each handle where its corners are closed.
  await expect(said(page)).toContainText('(194)')
  await accessible(page)

  // One end is dragged outwards: all four go along, and both handles stay in the middle.
  const mark = page.getByRole('slider', { name: 'End of the gap on the front' })
  const box = (await mark.boundingBox())!
  const rim = (await page.locator('.rim-strip .tape rect').first().boundingBox())!
  const stitch = rim.width / 120
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 2 * stitch, box.y + box.height / 2, { steps: 6 })
  await page.mouse.up()
  await expect(sentence(page)).toContainText('over gaps of 30')
  await undo(page)
  await expect(sentence(page)).toContainText('over gaps of 26')
  // And given up with Escape.
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 4 * stitch, box.y + box.height / 2, { steps: 4 })
  await page.keyboard.press('Escape')
  await page.mouse.up()
  await expect(sentence(page)).toContainText('over gaps of 26')
  // By keys, one stitch at a time.
  await mark.press('ArrowLeft')
  await expect(sentence(page)).toContainText('over gaps of 28')
  await expect(mark).toBeFocused()
  await undo(page)

  // The drop sets the chains, and what is usual for the shoulder is shortened for the stretch.
  await say(page, 'drop', 'Drop', '25 cm')
  await page.keyboard.press('Escape')
  // 2 · √(25² + 6.5²) = 51.7 cm, 103 chains of 5 mm.
  await expect(sentence(page)).toContainText('chains of 103')
  await expect(sentence(page)).toContainText('drop 24.9 cm, for the shoulder')
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText('Loops catch.')
})

test('a drawstring is threaded with its round, and says when it does not come out', async ({
  page,
}) => {
  await openDemo(page, 'Finish')
  await card(page, 'Drawstring').click()
  await putOn(page, 'Two cords')
  await expect(sentence(page)).toContainText('over 2, under 2, ')
  await expect(said(page)).toContainText('thread it over 2 and under 2 stitches all around')
  // On top of the handles' 194 stitches it does not: a snag says so, and mends it.
  const snag = page.locator('.snag', { hasText: 'does not come out evenly' })
  await expect(snag).toContainText('194 stitches are no multiple of 4')
  await snag.getByRole('button').first().click()
  await expect(snag).toHaveCount(0)
  await undo(page)
  await expect(snag).toHaveCount(1)
  await page.locator('.put-on').getByRole('button', { name: 'Take off Drawstring' }).click()
  await expect(snag).toHaveCount(0)
})

test('a cord has its chains, its yarn and its places, and follows the bag when it is turned', async ({
  page,
}) => {
  await openBag(page, 'Mute pouch', 'Finish')
  await expect(page.locator('.stage h1')).toHaveText('Drawstring')
  await card(page, 'On the edge').click()
  await putOn(page, 'A cord')
  // The pouch is worked at 6.25 mm a stitch: 600 mm are 600 / (6.25 · √2) = 68 chains of two strands.
  await expect(said(page)).toContainText('With 2 strands of A held together, ch 68')
  await accessible(page)
  await say(page, 'strands', 'Strands', '1')
  await expect(said(page)).toContainText('With A, ch 96')
  await say(page, 'lengthMm', 'Length', '1 m')
  await expect(said(page)).toContainText('With A, ch 160: 100.0 cm')
  await expect(said(page)).toContainText(/Takes about \d/)
  await word(page, 'from')
  await page.getByRole('combobox', { name: 'One end: from where it is counted' }).press('Enter')
  await page.getByRole('option', { name: 'at the front' }).click()
  await page.keyboard.press('Escape')
  await expect(said(page)).toContainText('Tie one end to the middle of the front,')
  await saved(page)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Cord', exact: true }).first()).toBeVisible()

  await go(page, 'Yarns')
  await expect(page.getByRole('row', { name: /^Cord/ }).first()).toBeVisible()
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText('With A, ch 160')
  await expect(paper(page)).toContainText('can catch around a neck')
  await expect(paper(page)).toContainText(
    'The middle of the front is between stitches 16 and 17 of round 8, of the back between stitches 48 and 49: mark both.',
  )

  await go(page, 'Size')
  await say(page, 'base', 'Front after', '0')
  await go(page, 'Pattern')
  await expect(paper(page)).toContainText('of the back between stitches 32 and 33: mark both.')
  await undo(page)
  await expect(paper(page)).toContainText('between stitches 48 and 49: mark both.')
})

test('a cord tied to a row stays with it when rows are put in below, and says when its row is gone', async ({
  page,
}) => {
  await openDemo(page, 'Finish')
  await card(page, 'On the edge').click()
  await putOn(page, 'A cord')
  await word(page, 'from')
  await page.getByRole('combobox', { name: 'One end: where on the piece' }).press('Enter')
  await page.getByRole('option', { name: 'one of its rows' }).click()
  await enter(page, 'Row', '50')
  await page.keyboard.press('Escape')
  await expect(said(page)).toContainText('of round 50')

  // Diamonds are rounds 32 to 57, and a row is put in below the first.
  await go(page, 'Bands')
  await part(page, 'Diamonds').click()
  const change = async (what: RegExp) => {
    await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
    await page.getByRole('menuitem', { name: what }).click()
  }
  const cordIn = async (round: string) => {
    await page.locator('.piece-tabs').getByRole('button', { name: 'Cord', exact: true }).click()
    await expect(said(page)).toContainText(round)
    await go(page, 'Bands')
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

test('straps hang where they should, and a lining is cut to size and taken along in full size', async ({
  page,
}) => {
  await openBag(page, 'Raffle bag', 'Finish')
  await expect(page.locator('.stage h1')).toHaveText('Sewn straps')
  await expect(sentence(page)).toContainText(
    '2.5 cm over the bag at each end, 9.0 cm in from the sides',
  )
  await say(page, 'in', 'In from the sides', '7 cm')
  await page.keyboard.press('Escape')
  await expect(sentence(page)).toContainText('7.0 cm in from the sides')
  await expect(said(page)).toContainText('its middle 7.0 cm on from one side')
  await card(page, 'Lining').click()
  const plan = page.getByRole('img', { name: /^Cutting plan/ })
  await expect(plan).toHaveAttribute('aria-label', /Base: with round ends/)
  await accessible(page)
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Cutting plan as PDF' }).click(),
  ])
  expect(pdf.suggestedFilename()).toBe('raffle-bag-cutting.pdf')
})

test('the order of finishing is hers, with lines of her own, and is printed', async ({ page }) => {
  await openDemo(page, 'Finish')
  await card(page, 'More').click()
  await putOn(page, 'Block to size')
  await word(page, 'text')
  await page.getByLabel('What is to be done').fill('Stuff it with a towel and steam it.')
  await page.getByLabel('What is to be done').blur()
  await page.keyboard.press('Escape')
  await page.getByText('Order', { exact: true }).click()
  const steps = page.locator('.finish-order li')
  await expect(steps).toHaveCount(2)
  await expect(steps.nth(1)).toContainText('Stuff it with a towel and steam it.')
  await page.getByRole('button', { name: 'Block earlier' }).click()
  await expect(steps.nth(0)).toContainText('Stuff it')
  await accessible(page)
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText(
    /Block:\s*Stuff it with a towel and steam it\.[^]*Ends:\s*Weave in the 16 ends\./,
  )
})
