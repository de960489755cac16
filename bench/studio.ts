import type { Browser, Page } from '@playwright/test'
import { type Frames, inFrames, quantile, type Tell } from './frames.ts'

/* The chart studio on a chart of 400 × 600: strokes, moving about, filling, undoing, opening, turning. */

const view = (page: Page, title: string) =>
  page.locator('.view-bar').getByText(title, { exact: true }).click()
const chart = async (page: Page) => (await page.getByRole('application').boundingBox())!

function tellFrames(tell: Tell, what: string, { work, intervals }: Frames) {
  tell(
    `${what}: main-thread work a frame, p95`,
    quantile(work, 0.95),
    'ms',
    6,
    `median ${quantile(work, 0.5).toFixed(1)}, ${work.length} frames`,
  )
  tell(
    `${what}: frame interval, p95`,
    quantile(intervals, 0.95),
    'ms',
    17,
    `median ${quantile(intervals, 0.5).toFixed(1)}`,
  )
}

/** A hand draws across it. */
async function stroke(page: Page, at: number) {
  const box = await chart(page)
  const [left, top] = [box.x + 120, box.y + 120]
  await page.mouse.move(left, top + at * 18)
  await page.mouse.down()
  for (let i = 1; i <= 80; i++) {
    await page.mouse.move(left + (i * (box.width - 240)) / 80, top + at * 18 + 25 * Math.sin(i / 6))
    await page.waitForTimeout(12)
  }
  await page.mouse.up()
}

/** It is moved about, and made larger and smaller. */
async function wander(page: Page) {
  const box = await chart(page)
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  for (let i = 0; i < 60; i++) {
    if (i % 20 === 10) await page.keyboard.down('Control')
    await page.mouse.wheel(i < 30 ? 14 : -14, i % 20 < 10 ? 9 : -12)
    if (i % 20 === 19) await page.keyboard.up('Control')
    await page.waitForTimeout(14)
  }
}

/** Strokes and moves in each view, and the bag turned. */
export async function inStudio(browser: Browser, page: Page, tell: Tell) {
  await page.getByRole('radio', { name: 'Yarn D' }).click()
  for (const title of ['One repeat', 'Unrolled', 'Stitched']) {
    await view(page, title)
    // Stitches must be large enough to be seen as such.
    if (title === 'Stitched') for (let i = 0; i < 8; i++) await page.keyboard.press('+')
    await page.getByRole('application').focus()
    if (title === 'Stitched') for (let i = 0; i < 8; i++) await page.keyboard.press('+')
    await stroke(page, 0)
    await page.waitForTimeout(500)
    const strokes = await inFrames(browser, page, 3, (time) => stroke(page, time))
    tellFrames(tell, `a stroke, ${title.toLowerCase()}`, strokes)
    const moves = await inFrames(browser, page, 2, () => wander(page))
    tellFrames(tell, `moved and zoomed, ${title.toLowerCase()}`, moves)
  }
  await view(page, 'On the bag')
  await page.waitForTimeout(800)
  const room = (await page
    .locator('.round-bag :is(.room, .turned-bag .room)')
    .last()
    .boundingBox())!
  const turned = await inFrames(browser, page, 2, async () => {
    await page.mouse.move(room.x + 60, room.y + 200)
    await page.mouse.down()
    for (let i = 0; i < 60; i++) {
      await page.mouse.move(room.x + 60 + i * 7, room.y + 200)
      await page.waitForTimeout(14)
    }
    await page.mouse.up()
  })
  tellFrames(tell, 'the bag turned by dragging', turned)
  const memory = await page.evaluate(
    () =>
      (performance as unknown as { memory?: { usedJSHeapSize: number } }).memory?.usedJSHeapSize,
  )
  if (memory) tell('memory of the page after all that', memory / 1e6, 'MB', null)
}

/** Milliseconds from an event that an action brings about until the next frame is done. */
async function busyAfter(page: Page, event: string, action: () => Promise<void>): Promise<number> {
  const busy = page.evaluate(
    (name) =>
      new Promise<number>((done) => {
        addEventListener(
          name,
          () => {
            const began = performance.now()
            requestAnimationFrame(() => setTimeout(() => done(performance.now() - began)))
          },
          { capture: true, once: true },
        )
      }),
    event,
  )
  // The page must be listening by then.
  await page.waitForTimeout(80)
  await action()
  return busy
}

/** All of a chart filled, undone, and a band with everything on it opened. */
export async function fillsAndOpens(page: Page, tell: Tell) {
  await page.getByRole('button', { name: 'Fill what hangs together' }).click()
  await page.getByRole('radio', { name: 'Yarn B' }).click()
  const box = await chart(page)
  const [fills, undos]: [number[], number[]] = [[], []]
  for (let i = 0; i < 9; i++) {
    const at = [box.x + box.width / 2, box.y + box.height / 2] as const
    fills.push(await busyAfter(page, 'pointerdown', () => page.mouse.click(...at)))
    await page.waitForTimeout(700)
    undos.push(await busyAfter(page, 'keydown', () => page.keyboard.press('Control+z')))
    await page.waitForTimeout(700)
  }
  tell('all of 400 × 600 filled, to the next frame', quantile(fills, 0.5), 'ms', 30)
  tell('and undone', quantile(undos, 0.5), 'ms', 16)
  const opens: number[] = []
  for (let i = 0; i < 9; i++) {
    await page.locator('.part-list .name').last().click()
    await page.waitForTimeout(400)
    const band = page.locator('.part-list .name').first()
    opens.push(await busyAfter(page, 'click', () => band.click()))
    await page.waitForTimeout(400)
  }
  tell('the band opened', quantile(opens, 0.5), 'ms', 200)
}
