import { Many, OneOf } from '../document/index.ts'
import { work } from '../program/index.ts'
import { LIMITS, Section } from '../part/index.ts'
import { type Band, usual } from './band.ts'
import { wantsOfText, withoutTurn } from './row-said.ts'
import {
  comeOutOn,
  countedFault,
  countsOf,
  firstCountedOn,
  leftOn,
  rowProgram,
  WrittenRow,
} from './counted-rows.ts'

export class WrittenPart extends Section {
  @OneOf(['written']) readonly kind!: 'written'
  @Many(() => WrittenRow, LIMITS.writtenRows)
  readonly rows!: readonly WrittenRow[]
}

/** Places the first row was counted on. */
export const countedOn = ({ rows }: WrittenPart): number => firstCountedOn(rows)

/** Rows kept as they were written, with what they work. On a count they do not come out on each is plain until counted again. */
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
        text: `${abbr} in each st`,
        runs: [{ stitch, yarn: letters[0]!, count: 1 }],
        repeat: { from: 0, to: 1, times: Math.max(1, count) },
        ...{ from: null, down: [] },
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
      text: row.text.replace(new RegExp(`\\b${from}\\b`, 'g'), to),
      runs: row.runs.map((run) => (run.yarn === from ? { ...run, yarn: to } : run)),
    })),
  }),
  lastYarn: ({ rows }) => rows.at(-1)!.runs.at(-1)!.yarn,
  gaugeYarn: () => null,
  fabric: ({ id, name }) => ({ key: `rows-${id}`, name }),
  counts: ({ rows }) => countsOf(rows),
  standsOn: ({ rows }, count) => comeOutOn(rows, count),
  leaves: ({ rows }, count) => (comeOutOn(rows, count) ? leftOn(rows, count).at(-1)! : count),
  faults: ({ rows }, say) => {
    const fault = countedFault(rows)
    if (fault) say(`rows[${fault.row}]${fault.field && `.${fault.field}`}`, fault.message)
  },
  size: ({ rows }) => ({ cells: 0, runs: rows.reduce((sum, { runs }) => sum + runs.length, 0) }),
  looks: ({ rows }) => ({ below: 0, rows: rows.map(({ text }) => text) }),
  *rows(part, { count }) {
    if (comeOutOn(part.rows, count)) return yield* part.rows.map((row) => rowProgram(row))
    for (const { runs } of part.rows) yield [work(part.stitch, 'fits', { yarn: runs[0]!.yarn })]
  },
  wants: ({ rows }, nth, count) =>
    comeOutOn(rows, count) ? { ...wantsOfText(rows, nth), down: rows[nth - 1]!.down } : {},
  texts: ({ rows }, count) =>
    comeOutOn(rows, count)
      ? // It is said where the next one begins.
        rows.map(({ text }) => withoutTurn(text))
      : null,
}
