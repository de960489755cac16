import { PNG } from 'pngjs'
import { accessible, expect, openDemo, test } from './bag.ts'

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

test('a picture becomes the chart of a band, in so many yarns a round, and one undo takes it back', async ({
  page,
}) => {
  await page.addInitScript(() => {
    delete (window as { showOpenFilePicker?: unknown }).showOpenFilePicker
  })
  await openDemo(page)
  const before = await page.locator('.part-said').innerText()
  await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
  await page.getByRole('menuitem', { name: 'Make it of a picture …' }).click()
  const dialog = page.getByRole('dialog', { name: 'A chart of a picture' })
  const take = dialog.getByRole('button', { name: 'Put it on the band' })
  await expect(take).toBeDisabled()
  const open = async (name: string, mimeType: string, buffer: Buffer) => {
    const choosing = page.waitForEvent('filechooser')
    await dialog.getByRole('button', { name: 'Open a picture …' }).click()
    await (await choosing).setFiles({ name, mimeType, buffer })
  }
  await open('broken.png', 'image/png', Buffer.from('no picture'))
  await expect(dialog.getByRole('status')).toContainText('could not be read')
  await open('disc.png', 'image/png', drawn())
  await expect(dialog.getByRole('status')).toContainText('24 stitches by 20 rows')
  await expect(dialog.getByRole('img', { name: 'Difference' })).toBeVisible()
  await accessible(page)
  // Without oxblood no cell is in it.
  await expect(dialog).toContainText(/D \d+\./)
  await dialog.getByRole('button', { name: 'Oxblood' }).click()
  await expect(dialog).not.toContainText(/D \d+\./)
  const perRound = dialog.getByRole('textbox', { name: 'Yarns a round' })
  await perRound.fill('1')
  await perRound.press('Enter')
  await expect(dialog.getByRole('status')).toContainText('24 stitches by 20 rows')
  await take.click()
  await expect(dialog).toHaveCount(0)
  await expect(page.locator('.part-said')).toContainText('24 × 20')
  await page.keyboard.press('Control+z')
  await expect.poll(() => page.locator('.part-said').innerText()).toBe(before)
})
