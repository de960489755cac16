import JSZip from 'jszip'
import type { Page } from '@playwright/test'
import { accessible, bytesOf, expect, go, openDemo, test } from './bag.ts'

/* All there is in one zip, read by another reader, and back again. */

const dialog = (page: Page) => page.getByRole('dialog')
const bags = (page: Page) => page.locator('.bag-card')

async function saveBackup(page: Page): Promise<Buffer> {
  await page.getByRole('button', { name: 'Backup', exact: true }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog(page).getByRole('button', { name: 'Save a backup' }).click(),
  ])
  expect(download.suggestedFilename()).toMatch(/^ample-motif-backup-\d{4}-\d\d-\d\d\.zip$/)
  await expect(dialog(page).getByRole('status')).toHaveText(/^Saved/)
  return bytesOf(download)
}
async function give(page: Page, name: string, buffer: Buffer) {
  const choosing = page.waitForEvent('filechooser')
  await dialog(page).getByRole('button', { name: 'Restore from a backup' }).click()
  await (await choosing).setFiles({ name, mimeType: 'application/zip', buffer })
}

test('a backup holds everything, and what it holds comes back or is joined', async ({ page }) => {
  await openDemo(page, 'Make')
  await expect(page.locator('.make-view h1')).toHaveText('Round 1')
  for (let i = 0; i < 3; i++) await page.keyboard.press('Enter')
  await page.locator('.make-bar').getByRole('button', { name: 'Note' }).click()
  await dialog(page).getByRole('textbox', { name: 'Note' }).fill('Begun in the train.')
  // A picture that says where it was taken: what is kept of it does not.
  const where = 'GPSLatitude 48.2'
  const png = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 2400
    canvas.height = 1200
    return canvas.toDataURL('image/png').split(',')[1]!
  })
  const picture = Buffer.concat([Buffer.from(png, 'base64'), Buffer.from(where)])
  await dialog(page)
    .getByLabel('A picture to it')
    .setInputFiles({ name: 'bag.png', mimeType: 'image/png', buffer: picture })
  await expect(dialog(page).getByRole('button', { name: 'Keep it' })).toBeEnabled()
  await page.waitForTimeout(300)
  await dialog(page).getByRole('button', { name: 'Keep it' }).click()
  await page.locator('.make-bar').getByText('Log', { exact: true }).click()
  await expect(page.getByRole('img', { name: /^Photo after round 3: Begun/ })).toBeVisible()
  await expect(page.locator('.saved')).toHaveText(/^saved/)
  await page.getByRole('link', { name: 'Ample Motif' }).click()
  await expect(bags(page).first()).toBeVisible()
  const many = await bags(page).count()

  const zip = await JSZip.loadAsync(await saveBackup(page))
  await accessible(page)
  const names = Object.keys(zip.files)
  expect(names.filter((name) => name.startsWith('bags/') && name.endsWith('.json'))).toHaveLength(
    many,
  )
  const photo = names.find((name) => name.endsWith('.jpg'))!
  const jpeg = Buffer.from(await zip.file(photo)!.async('uint8array'))
  expect(jpeg.subarray(0, 2).toString('hex')).toBe('ffd8')
  expect(jpeg.includes(where)).toBe(false)
  const id = photo.split('/')[1]!
  const file = JSON.parse(await zip.file(`bags/${id}.json`)!.async('text'))
  expect(file.design.name).toBe('Beater tote')
  expect(file.log.map(({ kind }: { kind: string }) => kind)).toEqual([
    'made',
    'made',
    'made',
    'photo',
  ])

  // On another device a note was added to this bag.
  file.log.push({
    ...{ kind: 'noted', about: 'note', text: 'From the phone.', at: '2026-12-01T09:00:00.000Z' },
    ...{ piece: 'bag', copy: 1, row: null },
  })
  zip.file(`bags/${id}.json`, JSON.stringify(file))
  zip.file(
    `bags/new-one.json`,
    JSON.stringify({ ...file, design: { ...file.design, name: 'Horn tote' } }),
  )
  const index = JSON.parse(await zip.file('backup.json')!.async('text'))
  index.bags.push({ id: 'new-one', savedAt: 0 }, { id: 'torn', savedAt: 0 })
  zip.file('backup.json', JSON.stringify(index))
  await give(page, 'backup.zip', await zip.generateAsync({ type: 'nodebuffer' }))
  const line = (name: string) => dialog(page).getByRole('row', { name: new RegExp(`^${name}`) })
  await expect(line('Beater tote')).toContainText('1 entry of its log is not here')
  await expect(line('Raffle bag')).toContainText('here, the very same')
  await expect(line('Horn tote')).toContainText('not on this shelf')
  await expect(line('torn')).toContainText('cannot be read')
  await dialog(page).getByRole('button', { name: 'Take these' }).click()
  await expect(dialog(page).getByRole('status')).toHaveText('2 bags taken.')
  await page.keyboard.press('Escape')
  await expect(bags(page)).toHaveCount(many + 1)
  await page.getByRole('link', { name: 'Open Beater tote' }).click()
  await go(page, 'Make')
  await expect(page.locator('.make-view h1')).toHaveText('Round 4')
  await expect(page.locator('.log-lines')).toContainText('From the phone.')
})

test('what is no backup is refused in words, and changes nothing', async ({ page }) => {
  await page.goto('/')
  await expect(bags(page).first()).toBeVisible()
  await page.getByRole('button', { name: 'Backup', exact: true }).click()
  await give(page, 'x.zip', Buffer.from('no zip at all'))
  await expect(dialog(page).getByRole('alert')).toHaveText(
    'This file is no zip that can be opened.',
  )
  const other = await new JSZip().file('a.txt', 'x').generateAsync({ type: 'nodebuffer' })
  await give(page, 'x.zip', other)
  await expect(dialog(page).getByRole('alert')).toContainText('no backup of Ample Motif')
})
