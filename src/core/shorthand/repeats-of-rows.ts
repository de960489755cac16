import { comeOutOn, type CountedRow, type WrittenRun } from '../band/index.ts'
import type { Result } from '../units/index.ts'

/*
 * Which part of a row is worked as often as fits shows when the same words are counted on another number of stitches: what is
 * there once more is the repeat.
 */

type Unit = Omit<WrittenRun, 'count'>
const unitsIn = (runs: readonly WrittenRun[]): Unit[] =>
  runs.flatMap(({ stitch, yarn, count }) => new Array<Unit>(count).fill({ stitch, yarn }))

/** A row stitch by stitch, its repeat as often as it was counted. */
function unitsOf({ runs, repeat }: CountedRow): Unit[] {
  if (!repeat) return unitsIn(runs)
  const motif = unitsIn(runs.slice(repeat.from, repeat.to))
  return [
    ...unitsIn(runs.slice(0, repeat.from)),
    ...Array.from({ length: repeat.times }, () => motif).flat(),
    ...unitsIn(runs.slice(repeat.to)),
  ]
}
/** What is passed over is in no yarn. */
const same = (a: Unit | undefined, b: Unit | undefined): boolean =>
  a?.stitch === b?.stitch && (a?.yarn === b?.yarn || a?.stitch === 'skip')

function runsOf(units: readonly Unit[]): WrittenRun[] {
  const runs: { stitch: string; yarn: string; count: number }[] = []
  for (const unit of units) {
    const last = runs.at(-1)
    if (last && same(last, unit)) last.count++
    else runs.push({ ...unit, count: 1 })
  }
  return runs
}

/** Whether two rows were counted to the very same. */
export function sameWork(one: CountedRow, other: CountedRow): boolean {
  const [a, b] = [unitsOf(one), unitsOf(other)]
  return a.length === b.length && a.every((unit, i) => same(unit, b[i]))
}

/** A row with what the longer one has once more as its repeat; itself where they are alike; null where they differ otherwise. */
function folded(short: CountedRow, long: CountedRow): CountedRow | null {
  const [a, b] = [unitsOf(short), unitsOf(long)]
  const more = b.length - a.length
  if (more === 0) return a.every((unit, i) => same(unit, b[i])) ? short : null
  if (more < 0) return null
  let to = 0
  while (to < a.length && same(a[to], b[to])) to++
  // What follows is the same again, behind what is there once more.
  if (!a.slice(to).every((unit, i) => same(unit, b[to + more + i]))) return null
  const motif = b.slice(to, to + more)
  let from = to
  while (from >= more && motif.every((unit, i) => same(unit, a[from - more + i]))) from -= more
  if (from === to) return null
  const lead = runsOf(a.slice(0, from))
  const once = runsOf(motif)
  return {
    ...short,
    runs: [...lead, ...once, ...runsOf(a.slice(to))],
    repeat: { from: lead.length, to: lead.length + once.length, times: (to - from) / more },
  }
}

/** Multiples that are looked for where the rows do not show theirs. */
const USUAL = [1, 2, 3, 4, 5, 6, 8, 10, 12]
const TRIES = 5

/**
 * Counted rows with their repeats, so that they come out on other counts too; as they are where they have none.
 * @param seen multiples that the rows themselves show, the likeliest first
 * @param countOn counts the same words on another number of stitches
 */
export function withRepeats(
  rows: readonly CountedRow[],
  count: number,
  seen: readonly number[],
  countOn: (count: number) => Result<readonly CountedRow[]>,
): readonly CountedRow[] {
  for (const more of [...new Set([...seen, ...USUAL])].slice(0, TRIES)) {
    const longer = countOn(count + more)
    if (!longer.ok) continue
    const all = rows.map((row, i) => folded(row, longer.value[i]!))
    if (all.every((row) => row !== null) && all[0]!.repeat)
      return comesOut(all, count, more) ? all : rows
  }
  return rows
}

/** Whether the rows as they are folded say what was counted, on both numbers. */
const comesOut = (rows: readonly CountedRow[], count: number, more: number): boolean =>
  comeOutOn(rows, count) && comeOutOn(rows, count + more)
