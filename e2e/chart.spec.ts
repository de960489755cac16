import type { Page } from '@playwright/test'
import {
  accessible,
  enter,
  expect,
  figure,
  go,
  openDemo,
  part,
  saved,
  test,
  undo,
  withBand,
  word,
} from './bag.ts'

const chart = (page: Page) => page.getByRole('application')
const project = (page: Page) =>
  page.evaluate(async () => {
    const open = indexedDB.open('ample-motif')
    const database = await new Promise<IDBDatabase>(
      (done) => (open.onsuccess = () => done(open.result)),
    )
    const all = database.transaction('bags').objectStore('bags').getAll()
    return new Promise<
      {
        file: { design: { name: string; pieces: { parts: { chart?: { colours: string[] } }[] }[] } }
      }[]
    >((done) => (all.onsuccess = () => done(all.result)))
  })
/** The rows of the demo's motif, as they are stored. */
const motif = async (page: Page) => {
  await saved(page)
  const tote = (await project(page)).find(({ file }) => file.design.name === 'Beater tote')!
  return tote.file.design.pieces[0]!.parts.find((part) => part.chart)!.chart!.colours
}
/** The middle of the picture of the strip. */
const spineColours = (page: Page) =>
  page.locator('.spine-strip .strip').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL())

test('painting by pointer: one drag is one entry, Escape takes it back, the spine follows', async ({
  page,
}) => {
  await openDemo(page)
  const before = await motif(page)
  const strip = await spineColours(page)
  await page.getByRole('radio', { name: 'Oxblood' }).click()
  const box = (await chart(page).boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x - 40, y)
  await page.mouse.down()
  await page.mouse.move(x + 40, y, { steps: 6 })
  await expect(page.locator('.readout')).toContainText('D')
  await page.mouse.up()
  const painted = await motif(page)
  const changed = painted.filter((row, i) => row !== before[i])
  expect(changed).toHaveLength(1)
  expect(changed[0]!).toMatch(/D{5,7}/)
  expect(await spineColours(page)).not.toBe(strip)
  await undo(page)
  expect(await motif(page)).toEqual(before)

  await page.mouse.move(x - 40, y + 30)
  await page.mouse.down()
  await page.mouse.move(x + 40, y + 30, { steps: 4 })
  await chart(page).press('Escape')
  await page.mouse.up()
  expect(await motif(page)).toEqual(before)
})

test('every tool does what it says', async ({ page }) => {
  await openDemo(page)
  const box = (await chart(page).boundingBox())!
  const at = (dx: number, dy: number) =>
    [box.x + box.width / 2 + dx, box.y + box.height / 2 + dy] as const
  const drag = async (from: readonly [number, number], to: readonly [number, number]) => {
    await page.mouse.move(...from)
    await page.mouse.down()
    await page.mouse.move(...to, { steps: 3 })
    await page.mouse.up()
  }
  const count = async (letter: string) => (await motif(page)).join('').split(letter).length - 1
  await page.getByRole('radio', { name: 'Oxblood' }).click()
  await page.getByRole('button', { name: 'Rectangle' }).click()
  await drag(at(-20, -20), at(20, 20))
  const rectangle = await count('D')
  expect(rectangle).toBeGreaterThan(8)
  await undo(page)
  expect(await count('D')).toBe(0)

  await page.keyboard.press('l')
  await drag(at(-60, 0), at(60, 0))
  expect(await count('D')).toBeGreaterThan(6)
  await undo(page)

  await page.keyboard.press('f')
  await page.mouse.click(...at(-120, -120))
  expect(await count('D')).toBeGreaterThan(40)
  await page.getByRole('button', { name: 'Eraser' }).click()
  await drag(at(-120, -120), at(-80, -120))
  const left = await count('D')

  await page.keyboard.press('p')
  await page.mouse.click(...at(-120, -100))
  await expect(page.getByRole('radio', { name: 'Oxblood' })).toHaveAttribute('aria-checked', 'true')
  expect(await count('D')).toBe(left)
})

test('all of charting by keyboard', async ({ page }) => {
  await openDemo(page)
  await chart(page).focus()
  await page.keyboard.press('4')
  await expect(page.getByRole('radio', { name: 'Oxblood' })).toHaveAttribute('aria-checked', 'true')
  await page.keyboard.press('Space')
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await expect(
    page.locator('[aria-live]').filter({ hasText: 'Round 33, stitch 23: D Oxblood' }),
  ).toBeAttached()
  expect((await motif(page)).slice(0, 2).map((row) => row.slice(0, 3))).toEqual(['DDB', 'ADC'])
  await page.keyboard.press('+')
  await page.keyboard.press('0')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  expect((await motif(page))[0]!.slice(0, 3)).toBe('BBB')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('combobox', { name: 'Find an action' })).toBeFocused()
  await page.keyboard.type('stripes on top')
  await page.keyboard.press('Enter')
  await expect(page.locator('.stage h1')).toHaveText('Stripes')
})

test('a motif that does not divide has mends, each by one click and undone by one', async ({
  page,
}) => {
  await openDemo(page)
  await word(page, 'size')
  await enter(page, 'Repeat', '23')
  const snag = page.locator('.snag.error')
  await expect(snag).toContainText('120 stitches hold 5 repeats of 23 and leave 5')
  for (const mend of [
    'Work on 115 stitches',
    'Pad the motif by 1 column',
    'Take away 5 evenly',
    'Add 18 evenly',
  ]) {
    await snag.getByRole('button', { name: mend }).hover()
    await expect(page.locator('.tally .would')).toBeVisible()
    await snag.getByRole('button', { name: mend }).click()
    await expect(page.locator('.snag.error')).toHaveCount(0)
    await undo(page)
    await expect(snag).toBeVisible()
  }
})

test('parts are added, recoloured, reordered, resized and taken out', async ({ page }) => {
  await openDemo(page)
  const names = () => page.locator('.part-list .bands .called').allInnerTexts()
  await withBand(page, 'Diamonds', 'Move up')
  expect(await names()).toEqual([
    'Handles',
    'Edge',
    'Plain above',
    'Diamonds',
    'Stripes above',
    'Stripes below',
    'Plain below',
  ])
  await withBand(page, 'Edge', 'Take out')
  await expect(figure(page, 'tall')).toHaveText('26.8 cm')
  await undo(page)
  await part(page, 'Edge').click()
  await word(page, 'rounds')
  await page.getByLabel('Rounds: more').click()
  await expect(figure(page, 'tall')).toHaveText('27.7 cm')
  await word(page, 'yarn')
  await page.locator('.part-fields .el-select').last().click()
  await page.getByRole('option', { name: 'Brass' }).click()
  await expect(
    page.locator('.part-list .line').filter({ hasText: 'Edge' }).locator('.yarn-dot'),
  ).toContainText('B')

  // On the spine an edge is dragged, and a part answers to the arrow keys.
  await page.keyboard.press('Escape')
  await part(page, 'Edge').press('ArrowUp')
  await expect(figure(page, 'tall')).toHaveText('28.2 cm')
  const edge = (await page.locator('.spine-strip .edge').last().boundingBox())!
  await page.mouse.move(edge.x + 8, edge.y + 4)
  await page.mouse.down()
  await page.mouse.move(edge.x + 8, edge.y - 26, { steps: 5 })
  await page.mouse.up()
  await expect(figure(page, 'tall')).not.toHaveText('28.2 cm')
  await undo(page)
  await expect(figure(page, 'tall')).toHaveText('28.2 cm')

  // Dragging in the list moves a part too.
  const from = (await part(page, 'Edge').boundingBox())!
  const to = (await part(page, 'Diamonds').boundingBox())!
  await page.mouse.move(from.x + 20, from.y + 12)
  await page.mouse.down()
  await page.mouse.move(from.x + 20, from.y + 30, { steps: 4 })
  await page.mouse.move(to.x + 20, to.y + to.height - 6, { steps: 12 })
  await page.mouse.up()
  await expect.poll(async () => (await names())[0]).not.toContain('Edge')
})

test('terms, units and hand change words only', async ({ page }) => {
  await openDemo(page)
  const stored = await motif(page)
  await page.getByRole('button', { name: /US terms/ }).click()
  await page.getByText('UK terms', { exact: true }).click()
  await page.getByText('in, oz, yd', { exact: true }).click()
  await page.getByText('Left hand', { exact: true }).click()
  await page.keyboard.press('Escape')
  await expect(figure(page, 'around')).toHaveText('23.6 in')
  await expect(page.locator('.part-said p')).toContainText('Tapestry in dc')
  await expect(page.locator('.readout')).toContainText('left to right')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('Tension')
  await expect(page.locator('.paper')).toContainText('Rounds 21–25 dc in each st around (120)')
  await page.reload()
  await expect(page.locator('.paper')).toContainText('Tension')
  expect(await motif(page)).toEqual(stored)
})

test('a repeat is turned, mirrored while it is painted, brought in and given out', async ({
  page,
}) => {
  await openDemo(page)
  const readout = page.locator('.readout')
  const change = async (item: string) => {
    await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
    await page.getByRole('menuitem', { name: item }).click()
  }
  const repeat = page.locator('.part-said')
  await expect(repeat).toContainText('24 × 26')
  await change('Turn it a quarter to the right')
  await expect(repeat).toContainText('26 × 24')
  await undo(page)
  await expect(repeat).toContainText('24 × 26')
  await change('Have column 24 twice')
  await expect(repeat).toContainText('25 × 26')
  await undo(page)
  await page.getByRole('button', { name: /^Symmetry/ }).click()
  await page.getByRole('menuitem', { name: 'All four quarters alike' }).click()
  await expect(
    page.getByRole('button', { name: 'Symmetry: All four quarters alike' }),
  ).toBeVisible()
  await page.getByRole('button', { name: /^How it is seen/ }).click()
  await page.getByRole('menuitem', { name: 'Lightness only' }).click()
  await expect(page.getByRole('button', { name: 'How it is seen: Lightness only' })).toBeVisible()
  await accessible(page)

  // A table of letters comes in as it is, and one that is none is refused in words.
  const bring = async (name: string, text: string) => {
    const choosing = page.waitForEvent('filechooser')
    await change('Bring in a CSV or PNG …')
    const mimeType = 'text/csv'
    await (await choosing).setFiles({ name, mimeType, buffer: Buffer.from(text) })
  }
  await bring('bad.csv', 'A,Q\nA,A')
  await expect(page.locator('.chart-says')).toContainText('“Q” is none of the yarns')
  await bring('good.csv', 'A,B,A,A\nB,A,A,A')
  await expect(repeat).toContainText('4 × 2')
  await expect(readout).toBeVisible()
})

test('stripes go up and back again, are scaled, and made by chance', async ({ page }) => {
  await openDemo(page)
  await part(page, 'Stripes above').click()
  await word(page, 'stripes')
  const stripes = page.locator('.part-fields .stripes li')
  await expect(stripes).toHaveCount(3)
  const make = async (way: string) => {
    await page.getByRole('button', { name: 'Make of them …' }).click()
    await page.getByRole('menuitem', { name: way }).click()
  }
  await make('Up and back again')
  await expect(stripes).toHaveCount(5)
  await expect(page.locator('.part-said')).toContainText('10 rounds')
  await word(page, 'rounds')
  await page.getByLabel('In all: more').click()
  await expect(page.locator('.part-said')).toContainText('11 rounds')
  await word(page, 'stripes')
  await make('By chance, in as many rounds')
  await expect(page.locator('.part-said')).toContainText('11 rounds')
})
