import {
  addBand,
  bytesOf,
  enter,
  expect,
  figure,
  fileFrom,
  go,
  saved,
  test,
  undo,
  word,
} from './bag.ts'

/* A newcomer's way, from an empty table to a printed pattern. */
test('from what goes in to a written pattern', async ({ page }) => {
  // The shelf opens with the demo bag.
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Open Beater tote' })).toBeVisible()

  // A new bag: what goes in, hook and yarn, done.
  await page.getByRole('button', { name: 'New bag' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Valve oil pouch')
  await page.getByText('What goes in', { exact: true }).click()
  await page.getByLabel('Wide', { exact: true }).fill('8 in')
  await page.getByLabel('Thick', { exact: true }).fill('40mm')
  await page.getByLabel('Tall', { exact: true }).fill('20')
  await page.getByLabel('Hook', { exact: true }).fill('3,5 mm')
  await page.getByRole('button', { name: 'Make this bag' }).click()
  await expect(page.locator('.stage h1')).toHaveText('Base')

  // Size: a swatch takes the place of the estimate.
  await go(page, 'Size')
  await expect(page.locator('[data-word=want]')).toContainText('56.6 cm around')
  await expect(page.locator('.snags')).toContainText('Sizes rest on an estimate')
  await word(page, 'gauge')
  await page.getByText('A swatch', { exact: true }).click()
  await enter(page, 'Stitches', '18 over 10 cm')
  // One figure is no swatch yet.
  await expect(page.locator('.snags')).toContainText('Sizes rest on an estimate')
  await enter(page, 'Rounds', '20')
  await expect(page.locator('.snags')).not.toContainText('estimate')

  // A wrong gauge is said at its field, and nothing is lost.
  const stitches = page.getByLabel('Stitches', { exact: true }).first()
  await stitches.fill('quite loose')
  await stitches.press('Enter')
  await expect(page.getByRole('alert')).toContainText('is not a gauge')
  await expect(stitches).toHaveValue('quite loose')
  await stitches.press('Escape')

  // Another count that fits, by one click; undone by one.
  const before = await figure(page, 'stitches around').innerText()
  const best = page.locator('.fit-card tbody tr').nth(1)
  await best.getByRole('button').click()
  await expect(best).toHaveClass(/on/)
  await expect(figure(page, 'stitches around')).toHaveText(
    (await best.locator('td').first().innerText()).split('\n')[0]!,
  )
  await undo(page)
  await expect(figure(page, 'stitches around')).toHaveText(before)
  await page.getByRole('button', { name: 'Redo' }).click()

  // Bands: a motif is put on and painted.
  await go(page, 'Bands')
  await addBand(page, /./, 'Tapestry')
  const chart = page.getByRole('application')
  await chart.click()
  await expect(page.locator('.readout')).toContainText('B')

  // The pattern says it, and everything is kept when the tab is closed.
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('on the other side 28 sc')
  const project = await fileFrom(page, 'Project as JSON')
  expect(project.name).toBe('valve-oil-pouch.json')
  await saved(page)
  const address = page.url()
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Valve oil pouch' })).toBeVisible()
  await page.goto(address)
  await expect(page.locator('.paper .sheet').first()).toContainText('Valve oil pouch')
  expect(JSON.parse(project.bytes.toString()).design.name).toBe('Valve oil pouch')
})

test('the shelf renames, duplicates, deletes with undo, exports, imports and brings the demo back', async ({
  page,
}) => {
  await page.goto('/')
  const act = async (bag: string, what: string) => {
    const name = `What to do with ${bag}`
    await page.getByRole('button', { name, exact: true }).click()
    await page
      .getByRole('menu', { name, exact: true })
      .getByRole('menuitem', { name: what })
      .click()
  }
  const bag = (name: string) => page.getByRole('heading', { name, level: 2, exact: true })

  await act('Beater tote', 'Duplicate')
  await expect(bag('Beater tote (copy)')).toBeVisible()
  await act('Beater tote (copy)', 'Rename')
  await page.getByLabel('New name').fill('Triangle tote')
  await page.getByLabel('New name').press('Enter')
  await expect(bag('Triangle tote')).toBeVisible()

  const waiting = page.waitForEvent('download')
  await act('Triangle tote', 'Export')
  const download = await waiting
  const bytes = await bytesOf(download)

  await act('Triangle tote', 'Delete')
  await expect(bag('Triangle tote')).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(bag('Triangle tote')).toBeVisible()
  await act('Triangle tote', 'Delete')
  await expect(bag('Triangle tote')).toBeHidden()

  // It comes back by picker, and by drop.
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Import a bag' }).click()
  await (
    await choosing
  ).setFiles({ name: 'tote.json', mimeType: 'application/json', buffer: bytes })
  await expect(bag('Triangle tote')).toHaveCount(1)
  const dropped = await page.evaluateHandle((text) => {
    const transfer = new DataTransfer()
    transfer.items.add(new File([text], 'tote.json', { type: 'application/json' }))
    return transfer
  }, bytes.toString())
  await page.dispatchEvent('.shelf', 'drop', { dataTransfer: dropped })
  await expect(bag('Triangle tote')).toHaveCount(2)

  await act('Beater tote', 'Delete')
  await expect(bag('Beater tote')).toBeHidden()
  await page.getByRole('button', { name: 'Bring the demo bags back' }).click()
  await expect(bag('Beater tote')).toBeVisible()
})

test('a file that is no bag changes nothing and says where it is wrong', async ({ page }) => {
  await page.goto('/')
  await expect(page.locator('.bag-card')).toHaveCount(6)
  const give = async (text: string) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Import a bag' }).click()
    await (
      await choosing
    ).setFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  }
  await give('{"format":"ample-motif-project","version":99}')
  await expect(page.getByRole('alert')).toContainText('newer than this program')
  await give(
    '{"format":"ample-motif-project","version":1,"design":{"name":"<img src=x onerror=alert(1)>"}}',
  )
  await expect(page.getByRole('alert')).toContainText('design.want')
  await give('not json')
  await expect(page.getByRole('alert')).toContainText('not JSON')
  await expect(page.locator('.bag-card')).toHaveCount(6)
})
