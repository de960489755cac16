import {
  type Chain,
  type CountedUnit,
  ends,
  type Pass,
  sides,
  starts,
  type StepRecord,
  type StretchRecord,
  type Work,
} from '../program/index.ts'
import type { MadeRow } from '../project/index.ts'
import { rowId } from '../part/index.ts'
import { eachBlock, type Ledger, NO_UNIT, partOfRow, type Piece, type RunHow } from './ledger.ts'

/** The id of a row of a piece. */
export function idOfRow(piece: Piece, row: number): string {
  const { id, firstRow } = partOfRow(piece, row)
  return rowId(id, row - firstRow + 1)
}

/** What a row is counted in beside places; null where it is stitches alone. */
export function unitOfRow({ units }: Ledger, { columns }: Piece, row: number): CountedUnit | null {
  const unit = columns.unit[row]!
  return unit === NO_UNIT ? null : { name: units[unit]!, count: columns.unitCount[row]! }
}

/** All there is of a row, as it is noted when it is made: laid again it gives the very same row. */
export function rowMade(ledger: Ledger, piece: Piece, row: number, copy = piece.copy): MadeRow {
  const { side, start, end, begin, from, passes, onto, also, beside } = piece.columns
  const into = [onto[row]!, also[row]!].filter((at) => at >= 0)
  const isBelow = into.length < 2 && onto[row] === row - 1
  return {
    kind: 'made',
    ...{ piece: piece.id, copy, row: idOfRow(piece, row) },
    side: sides[side[row]!]!,
    start: starts[start[row]!]!,
    end: ends[end[row]!]!,
    passes: passes[row] as 1 | 2,
    begin: begin[row]!,
    from: from[row]!,
    onto: isBelow ? [] : into.map((at) => idOfRow(piece, at)),
    beside: beside[row] === 1,
    unit: unitOfRow(ledger, piece, row),
    work: workOf(ledger, piece, row),
  }
}

function workOf(ledger: Ledger, piece: Piece, row: number): StepRecord[] {
  const work: StepRecord[] = []
  eachBlock(piece, row, (from, to, times) => {
    const steps = stretch(ledger, piece, from, to)
    if (times === 1) work.push(...steps)
    else work.push({ do: 'group', times, steps })
  })
  return work
}

/** Runs as steps. Stitches that change their yarn again and again are said cell by cell. */
function stretch(ledger: Ledger, { columns }: Piece, from: number, to: number): StretchRecord[] {
  const { runStitch, runYarn, runCount, runHow } = columns
  const steps: StretchRecord[] = []
  for (let run = from; run < to;) {
    let end = run + 1
    while (
      end < to &&
      runStitch[end] === runStitch[run] &&
      runHow[end] === runHow[run] &&
      runYarn[end] !== runYarn[end - 1]
    )
      end++
    const how = ledger.hows[runHow[run]!]!
    const stitch = ledger.stitches[runStitch[run]!]!
    if (end - run > 2 && isPlain(how)) {
      let letters = ''
      for (let i = run; i < end; i++) letters += ledger.yarns[runYarn[i]!]!.repeat(runCount[i]!)
      steps.push({ do: 'cells', stitch, letters, from: 'left' })
    } else
      for (let i = run; i < end; i++)
        steps.push(stepOf(how, stitch, ledger.yarns[runYarn[i]!]!, runCount[i]!))
    run = end
  }
  return steps
}

const isPlain = (how: RunHow): boolean => how.do === 'work' && Object.keys(how).length === 1

const stepOf = (how: RunHow, stitch: string, yarn: string, times: number): StretchRecord =>
  ({
    work: () => ({ stitch, times, yarn, ...(how as Pick<Work, 'do'>) }),
    chain: () => ({ times, yarn, ...(how as Pick<Chain, 'do' | 'stands'>) }),
    pass: () => ({ times, ...(how as Pick<Pass, 'do' | 'for'>) }),
  })[how.do]() as StretchRecord
