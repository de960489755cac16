import { expect, figure, openBag, openDemo, part, saved, test as base } from './bag.ts'
import { Hand } from './hand.ts'

/* Thirteen tasks as someone who has a bag in mind does them, each in as few steps as it takes. */
const test = base.extend<{ hand: Hand }>({
  hand: async ({ page }, use) => use(new Hand(page)),
})

/** Begins a new bag of a size, up to what is asked of it beside that. */
async function newBag(hand: Hand, wide: string, tall: string): Promise<void> {
  await hand.page.goto('/')
  await hand.click(hand.button('New bag'))
  await hand.type(hand.field('Wide'), wide)
  await hand.type(hand.field('Tall'), tall)
}
const make = (hand: Hand) => hand.click(hand.button('Make this bag'))
const snags = (hand: Hand) => hand.page.locator('.snags')

test('a zigzag tote of 35 × 30 cm', async ({ page, hand }) => {
  await newBag(hand, '35 cm', '30 cm')
  await make(hand)
  await hand.band('Base', 'Tapestry')
  await hand.motif('Zigzag')
  await hand.click(hand.button(/^Make it the repeat/))
  // It does not come out on the count there is: two taken away below it, and no one sees it.
  await hand.click(hand.button(/^Take away 2 evenly below it/))
  await hand.word('times')
  await hand.type(hand.field('Worked'), '4')
  await hand.click(hand.button(/rounds fewer of Plain/))
  await expect(page.locator('.snag.error')).toHaveCount(0)
  await expect(figure(page, 'tall')).toContainText('30.0 cm')
  await hand.click(page.getByRole('navigation', { name: 'Places' }).getByText('Pattern'))
  await expect(page.locator('.paper')).toContainText('× 14')
  hand.atMost(18)
})

test('a heart in front, letters behind', async ({ page, hand }) => {
  await openDemo(page)
  await hand.click(part(page, 'Plain above'))
  await hand.band('Plain above', 'Tapestry')
  await hand.motif('Heart')
  await hand.click(hand.button(/^On the front/))
  await expect(page.locator('.part-said')).toContainText('120 ×')
  await hand.press('t')
  await hand.click(page.getByText('Letters', { exact: true }))
  await hand.type(hand.field('Text in stitches'), 'DRUM')
  await hand.click(hand.button(/^On the back/))
  // What was laid in front is there still.
  await expect(page.locator('.chart-says')).toContainText('back')
  hand.atMost(11)
})

test('a mosaic clutch', async ({ page, hand }) => {
  await newBag(hand, '24 cm', '16 cm')
  await hand.click(page.locator('.kind').filter({ hasText: 'Folded panel' }))
  await hand.type(hand.field('Flap'), '8 cm')
  await make(hand)
  await hand.band(/./, 'Mosaic')
  await expect(page.locator('.part-said')).toContainText('Overlay mosaic')
  await expect(page.locator('.part-said')).toContainText('rows')
  hand.atMost(8)
})

test('three textures', async ({ page, hand }) => {
  await openBag(page, 'Mute pouch', 'Bands')
  const list = page.locator('.part-list')
  for (const name of ['Bobbles', 'Seed', 'Post rib']) {
    await hand.band(/./, 'Texture …')
    await hand.click(page.getByRole('dialog').getByRole('button', { name: new RegExp(`^${name}`) }))
    await expect(list).toContainText(name)
  }
  hand.atMost(9)
})

test('the largest bag of four balls', async ({ page, hand }) => {
  await page.goto('/')
  await hand.click(hand.button('New bag'))
  await hand.click(page.getByText('From my yarn', { exact: true }))
  for (const [label, text] of [
    ['Grams', '50'],
    ['Metres', '125'],
    ['Balls', '4'],
  ] as const)
    await hand.type(page.getByLabel(new RegExp(`^${label}`)).first(), text)
  await expect(page.locator('.outcome')).toContainText('stitches around')
  await make(hand)
  await expect(snags(hand)).not.toContainText('short')
  hand.atMost(6)
})

test('a swatch is measured, and the bag keeps its size', async ({ page, hand }) => {
  await newBag(hand, '30 cm', '28 cm')
  await make(hand)
  await hand.click(page.getByRole('navigation', { name: 'Places' }).getByText('Size'))
  await hand.word('gauge')
  await hand.click(page.getByText('A swatch', { exact: true }))
  await hand.type(hand.field('Stitches'), '18')
  await hand.type(hand.field('Rounds'), '20')
  await expect(snags(hand)).not.toContainText('estimate')
  await hand.press('Escape')
  await hand.click(hand.button('Resize …'))
  await hand.click(hand.button('Make it this size'))
  await expect(page.locator('.fit-card tr.on')).toBeVisible()
  await expect(figure(page, 'tall')).toContainText('28')
  hand.atMost(12)
})

test('a strap and a pocket', async ({ page, hand }) => {
  await openDemo(page)
  for (const kind of ['Strap', 'Pocket']) {
    await hand.click(hand.button('Add a piece'))
    await hand.click(page.getByRole('menuitem', { name: kind }))
    await expect(page.locator('.stage h1')).toHaveText(kind)
  }
  await hand.word('piece-joins')
  await hand.type(hand.field('Row').first(), '40')
  await hand.click(page.getByRole('navigation', { name: 'Places' }).getByText('Pattern'))
  const paper = page.locator('.paper')
  await expect(paper).toContainText('the last row of Strap')
  await expect(paper).toContainText('the first row of Pocket')
  await expect(paper).toContainText('round 40')
  hand.atMost(7)
})

test('a pattern is checked and becomes a bag', async ({ page, hand }) => {
  await page.goto('/')
  await hand.click(page.getByRole('link', { name: 'Check', exact: true }))
  await expect(page.locator('.result')).toContainText('An example.')
  await hand.type(
    hand.field('The written pattern'),
    'Reed bag\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st around (12)\nRnds 3–9: sc in each st around (12)',
  )
  await expect(page.getByRole('heading', { name: 'All 9 rows add up.' })).toBeVisible()
  await hand.click(hand.button('Make a bag of it'))
  await hand.click(hand.button('Put it on the shelf'))
  await expect(figure(page, 'stitches around')).toHaveText('12')
  hand.atMost(4)
})

test('a chart goes out as PNG and comes in again', async ({ page, hand }) => {
  await openDemo(page)
  const waiting = page.waitForEvent('download')
  await hand.press('Control+k')
  await hand.type(page.getByRole('combobox', { name: 'Find an action' }), 'stitches as png')
  await expect(page.getByRole('option', { name: 'Stitches as PNG' })).toBeVisible()
  await page.getByRole('combobox', { name: 'Find an action' }).focus()
  await hand.press('Enter')
  const file = await (await waiting).path()
  await hand.press('Control+k')
  await hand.type(page.getByRole('combobox', { name: 'Find an action' }), 'go to the chart')
  await page.getByRole('combobox', { name: 'Find an action' }).focus()
  await hand.press('Enter')
  await expect(page.getByRole('application')).toBeFocused()
  const asking = page.waitForEvent('filechooser')
  await hand.click(hand.button('Turn, move, rows and columns'))
  await hand.click(page.getByRole('menuitem', { name: 'Bring in a CSV or PNG …' }))
  await (await asking).setFiles(file)
  await expect(page.locator('.part-said')).toContainText('24 × 26')
  hand.atMost(8)
})

test('undo is there after the tab was closed', async ({ page, hand, context }) => {
  await openDemo(page)
  await hand.click(part(page, 'Edge'))
  await hand.word('rounds')
  await hand.type(hand.field('Rounds'), '9')
  await expect(page.locator('.part-list')).toContainText('9 rounds')
  await saved(page)
  const url = page.url()
  await page.close()
  const again = await context.newPage()
  await again.goto(url)
  await expect(again.locator('.part-list')).toContainText('9 rounds')
  await again.keyboard.press('Control+z')
  await expect(again.locator('.part-list')).not.toContainText('9 rounds')
  hand.atMost(3)
})

test('by keyboard alone: from the shelf to a painted stitch', async ({ page, hand }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Open Beater tote' }).waitFor()
  await hand.press('Control+k')
  await expect(page.getByRole('combobox', { name: 'Find an action' })).toBeFocused()
  await page.keyboard.type('beater')
  await hand.press('Enter')
  await expect(page.locator('.stage h1')).toHaveText('Diamonds')
  await hand.press('Tab')
  await expect(hand.button('Go to the chart')).toBeFocused()
  await hand.press('Enter')
  const chart = page.getByRole('application')
  await expect(chart).toBeFocused()
  await hand.press('3')
  await hand.press('Space')
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
  // A place, a mend, a tool: each by its name.
  await hand.press('Control+k')
  await expect(page.getByRole('combobox', { name: 'Find an action' })).toBeFocused()
  await page.keyboard.type('fill what')
  await hand.press('Enter')
  await expect(hand.button('Fill what hangs together')).toHaveAttribute('aria-pressed', 'true')
  hand.atMost(8)
})

for (const [device, width, height] of [
  ['a tablet', 820, 1180],
  ['a phone', 390, 844],
] as const)
  test.describe(device, () => {
    test.use({ viewport: { width, height } })
    test(`on ${device} a band is chosen, said otherwise and painted`, async ({ page, hand }) => {
      await openDemo(page)
      if (width < 640) {
        await hand.click(page.locator('.part-chips').getByText('Stripes below'))
        await hand.click(page.locator('.part-chips').getByText('Diamonds'))
        await hand.click(hand.button('How it is worked'))
      }
      await hand.word('size')
      await hand.click(hand.button(/^20 × 26, 6 times around/))
      await expect(page.locator('[data-word=size]')).toHaveText('20 × 26')
      await hand.press('Escape')
      if (width < 640) await hand.press('Escape')
      const chart = page.getByRole('application')
      await hand.drag(chart, [0.4, 0.45], [0.6, 0.45])
      await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
        .toBeLessThanOrEqual(width)
      hand.atMost(8)
    })
  })
