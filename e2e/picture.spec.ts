import { PNG } from 'pngjs'
import type { Locator, Page } from '@playwright/test'
import { accessible, expect, go, openBag, openDemo, part, test } from './bag.ts'

/** A dark disc on light ground above a band of brass: wider than high. */
function drawn(): Buffer {
  const png = new PNG({ width: 160, height: 120 })
  for (let y = 0; y < 120; y++)
    for (let x = 0; x < 160; x++) {
      const disc = (x - 80) ** 2 + (y - 60) ** 2 < 40 ** 2
      const ground = y > 88 ? [0xd3, 0x9a, 0x2d] : [0xf2, 0xea, 0xd8]
      png.data.set([...(disc ? [0x22, 0x40, 0x6b] : ground), 255], 4 * (160 * y + x))
    }
  return PNG.sync.write(png)
}
/** A chart on paper of 24 by 16 squares, a little aslant on a dark table. */
function onPaper(): Buffer {
  const [columns, rows, cell] = [24, 16, 24]
  const png = new PNG({ width: 760, height: 560 })
  for (let y = 0; y < 560; y++)
    for (let x = 0; x < 760; x++) {
      // Turned by about three degrees.
      const [u, v] = [x - 90 + 0.05 * (y - 80), y - 80 - 0.05 * (x - 90)]
      const [column, row] = [u / cell, v / cell]
      const on = (at: number, most: number) => at > -0.06 && at < most + 0.06
      const line = (at: number) => Math.abs(at - Math.round(at)) < 0.06
      const inside = on(column, columns) && on(row, rows)
      const sheet = column > -1 && row > -1 && column < columns + 1 && row < rows + 1
      const ink = (Math.floor(column) + Math.floor(row)) % 5 === 0
      const colour = !sheet
        ? [90, 80, 70]
        : !inside
          ? [248, 245, 238]
          : line(column) || line(row)
            ? [70, 70, 75]
            : ink
              ? [0x22, 0x40, 0x6b]
              : [248, 245, 238]
      png.data.set([...colour, 255], 4 * (760 * y + x))
    }
  return PNG.sync.write(png)
}

/** The dialog over the band that is selected. */
async function begin(page: Page): Promise<Locator> {
  await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
  await page.getByRole('menuitem', { name: 'Make it of a picture …' }).click()
  return page.getByRole('dialog', { name: 'A chart of a picture' })
}
async function give(dialog: Locator, name: string, mimeType: string, buffer: Buffer) {
  const choosing = dialog.page().waitForEvent('filechooser')
  await dialog.getByRole('button', { name: 'Open …' }).click()
  await (await choosing).setFiles({ name, mimeType, buffer })
}
const tab = (dialog: Locator, name: string) => dialog.getByText(name, { exact: true }).click()
async function say(dialog: Locator, label: string, text: string) {
  const field = dialog.getByRole('textbox', { name: label, exact: true })
  await field.fill(text)
  await field.press('Enter')
}
const status = (dialog: Locator) => dialog.getByRole('status').first()
const put = (dialog: Locator) => dialog.getByRole('button', { name: 'Put it on the band' })

test.beforeEach(({ page }) =>
  page.addInitScript(() => {
    delete (window as { showOpenFilePicker?: unknown }).showOpenFilePicker
  }),
)

test('a picture becomes the chart of a band under the rules of the work, and one undo takes it back', async ({
  page,
}) => {
  await openDemo(page)
  const before = await page.locator('.part-said').innerText()
  const dialog = await begin(page)
  await expect(put(dialog)).toBeDisabled()
  await give(dialog, 'broken.png', 'image/png', Buffer.from('no picture'))
  await expect(dialog.getByRole('alert')).toContainText('could not be read')
  await give(dialog, 'disc.png', 'image/png', drawn())
  await expect(status(dialog)).toContainText('24 stitches by 20 rounds')
  await expect(dialog.getByRole('img', { name: 'Difference' })).toBeVisible()
  await expect(dialog.getByText('On the bag')).toBeVisible()
  await accessible(page)
  // Its left half, by the keys of a corner: half as wide is twice as many rounds.
  await dialog.getByRole('button', { name: /^Upper right corner/ }).focus()
  for (let i = 0; i < 50; i++) await page.keyboard.press('ArrowLeft')
  await expect(
    dialog.getByRole('button', { name: 'Upper right corner, 50 % across' }),
  ).toBeVisible()
  await expect(status(dialog)).toContainText('24 stitches by 40 rounds')
  await dialog.getByRole('button', { name: 'All of it' }).click()
  await say(dialog, 'Rounds', '10')
  await expect(status(dialog)).toContainText('12 stitches by 10 rounds')
  await say(dialog, 'Stitches', '24')
  await tab(dialog, 'Yarns')
  await accessible(page)
  await dialog.locator('label').filter({ hasText: 'Oxblood' }).first().click()
  await say(dialog, 'Chalk, grams at the most', '0')
  await expect(status(dialog)).toContainText('24 stitches by 20 rounds')
  await say(dialog, 'Chalk, grams at the most', '')
  await tab(dialog, 'Rules')
  await say(dialog, 'Yarns a round', '1')
  await expect(dialog.locator('.figures-of')).toContainText(/Few yarns a round\+/)
  await expect(dialog.locator('.figures-of')).toContainText('0 changes')
  await say(dialog, 'Yarns a round', '2')
  await dialog.getByText('Symmetric, left like right').click()
  await expect(dialog.locator('.figures-of')).toContainText('Symmetric')
  await accessible(page)
  await tab(dialog, 'Places')
  const places = dialog.getByRole('application')
  await places.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await expect(dialog.getByRole('button', { name: 'Wipe all' })).toBeEnabled()
  await dialog.getByText('Keep the picture in the log').click()
  await put(dialog).click()
  await expect(dialog).toHaveCount(0)
  await expect(page.locator('.part-said')).toContainText('24 × 20')
  await page.keyboard.press('Control+z')
  await expect.poll(() => page.locator('.part-said').innerText()).toBe(before)
  await go(page, 'Make')
  await page.locator('.make-bar').getByText('Log', { exact: true }).click()
  await expect(page.getByRole('cell', { name: /Picture of Diamonds/ })).toBeVisible()
})

test('a picture is dropped, pasted and cut out of an angle, and only asked for', async ({
  page,
}) => {
  await openDemo(page)
  const dialog = await begin(page)
  const come = (how: 'drop' | 'paste', name: string) =>
    dialog.locator('.of-picture').evaluate(
      (on, [event, called, bytes]) => {
        const data = new DataTransfer()
        data.items.add(new File([new Uint8Array(bytes)], called, { type: 'image/png' }))
        const about = { bubbles: true, cancelable: true }
        on.dispatchEvent(
          event === 'drop'
            ? new DragEvent('drop', { ...about, dataTransfer: data })
            : new ClipboardEvent('paste', { ...about, clipboardData: data }),
        )
      },
      [how, name, [...drawn()]] as const,
    )
  await come('drop', 'dropped.png')
  await expect(status(dialog)).toContainText('24 stitches by 20 rounds')
  await come('paste', 'pasted.png')
  await expect(status(dialog)).toContainText('24 stitches by 20 rounds')
  // By hand: edges of 160 and 112 across, 120 and 129 up: 136 by 125, so 24 × 125 / 136 × 10 / 9 rounds.
  await tab(dialog, 'Four corners')
  const corner = dialog.getByRole('button', { name: /^Lower right corner/ })
  await corner.focus()
  for (let i = 0; i < 30; i++) await page.keyboard.press('ArrowLeft')
  await expect(
    dialog.getByRole('button', { name: /^Lower right corner, 70 % across/ }),
  ).toBeVisible()
  await expect(status(dialog)).toContainText('24 stitches by 24 rounds')
  // Corners cannot cross over.
  for (let i = 0; i < 90; i++) await page.keyboard.press('ArrowLeft')
  await expect(corner).not.toHaveAccessibleName(/, 0 % across/)
  await expect(page.getByText('is no bag')).toHaveCount(0)
  await dialog.getByRole('button', { name: 'Not now' }).click()
  await expect(page.locator('.part-said')).toContainText('24 × 26')
})

test('the bandstand stands on bags in three ways, and is found in the yarns there are', async ({
  page,
}) => {
  await openDemo(page)
  // Tapestry in two yarns a round, on the front: all beside it stays.
  let dialog = await begin(page)
  await dialog.getByRole('button', { name: 'Try the bandstand' }).click()
  await tab(dialog, 'On the front')
  await expect(status(dialog)).toContainText('48 stitches by')
  await tab(dialog, 'Rules')
  await say(dialog, 'Yarns a round', '2')
  await expect(dialog.getByText('On the bag')).toBeVisible()
  await put(dialog).click()
  await expect(page.locator('.part-said')).toContainText('120 ×')
  await expect(page.locator('.part-said')).toContainText('once around')
  await page.keyboard.press('Control+z')
  // Three yarns a round, and only so much of one.
  dialog = await begin(page)
  await dialog.getByRole('button', { name: 'Try the bandstand' }).click()
  await say(dialog, 'Stitches', '60')
  await tab(dialog, 'Rules')
  await say(dialog, 'Yarns a round', '3')
  await tab(dialog, 'Yarns')
  await say(dialog, 'Brass, grams at the most', '1')
  await expect(dialog.locator('.figures-of')).toContainText('Only so much yarn')
  await say(dialog, 'Colours', '6')
  await dialog.getByRole('button', { name: 'Find them in the picture' }).click()
  await expect(dialog.locator('.yarn-found')).toContainText('is nearest')
  await expect(dialog.locator('.yarn-found')).toContainText('a yarn of its own')
  await put(dialog).click()
  await expect(page.locator('.part-said')).toContainText('60 × 49')
  // Overlay mosaic on the roll.
  await openBag(page, 'Drum-stick roll', 'Bands')
  await part(page, 'Keys and sticks').click()
  dialog = await begin(page)
  await dialog.getByRole('button', { name: 'Try the bandstand' }).click()
  await expect(dialog.getByRole('img', { name: 'Chart' })).toBeVisible()
  await put(dialog).click()
  await expect(dialog).toHaveCount(0)
})

test('a chart on paper is found on its photograph and read', async ({ page }) => {
  await openDemo(page)
  const dialog = await begin(page)
  await give(dialog, 'paper.png', 'image/png', onPaper())
  await tab(dialog, 'A chart on paper')
  await expect(dialog.locator('.paper-of')).toContainText('24 stitches by 16 rows in 2 colours')
  await expect(dialog.locator('.paper-of')).toContainText('no square is doubtful')
  await accessible(page)
  await put(dialog).click()
  await expect(page.locator('.part-said')).toContainText('24 × 16')
})
