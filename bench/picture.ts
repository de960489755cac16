import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser } from '@playwright/test'
import gifenc from 'gifenc'
import * as imageQ from 'image-q'
import { PNG } from 'pngjs'
import RgbQuant from 'rgbquant'
import {
  type Cells,
  cellsOf,
  coloursIn,
  costsOf,
  inSet,
  likenessOf,
  pictured,
  type PictureYarn,
  type Raster,
} from '@core/picture'
import { quantile, type Tell } from './frames.ts'

/* A picture made into a chart: how long it takes, and how near few colours come beside general packages that find them. */

/** A made-up photograph: a sky, hills, a sun and grain, the same each time. */
export function photograph(width: number, height: number): Raster {
  let seed = 20261201
  const chance = () => (seed = (seed * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
  const data = new Uint8Array(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x / width, y / height]
      const hill = v > 0.62 + 0.1 * Math.sin(7 * u) + 0.04 * Math.sin(23 * u)
      const sun = (u - 0.7) ** 2 + (0.75 * (v - 0.25)) ** 2 < 0.008
      const [r, g, b] = sun
        ? [236, 178, 60]
        : hill
          ? [60 + 90 * v, 110 - 40 * v + 40 * u, 70 * v]
          : [150 + 90 * v, 190 + 30 * v, 235 - 60 * v]
      const grain = 18 * (chance() - 0.5)
      data.set(
        [r + grain, g + grain, b + grain, 255].map((one) => Math.max(0, Math.min(255, one))),
        4 * (y * width + x),
      )
    }
  return { width, height, data }
}

const timed = async <T>(times: number, work: () => T | Promise<T>) => {
  const ms: number[] = []
  let value!: T
  for (let i = 0; i < times; i++) {
    const began = performance.now()
    value = await work()
    ms.push(performance.now() - began)
  }
  return { value, ms: quantile(ms, 0.5) }
}

const COLOURS = 8
const yarnsOf = (colours: readonly string[]): PictureYarn[] =>
  colours.map((colour, i) => ({
    ...{ letter: 'ABCDEFGHIJKL'[i]!, colour, stitch: 0.04, carried: 0.005, most: null },
  }))

/** How far cells look from the nearest of some colours, on the mean. */
function meanFrom(cells: Cells, colours: readonly string[]): number {
  const costs = costsOf(cells, colours)
  const all = colours.map((_, i) => i)
  return likenessOf(costs, inSet(costs.apart, colours.length, all)).mean
}
const hex = (rgb: ArrayLike<number>) =>
  `#${[0, 1, 2].map((i) => Math.round(rgb[i]!).toString(16).padStart(2, '0')).join('')}`

/** The same cells in as few colours by packages that do nothing else. */
async function besides(
  cells: Cells,
): Promise<readonly { name: string; ms: number; mean: number }[]> {
  const { width, height, colours } = cells
  const rgba = new Uint8Array(4 * width * height)
  for (let cell = 0; cell < width * height; cell++)
    rgba.set([...colours.subarray(3 * cell, 3 * cell + 3), 255], 4 * cell)
  const points = imageQ.utils.PointContainer.fromUint8Array(rgba, width, height)
  const byImageQ = (method: 'wuquant' | 'neuquant') => () =>
    imageQ
      .buildPalette([points], {
        colors: COLOURS,
        paletteQuantization: method,
        colorDistanceFormula: 'ciede2000',
      })
      .then((palette) =>
        palette
          .getPointContainer()
          .getPointArray()
          .map(({ r, g, b }) => hex([r, g, b])),
      )
  const all: readonly (readonly [string, () => readonly string[] | Promise<readonly string[]>])[] =
    [
      ['image-q, Wu', byImageQ('wuquant')],
      ['image-q, NeuQuant', byImageQ('neuquant')],
      [
        'rgbquant',
        () => {
          const quant = new RgbQuant({ colors: COLOURS, minHueCols: 0 })
          quant.sample(rgba, width)
          return quant.palette(true).map(hex)
        },
      ],
      ['gifenc', () => gifenc.quantize(rgba, COLOURS).map(hex)],
    ]
  const lines = []
  for (const [name, work] of all) {
    const { value, ms } = await timed(3, work)
    lines.push({ name, ms, mean: meanFrom(cells, value) })
  }
  return lines
}

export async function pictures(tell: Tell) {
  const twelve = photograph(4000, 3000)
  const cut = await timed(5, () => cellsOf(twelve, 120, 160))
  const cells = cut.value
  const yarns = yarnsOf(coloursIn(cells, COLOURS))
  const chart = await timed(3, () => pictured(cells, { yarns, technique: 'tapestry', perRound: 3 }))
  tell(
    '12 megapixels to a chart of 120 × 160, 8 yarns, 3 a round',
    cut.ms + chart.ms,
    'ms',
    1500,
    `its cells ${cut.ms.toFixed(0)} ms of it`,
  )
  const some = { shortest: 2, longest: 12, noLone: true }
  const ruled = await timed(3, () =>
    pictured(cells, { yarns, technique: 'tapestry', perRound: 3, ...some }),
  )
  tell('with runs, carries and lone stitches seen to', cut.ms + ruled.ms, 'ms', 1500)
  const ours = await timed(3, () => coloursIn(cells, COLOURS))
  const mean = meanFrom(cells, ours.value)
  tell(
    '8 colours found in 120 × 160 cells',
    ours.ms,
    'ms',
    null,
    `${mean.toFixed(2)} apart on the mean`,
  )
  for (const { name, ms, mean: far } of await besides(cells))
    tell(
      `the same by ${name}`,
      ms,
      'ms',
      null,
      `${far.toFixed(2)} apart: ours ${(mean / far).toFixed(2)} as far, in ${(ours.ms / ms).toFixed(2)} of the time`,
    )
}

/** Memory of all the renderers of this browser, in MB. */
function renderersMb(): number {
  const list = execFileSync('ps', ['-eo', 'rss,args'], { encoding: 'utf8', maxBuffer: 1e8 })
  return list
    .split('\n')
    .filter((line) => line.includes('--type=renderer'))
    .reduce((sum, line) => sum + Number.parseInt(line, 10) / 1024, 0)
}

/** A picture of twelve megapixels opened in the page: until its chart is seen, and how much more memory that takes at its peak. */
export async function pictureInPage(
  browser: Browser,
  open: (page: Awaited<ReturnType<Browser['newPage']>>) => Promise<void>,
) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(() => {
    delete (window as { showOpenFilePicker?: unknown }).showOpenFilePicker
  })
  await open(page)
  await page.getByRole('button', { name: 'Turn, move, rows and columns' }).click()
  await page.getByRole('menuitem', { name: 'Make it of a picture …' }).click()
  const dialog = page.getByRole('dialog', { name: 'A chart of a picture' })
  await dialog.waitFor()
  const { width, height, data } = photograph(4000, 3000)
  const png = new PNG({ width, height })
  png.data.set(data as Uint8Array)
  // From a file, as it is opened by hand: a buffer would be carried through the page first.
  const file = join(mkdtempSync(join(tmpdir(), 'picture-')), 'photograph.png')
  writeFileSync(file, PNG.sync.write(png, { deflateLevel: 1 }))
  await page.waitForTimeout(3000)
  const idle = renderersMb()
  let peak = idle
  const watching = setInterval(() => (peak = Math.max(peak, renderersMb())), 60)
  const choosing = page.waitForEvent('filechooser')
  await dialog.getByRole('button', { name: 'Open …' }).click()
  const began = performance.now()
  await (await choosing).setFiles(file)
  await dialog.locator('.figures-of').waitFor()
  const ms = performance.now() - began
  await page.waitForTimeout(3000)
  clearInterval(watching)
  await page.close()
  return { ms, moreMb: peak - idle }
}
