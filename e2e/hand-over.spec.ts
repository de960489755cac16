import type { Page } from '@playwright/test'
import { accessible, expect, go, openDemo, test } from './bag.ts'

/* A bag from one device to another by codes, each shown and read as a picture. */

const dialog = (page: Page) => page.getByRole('dialog')
const press = async (page: Page, key: string, times: number) => {
  for (let i = 0; i < times; i++) await page.keyboard.press(key)
}

test('a bag goes over by codes, and its log is joined to that of the same bag there', async ({
  page,
  browser,
}) => {
  await openDemo(page, 'Make')
  await expect(page.locator('.make-view h1')).toHaveText('Round 1')
  await press(page, 'Enter', 4)
  await page.locator('.make-bar').getByRole('button', { name: 'What else can be done' }).click()
  await page.getByRole('button', { name: 'To another device' }).click()
  const code = dialog(page).getByRole('img', { name: /^Code/ })
  await expect(code).toBeVisible()
  await accessible(page)
  const many = Number(/of (\d+)/.exec((await code.getAttribute('aria-label'))!)![1])
  const pictures: { name: string; mimeType: string; buffer: Buffer }[] = []
  for (let i = 0; i < many; i++) {
    await expect(code).toHaveAttribute('aria-label', `Code ${i + 1} of ${many}`)
    pictures.push({
      name: `${i}.png`,
      mimeType: 'image/png',
      buffer: await dialog(page).screenshot(),
    })
    await dialog(page).getByRole('button', { name: 'The next code' }).click()
  }

  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await other.addInitScript(() => localStorage.setItem('ample-motif-still-pictures', 'off'))
  await openDemo(other, 'Make')
  await expect(other.locator('.make-view h1')).toHaveText('Round 1')
  await other.getByRole('link', { name: 'Ample Motif' }).click()
  const give = async (files: typeof pictures) => {
    await other.getByRole('button', { name: 'Take over', exact: true }).click()
    await other.getByLabel('Pictures of the codes').setInputFiles(files)
  }
  // Another order, one twice, and one that is none.
  const last = pictures.at(-1)!
  await give([last, { ...last, name: 'none.png', buffer: await other.screenshot() }, last])
  await expect(dialog(other).getByRole('status')).toContainText(`1 of ${many} are read`)
  await expect(dialog(other).getByRole('alert')).toContainText('In 1 of 3 no code could be read.')
  await accessible(other)
  await other.getByLabel('Pictures of the codes').setInputFiles(pictures.toReversed())
  const files = other.getByLabel('Files', { exact: true })
  await expect(files).toContainText('4 entries of the log')
  await files.getByRole('button', { name: 'Join the logs, the plan as here' }).click()
  await files.getByRole('link', { name: 'Open it' }).click()
  await go(other, 'Make')
  await expect(other.locator('.make-view h1')).toHaveText('Round 5')
  await other.context().close()
})
