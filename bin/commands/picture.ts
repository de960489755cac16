import { readFileSync } from 'node:fs'
import { PNG } from 'pngjs'
import { chartCsv } from '@core/file'
import {
  type Cells,
  coloursIn,
  lookedAt,
  type Mixing,
  MOST_PIXELS,
  type NoPicture,
  pictured,
  type PictureTechnique,
  type PictureYarn,
  roundsFor,
  WHOLE,
} from '@core/picture'
import { parsePer, printNumber, type Result, TEN_CM } from '@core/units'
import { yarnByGauge } from '@core/yarn'
import { type Outcome, Refusal } from '../outcome.ts'

export interface PictureOptions {
  readonly stitches: string
  readonly gaugeStitches: string
  readonly gaugeRows: string
  readonly yarns?: string
  readonly find?: string
  readonly shortest?: string
  readonly together?: string
  readonly longest?: string
  /** False where no stitch may be lone. */
  readonly lone: boolean
  readonly mirrored?: boolean
  readonly meets?: boolean
  readonly mixing: Mixing
  readonly perRound?: string
  readonly technique: PictureTechnique
  readonly maxYarn?: readonly string[]
  readonly json?: boolean
}

const MOST = { stitches: 600, rounds: 600, yarns: 24 } as const
/** An answer comes in about a second. */
const LIMIT_MS = 700
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWX'

function taken<T>(result: Result<T>, option: string): T {
  if (!result.ok) throw new Refusal(`--${option}: ${result.problem}`)
  return result.value
}

function whole(text: string, option: string, most: number): number {
  const value = Number(text)
  if (!Number.isInteger(value) || value < 1 || value > most)
    throw new Refusal(`--${option}: “${text}” is not a whole number from 1 to ${most}`)
  return value
}

/** What a PNG begins with (W3C, Portable Network Graphics). */
const SIGNATURE = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
const some = (text: string | undefined, option: string, most: number): number | undefined =>
  text === undefined ? undefined : whole(text, option, most)

/** The colours of the yarns: those that are given, or so many found in the picture. */
function coloursOf({ yarns, find }: PictureOptions, cells: Cells): string[] {
  if ((yarns === undefined) === (find === undefined))
    throw new Refusal('give one of --yarns and --find')
  if (yarns === undefined) return coloursIn(cells, whole(find!, 'find', MOST.yarns))
  const colours = yarns.split(',').map((one) => hexOf(one, 'yarns'))
  if (colours.length > MOST.yarns) throw new Refusal(`--yarns: more than ${MOST.yarns}`)
  return colours
}

function pngIn(file: string): PNG {
  const bytes = readFileSync(file)
  try {
    // Its size stands at the beginning; what is larger is not unpacked.
    if (!bytes.subarray(0, 8).equals(SIGNATURE)) throw new Error('no PNG')
    if (bytes.readUInt32BE(16) * bytes.readUInt32BE(20) > MOST_PIXELS)
      throw new Refusal(`${file}: more than ${MOST_PIXELS / 1e6} megapixels`)
    return PNG.sync.read(bytes)
  } catch (error) {
    if (error instanceof Refusal) throw error
    throw new Refusal(`${file} is no PNG that can be read`)
  }
}

const hexOf = (text: string, option: string): string => {
  const found = /^#?([0-9a-f]{6})$/i.exec(text.trim())?.[1]
  if (!found) throw new Refusal(`--${option}: “${text.trim()}” is no colour such as #112233`)
  return `#${found.toLowerCase()}`
}

/** "#ddeeff:30g" or "#ddeeff:60m": the most there is of a colour, in metres. */
function amountIn(text: string, per100g: number): readonly [colour: string, metres: number] {
  const found = /^(.+):\s*(\d+(?:\.\d+)?)\s*(g|m)$/i.exec(text.trim())
  if (!found) throw new Refusal(`--max-yarn: “${text}” is not such as #ddeeff:30g`)
  const [, colour, number, unit] = found as unknown as [string, string, string, string]
  const metres = unit.toLowerCase() === 'g' ? (Number(number) * per100g) / 100 : Number(number)
  return [hexOf(colour, 'max-yarn'), metres]
}

const WHY: Readonly<Record<NoPicture, string>> = {
  'two-yarns': 'A mosaic is worked in two yarns: give two.',
  'too-little-yarn': 'There is too little yarn for this many stitches.',
}

/** A picture as a chart, top row first; or what it is made of, as data. */
export function picture(file: string, options: PictureOptions): Outcome {
  const { technique, json } = options
  const width = taken(parsePer(options.gaugeStitches, TEN_CM), 'gauge-stitches')
  const height = taken(parsePer(options.gaugeRows, TEN_CM), 'gauge-rows')
  const stitchWidthMm = width.overMm / width.count
  const stitches = whole(options.stitches, 'stitches', MOST.stitches)
  const raster = pngIn(file)
  // In inset a row of the chart is two rounds.
  const each = technique === 'inset' ? 2 : 1
  const rows = roundsFor(raster, stitches, {
    stitchWidthMm,
    rowHeightMm: (each * height.overMm) / height.count,
  })
  const rounds = each * rows
  if (rounds > MOST.rounds) throw new Refusal(`--stitches: ${rounds} rounds are too many`)
  const meets = options.meets === true
  const cells = lookedAt(raster, {
    ...{ corners: WHOLE, columns: stitches, rows, light: { light: 0, contrast: 0 } },
    meets: { around: meets, up: meets },
  })
  const colours = coloursOf(options, cells)
  const taking = yarnByGauge(stitchWidthMm)
  const amounts = new Map((options.maxYarn ?? []).map((one) => amountIn(one, taking.per100g)))
  for (const colour of amounts.keys())
    if (!colours.includes(colour)) throw new Refusal(`--max-yarn: ${colour} is none of --yarns`)
  const yarns = colours.map((colour, i): PictureYarn => ({
    ...{ letter: LETTERS[i]!, colour, stitch: taking.stitch, carried: taking.carried },
    most: amounts.get(colour) ?? null,
  }))
  const found = pictured(cells, {
    ...{ yarns, technique, now: () => performance.now(), limitMs: LIMIT_MS },
    perRound: some(options.perRound, 'per-round', MOST.yarns) ?? yarns.length,
    shortest: some(options.shortest, 'shortest', MOST.stitches) ?? 1,
    together: some(options.together, 'together', MOST.rounds) ?? 1,
    longest: some(options.longest, 'longest', MOST.stitches) ?? Infinity,
    ...{ noLone: !options.lone, mirrored: options.mirrored === true, mixing: options.mixing },
  })
  if (!found.ok) return { output: json ? 'null' : WHY[found.why], wrong: true }
  const { chart, likeness, perRound, yarns: used } = found.value
  process.stderr.write(
    `${rounds} rounds, ${printNumber(likeness.mean, 1)} apart on the mean, ${printNumber(likeness.worst, 1)} at worst\n`,
  )
  return {
    output: json
      ? JSON.stringify({
          rounds,
          yarns: used.map(({ letter, cells, metres }, i) => ({
            ...{ letter, colour: colours[i]!, cells },
            metres: Number(metres.toFixed(2)),
          })),
          ...{ meanDeltaE: likeness.mean, worstDeltaE: likeness.worst },
          perRound: perRound.flatMap((letters) => Array<readonly string[]>(each).fill(letters)),
        })
      : chartCsv(chart).trimEnd(),
    wrong: false,
  }
}
