import {
  enter,
  expect,
  figure,
  fill,
  makeRoom,
  openDemo,
  saved,
  selectEdge,
  test,
  undo,
  whereStored,
} from './bag.ts'

test('what was done last survives a closed tab', async ({ page, context }) => {
  await openDemo(page)
  const address = page.url()
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await expect(figure(page, 'tall')).toHaveText('29.1 cm')
  await page.close({ runBeforeUnload: true })
  const again = await context.newPage()
  await again.goto(address)
  await expect(figure(again, 'tall')).toHaveText('29.1 cm')
})

test('what was done last is there when one goes to the shelf at once', async ({ page }) => {
  await openDemo(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await page.getByRole('link', { name: 'Ample Motif' }).click()
  await expect(page.locator('.bag-card').first()).toContainText('84 rounds')
  await page.getByRole('link', { name: 'Open Beater tote' }).click()
  await expect(figure(page, 'tall')).toHaveText('29.1 cm')
})

test('two tabs: what one saves the other shows, and nothing is overwritten', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(other.getByText('open in another tab too')).toBeVisible()
  await expect(page.getByText('open in another tab too')).toBeVisible()
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await saved(page)
  await expect(figure(other, 'tall')).toHaveText('29.1 cm')

  // Both change it at the same time: the slower one is told, and both are kept.
  await whereStored(other, () => {
    // This tab cannot hear the other, as when its computer was asleep.
    BroadcastChannel.prototype.dispatchEvent = () => false
    const locks = navigator.locks.request.bind(navigator.locks)
    Object.assign(navigator.locks, {
      request: async (...args: Parameters<typeof locks>) => {
        await new Promise((done) => setTimeout(done, 1500))
        return locks(...args)
      },
    })
  })
  await selectEdge(other)
  await enter(other, 'Rounds', '3')
  await enter(page, 'Rounds', '7')
  await expect(other.getByRole('alert')).toContainText('Another tab has saved this bag meanwhile')
  await other.getByRole('button', { name: 'Keep this one as a copy' }).click()
  await expect(other.locator('.bag-name')).toContainText('Beater tote (copy)')
  await expect(figure(other, 'tall')).toHaveText('28.2 cm')
  await expect(figure(page, 'tall')).toHaveText('30.0 cm')
})

test('a full browser is said plainly, and the bag can be exported', async ({ page }) => {
  await openDemo(page)
  await fill(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await expect(page.getByRole('alert')).toContainText('no room left')
  await expect(page.locator('.saved')).toHaveText('not saved')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export the bag' }).click()
  expect((await waiting).suggestedFilename()).toBe('beater-tote.json')
  await makeRoom(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '4')
  await saved(page)
})

test('earlier versions can be brought back, and that undone', async ({ page }) => {
  await openDemo(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await saved(page)
  await page.locator('.saved').click()
  await page.getByRole('button', { name: 'Bring back' }).first().click()
  await expect(figure(page, 'tall')).toHaveText('27.3 cm')
  await undo(page)
  await expect(figure(page, 'tall')).toHaveText('29.1 cm')
})
