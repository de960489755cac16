import type { Browser } from '@playwright/test'
import { build } from 'esbuild'
import type { Design } from '@core/design'
import { quantile } from './frames.ts'

interface Times {
  readonly form: number
  readonly maps: number
}

/** Medians, in ms, of making a bag ready for the round in a browser: meshes and fabric together, and the fabric alone. */
export async function roundTimes(browser: Browser, design: Design, times: number) {
  const { outputFiles } = await build({
    ...{ entryPoints: ['bench/round-in-page.ts'], bundle: true, write: false },
    ...{ format: 'iife', platform: 'browser', tsconfig: 'tsconfig.json', logLevel: 'error' },
  })
  const page = await browser.newPage()
  await page.addScriptTag({ content: outputFiles[0]!.text })
  const all = await page.evaluate(
    ([bag, many]) =>
      (
        globalThis as unknown as { roundTimes: (design: unknown, times: number) => Times[] }
      ).roundTimes(bag, many),
    [design, times] as const,
  )
  await page.close()
  return {
    ready: quantile(
      all.map(({ form, maps }) => form + maps),
      0.5,
    ),
    maps: quantile(
      all.map(({ maps }) => maps),
      0.5,
    ),
  }
}
