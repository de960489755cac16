import { accessible, enter, expect, fileFrom, test } from './bag.ts'

/* What belongs to the maker: kept in two tabs, and carried from browser to browser as one file. */

test('two tabs keep both what they put into the workshop, and it goes out and in as one file', async ({
  page,
  context,
  browser,
}) => {
  await page.goto('/stitches')
  const other = await context.newPage()
  await other.goto('/stitches')
  const own = (tab: typeof page, name: string) =>
    tab.getByRole('button', { name: new RegExp(`^${name}`) })
  await page.getByRole('button', { name: 'New pattern' }).click()
  await enter(page, 'Name', 'Cornet rib')
  await expect(own(other, 'Cornet rib')).toBeVisible()
  await other.getByRole('button', { name: 'New pattern' }).click()
  await enter(other, 'Name', 'Drum mesh')
  await expect(own(page, 'Drum mesh')).toBeVisible()
  await page.reload()
  await expect(own(page, 'Cornet rib')).toBeVisible()
  await expect(own(page, 'Drum mesh')).toBeVisible()

  await page.goto('/')
  const { name, bytes } = await fileFrom(page, 'Export my workshop')
  expect([name, JSON.parse(bytes.toString())]).toMatchObject([
    'my-workshop.json',
    { format: 'ample-motif-workshop', patterns: [{ name: 'Cornet rib' }, { name: 'Drum mesh' }] },
  ])
  // Another browser, which has one of its own.
  const elsewhere = await browser.newContext()
  const there = await elsewhere.newPage()
  await there.addInitScript(() => Reflect.deleteProperty(window, 'showOpenFilePicker'))
  await there.goto('/')
  const choosing = there.waitForEvent('filechooser')
  await there.getByRole('button', { name: 'Import a bag' }).click()
  await (
    await choosing
  ).setFiles({ name: 'my-workshop.json', mimeType: 'application/json', buffer: bytes })
  await expect(
    there.getByText('2 things of “my-workshop.json” came into your workshop'),
  ).toBeVisible()
  await accessible(there)
  await there.goto('/stitches')
  await expect(own(there, 'Drum mesh')).toBeVisible()
  await elsewhere.close()
})

test('a workshop that cannot be read is left as it is, and says so', async ({ page }) => {
  await page.goto('/')
  await expect(page.locator('.bag-card').first()).toBeVisible()
  await page.getByRole('link', { name: 'Stitches', exact: true }).click()
  await page.getByRole('button', { name: 'New pattern' }).click()
  await enter(page, 'Name', 'Kept')
  await page.goto('/')
  const { bytes } = await fileFrom(page, 'Export my workshop')
  expect(bytes.toString()).toContain('Kept')
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('ample-motif')
        open.onerror = () => fail(open.error)
        open.onsuccess = () => {
          const store = open.result.transaction('workshop', 'readwrite').objectStore('workshop')
          const read = store.get('workshop')
          read.onsuccess = () => {
            const record = read.result as { file: { version: number } }
            record.file.version = 99
            const put = store.put(record, 'workshop')
            put.onsuccess = () => (open.result.close(), done())
          }
        }
      }),
  )
  await page.goto('/stitches')
  await expect(page.getByRole('alert')).toContainText('99 is newer than this program knows')
  await page.getByRole('button', { name: 'New pattern' }).click()
  await accessible(page)
})
