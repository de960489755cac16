import { type Browser, chromium, type Page } from '@playwright/test'
import { readdirSync, readFileSync } from 'node:fs'
import { Bench } from 'tinybench'
import { gzipSync } from 'node:zlib'
import { printProject, readProject, commit, historyOf, projectOf } from '@core/project'
import { fitCounts, fitsOf } from '@core/fit'
import { photoGauge } from '@core/measure'
import { texturedBand } from '@core/shorthand'
import { bodyPiece, type Design, type Part, partsOf } from '@core/design'
import { compile, compiled } from '@core/ledger'
import { checkPattern } from '@core/check'
import { derive, planText } from '@core/bag'
import { defaultWords } from '@core/stitch'
import { drawer } from '@core/texture'
import { faultsFound } from './faults.ts'
import { placeFoundMs, stepTimes } from './making.ts'
import { quantile } from './frames.ts'
import { roundTimes } from './round.ts'
import { CHROMIUM, NAMES, served } from './served.ts'
import { differentRows, firstAnswerMs, mannersRead } from './manners.ts'
import { mosaics } from './mosaic.ts'
import { pictureInPage, pictures } from './picture.ts'
import { fillsAndOpens, inStudio } from './studio.ts'
import {
  longBag,
  blankBag,
  fiveBandBag,
  fiveBands,
  largeBag,
  marksOfPicture,
  noisyBag,
  stressBag,
} from './stress.ts'
import { bareTextMs, bookletMs, whileMade } from './paper.ts'

/* Measures what the program promises: medians of many runs (p95 where it says so), beside the promise. */

const PORT = 4188
interface Line {
  readonly what: string
  readonly figure: number
  readonly unit: string
  readonly promised: number | null
  readonly also?: string
}
const lines: Line[] = []
let browser: Browser
const tell = (what: string, figure: number, unit: string, promised: number | null, also = '') => {
  lines.push({ what, figure, unit, promised, also })
  console.error(what, figure.toFixed(1), unit)
}

const read = readProject(readFileSync('demo/beater-tote.json', 'utf8'))
if (!read.ok) throw new Error('the demo bag cannot be read')
const demo = read.value.design
const stress = stressBag()
const large = largeBag()

/** A bag whose one texture has 60 rounds of groups in chain spaces on 200 stitches; new each time, so that nothing is known of it. */
const granny = texturedBand(
  drawer.find(({ id }) => id === 'granny')!,
  'rounds',
  {
    letters: ['A', 'B'],
    rounds: 60,
  },
)
if (!granny.ok) throw new Error(granny.problem)
const texture = { ...granny.value, id: 'p9' } as Part
function grannyBag(): Design {
  const body = bodyPiece(demo)
  const [base] = body.parts
  const parts = [{ ...base!, count: 200, increase: 8 } as Part, structuredClone(texture)]
  return { ...demo, pieces: [{ ...body, parts }] }
}

/** Walks over all cells and counts changes of colour: the least anyone must do. */
function bareLoop(rows: readonly string[]): number {
  let changes = 0
  for (const row of rows)
    for (let i = 1; i < row.length; i++) if (row.charCodeAt(i) !== row.charCodeAt(i - 1)) changes++
  return changes
}
const stressRows = (partsOf(stress)[1] as { chart: { colours: readonly string[] } }).chart.colours

/** A stroke of the brush goes on: each of its edits is validated. */
let stroke = historyOf(projectOf(stress))
let strokeAt = 0
function strokeOn() {
  const cells = [0, 1].map((i) => ({ column: (strokeAt + i) % 400, row: strokeAt % 600 }))
  strokeAt++
  const edit = { name: 'paint', args: { id: 'p2', cells, letter: 'ABCDE'[strokeAt % 5]! } } as const
  stroke = commit(stroke, edit, { gesture: 'stroke' })
  if (strokeAt % 50 === 0) stroke = historyOf(projectOf(stroke.design))
}

async function inNode() {
  const bench = new Bench({ time: 1500 })
    .add('compile, demo bag', () => void compile(demo))
    .add('derive, demo bag', () => void derive(projectOf(demo)))
    .add('counts that fit, demo bag', () => void fitsOf(compiled(projectOf(demo))))
    .add('five bands', () => void fitCounts(fiveBands))
    .add('photo', () => void photoGauge(marksOfPicture))
    .add('compile, stress bag', () => void compile(stress))
    .add('compile, large bag', () => void compile(large))
    .add('compile, granny rows', () => void compile(grannyBag()))
    .add('commit, stress bag', strokeOn)
    .add('bare loop over its cells', () => void bareLoop(stressRows))
  await bench.run()
  const median = (name: string) => {
    const { result } = bench.getTask(name)!
    return result && 'latency' in result ? result.latency.p50 : NaN
  }
  tell('compile, demo bag', median('compile, demo bag'), 'ms', 5)
  tell('all that follows from it', median('derive, demo bag'), 'ms', null)
  tell('counts that fit, demo bag', median('counts that fit, demo bag'), 'ms', null)
  tell('counts that fit, five bands, ± 15 % of 400', median('five bands'), 'ms', null, 'in Node')
  tell('a gauge from marks on a photograph', median('photo'), 'ms', 100)
  const bare = median('bare loop over its cells')
  tell('compile, stress bag, in Node', median('compile, stress bag'), 'ms', null)
  tell(
    'compile, stress bag, to a bare loop over its cells',
    median('compile, stress bag') / bare,
    '×',
    2,
    `the loop takes ${bare.toFixed(2)} ms`,
  )
  tell('compile, 1,000 × 1,000 on 2,000 stitches', median('compile, large bag'), 'ms', 200)
  tell('a texture of 200 × 60, compiled anew', median('compile, granny rows'), 'ms', 10)
  tell('an edit of the stress bag, validated', median('commit, stress bag'), 'ms', 3)
  return bare
}

/** A booklet of about 200 pages beside as many pages of bare text. */
async function booklets() {
  const bag = longBag()
  const times: number[] = []
  const bare: number[] = []
  let pages = 0
  for (let i = 0; i < 5; i++) {
    const made = await bookletMs(bag)
    pages = made.pages
    times.push(made.ms)
    bare.push(await bareTextMs(bag, pages))
  }
  const plain = quantile(bare, 0.5)
  tell(
    'a long booklet as PDF, to as many pages of bare text',
    quantile(times, 0.5) / plain,
    '×',
    3,
    `${pages} pages in ${quantile(times, 0.5).toFixed(0)} ms, bare ${plain.toFixed(0)} ms`,
  )
}

/** Puts a bag on the shelf through the page's own import, and opens it. */
async function openBag(page: Page, design: Design, heading: string) {
  await page.addInitScript(() => Reflect.deleteProperty(window, 'showOpenFilePicker'))
  await page.addInitScript(NAMES)
  await page.goto(`http://127.0.0.1:${PORT}/`)
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Import a bag' }).click()
  const buffer = Buffer.from(printProject(projectOf(design)))
  await (await choosing).setFiles({ name: 'bag.json', mimeType: 'application/json', buffer })
  await page.getByRole('link', { name: `Open ${design.name}` }).click()
  await page.locator('.stage h1', { hasText: heading }).waitFor()
  await page.waitForTimeout(2500)
}

/** Milliseconds from the next click to the frame in which something is painted, as the page has them. */
const paintedAfterClick = (page: Page, selector: string) =>
  page.evaluate(
    (wanted) =>
      new Promise<number>((done) => {
        let began = 0
        const click = () => (began = performance.now())
        addEventListener('click', click, { capture: true, once: true })
        const watching = new MutationObserver(() => {
          if (began === 0 || !document.querySelector(wanted)) return
          watching.disconnect()
          requestAnimationFrame(() => setTimeout(() => done(performance.now() - began)))
        })
        watching.observe(document.body, { childList: true, subtree: true })
      }),
    selector,
  )

/** The pattern of a large chart, on the screen and as a PDF. */
async function goesOut(page: Page) {
  const shown: number[] = []
  for (let i = 0; i < 9; i++) {
    await page.getByRole('link', { name: 'Yarns' }).click()
    await page.locator('.stage h1', { hasText: 'Yarns' }).waitFor()
    const painted = paintedAfterClick(page, '.sheet svg')
    await page.getByRole('link', { name: 'Pattern' }).click()
    shown.push(await painted)
  }
  const printed: number[] = []
  for (let i = 0; i < 3; i++) {
    const from = performance.now()
    const download = page.waitForEvent('download', { timeout: 120_000 })
    await page.getByRole('button', { name: /^PDF/ }).click()
    await download
    printed.push(performance.now() - from)
  }
  tell(
    'the pattern of 200 × 200 cells in 24 colours is on the screen',
    quantile(shown, 0.5),
    'ms',
    300,
  )
  tell('and is a PDF', quantile(printed, 0.5), 'ms', 3000)
}

/** Speaks to the program's own worker, as its page does, and times the work and the way there and back. */
async function askWorker(page: Page, path: string, design: Design) {
  const name = readdirSync('dist/assets').find((file) => /derive\.worker.*\.js$/.test(file))!
  return page.evaluate(
    async ({ url, bag, path }) => {
      const worker = new Worker(url, { type: 'module' })
      const results: { workMs: number; totalMs: number }[] = []
      for (let i = 0; i < 30; i++) {
        const began = performance.now()
        const answer = await new Promise<{ value: { ok: boolean; workMs: number } }>(
          (done, fail) => {
            // What is thrown there comes as a value of that name.
            worker.onmessage = ({ data }) =>
              data.name === 'throw' ? fail(new Error(data.value.value.message)) : done(data)
            const argumentList = [bag, path === 'derive' ? {} : undefined].map((value) => ({
              type: 'RAW',
              value,
            }))
            worker.postMessage({ id: String(i), type: 'APPLY', path: [path], argumentList })
          },
        )
        const totalMs = performance.now() - began
        // What says nothing of its work is all work.
        results.push({ workMs: answer.value.workMs ?? totalMs, totalMs })
      }
      worker.terminate()
      return results.slice(5)
    },
    { url: `/assets/${name}`, bag: projectOf(design), path },
  )
}

async function inWorker(page: Page, bareMs: number) {
  const fits = await askWorker(page, 'fits', fiveBandBag())
  const solved = quantile(
    fits.map(({ workMs }) => workMs),
    0.5,
  )
  tell('counts that fit, five bands, in the worker', solved, 'ms', 50)
  const planned = await askWorker(page, 'plans', stress)
  tell(
    'three plans of the yarns of the stress bag, in the worker',
    quantile(
      planned.map(({ workMs }) => workMs),
      0.5,
    ),
    'ms',
    100,
  )
  const runs = await askWorker(page, 'derive', stress)
  const work = quantile(
    runs.map(({ workMs }) => workMs),
    0.5,
  )
  const transfer = quantile(
    runs.map(({ workMs, totalMs }) => totalMs - workMs),
    0.5,
  )
  tell(
    'stress bag in the worker: compile and all that follows',
    work,
    'ms',
    60,
    `${(work / bareMs).toFixed(0)} × the bare loop (${bareMs.toFixed(2)} ms)`,
  )
  tell(
    'stress bag: its way there and back',
    transfer,
    'ms',
    null,
    `${(transfer / bareMs).toFixed(0)} × the bare loop`,
  )
}

/** JavaScript that the first page loads, compressed. */
async function firstLoad(page: Page) {
  const files = new Set<string>()
  page.on('response', (response) => {
    const name = /\/assets\/([^/]+\.js)$/.exec(response.url())?.[1]
    if (name) files.add(name)
  })
  await page.goto(`http://127.0.0.1:${PORT}/`)
  await page.getByRole('link', { name: 'Open Beater tote' }).waitFor()
  const worker = readdirSync('dist/assets').find((name) => /derive\.worker.*\.js$/.test(name))
  const size = (name: string) => gzipSync(readFileSync(`dist/assets/${name}`)).length / 1000
  const page1 = [...files]
    .filter((name) => name !== worker)
    .reduce((sum, name) => sum + size(name), 0)
  tell(
    'first load, JavaScript',
    page1 + (worker ? size(worker) : 0),
    'kB gz',
    350,
    worker ? `of it ${size(worker).toFixed(0)} kB worker` : '',
  )
}

/** The checker: what it finds, and how long a long pattern takes it. */
function checker() {
  const { patterns, rows, alarms, kinds } = faultsFound()
  for (const { kind, planted, found } of kinds)
    tell(
      `planted faults of kind ${kind}, missed`,
      (100 * (planted - found)) / planted,
      '%',
      1,
      `${found} of ${planted} found`,
    )
  tell('correct patterns that raise an alarm', alarms, '', 0, `of ${patterns}, ${rows} rows`)
  const text = planText(demo, derive(projectOf(demo)), defaultWords)
  const times = Array.from({ length: 40 }, () => {
    const from = performance.now()
    checkPattern(text)
    return performance.now() - from
  })
  tell('the demo pattern checked', quantile(times, 0.5), 'ms', 1000)
  const read = mannersRead()
  const missing = (good: number, all: number) => (100 * (all - good)) / all
  tell(
    'patterns in manners of their own not read in full',
    missing(read.inFull, read.patterns),
    '%',
    10,
    `${read.inFull} of ${read.patterns} are; ${read.silent} rows silently wrong`,
  )
  tell('their rows that are not right', missing(read.right, read.rows), '%', 5, `of ${read.rows}`)
  tell('of them an alarm on', (100 * read.alarmed) / read.patterns, '%', 5, `${read.alarmed}`)
  const different = Array.from({ length: 15 }, (_, seed) => {
    const from = performance.now()
    checkPattern(differentRows(seed))
    return performance.now() - from
  })
  tell('300 different rows, after the first', quantile(different.slice(1), 0.5), 'ms', 150)
}

/** `--studio` measures the chart studio alone, `--mosaic` mending, `--picture` pictures made charts, `--round` bags in the round, `--paper` the booklet, `--make` the work-along, `--check` the checker. */
const PARTS = ['--studio', '--mosaic', '--picture', '--round', '--paper', '--make', '--check']
const all = !process.argv.some((word) => PARTS.includes(word))
const wanted = (part: string) => all || process.argv.includes(part)
const bareMs = all ? await inNode() : 1
if (wanted('--check')) checker()
if (wanted('--mosaic')) await mosaics(tell)
if (wanted('--picture')) await pictures(tell)
if (wanted('--paper')) await booklets()
await served(PORT, async () => {
  browser = await chromium.launch(CHROMIUM)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  if (all) await firstLoad(page)
  if (wanted('--check')) {
    const ms: number[] = []
    for (let i = 0; i < 5; i++) {
      const checking = await browser.newPage()
      ms.push(await firstAnswerMs(checking, `http://127.0.0.1:${PORT}`))
      await checking.close()
    }
    tell('a pattern put in, to its first answer in the page', quantile(ms, 0.5), 'ms', 300)
  }
  if (wanted('--studio')) {
    const drawing = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await openBag(drawing, stress, 'All')
    if (all) await inWorker(drawing, bareMs)
    await inStudio(browser, drawing, tell)
    const plain = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await openBag(plain, blankBag(), 'All')
    await fillsAndOpens(plain, tell)
  }
  if (wanted('--round'))
    for (const [name, bag, promised] of [
      ['the demo bag', demo, 150],
      ['a bag of 400 × 600', stress, 1000],
    ] as const) {
      const { ready, maps } = await roundTimes(browser, bag, 5)
      const also = `its fabric ${maps.toFixed(0)} ms of it`
      tell(`${name} made ready for the round`, ready, 'ms', promised, also)
    }
  if (wanted('--picture')) {
    const { ms, moreMb } = await pictureInPage(browser, (opened) =>
      openBag(opened, demo, 'Diamonds'),
    )
    tell('a picture of 12 megapixels opened in the page, to its chart', ms, 'ms', null)
    tell('memory that takes at its peak, over idle', moreMb, 'MB', 300)
  }
  if (wanted('--paper')) {
    const paper = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await openBag(paper, longBag(), 'All')
    await paper.getByRole('link', { name: 'Pattern' }).click()
    await paper.locator('.sheet svg').first().waitFor()
    // In words, as the bare text it is beside.
    await paper.locator('.print-choices').getByText('Words', { exact: true }).click()
    await paper.waitForTimeout(8000)
    const { quietMs, pauseMs } = await whileMade(paper)
    tell('a booklet of some 200 pages in the page: the longest without a word', quietMs, 'ms', 1000)
    tell('and the longest pause of the page', pauseMs, 'ms', 100)
  }
  if (wanted('--make'))
    for (const [name, bag] of [
      ['the demo bag', demo],
      ['a bag of 400 × 600', stress],
    ] as const) {
      const making = await browser.newPage({ viewport: { width: 1280, height: 800 } })
      await openBag(making, bag, bag === demo ? 'Diamonds' : 'All')
      await making.getByRole('link', { name: 'Make' }).click()
      await making.locator('.row-now h1').waitFor()
      const steps = await stepTimes(making, 150)
      tell(
        `a step at work, ${name}`,
        quantile(steps, 0.5),
        'ms',
        16,
        `p95 ${quantile(steps, 0.95).toFixed(1)}`,
      )
      const { seen, goesOn } = await placeFoundMs(making, 9)
      const also = `one can go on after ${quantile(goesOn, 0.5).toFixed(0)} ms`
      tell(`opened, and where one was: ${name}`, quantile(seen, 0.5), 'ms', 300, also)
      await making.close()
    }
  if (!all) return void (await browser.close())
  const noisy = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await openBag(noisy, noisyBag(), 'Noise')
  await goesOut(noisy)
  await browser.close()
})

const rows = lines.map(({ what, figure, unit, promised, also }) => ({
  what,
  measured: `${figure.toFixed(figure < 10 ? 2 : 1)} ${unit}`,
  promised: promised === null ? '' : `≤ ${promised} ${unit}`,
  kept: promised === null ? '' : figure <= promised ? 'yes' : 'NO',
  also: also ?? '',
}))
console.table(rows)
