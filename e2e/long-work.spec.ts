import { chromium, type Page } from '@playwright/test'
import { spawn } from 'node:child_process'
import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { PNG } from 'pngjs'
import { count, kept, killed, offline, panel, press, title } from './at-work.ts'
import { expect, go, openBag, openDemo, test } from './bag.ts'

/* What takes long at the hook: for the campaign. */
test.skip(!process.env['CAMPAIGN'], 'for the campaign')

const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]

test.describe('offline', () => {
  test.use({ serviceWorkers: 'allow' })
  for (const bag of ['Beater tote', 'Raffle bag', 'Music-stand bag', 'Drum-stick roll'])
    for (const size of SIZES)
      test(`thirty rows of ${bag} at ${size.width}: reload, killed tab, second tab`, async ({
        page: first,
      }) => {
        let page = first
        await openBag(page, bag, 'Make')
        await expect(title(page)).toBeVisible()
        await page.setViewportSize(size)
        await offline(page)
        const made = async () => Number(/([\d,]+) of/.exec(await panel(page).innerText())![1])
        const begun = size.width > 1000 ? await made() : null
        for (let row = 1; row <= 30; row++) {
          const before = await title(page).innerText()
          await press(page, 's', 1 + (row % 4))
          await press(page, 'r')
          const amid = [await title(page).innerText(), await count(page).innerText()]
          if (row % 6 === 2) {
            // Another tab makes a row and takes it back.
            const second = await page.context().newPage()
            await second.goto(page.url())
            await expect(title(second)).toHaveText(amid[0]!)
            await press(second, 'Enter')
            await expect(title(second)).not.toHaveText(before)
            await press(second, 'Backspace')
            await second.close()
            await page.reload()
            continue
          }
          if (row % 6 < 2) {
            if (row % 6 === 0) await page.reload()
            else page = await killed(page)
            await page.setViewportSize(size)
            await expect(title(page)).toHaveText(amid[0]!)
            await expect(count(page)).toHaveText(amid[1]!)
          }
          await press(page, 'Enter')
          await expect(title(page)).not.toHaveText(amid[0]!)
        }
        await page.setViewportSize(SIZES[0]!)
        if (begun !== null) expect(await made()).toBeGreaterThanOrEqual(begun + 25)
        await go(page, 'Pattern')
        await expect(page.locator('.sheet svg').first()).toBeVisible()
      })
})

/** The built program served from a copy of its own, which a newer build can replace. */
async function ownServer(place: string, port: number) {
  rmSync(place, { recursive: true, force: true })
  cpSync('dist', `${place}/dist`, { recursive: true })
  cpSync('.cache/server.mjs', `${place}/at/server.mjs`)
  const env = { ...process.env, PORT: String(port) }
  const server = spawn(process.execPath, [`${place}/at/server.mjs`], { env })
  await new Promise((resolve) => server.stdout.once('data', resolve))
  return { address: `http://127.0.0.1:${port}/`, stop: () => server.kill() }
}

test.describe('a newer build', () => {
  test.use({ serviceWorkers: 'allow' })
  const PLACE = 'test-results/newer'
  let server: Awaited<ReturnType<typeof ownServer>>
  test.beforeAll(async () => void (server = await ownServer(PLACE, 4198)))
  test.afterAll(() => {
    server.stop()
    rmSync(PLACE, { recursive: true })
  })
  test('is offered between rounds and not amid one, and the bag is where it was', async ({
    page,
  }) => {
    await page.goto(server.address)
    await page.getByRole('link', { name: 'Open Beater tote' }).click()
    await go(page, 'Make')
    await expect(title(page)).toHaveText('Round 1')
    await kept(page)
    await press(page, 'Enter')
    await press(page, 's')
    const text = readFileSync(`${PLACE}/dist/index.html`, 'utf8')
    writeFileSync(
      `${PLACE}/dist/index.html`,
      text.replace('written rounds.', 'written rounds anew.'),
    )
    const worker = readFileSync(`${PLACE}/dist/sw.js`, 'utf8')
    const newer = worker.replace(/(url:"index\.html",revision:")[^"]*/, '$1newer')
    expect(newer).not.toBe(worker)
    writeFileSync(`${PLACE}/dist/sw.js`, newer)
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update())
    await page.waitForFunction(
      async () => !!(await navigator.serviceWorker.getRegistration())?.waiting,
    )
    const notice = page.locator('.newer-notice')
    await page.waitForTimeout(1000)
    await expect(notice).toHaveCount(0)
    await press(page, 'Backspace')
    await expect(notice).toBeVisible()
    await page.getByRole('button', { name: 'Use it now' }).click()
    await expect(page.locator('meta[name=description]')).toHaveAttribute('content', /anew/)
    await expect(title(page)).toHaveText('Round 2')
  })
})

/** A film of still pictures for a camera that is simulated, in the open format it takes. */
async function filmOf(shots: readonly Buffer[], file: string): Promise<void> {
  const side = 480
  const margin = 30
  const frames = [Buffer.from(`YUV4MPEG2 W${side} H${side} F4:1 Ip A1:1 C420jpeg\n`)]
  for (const shot of shots) {
    const { width, height, data } = PNG.sync.read(shot)
    const light = Buffer.alloc(side * side, 235)
    for (let y = 0; y < Math.min(side - margin, height); y++)
      for (let x = 0; x < Math.min(side - margin, width); x++)
        light[(y + margin) * side + x + margin] = data[4 * (y * width + x)]!
    frames.push(Buffer.from('FRAME\n'), light, Buffer.alloc((side * side) / 2, 128))
  }
  writeFileSync(file, Buffer.concat(frames))
}

test('a bag is taken over with the camera, code by code', async ({ page, baseURL }) => {
  await openDemo(page, 'Make')
  await expect(title(page)).toHaveText('Round 1')
  await press(page, 'Enter', 3)
  await page.getByRole('button', { name: 'What else can be done' }).click()
  await page.getByRole('button', { name: 'To another device' }).click()
  const code = page.getByRole('img', { name: /^Code/ })
  const many = Number(/of (\d+)/.exec((await code.getAttribute('aria-label'))!)![1])
  const shots: Buffer[] = []
  for (let i = 0; i < many; i++) {
    await expect(code).toHaveAttribute('aria-label', `Code ${i + 1} of ${many}`)
    shots.push(await code.screenshot())
    await page.getByRole('button', { name: 'The next code' }).click()
  }
  const film = `${process.cwd()}/.cache/codes.y4m`
  await filmOf(shots, film)
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      ...['--no-sandbox', '--disable-gpu', '--use-fake-ui-for-media-stream'],
      ...['--use-fake-device-for-media-stream', `--use-file-for-fake-video-capture=${film}`],
    ],
  })
  const other: Page = await browser.newPage({ permissions: ['camera'], serviceWorkers: 'block' })
  await other.goto(baseURL!)
  await other.getByRole('button', { name: 'Take over', exact: true }).click()
  await other.getByRole('button', { name: 'Read with the camera' }).click()
  const files = other.getByLabel('Files', { exact: true })
  await expect(files).toContainText('3 entries of the log')
  await browser.close()
  rmSync(film)
})
