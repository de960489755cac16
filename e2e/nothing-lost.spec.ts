import type { BrowserContext, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import {
  accessible,
  enter,
  expect,
  figure,
  fileFrom,
  fill,
  go,
  makeRoom,
  openDemo,
  part,
  saved,
  selectEdge,
  test,
  undo,
} from './bag.ts'

/* What goes wrong around the program: storage that fails, tabs that die, records that are maimed, files that are none. */

/** The tote is deleted in another tab; that tab, and where its card was. */
async function deletedElsewhere(context: BrowserContext) {
  const other = await context.newPage()
  await other.goto('/')
  const card = other.locator('.bag-card', { hasText: 'Beater tote' })
  await card.getByRole('button', { name: /What to do/ }).click()
  await other.getByRole('menuitem', { name: 'Delete' }).click()
  await expect(card).toHaveCount(0)
  return { other, card }
}
const shelf = (page: Page) => page.getByRole('link', { name: 'Ample Motif' }).click()

interface Kept {
  readonly id: string
  readonly revision: number
  readonly file: {
    version: number
    design: { name: string; pieces: { parts: { rounds: number }[] }[] }
  }
}

/** All records as they are stored. */
const records = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<(Kept | null)[]>((done) => {
        const opening = indexedDB.open('ample-motif')
        opening.onsuccess = () => {
          const all = opening.result.transaction('bags').objectStore('bags').getAll()
          all.onsuccess = () => (opening.result.close(), done(all.result as (Kept | null)[]))
        }
      }),
  )
const recordOf = async (page: Page, name: string) =>
  (await records(page)).find((one) => one?.file?.design.name === name)!

/** Writes straight into the store of bags, as no program would. */
const put = (page: Page, id: string, value: unknown) =>
  page.evaluate(
    ([key, raw]) =>
      new Promise<void>((done) => {
        const opening = indexedDB.open('ample-motif')
        opening.onsuccess = () => {
          const change = opening.result.transaction('bags', 'readwrite')
          change.objectStore('bags').put(raw, key as string)
          change.oncomplete = () => (opening.result.close(), done())
        }
      }),
    [id, value] as const,
  )

test('a bag that cannot be stored is not left without a word', async ({ page }) => {
  await openDemo(page)
  await fill(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await expect(page.getByRole('alert')).toContainText('no room left')
  await shelf(page)
  const question = page.getByRole('dialog', { name: 'Not stored' })
  await expect(question).toContainText('could not be stored')
  await question.getByRole('button', { name: 'Stay' }).click()
  await expect(figure(page, 'tall')).toHaveText('29.1 cm')
  await makeRoom(page)
  await shelf(page)
  await expect(page.locator('.bag-card').first()).toContainText('84 rounds')
})

test('on a full disk the shelf says what was not done, and why', async ({ page }) => {
  await page.goto('/')
  const card = page.locator('.bag-card', { hasText: 'Beater tote' })
  await expect(card).toContainText('80 rounds')
  await fill(page)
  const act = async (what: string) => {
    await card.getByRole('button', { name: /What to do/ }).click()
    await page.getByRole('menuitem', { name: what }).click()
  }
  await act('Duplicate')
  await expect(page.getByRole('alert')).toContainText(
    '“Beater tote (copy)” was not put on the shelf',
  )
  await page.getByRole('button', { name: 'All right' }).click()
  await act('Rename')
  await page.getByLabel('New name').fill('Horn bag')
  await page.getByLabel('New name').press('Enter')
  await expect(page.getByRole('alert')).toContainText('“Beater tote” keeps its name')
  await expect(page.getByRole('alert')).toContainText('no room left')
  await expect(page.locator('.bag-card')).toHaveCount(6)
})

test('a bag deleted in another tab is said to be, and can be put back', async ({
  page,
  context,
}) => {
  await openDemo(page)
  await deletedElsewhere(context)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await expect(page.getByRole('alert')).toContainText('deleted in another tab')
  await page.getByRole('button', { name: 'Put it back on the shelf' }).click()
  await saved(page)
  await enter(page, 'Rounds', '6')
  await saved(page)
  await page.reload()
  await expect(figure(page, 'tall')).toHaveText('29.5 cm')
})

test('what a closed tab had of a bag that was deleted is offered on the shelf', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const { other, card } = await deletedElsewhere(context)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await expect(page.getByRole('alert')).toContainText('deleted in another tab')
  await page.close()
  await other.reload()
  await expect(other.getByRole('alert')).toContainText(
    'changes of “Beater tote” that were never stored',
  )
  await accessible(other)
  await other.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(other.getByRole('alert')).toHaveCount(0)
  await card.getByRole('link').first().click()
  await expect(figure(other, 'tall')).toHaveText('29.1 cm')
})

test('a conflict outlives the tab: its work is offered when the bag is next opened', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const address = page.url()
  const other = await context.newPage()
  await other.goto(address)
  await expect(other.getByText('open in another tab too')).toBeVisible()
  await other.evaluate(() => (BroadcastChannel.prototype.dispatchEvent = () => false))
  await selectEdge(page)
  await enter(page, 'Rounds', '7')
  await saved(page)
  await other.evaluate(() => window.dispatchEvent(new Event('focus')))
  await selectEdge(other)
  // Whatever the other tab has heard, a save on an old revision is refused.
  const tote = await recordOf(page, 'Beater tote')
  await put(page, tote.id, { ...tote, revision: tote.revision + 5 })
  await enter(other, 'Rounds', '3')
  await expect(other.getByRole('alert')).toContainText('Another tab has saved this bag')
  await other.close({ runBeforeUnload: false })
  await page.close()

  const again = await context.newPage()
  await again.goto(address)
  await expect(again.getByRole('alert')).toContainText('changes of this bag that were never stored')
  await again.getByRole('button', { name: 'Keep them as a copy' }).click()
  await expect(again.locator('.bag-name')).toContainText('Beater tote (copy)')
  await expect(figure(again, 'tall')).toHaveText('28.2 cm')
})

test('a tab that crashes in the middle of steady changes loses next to nothing', async ({
  page,
  context,
}) => {
  await openDemo(page)
  const address = page.url()
  await part(page, 'Edge').focus()
  for (let i = 0; i < 30; i++) {
    await page.keyboard.press('ArrowUp')
    await page.waitForTimeout(30)
  }
  await expect(part(page, '31 rounds')).toBeVisible()
  await page.waitForTimeout(300)
  const session = await context.newCDPSession(page)
  void session.send('Page.crash').catch(() => {})
  await page.waitForEvent('crash')
  const again = await context.newPage()
  await again.goto(address)
  await expect(part(again, '31 rounds')).toBeVisible()
})

test('maimed, newer and unreadable records take nothing with them', async ({ page }) => {
  await openDemo(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await saved(page)
  await page.goto('/')
  await expect(page.locator('.bag-card').first()).toContainText('84 rounds')
  await put(page, 'nothing', null)
  await put(page, 'seven', 7)
  const raffle = await recordOf(page, 'Raffle bag')
  await put(page, raffle.id, { ...raffle, previous: undefined })
  const satchel = await recordOf(page, 'March-book satchel')
  await put(page, satchel.id, { ...satchel, file: { ...satchel.file, version: 99 } })
  const tote = await recordOf(page, 'Beater tote')
  tote.file.design.pieces[0]!.parts[1]!.rounds = -4
  await put(page, tote.id, tote)
  await page.reload()
  await expect(page.locator('.bag-card')).toHaveCount(8)
  await expect(page.getByRole('link', { name: 'Open Raffle bag' })).toBeVisible()
  const card = (name: string) => page.locator('.bag-card', { hasText: name })
  await expect(card('March-book satchel')).toContainText('newer than this program')
  await expect(card('Nothing of its record')).toHaveCount(2)
  await expect(card('Beater tote')).toContainText('design.pieces[0].parts[1].rounds')
  const waiting = page.waitForEvent('download')
  await card('Beater tote').getByRole('button', { name: 'Export it as it is' }).click()
  const kept = JSON.parse(readFileSync(await (await waiting).path(), 'utf8'))
  expect(kept.file.design.pieces[0].parts[1].rounds).toBe(-4)
  await card('Beater tote').getByRole('button', { name: 'Open its last good version' }).click()
  await expect(figure(page, 'tall')).toHaveText('27.3 cm')
  await page.goto('/')
  await expect(page.locator('.bag-card')).toHaveCount(9)
})

test('storage that never answers is said', async ({ page }) => {
  await page.route('**/assets/keep.worker*.js', async (route) => {
    const response = await route.fetch()
    const body = `IDBFactory.prototype.open = () => new EventTarget();${await response.text()}`
    await route.fulfill({ response, body })
  })
  await page.goto('/')
  await expect(page.getByRole('alert').first()).toContainText('does not answer')
})

test('storage that is partly closed keeps what it can', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('closed', 'SecurityError')
      },
    })
  })
  await openDemo(page)
  await selectEdge(page)
  await enter(page, 'Rounds', '5')
  await saved(page)
  await page.reload()
  await expect(figure(page, 'tall')).toHaveText('29.1 cm')
})

test('from another device over plain http everything is kept', async ({ playwright }) => {
  const { launchOptions, baseURL } = test.info().project.use
  const browser = await playwright.chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), '--host-resolver-rules=MAP studio.test 127.0.0.1'],
  })
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.goto(baseURL!.replace('127.0.0.1', 'studio.test'))
    expect(await page.evaluate(() => isSecureContext)).toBe(false)
    await page.getByRole('link', { name: 'Open Beater tote' }).click()
    await selectEdge(page)
    await enter(page, 'Rounds', '5')
    await saved(page)
    await page.reload()
    await expect(figure(page, 'tall')).toHaveText('29.1 cm')
  } finally {
    await browser.close()
  }
})

test.describe('without the server', () => {
  test('a place that is not loaded yet says so, and the bag stays', async ({ page }) => {
    await openDemo(page)
    await page.route('**/assets/**', (route) => route.abort('connectionrefused'))
    await page.getByRole('link', { name: 'Yarns' }).click()
    await expect(page.getByRole('alert')).toContainText('server does not answer')
    await selectEdge(page)
    await enter(page, 'Rounds', '5')
    await saved(page)
    await page.unroute('**/assets/**')
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.locator('.stage h1')).toHaveText('Yarns')
  })
})

test('a bag of one yarn has its Yarns place, and Pattern outlives a yarn that comes and goes', async ({
  page,
}) => {
  await openDemo(page, 'Yarns')
  for (const yarn of ['Brass', 'Chalk', 'Oxblood'])
    await page.getByRole('button', { name: `Take out ${yarn}` }).click()
  await expect(page.getByRole('button', { name: 'Take out Drum blue' })).toBeDisabled()
  await expect(page.locator('.stage h1')).toHaveText('Yarns')
  await go(page, 'Pattern')
  await expect(page.locator('.paper')).toContainText('Drum blue')
  for (let i = 0; i < 3; i++) await undo(page)
  await expect(page.locator('.paper')).toContainText('Oxblood')
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.locator('.paper')).not.toContainText('Oxblood')
  await expect(page.locator('.paper .sheet svg').first()).toBeVisible()
})

test('a name of whole characters stays one, however it is cut', async ({ page }) => {
  await openDemo(page)
  const name = '🧶'.repeat(40)
  await page.getByRole('button', { name: 'Beater tote' }).click()
  await page.getByLabel('Name of the bag').fill(name)
  await page.getByLabel('Name of the bag').press('Enter')
  await saved(page)
  await shelf(page)
  await page
    .locator('.bag-card')
    .first()
    .getByRole('button', { name: /What to do/ })
    .click()
  await page.getByRole('menuitem', { name: 'Duplicate' }).click()
  const copy = page.locator('.bag-card', { hasText: '(copy)' })
  await expect(copy).toContainText(`${'🧶'.repeat(36)} (copy)`)
  await copy.getByRole('link').click()
  await go(page, 'Pattern')
  await expect(page.locator('.paper .sheet').first()).toContainText('🧶 (copy)')
  // Every sign has a shape in it: nothing is said of any that has none.
  const { bytes } = await fileFrom(page, 'PDF')
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
  await expect(page.locator('.outputs')).not.toContainText('No font here')
})

test('what cannot be is refused in words where it is done, and changes nothing', async ({
  page,
}) => {
  await openDemo(page)
  await selectEdge(page)
  await page.getByLabel('Rounds', { exact: true }).fill('1001')
  await page.getByLabel('Rounds', { exact: true }).press('Enter')
  await expect(page.getByRole('alert')).toContainText('too large')
  await expect(figure(page, 'tall')).toHaveText('27.3 cm')
})

test.describe('files that are dropped', () => {
  /** Drops files onto something, as a browser does. */
  const drop = async (page: Page, files: Record<string, string>, onto = 'body') => {
    const data = await page.evaluateHandle((given) => {
      const transfer = new DataTransfer()
      for (const [name, text] of Object.entries(given)) transfer.items.add(new File([text], name))
      return transfer
    }, files)
    await page.dispatchEvent(onto, 'drop', { dataTransfer: data })
  }
  const demo = readFileSync('demo/raffle-bag.json', 'utf8').replace('Raffle bag', 'Dropped bag')

  test('are each answered, also inside a bag, which stays as it is', async ({ page }) => {
    await openDemo(page)
    await drop(page, { 'bag.json': demo, 'notes.txt': 'no bag', 'torn.json': demo.slice(0, 400) })
    const notice = page.getByRole('alert', { name: 'Files' })
    await expect(notice).toContainText('Dropped bag is on the shelf')
    await expect(notice).toContainText('“notes.txt” was not taken')
    await expect(notice).toContainText('“torn.json” was not taken')
    await expect(figure(page, 'tall')).toHaveText('27.3 cm')
    await notice.getByRole('link', { name: 'Open it' }).click()
    await expect(page.locator('.bag-name')).toContainText('Dropped bag')
    await expect(notice).toHaveCount(0)
  })
})
