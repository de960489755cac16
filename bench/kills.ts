import { chromium } from '@playwright/test'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { CHROMIUM, NAMES, served } from './served.ts'

/*
 * Kills the browser, or only the page, in the middle of steady changes, and says how much of the work was lost. A change is a
 * round more every 50 ms; what is found when the bag is opened again tells the time of the last change that stayed.
 * `npm run kills -- 200`
 */

const PORT = 4187
const MOST_LOST_MS = 300
const kills = Number(process.argv[2] ?? 20)
const launch = (profile: string) =>
  chromium.launchPersistentContext(profile, {
    ...CHROMIUM,
    viewport: { width: 1280, height: 800 },
  })

/** The browser's own process of a profile, which holds all the others. */
function browserOf(profile: string): number {
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name)))
    try {
      const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8')
      if (line.includes(profile) && !line.includes('--type=')) return Number(pid)
    } catch {
      // It has ended meanwhile.
    }
  throw new Error('the browser is not running')
}

interface Lost {
  readonly lostMs: number
  /** The address of the bag. */
  readonly opened: string
}

async function lostIn(profile: string, address: string, how: 'browser' | 'page'): Promise<Lost> {
  const context = await launch(profile)
  const page = context.pages()[0] ?? (await context.newPage())
  await page.addInitScript(NAMES)
  await page.goto(address)
  if (!address.includes('/bag/')) await page.getByRole('link', { name: 'Open Beater tote' }).click()
  const edge = page.getByRole('button', { name: /^Edge, \d+ rounds/ })
  await edge.waitFor()
  // Far enough from the end of what there can be.
  const times = new Map<number, number>()
  await page.exposeFunction('tell', (rounds: number, at: number) => void times.set(rounds, at))
  await page.evaluate(() => {
    const find = () =>
      [...document.querySelectorAll('button')].find((one) =>
        /^Edge, \d+ rounds/.test(one.ariaLabel ?? ''),
      )!
    let rounds = Number(/\d+/.exec(find().ariaLabel!)![0])
    setInterval(() => {
      find().dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }))
      void (window as unknown as { tell: (n: number, at: number) => void }).tell(
        ++rounds,
        Date.now(),
      )
    }, 50)
  })
  await page.waitForTimeout(700 + 900 * Math.random())
  const opened = page.url()
  const killedAt = Date.now()
  if (how === 'browser') process.kill(browserOf(profile), 'SIGKILL')
  else {
    const session = await context.newCDPSession(page)
    void session.send('Page.crash').catch(() => {})
    await page.waitForEvent('crash')
  }
  await context.close().catch(() => {})
  const again = await launch(profile)
  const seen = again.pages()[0] ?? (await again.newPage())
  await seen.goto(opened)
  const label = await seen
    .getByRole('button', { name: /^Edge, \d+ rounds/ })
    .getAttribute('aria-label')
  const rounds = Number(/\d+/.exec(label!)![0])
  await seen.waitForTimeout(400)
  // The bag is made small again, so that there is always room.
  await seen.getByRole('button', { name: /^Edge, \d+ rounds/ }).click()
  await seen.getByLabel('Rounds', { exact: true }).fill('5')
  await seen.getByLabel('Rounds', { exact: true }).press('Enter')
  await seen.waitForTimeout(700)
  await again.close()
  const last = [...times].filter(([n]) => n <= rounds).at(-1)?.[1]
  const newest = Math.max(...[...times.values()].filter((at) => at <= killedAt))
  return { lostMs: last === undefined ? Infinity : Math.max(0, newest - last), opened }
}

const profile = mkdtempSync(join(tmpdir(), 'kills-'))
const lost: number[] = []
await served(PORT, async (address) => {
  let bag: string | null = null
  for (let i = 0; i < kills; i++) {
    const how = i % 2 ? 'page' : 'browser'
    const { lostMs, opened }: Lost = await lostIn(profile, bag ?? address, how)
    bag = opened
    lost.push(lostMs)
    if (lostMs > MOST_LOST_MS) console.log(`kill ${i} (${how}): ${lostMs} ms lost`)
  }
})
rmSync(profile, { recursive: true, force: true })
lost.sort((a, b) => a - b)
console.log(
  `${kills} kills, lost: median ${lost[lost.length >> 1]} ms, most ${lost.at(-1)} ms (≤ ${MOST_LOST_MS} ms), ${lost.filter((ms) => ms > MOST_LOST_MS).length} more`,
)
if (lost.at(-1)! > MOST_LOST_MS) process.exitCode = 1
