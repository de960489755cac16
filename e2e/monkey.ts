import { expect, type Page } from '@playwright/test'

/* Somebody who does anything, in any order, faster than anyone: mouse, keys and fields, from a fixed seed. */

export type Random = () => number
export const seeded = (seed: number): Random => {
  let state = seed
  return () => (state = (state * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
}
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!

/** What leads out of the bag, or opens a window of the system. */
const LEADS_OUT = /Ample Motif|Export|PDF|SVG|PNG|CSV|JSON|picture|photo|shelf|drawer|Check a/i
const KEYS = [
  'ArrowUp',
  'ArrowDown',
  'ArrowLeft',
  'ArrowRight',
  'Space',
  'Escape',
  'Tab',
  'Enter',
  '1',
  '2',
  '+',
  '-',
  '0',
  'b',
  'l',
  'Shift+ArrowRight',
  'Control+z',
  'Control+y',
  'Control+z',
]
const TYPED = [
  '',
  '0',
  '-5',
  '7',
  '12',
  '1e9',
  '24',
  'x',
  '30 cm',
  '12 in',
  '¼',
  '🧶',
  '1001',
  '2.5',
  'Name of it',
  '± 9 %',
]

/** Does something; whether there was something to do it to. */
type Action = (page: Page, random: Random) => Promise<boolean>

/** Elements of a kind that are there to be used, and lead nowhere else. */
const usable = async (page: Page, selector: string) =>
  page.locator(selector).evaluateAll((all) =>
    all.flatMap((element, i) => {
      const { width, height } = element.getBoundingClientRect()
      const words = `${element.textContent} ${element.getAttribute('aria-label') ?? ''}`
      return width > 0 && height > 0 && !(element as HTMLButtonElement).disabled
        ? [{ i, words }]
        : []
    }),
  )
async function one(page: Page, random: Random, selector: string) {
  const found = (await usable(page, selector)).filter(({ words }) => !LEADS_OUT.test(words))
  return found.length > 0 ? page.locator(selector).nth(pick(random, found).i) : null
}
const quick = { timeout: 400, force: true } as const

const actions: readonly Action[] = [
  async (page, random) => {
    const link = await one(page, random, '.places a')
    await link?.click(quick)
    return link !== null
  },
  async (page, random) => {
    const button = await one(page, random, 'button')
    await button?.click(quick)
    return button !== null
  },
  async (page, random) => {
    const choice = await one(
      page,
      random,
      '.choice label, [role=option], [role=menuitem], [role=radio]',
    )
    await choice?.click(quick)
    return choice !== null
  },
  async (page, random) => {
    const field = await one(
      page,
      random,
      'main input:not([type=radio]):not([type=checkbox]):not([type=file]), .bar input, .el-dialog input',
    )
    await field?.fill(pick(random, TYPED), quick)
    await field?.press(pick(random, ['Enter', 'Escape', 'Tab', 'ArrowUp']), quick)
    return field !== null
  },
  async (page, random) => {
    for (let i = 0; i < 1 + 4 * random(); i++) await page.keyboard.press(pick(random, KEYS))
    return true
  },
  async (page, random) => {
    const chart = await page.locator('.chart-canvas, .spine-strip .edge, .size-handle').all()
    const box = chart.length > 0 ? await pick(random, chart).boundingBox() : null
    if (!box) return false
    const point = () => [box.x + box.width * random(), box.y + box.height * random()] as const
    await page.mouse.move(...point())
    await page.mouse.down()
    for (let i = 0; i < 4; i++) await page.mouse.move(...point())
    if (random() < 0.2) await page.keyboard.press('Escape')
    await page.mouse.up()
    return true
  },
  async (page, random) => {
    const list = await one(page, random, 'main .el-select, main .yarn-colour')
    await list?.click(quick)
    return list !== null
  },
]

/** Closes what lies over the page, one Escape after the other: each is given the frames it takes to close. */
async function closeAll(page: Page): Promise<void> {
  const over = page.locator('.el-overlay:visible, .el-popper:visible')
  for (let i = 0; i < 8; i++) {
    await page.keyboard.press('Escape')
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    )
    if ((await over.count()) === 0) break
  }
  await expect(page.locator('.el-overlay:visible'), 'Escape closes every dialog').toHaveCount(0)
}

/** What became of it: whether the bag is still on the table, as keys lead out of it too, and how much was really done. */
interface Done {
  readonly inBag: boolean
  readonly tried: number
  readonly did: number
}

/** Does so many things; what cannot be done just then is left. */
export async function monkey(page: Page, random: Random, times: number): Promise<Done> {
  const inBag = () => /\/bag\//.test(page.url())
  let [tried, did] = [0, 0]
  for (; tried < times && inBag(); tried++)
    did += Number(await pick(random, actions)(page, random).catch(() => false))
  await closeAll(page)
  return { inBag: inBag(), tried, did }
}

/** Takes everything back there is. */
export async function undoAll(page: Page): Promise<void> {
  const undo = page.getByRole('button', { name: 'Undo', exact: true })
  while (await undo.isEnabled())
    await undo.evaluate((button: HTMLButtonElement) => {
      for (let i = 0; i < 50; i++) button.click()
    })
}
