import type { Page } from '@playwright/test'

/* The work-along: what a step takes, and how soon after opening one is where one was. */

/** Milliseconds a step takes in the page, from the key to the page laid out anew: keys of runs along a bag. */
export async function stepTimes(page: Page, steps: number): Promise<number[]> {
  return page.evaluate(async (many) => {
    const view = document.querySelector('.make-view')!
    const times: number[] = []
    for (let i = 0; i < many; i++) {
      const key = i % 12 === 11 ? 'Enter' : i % 2 === 0 ? 's' : 'r'
      const began = performance.now()
      view.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
      // What changed is drawn before the next task.
      await Promise.resolve()
      await Promise.resolve()
      document.body.getBoundingClientRect()
      times.push(performance.now() - began)
      await new Promise((next) => setTimeout(next, 30))
    }
    return times
  }, steps)
}

/** Milliseconds from the beginning of a navigation until the row one is at is seen, and until one can go on, as the page has them. */
export async function placeFoundMs(
  page: Page,
  opens: number,
): Promise<{ readonly seen: number[]; readonly goesOn: number[] }> {
  await page.addInitScript(() => {
    const watching = new MutationObserver(() => {
      const at = document.querySelector('.make-glance h1, .row-now h1')
      if (at && !('placeFound' in window)) Object.assign(window, { placeFound: performance.now() })
      if (!document.querySelector('.row-now h1')) return
      watching.disconnect()
      Object.assign(window, { canGoOn: performance.now() })
    })
    watching.observe(document, { childList: true, subtree: true })
  })
  const [seen, goesOn]: [number[], number[]] = [[], []]
  for (let i = 0; i < opens; i++) {
    await page.reload()
    await page.locator('.row-now h1').waitFor()
    const at = await page.evaluate(() => {
      const { placeFound, canGoOn } = window as unknown as Record<string, number>
      return [placeFound!, canGoOn!] as const
    })
    seen.push(at[0])
    goesOn.push(at[1])
  }
  return { seen, goesOn }
}
