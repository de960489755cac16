import { Many, OneOf, Text, Whole } from '../fields/index.ts'
import { stitchById, stitchIds } from '../stitch/index.ts'
import { work } from '../program/index.ts'
import { type Band, usual } from './band.ts'
import { programOf } from './marked-row.ts'
import { Letter, LIMITS, Section } from './section.ts'

/** So many of one stitch, as a written row was counted. */
export class WrittenRun {
  @OneOf(stitchIds) readonly stitch!: string
  @Letter() readonly yarn!: string
  @Whole(1, LIMITS.count) readonly count!: number
}

/** A row in the trade's shorthand, in US terms, and what it works over the stitches it was counted on. */
export class WrittenRow {
  @Text(LIMITS.rowText) readonly text!: string
  @Many(() => WrittenRun, LIMITS.count * 3)
  readonly runs!: readonly WrittenRun[]
}

export class WrittenPart extends Section {
  @OneOf(['written']) readonly kind!: 'written'
  @Many(() => WrittenRow, LIMITS.writtenRows)
  readonly rows!: readonly WrittenRow[]
}

/** Places a written row takes up, and those it leaves. */
export function placesOf({ runs }: WrittenRow): { readonly uses: number; readonly makes: number } {
  const sum = { uses: 0, makes: 0 }
  for (const { stitch, count } of runs) {
    const { uses, makes } = stitchById(stitch)
    sum.uses += uses * count
    sum.makes += makes * count
  }
  return sum
}

const countedOn = ({ rows }: WrittenPart): number => placesOf(rows[0]!).uses

/** Rows kept as they were written, with what they were counted to. Over another count each is plain until it is counted again. */
export const written: Band<WrittenPart> = {
  ...usual,
  document: WrittenPart,
  title: 'Written rows',
  heading: 'Written rows on',
  begin: ({ stitch, letters, count, abbr }) => ({
    kind: 'written',
    name: 'Written rows',
    making: null,
    stitch,
    rows: [
      {
        text: `${abbr} in each st around`,
        runs: [{ stitch, yarn: letters[0]!, count: Math.max(1, count) }],
      },
    ],
  }),
  rounds: ({ rows }) => rows.length,
  withRounds: () => null,
  stretched: () => null,
  yarns: ({ rows }) => [...new Set(rows.flatMap(({ runs }) => runs.map(({ yarn }) => yarn)))],
  withYarn: ({ rows }, from, to) => ({
    rows: rows.map((row) => ({
      ...row,
      runs: row.runs.map((run) => (run.yarn === from ? { ...run, yarn: to } : run)),
    })),
  }),
  lastYarn: ({ rows }) => rows.at(-1)!.runs.at(-1)!.yarn,
  gaugeYarn: () => null,
  fabric: 'plain',
  standsOn: countedOn,
  leaves: (part, count) => (countedOn(part) === count ? placesOf(part.rows.at(-1)!).makes : count),
  faults: ({ rows }, say) =>
    rows.forEach((row, r) => {
      const { uses, makes } = placesOf(row)
      const left = r === 0 ? uses : placesOf(rows[r - 1]!).makes
      if (uses !== left || uses < 1 || makes < 1 || makes > LIMITS.rowCount)
        say(
          `rows[${r}]`,
          `takes up ${uses} stitches and leaves ${makes}; the row below leaves ${left}`,
        )
    }),
  size: ({ rows }) => ({ cells: 0, runs: rows.reduce((sum, { runs }) => sum + runs.length, 0) }),
  *rows(part, { count }) {
    const fits = countedOn(part) === count
    for (const { runs } of part.rows)
      yield fits ? programOf(runs) : [work(part.stitch, 'fits', { yarn: runs[0]!.yarn })]
  },
  texts: (part, count) => (countedOn(part) === count ? part.rows.map(({ text }) => text) : null),
}
