import { chromium } from '@playwright/test'
import fc from 'fast-check'
import { anyText } from '../src/core/testing/junk.ts'
import { CHROMIUM, NAMES, served } from './served.ts'

/* Pastes texts that nobody should paste into Check, and says how long the page stood still. `npm run pauses -- 200` */

const PORT = 4186
const MOST_MS = 200
const runs = Number(process.argv[2] ?? 200)

const rows = (n: number, of: (i: number) => string) =>
  Array.from({ length: n }, (_, i) => of(i)).join('\n')
const long = [
  'Rnd 1: ' + '‏'.repeat(390_000),
  '؜‮sc in each st'.repeat(20_000),
  rows(400, () => 'Rounds 1–999: sc in each st around (48)'),
  rows(4000, (i) => `Rnd ${i + 1}: *sc in next ${i % 9} sts, inc; rep from * around (${i})`),
  'Row 1: ' + '('.repeat(100_000),
  'Row 1: ' + '*sc, ch 1; '.repeat(30_000),
  rows(20_000, () => 'unread words of no sense at all, ch 3 turn join'),
  'Row 1: ' + 'e\u0301\u0302\u0303'.repeat(60_000),
  '🧶\u200d'.repeat(100_000),
  'Row 1: sc in each st across (' + '9'.repeat(200_000) + ')',
  ' '.repeat(390_000) + 'Row 1: sc',
  'Row 1: ' + 'sc in next st, '.repeat(26_000),
  rows(3000, (i) => `Rnd ${i + 1}: sc in each st around (${i % 2 ? 47 : 48})`),
  '\t\u0000\u0001'.repeat(100_000),
  rows(100, () => 'Rows 2 and all even rows: [sc, [dc, [tr, ch 1] × 9] × 9] × 9'),
]
const texts = [
  ...long,
  ...fc.sample(anyText, { numRuns: Math.max(0, runs - long.length), seed: 11 }),
]

const pauses: { ms: number; text: string }[] = []
await served(PORT, async (address) => {
  const browser = await chromium.launch(CHROMIUM)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(NAMES)
  await page.goto(`${address}/check`)
  const area = page.getByLabel('The written pattern')
  await area.waitFor()
  for (const text of texts.slice(0, runs)) {
    const ms = await area.evaluate(async (element, given) => {
      const field = element as HTMLTextAreaElement
      let longest = 0
      const seen = new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) longest = Math.max(longest, duration)
      })
      seen.observe({ entryTypes: ['longtask'] })
      field.focus()
      field.select()
      const data = new DataTransfer()
      data.setData('text/plain', given)
      const took = field.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
      )
      // A paste that the page leaves to the browser is done as the browser would.
      if (took) {
        field.value = given
        field.dispatchEvent(new Event('input', { bubbles: true }))
      }
      await new Promise((done) => setTimeout(done, 900))
      seen.disconnect()
      return longest
    }, text)
    pauses.push({ ms, text })
    if (ms > MOST_MS)
      console.log(`${ms.toFixed(0)} ms: ${JSON.stringify(text.slice(0, 60))} (${text.length})`)
  }
  await browser.close()
})
const sorted = pauses.map(({ ms }) => ms).sort((a, b) => a - b)
console.log(
  `${sorted.length} texts, longest pause: median ${sorted[sorted.length >> 1]!.toFixed(0)} ms, most ${sorted.at(-1)!.toFixed(0)} ms (≤ ${MOST_MS} ms)`,
)
if (sorted.at(-1)! > MOST_MS) process.exitCode = 1
