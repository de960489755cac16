import type { Page } from '@playwright/test'
import { checkPattern } from '@core/check'
import { madeBy, type Manner, manners } from '../src/core/testing/manners/index.ts'

/* How many sound patterns, each in a manner of its own, are read in full; how many of their rows are right; how many raise an alarm. */

export interface MannersRead {
  readonly patterns: number
  readonly inFull: number
  readonly rows: number
  readonly right: number
  /** Rows that are said to add up on another count than the hand's. */
  readonly silent: number
  readonly alarmed: number
}

export function readOf(list: readonly Manner[]): MannersRead {
  const sum = { patterns: list.length, inFull: 0, rows: 0, right: 0, silent: 0, alarmed: 0 }
  for (const manner of list) {
    const wanted = madeBy(manner)
    const { rows, problems, unread } = checkPattern(manner.text)
    const right = wanted.filter(
      (count, i) => rows[i]?.ok && (count === null || rows[i].makes === count),
    ).length
    const loud = rows.filter((row) => row.problems.some(({ severity }) => severity !== 'advice'))
    const whole = problems.filter(({ severity }) => severity !== 'advice')
    const alarms = whole.length + loud.length + Math.max(0, unread.length - (manner.beside ?? 0))
    sum.rows += wanted.length
    sum.right += right
    sum.silent += wanted.filter(
      (count, i) => count !== null && rows[i]?.ok && rows[i].makes !== count,
    ).length
    if (alarms > 0) sum.alarmed++
    if (right === wanted.length && rows.length === wanted.length && alarms === 0) sum.inFull++
  }
  return sum
}

/** Of those the reader was written with. */
export const mannersRead = () => readOf(manners)

/** A pattern of 300 rows, each another; another for each seed. */
export const differentRows = (seed: number): string =>
  [
    'Rnd 1: 120 sc in ring (120)',
    ...Array.from({ length: 300 }, (_, i) => {
      const plain = 1 + ((i + 7 * seed) % 113)
      const times = Math.floor((119 - plain) / 2)
      return `Rnd ${i + 2}: ch 1, sc in next ${plain} sts, *hdc in next st, sc in next st; rep from * ${times} times, sc in each st around, join (120)`
    }),
  ].join('\n')

/** Milliseconds from a pattern that is put in to the first answer, in a page that has stood open two seconds. */
export async function firstAnswerMs(page: Page, address: string): Promise<number> {
  await page.goto(`${address}/check`)
  await page.getByLabel('The written pattern').waitFor()
  await page.waitForTimeout(2000)
  const heading = page.locator('.result h2')
  const before = await heading.innerText()
  const begun = await page.evaluate(() => performance.now())
  await page.getByLabel('The written pattern').fill('Rnd 1: 6 sc in ring (6)\nRnd 2: 6 inc (13)')
  await page.waitForFunction(
    (was) => document.querySelector<HTMLElement>('.result h2')!.innerText !== was,
    before,
    { polling: 5 },
  )
  return (await page.evaluate(() => performance.now())) - begun
}
