import { accessible, bytesOf, enter, expect, test } from './bag.ts'

test('the drawer shows every pattern drawn, counted and written, in both terms', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Stitches', exact: true }).click()
  const list = page.getByRole('navigation', { name: 'Stitch patterns' })
  await expect(list.getByRole('button', { name: /^Puffs, close/ })).toBeVisible()
  const names = await list.getByRole('button').allTextContents()
  expect(names.length).toBeGreaterThan(40)
  await list.getByRole('button', { name: /^Shells/ }).click()
  const shown = page.getByRole('region', { name: 'Shells' })
  await expect(shown.getByRole('img', { name: /^Shells, 2 repeats/ })).toBeVisible()
  await expect(shown).toContainText('*sc in next st, sk 2 sts, 5 dc in next st, sk 2 sts')
  await page.getByText('Flat', { exact: true }).click()
  await expect(shown).toContainText('ch 32 for 31')
  await page.getByText('In the chain', { exact: true }).click()
  await expect(shown).toContainText('Row 1 starting in 2nd ch from hook, sc in next st, *sk 2 sts')
  await expect(shown).toContainText('a multiple of 6, and 2: ch 32 for 31')
  await page.getByText('Stitched', { exact: true }).click()
  await accessible(page)
  await page.getByRole('button', { name: /US terms/ }).click()
  await page.getByText('UK terms', { exact: true }).click()
  await page.keyboard.press('Escape')
  await expect(shown).toContainText('miss 2 sts, 5 tr in next st')
})

test('a pattern of one’s own is checked as it is typed, kept, given out and brought in', async ({
  page,
}) => {
  await page.goto('/stitches')
  await page.getByRole('button', { name: 'New pattern' }).click()
  await expect(page.getByText('Adds up.').first()).toBeVisible()
  await enter(page, 'Name', 'Bandstand')
  const rounds = page.getByLabel('Rounds: one a line, in shorthand')
  await rounds.fill('*sc in next st, sk 1 st, 4 dc in next st, sk 1 st; rep from * around')
  await expect(page.getByText('it cannot go on from there')).toBeVisible()
  await rounds.fill(
    'Set-up:\n(WS) with B, sc in each st around\nRepeat:\n*sc in next 3 sts, with B, puff in next st, with A, ch 1, sk 1 st; rep from * around\nsc in each st and ch around',
  )
  await expect(page.getByText('It comes out on a multiple of 5 stitches.')).toBeVisible()
  await enter(page, 'Try it on', '12')
  await expect(page.getByText(/^On 12: Row 2: /)).toBeVisible()
  await rounds.fill('*sc in next 3 sts, puff in next st; rep from * around')
  await expect(
    page.getByText('It comes out on a multiple of 4 stitches.', { exact: false }).last(),
  ).toBeVisible()
  await accessible(page)
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Give out', exact: true }).click()
  const file = await bytesOf(await waiting)
  expect(JSON.parse(file.toString())).toMatchObject({
    format: 'ample-motif-stitches',
    patterns: [{ name: 'Bandstand', multiple: 4 }],
  })
  const asText = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Give out as text' }).click()
  const text = await bytesOf(await asText)
  expect(text.toString()).toContain('Bandstand\nMultiple of 4 + 1\nFlat:\nRow 1: sc in next st')
  await page.reload()
  await page.getByRole('button', { name: /^Bandstand/ }).click()
  await page.getByRole('button', { name: 'Throw it away' }).click()
  await expect(page.getByRole('button', { name: /^Bandstand/ })).toHaveCount(0)
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Bring in …' }).click()
  await (await choosing).setFiles({ name: 'mine.json', mimeType: 'application/json', buffer: file })
  await expect(page.getByRole('button', { name: /^Bandstand/ })).toBeVisible()
  const again = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Bring in …' }).click()
  await (await again).setFiles({ name: 'mine.txt', mimeType: 'text/plain', buffer: text })
  await expect(page.getByRole('button', { name: /^Bandstand/ })).toHaveCount(2)
  const wrong = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Bring in …' }).click()
  await (
    await wrong
  ).setFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from('{') })
  await expect(page.getByRole('alert')).toContainText('not a file of stitch patterns')
})
