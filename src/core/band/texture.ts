import { Many, OneOf, OrNull, Pattern, Several, Text, Whole } from '../fields/index.ts'
import { work } from '../program/index.ts'
import { Letter, LIMITS, Section } from '../section/index.ts'
import { stitchById } from '../stitch/index.ts'
import { type Band, usual, within } from './band.ts'
import {
  comeOutOn,
  countedFault,
  countsOf,
  leftOn,
  rowProgram,
  WrittenRow,
} from './counted-rows.ts'

/** One yarn of those a texture is worked in, row by row. */
export class TextureYarn {
  @Letter() readonly yarn!: string
  /** Rows before the next one has its turn. */
  @Whole(1, LIMITS.rounds) readonly rounds!: number
}

/** A stitch pattern, row upon row. */
export class TexturePart extends Section {
  @OneOf(['texture']) readonly kind!: 'texture'
  /** The id of the pattern in the drawer, or of one's own. */
  @Pattern(/^[A-Za-z0-9-]{1,60}$/, 'the id of a stitch pattern') readonly pattern!: string
  /** Rows that begin it, once; and those that repeat. Their runs are all in one yarn, which stands for that of the row. */
  @Several(() => WrittenRow, LIMITS.writtenRows) readonly begin!: readonly WrittenRow[]
  @Many(() => WrittenRow, LIMITS.writtenRows) readonly repeat!: readonly WrittenRow[]
  @Whole(1, LIMITS.rounds) readonly rounds!: number
  /** Yarns in turn. */
  @Many(() => TextureYarn, LIMITS.stripes) readonly yarns!: readonly TextureYarn[]
  /** The side its raised rows are worked from; all the same to it where it has none. */
  @OneOf(['RS', 'WS', 'any']) readonly side!: 'RS' | 'WS' | 'any'
  /** What its repeats are counted as. */
  @OrNull() @Text(30) readonly unit!: string | null
}

/** Its rows until they come again: what begins it, and its repeat twice, since the first time it stands on other rows. */
const all = new WeakMap<TexturePart, readonly WrittenRow[]>()
function rowsOf(part: TexturePart): readonly WrittenRow[] {
  const known = all.get(part)
  if (known) return known
  const rows = [...part.begin, ...part.repeat, ...part.repeat]
  all.set(part, rows)
  return rows
}

/** The place in those rows of row i of the band, from 0. */
function placeOf({ begin, repeat }: TexturePart, i: number): number {
  const once = begin.length + repeat.length
  return i < once ? i : once + ((i - begin.length) % repeat.length)
}

/** Whether a row has stitches that stand out from the others on one side. */
export const isRaised = ({ runs }: WrittenRow, ground: string): boolean =>
  runs.some(({ stitch }) => {
    const { recipe, family, height, of } = stitchById(stitch)
    const post = /^[fb]p/.test(stitch)
    // A tall stitch between short ones folds, and stands out as well.
    const folds = ground === 'sc' && family === 'basic' && of === 'tr' && height > 2
    return (recipe !== undefined && !post && family === 'raised') || folds
  })

/** Whether a row is one plain stitch in each. */
const isPlain = ({ runs }: WrittenRow): boolean => {
  const [only, ...more] = runs
  const { uses, makes } = stitchById(only!.stitch)
  return more.length === 0 && uses === 1 && makes === 1
}

/** The yarn of row i of the band. */
function yarnOf({ yarns }: TexturePart, i: number): string {
  let at = i % yarns.reduce((sum, { rounds }) => sum + rounds, 0)
  for (const { yarn, rounds } of yarns) {
    if (at < rounds) return yarn
    at -= rounds
  }
  return yarns[0]!.yarn
}

const inYarn = (row: WrittenRow, yarn: string): WrittenRow => ({
  ...row,
  runs: row.runs.map((run) => ({ ...run, yarn })),
})

/** A stitch pattern over any count it comes out on; elsewhere its rows are plain until one is found. */
export const texture: Band<TexturePart> = {
  ...usual,
  document: TexturePart,
  title: 'Texture …',
  heading: 'Texture on',
  begin: ({ stitch, letters, count }) => ({
    kind: 'texture',
    name: 'Ribs',
    making: null,
    stitch,
    pattern: 'rib',
    begin: [],
    repeat: [
      {
        text: `${stitchById(stitch).abbr.us} in back loop of each st`,
        runs: [{ stitch, yarn: letters[0]!, count: 1 }],
        repeat: { from: 0, to: 1, times: Math.max(1, count) },
      },
    ],
    rounds: 4,
    yarns: [{ yarn: letters[0]!, rounds: 1 }],
    side: 'any',
    unit: null,
  }),
  rounds: ({ rounds }) => rounds,
  withRounds: (_, wanted) => ({ rounds: within(wanted, 1, LIMITS.rounds) }),
  stretched: () => null,
  yarns: (part) => [...new Set(Array.from({ length: part.rounds }, (_, i) => yarnOf(part, i)))],
  withYarn: ({ yarns }, from, to) => ({
    yarns: yarns.map((one) => (one.yarn === from ? { ...one, yarn: to } : one)),
  }),
  lastYarn: (part) => yarnOf(part, part.rounds - 1),
  gaugeYarn: (part) => (part.yarns.length === 1 ? part.yarns[0]!.yarn : null),
  fabric: ({ pattern, name }) => ({ key: `texture-${pattern}`, name }),
  counts: (part) => countsOf(rowsOf(part)),
  standsOn: (part, count) => comeOutOn(rowsOf(part), count),
  leaves: (part, count) =>
    comeOutOn(rowsOf(part), count)
      ? leftOn(rowsOf(part), count)[placeOf(part, part.rounds - 1)]!
      : count,
  faults: (part, say) => {
    const fault = countedFault(rowsOf(part))
    if (!fault) return
    const { begin, repeat } = part
    const [field, row] =
      fault.row < begin.length
        ? ['begin', fault.row]
        : ['repeat', (fault.row - begin.length) % repeat.length]
    say(`${field}[${row}]${fault.field && `.${fault.field}`}`, fault.message)
  },
  size: ({ begin, repeat }) => ({
    cells: 0,
    runs: [...begin, ...repeat].reduce((sum, { runs }) => sum + runs.length, 0),
  }),
  *rows(part, { count }) {
    const fits = comeOutOn(rowsOf(part), count)
    // Rows that are alike are one program, so that they are laid once.
    const programs = new Map<string, ReturnType<typeof rowProgram>>()
    for (let i = 0; i < part.rounds; i++) {
      const yarn = yarnOf(part, i)
      const place = placeOf(part, i)
      const key = `${fits ? place : ''} ${yarn}`
      const row = rowsOf(part)[place]!
      const program =
        programs.get(key) ??
        (fits
          ? rowProgram(inYarn(row, yarn), part.unit && !isPlain(row) ? part.unit : undefined)
          : [work(part.stitch, 'fits', { yarn })])
      programs.set(key, program)
      yield program
    }
  },
  wants: (part, row) => {
    const { side, stitch } = part
    const at = rowsOf(part)[placeOf(part, row - 1)]!
    return side !== 'any' && isRaised(at, stitch) ? { side } : {}
  },
  texts: (part, count) =>
    comeOutOn(rowsOf(part), count)
      ? Array.from({ length: part.rounds }, (_, i) => rowsOf(part)[placeOf(part, i)]!.text)
      : null,
}
