import { chromium } from '@playwright/test'
import { accessible, bytesOf, expect, fileFrom, go, openDemo, test } from './bag.ts'

/* The bag in the round, in a browser that draws in light: by software here, so that it is slow and the same everywhere. */
const lit = test.extend({
  page: async ({ baseURL }, use) => {
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--use-gl=angle',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
      ],
    })
    const page = await browser.newPage({
      ...(baseURL ? { baseURL } : {}),
      ...{ viewport: { width: 1280, height: 800 }, locale: 'en-GB', reducedMotion: 'reduce' },
    })
    // Pictures that stand still are off but where they are what is looked at.
    await page.addInitScript(() => {
      localStorage.setItem('ample-motif-still-pictures', 'off')
      Reflect.deleteProperty(globalThis, 'showSaveFilePicker')
      Reflect.deleteProperty(globalThis, 'showOpenFilePicker')
    })
    await use(page)
    await browser.close()
  },
})

// Light by software takes all there is: one after the other.
lit.describe.configure({ mode: 'serial' })

lit(
  'the bag is drawn in the round, turned by keys and by hand, and a stitch of it is chosen',
  async ({ page }) => {
    await openDemo(page)
    await page.locator('.view-bar').getByText('On the bag', { exact: true }).click()
    const bag = page.locator('.round-bag canvas')
    await expect(page.locator('.round-bag .wait')).toHaveCount(0)
    const picture = () => bag.screenshot()
    const front = await picture()
    // Something is there: not one colour alone.
    expect(front.length).toBeGreaterThan(20_000)
    await bag.focus()
    for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowRight')
    await expect(bag).toHaveAccessibleName(/turned by 114°/)
    await expect.poll(async () => Buffer.compare(await picture(), front)).not.toBe(0)
    await accessible(page)
    await page.getByRole('button', { name: 'Front', exact: true }).click()
    await expect(bag).toHaveAccessibleName(/front/)
    // A click takes the band that is there.
    const clickAt = async (up: number) => {
      // What is said above it may have moved it.
      const { x, y, width, height } = (await bag.boundingBox())!
      await page.mouse.click(x + width / 2, y + height * up)
    }
    // Above its middle is the plain band, below it the diamonds, which were chosen at first.
    const takes = (up: number, name: string) =>
      expect
        .poll(async () => {
          await clickAt(up)
          return page.locator('.part-said h1').textContent()
        })
        .toContain(name)
    await takes(0.46, 'Plain')
    await takes(0.73, 'Diamonds')
  },
)

lit(
  'the bag goes out as a picture, and stands on the first page of the pattern',
  async ({ page }) => {
    await openDemo(page)
    await go(page, 'Pattern')
    const png = await fileFrom(page, 'Bag as PNG')
    expect(png.name).toBe('beater-tote-bag.png')
    expect(png.bytes.subarray(1, 4).toString()).toBe('PNG')
    expect(png.bytes.length).toBeGreaterThan(100_000)
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: /^PDF/ }).click()
    const pdf = await bytesOf(await waiting)
    // With the picture in it, it is larger than words and a chart are.
    expect(pdf.length).toBeGreaterThan(300_000)
  },
)

lit('a picture that stands still takes the place of the bag laid flat', async ({ page }) => {
  await page.addInitScript(() => localStorage.removeItem('ample-motif-still-pictures'))
  await openDemo(page)
  await expect(page.locator('.spine .bag-still')).toBeVisible({ timeout: 60_000 })
  await expect(page.locator('.spine .bag-still')).toHaveAttribute(
    'alt',
    'Beater tote, as it will be',
  )
})
