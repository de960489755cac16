import { expect, type Page } from '@playwright/test'

/* What journeys at the hook need. */

export const title = (page: Page) => page.locator('.make-view h1')
export const count = (page: Page) => page.locator('.row-now .count')
export const panel = (page: Page) => page.getByRole('complementary', { name: 'How far it is' })

export async function press(page: Page, key: string, times = 1): Promise<void> {
  for (let i = 0; i < times; i++) await page.keyboard.press(key)
}

/** A tab that is killed, nothing of it asked to store anything; the one that is opened instead. */
export async function killed(page: Page): Promise<Page> {
  const address = page.url()
  const context = page.context()
  const client = await context.newCDPSession(page)
  const gone = page.waitForEvent('crash')
  void client.send('Page.crash').catch(() => {})
  await gone
  const next = await context.newPage()
  await next.goto(address)
  await expect(title(next)).toBeVisible()
  return next
}

/** Waits until the build is kept by the browser. */
export const kept = (page: Page) =>
  page.evaluate(async () => {
    const { active } = await navigator.serviceWorker.ready
    if (active!.state !== 'activated')
      await new Promise((resolve) => active!.addEventListener('statechange', resolve))
  })

/** Takes the server away, once the build is kept. */
export async function offline(page: Page): Promise<void> {
  await kept(page)
  await page.context().setOffline(true)
}
