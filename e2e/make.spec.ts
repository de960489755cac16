import type { Page } from '@playwright/test'
import { accessible, expect, fileFrom, go, openBag, openDemo, test } from './bag.ts'
import { count, killed, offline, panel, press, title } from './at-work.ts'

/* The work-along by keyboard, pedal and thumb: what it says, what it notes, and that nothing is lost. */

const logLines = (page: Page) => page.locator('.log-lines div')
const ask = (page: Page, name: string) =>
  page.locator('.make-bar').getByRole('button', { name }).click()
const dialog = (page: Page) => page.getByRole('dialog')
test('a row is worked by keys: runs, repeats and rows, and back the same way', async ({ page }) => {
  await openDemo(page, 'Make')
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter', 42)
  await expect(title(page)).toHaveText('Round 43')
  await expect(panel(page)).toContainText('42 of 80')
  // Two repeats of 24, by any key a pedal may send; then 14 stitches.
  await press(page, 'PageDown')
  await press(page, 'x')
  await press(page, 's', 14)
  await expect(count(page)).toContainText('62')
  await expect(count(page)).toContainText('done of 120, 58 left')
  await expect(page.locator('.row-now .about')).toContainText('third of 5 repeats')
  await expect(page.locator('.row-runs [aria-current]')).toHaveText('2 B')
  await expect(page.locator('.now-cards')).toContainText('with this stitch: finish in A')
  await expect(page.locator('.now-cards')).toContainText('B works · A and C inside the stitches')
  await expect(page.locator('.now-cards')).toContainText('D comes in round 76.')
  await accessible(page)
  await press(page, 'r')
  await expect(count(page)).toContainText('63')
  await press(page, 'Backspace')
  await expect(count(page)).toContainText('48')
  await press(page, 'Backspace', 3)
  await expect(title(page)).toHaveText('Round 42')
  await expect(count(page)).toContainText('96')
  await expect(logLines(page).first()).toContainText('Back to round 41 and 96 of the next')
  // Nothing that was made is undone with the design.
  await page.keyboard.press('Control+z')
  await expect(title(page)).toHaveText('Round 42')
})

test('a count that differs is explained, made up for, or ripped; weighed and changed, the rest follows', async ({
  page,
}) => {
  await openDemo(page, 'Make')
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter', 20)
  await expect(page.locator('.check-card')).toContainText('After round 20: 120 stitches')
  await press(page, 'c')
  await dialog(page).getByRole('button', { name: 'It is right' }).click()
  await press(page, 'Enter', 3)
  await press(page, 'c')
  const have = dialog(page).getByRole('textbox', { name: 'You have' })
  await have.fill('119')
  await have.press('Tab')
  await expect(dialog(page)).toContainText('The marker slipped to a neighbouring stitch.')
  await accessible(page)
  await dialog(page)
    .getByRole('button', { name: /^Work 1 stitch more in the next round/ })
    .click()
  await expect(page.locator('.now-cards')).toContainText('1 stitch more, beside the marker')
  await press(page, 'Enter')
  await expect(page.locator('.now-cards')).not.toContainText('1 stitch more')

  await ask(page, 'Weigh')
  const left = dialog(page).getByRole('textbox', { name: 'Left now' })
  await left.fill('60')
  await left.press('Tab')
  await dialog(page).getByRole('button', { name: 'Keep it' }).click()
  await expect(panel(page)).toContainText('Drum blue')
  await expect(panel(page).locator('.lasts-line').first()).toContainText(/of 60/)

  await ask(page, 'Change the plan')
  await dialog(page).getByRole('button', { name: '2 rounds more of Plain below' }).click()
  await expect(dialog(page).locator('.would-be')).toContainText('58')
  await accessible(page)
  await dialog(page).getByRole('button', { name: 'Take it' }).click()
  await expect(panel(page)).toContainText('24 of 82')
  await expect(logLines(page).first()).toContainText('2 rounds more of Plain below')

  await ask(page, 'Rip back')
  const stays = dialog(page).getByRole('textbox', { name: 'Stays up to round' })
  await stays.fill('22')
  await stays.press('Tab')
  await dialog(page).getByRole('button', { name: 'Rip back' }).click()
  await expect(title(page)).toHaveText('Round 23')

  await page.locator('.make-bar').getByText('Log', { exact: true }).click()
  const table = page.getByLabel('The log', { exact: true })
  await expect(table).toContainText('Ripped back to round 22')
  await page.getByRole('searchbox', { name: 'Search the log' }).fill('weigh')
  await expect(table.locator('tbody tr')).toHaveCount(1)
  await accessible(page)
  await go(page, 'Pattern')
  const csv = await fileFrom(page, 'Log as CSV')
  expect(csv.bytes.toString()).toContain('Drum blue: 60 g left after round 24')
})

test('work without a plan is counted as it is said, and is a pattern at the end', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'New bag' }).click()
  await dialog(page).getByRole('button', { name: 'Work without a plan' }).click()
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter')
  await expect(title(page)).toHaveText('Round 2, as you work it')
  await page.getByRole('button', { name: /^Increase by 6, as before/ }).click()
  await expect(title(page)).toHaveText('Round 3, as you work it')
  const typed = page.getByRole('textbox', { name: 'The next round in shorthand' })
  await typed.fill('[sc, inc] x 5')
  await typed.press('Enter')
  await expect(page.locator('.would-not')).toBeVisible()
  await typed.fill('[sc, inc] x 6')
  await typed.press('Enter')
  await expect(title(page)).toHaveText('Round 4, as you work it')
  await page.getByLabel('The base is done').check()
  await page.getByRole('button', { name: /^Plain/ }).click()
  await expect(title(page)).toHaveText('Round 5, as you work it')
  await expect(panel(page)).toContainText('4 of 4')
  await accessible(page)
  await page.getByRole('button', { name: 'Rip the last round' }).click()
  await expect(title(page)).toHaveText('Round 4, as you work it')
  await page.getByRole('button', { name: /^Plain/ }).click()
  await go(page, 'Pattern')
  await page.getByText('One text').click()
  await expect(page.getByLabel('The written pattern')).toContainText('[sc, inc] x 6')
})

test('copies are told apart, and each is where it was', async ({ page }) => {
  await openBag(page, 'Raffle bag', 'Make')
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter', 2)
  await page.getByRole('combobox', { name: 'What is worked' }).press('Enter')
  await page
    .getByRole('option', { name: /^Strap in front/ })
    .filter({ visible: true })
    .click()
  await expect(title(page)).toHaveText('Row 1')
  await expect(page.locator('.make-view')).toBeFocused()
  await press(page, 'Enter', 3)
  await press(page, 's', 2)
  await page.getByRole('combobox', { name: 'What is worked' }).press('Enter')
  await page
    .getByRole('option', { name: /^Base and body/ })
    .filter({ visible: true })
    .click()
  await expect(title(page)).toHaveText('Round 3')
  await openBag(page, 'Drum-stick roll', 'Make')
  await expect(title(page)).toHaveText('Row 21')
  await expect(count(page)).toContainText('21')
  await openBag(page, 'Raffle bag', 'Make')
  await expect(title(page)).toHaveText('Round 3')
  await page.getByRole('combobox', { name: 'What is worked' }).press('Enter')
  await page
    .getByRole('option', { name: /^Strap in front/ })
    .filter({ visible: true })
    .click()
  await expect(title(page)).toHaveText('Row 4')
  await expect(count(page)).toContainText('2')
})

test.describe('with no server', () => {
  test.use({ serviceWorkers: 'allow' })

  test('thirty rounds at both sizes, with a reload, a killed tab and a second one between: nothing is lost', async ({
    page: first,
  }) => {
    let page = first
    await openDemo(page, 'Make')
    await expect(title(page)).toHaveText('Round 1')
    await offline(page)
    await press(page, 'Enter', 9)
    await press(page, 's', 5)
    await expect(page.locator('.saved')).toHaveText('offline, kept here')
    // Among them an increase: six stitches are there.
    await expect(count(page)).toContainText('6 done of 60')
    await page.reload()
    await expect(title(page)).toHaveText('Round 10')
    await expect(count(page)).toContainText('6 done of 60')
    // The page takes the keys again.
    await press(page, 'Enter', 6)
    await press(page, 's', 3)
    await expect(title(page)).toHaveText('Round 16')
    page = await killed(page)
    await expect(title(page)).toHaveText('Round 16')
    await page.setViewportSize({ width: 390, height: 844 })
    await expect(page.locator('.big-run .run')).toBeVisible()
    await expect(count(page)).toContainText('4 of 96')
    const done = page.getByRole('button', { name: /^Done/ })
    await press(page, 'Enter')
    await expect(title(page)).toHaveText('Round 17')
    const second = await page.context().newPage()
    await second.goto(page.url())
    await expect(title(second)).toHaveText('Round 17')
    await second.close()
    for (let i = 0; i < 9; i++) await done.click()
    const at = [await title(page).innerText(), await count(page).innerText()]
    await page.reload()
    await expect(title(page)).toHaveText(at[0]!)
    expect(await count(page).innerText()).toBe(at[1])
    await page.setViewportSize({ width: 1280, height: 800 })
    const rounds = Number(at[0]!.replace('Round ', '')) - 1
    await press(page, 'Enter', 30 - rounds)
    await expect(panel(page)).toContainText('30 of 80')
    await expect(logLines(page).first()).toContainText('Round 30: 120 stitches')
    for (const place of ['Size', 'Bands', 'Yarns', 'Finish', 'Pattern']) {
      await go(page, place)
      await expect(page.locator('.not-loaded')).toHaveCount(0)
    }
    await expect(page.locator('.sheet svg').first()).toBeVisible()
  })
})

test('what comes is read aloud by a voice of the device, and by no other', async ({ page }) => {
  await page.addInitScript(() => {
    const voices = [
      { localService: false, lang: 'en-GB', name: 'Far away' },
      { localService: true, lang: 'en-GB', name: 'Of this device' },
    ]
    const said: string[] = []
    class Utterance {
      voice: { name: string } | null = null
      lang = ''
      constructor(readonly text: string) {}
    }
    const speechSynthesis = {
      getVoices: () => voices,
      cancel: () => {},
      speak: ({ text, voice }: Utterance) => said.push(`${voice?.name}: ${text}`),
    }
    Object.defineProperty(window, 'speechSynthesis', { value: speechSynthesis })
    Object.assign(window, { SpeechSynthesisUtterance: Utterance, said })
  })
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said)
  await openDemo(page, 'Make')
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter', 42)
  expect(await said()).toEqual([])
  await page.getByRole('button', { name: 'How I am led at work' }).click()
  await page.getByLabel('Read aloud what comes').check()
  await page.keyboard.press('Escape')
  await page.locator('.make-view').focus()
  await press(page, 'r', 2)
  await press(page, 'Enter')
  await expect(title(page)).toHaveText('Round 44')
  expect(await said()).toEqual([
    'Of this device: 2 A.',
    'Of this device: 2 B.',
    'Of this device: Round 44. 120 stitches. 1 C.',
  ])
})
