import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type Download, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'

/*
 * What every journey needs. Files are given and taken the way a browser without file pickers does it, so that they can be
 * caught; anything the page logs as an error fails the journey.
 */
export const test = base.extend({
  page: async ({ page }, use) => {
    const errors: string[] = []
    page.on('pageerror', (error) => errors.push(error.message))
    page.on('console', (message) => {
      // An address with nothing is answered with 404, as it should be.
      const nothing = message.location().url.endsWith('/nothing/here')
      // Nor does a server answer that a journey has taken away.
      const gone = message.text().includes('ERR_CONNECTION_REFUSED')
      if (message.type() === 'error' && !nothing && !gone) errors.push(message.text())
    })
    await page.addInitScript(() => {
      Reflect.deleteProperty(window, 'showSaveFilePicker')
      Reflect.deleteProperty(window, 'showOpenFilePicker')
      // Pictures that stand still are drawn in light, by software here: a journey of their own looks at them.
      localStorage.setItem('ample-motif-still-pictures', 'off')
    })
    await use(page)
    expect(errors).toEqual([])
  },
})
export { expect }

/** Opens the shelf, and from it the demo bag, in one of its places. */
export async function openDemo(page: Page, place = 'Bands'): Promise<void> {
  await page.goto('/')
  await page.getByRole('link', { name: 'Open Beater tote' }).click()
  await expect(page.locator('.stage h1')).toHaveText('Diamonds')
  await go(page, place)
}

/** Opens another bag of the shelf, in one of its places. */
export async function openBag(page: Page, name: string, place: string): Promise<void> {
  await page.goto('/')
  await page.getByRole('link', { name: `Open ${name}` }).click()
  await go(page, place)
}

/** Goes to a place of the open bag. */
export async function go(page: Page, place: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click()
}

/** Selects a part by its line on the spine. */
export const part = (page: Page, name: string | RegExp) =>
  page.locator('.part-list .name').filter({ hasText: name }).first()

/** Opens a word of the sentence about the selected part, by what it is about. */
export async function word(page: Page, about: string): Promise<void> {
  const button = page.locator(`[data-word="${about}"]`)
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click()
}

/** Another construction of the bag, at Size. */
export async function construct(page: Page, name: string): Promise<void> {
  await word(page, 'construction')
  await page.getByRole('combobox', { name: 'Construction' }).press('Enter')
  await page.getByRole('option', { name: new RegExp(`^${name}`) }).click()
  await page.keyboard.press('Escape')
}

/** Types into a field behind a word of a sentence. */
export async function say(page: Page, about: string, label: string, text: string): Promise<void> {
  await word(page, about)
  await enter(page, label, text)
}

/** Selects the edge of the tote, with its rounds to type. */
export async function selectEdge(page: Page): Promise<void> {
  await part(page, 'Edge').click()
  await word(page, 'rounds')
}

/** Puts a band on the piece, above a part of it. */
export async function addBand(page: Page, above: string | RegExp, kind: string): Promise<void> {
  const line = page.locator('.part-list .line').filter({ hasText: above }).first()
  await line.hover()
  await line.locator('.plus').click()
  await page.getByRole('menuitem', { name: kind, exact: true }).click()
}

/** Does what the menu of a band offers. */
export async function withBand(page: Page, name: string, what: string | RegExp): Promise<void> {
  await part(page, name).hover()
  await page.getByRole('button', { name: `What to do with ${name}` }).click()
  await page.getByRole('menuitem', { name: what }).click()
}

/** A figure of the tally by what stands below it. */
export const figure = (page: Page, what: string) =>
  page
    .locator('.fig')
    .filter({ has: page.getByText(what, { exact: true }) })
    .locator('b')

/** Waits until everything is saved. */
export const saved = (page: Page) => expect(page.locator('.saved')).toHaveText(/^saved/)

export const undo = (page: Page) => page.getByRole('button', { name: 'Undo', exact: true }).click()

/** Types into a field and leaves it. */
export async function enter(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true })
  await field.fill(text)
  await field.press('Enter')
}

/** The bytes of a download. */
export async function bytesOf(download: Download): Promise<Buffer> {
  return readFileSync(await download.path())
}

/** Clicks what gives a file, and catches the file. */
export async function fileFrom(
  page: Page,
  button: string,
): Promise<{ name: string; bytes: Buffer }> {
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: new RegExp(`^${button}`) }).click()
  const download = await waiting
  return { name: download.suggestedFilename(), bytes: await bytesOf(download) }
}

/** The page has nothing that WCAG 2.2 AA objects to, as far as a program can tell. */
export async function accessible(page: Page): Promise<void> {
  // Only what is wrong is gathered, in the page itself: it has no frames.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
      rules: { 'target-size': { enabled: true } },
      resultTypes: ['violations'],
    })
    .analyze()
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`),
  ).toEqual([])
}

/** Does something in the page and in the worker that stores its bags. */
export async function whereStored(page: Page, work: () => void): Promise<void> {
  const keeper = () => page.workers().find((worker) => worker.url().includes('keep.worker'))
  await expect.poll(() => keeper() !== undefined || !page.url().includes('/bag/')).toBe(true)
  await page.evaluate(work)
  await keeper()?.evaluate(work)
}

/** From now on the browser has no room for any record. */
export const fill = (page: Page) =>
  whereStored(page, () => {
    const put = IDBObjectStore.prototype.put
    Object.assign(globalThis, { makeRoom: () => (IDBObjectStore.prototype.put = put) })
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
export const makeRoom = (page: Page) =>
  whereStored(page, () => (globalThis as unknown as { makeRoom: () => void }).makeRoom())
