import type { LogEntry } from './log.ts'
import { isOfCopy, madeIn } from './log.ts'

/*
 * Two logs of one bag, from two devices, put together. An entry is known by what it says and when. Nothing that was noted on either side is
 * lost; where rows of one copy were made on both since they parted, those of the side that went on last stand, and the log says that the
 * others were taken back.
 */

/** A copy of which rows were made on both sides. */
export interface BothMade {
  readonly piece: string
  readonly copy: number
}

export interface Merged {
  readonly log: readonly LogEntry[]
  /** Entries of the other side that were not here. */
  readonly added: number
  readonly both: readonly BothMade[]
}

/** What an entry says, whatever the order it is written in. */
const whole = (entry: LogEntry): string => JSON.stringify(inOrder(entry))
const inOrder = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(inOrder)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, one]) => [key, inOrder(one)]),
        )
      : value

type OfRows = Extract<LogEntry, { kind: 'made' | 'ripped' | 'paused' }>
const isOfRows = (entry: LogEntry): entry is OfRows =>
  entry.kind === 'made' || entry.kind === 'ripped' || entry.kind === 'paused'
const movesRows = (entry: LogEntry): boolean => entry.kind === 'made' || entry.kind === 'ripped'

/** How many entries at the beginning are the same. */
function sharedBeginning(a: readonly LogEntry[], b: readonly LogEntry[]): number {
  let same = 0
  while (same < a.length && same < b.length && whole(a[same]!) === whole(b[same]!)) same++
  return same
}

/** Whether two logs are of one and the same work: one is the beginning of the other, or they have entries with a moment in common. */
export function areOfOneWork(a: readonly LogEntry[], b: readonly LogEntry[]): boolean {
  const same = sharedBeginning(a, b)
  return (
    same === Math.min(a.length, b.length) || a.slice(0, same).some(({ at }) => at !== undefined)
  )
}

const copiesIn = (entries: readonly LogEntry[]): Map<string, BothMade> =>
  new Map(
    entries
      .filter((entry): entry is OfRows => isOfRows(entry) && movesRows(entry))
      .map(({ piece, copy }) => [`${piece} ${copy}`, { piece, copy }]),
  )
const lastAt = (entries: readonly LogEntry[]): string =>
  entries.reduce((last, { at = '' }) => (at > last ? at : last), '')

/** What tells which side went on last; where both did at one moment it is the same whichever is asked first. */
const sideOf = (entries: readonly LogEntry[]): string =>
  `${lastAt(entries)} ${JSON.stringify(entries.map(inOrder))}`

/** Entries of two sides in the order they were, each side in its own. */
function inTime(a: readonly LogEntry[], b: readonly LogEntry[]): LogEntry[] {
  const all: LogEntry[] = []
  let [i, j] = [0, 0]
  while (i < a.length || j < b.length) {
    const first = j >= b.length || (i < a.length && (a[i]!.at ?? '') <= (b[j]!.at ?? ''))
    all.push(first ? a[i++]! : b[j++]!)
  }
  return all
}

/** What takes a copy back to where both sides parted: rows made since are taken back, and those that were ripped since noted again. */
function toParting(
  shared: readonly LogEntry[],
  since: readonly LogEntry[],
  one: BothMade,
  at: string | undefined,
): LogEntry[] {
  const ofCopy = (log: readonly LogEntry[]) =>
    madeIn(log).filter((row) => isOfCopy(row, one.piece, one.copy))
  const then = ofCopy(shared)
  const now = ofCopy([...shared, ...since])
  let stands = 0
  while (stands < then.length && now[stands] === then[stands]) stands++
  const row = stands === 0 ? null : then[stands - 1]!.row
  const back: LogEntry = {
    ...{ kind: 'ripped', how: 'noted too early', ...one, row, stitches: 0 },
    ...(at === undefined ? {} : { at }),
  }
  return [back, ...then.slice(stands)]
}

/** Two logs as one. Put together the other way round, the same rows are made in the end. */
export function mergeLogs(mine: readonly LogEntry[], theirs: readonly LogEntry[]): Merged {
  const same = sharedBeginning(mine, theirs)
  const shared = mine.slice(0, same)
  const known = new Set(mine.slice(same).map(whole))
  const [own, other] = [
    mine.slice(same),
    theirs.slice(same).filter((entry) => !known.has(whole(entry))),
  ]
  const added = other.length
  if (added === 0) return { log: mine, added, both: [] }
  const [ownCopies, otherCopies] = [copiesIn(own), copiesIn(other)]
  const both = [...ownCopies].filter(([key]) => otherCopies.has(key)).map(([, one]) => one)
  if (both.length === 0) return { log: [...shared, ...inTime(own, other)], added, both }
  // Each side whole and in its order: what both noted at one moment is there twice, which tells the same.
  const rest = theirs.slice(same)
  const [first, last] = [own, rest].sort((a, b) => (sideOf(a) < sideOf(b) ? -1 : 1)) as [
    LogEntry[],
    LogEntry[],
  ]
  const at = last.find((entry) => entry.at !== undefined)?.at
  const back = both.flatMap((one) => toParting(shared, first, one, at))
  return { log: [...shared, ...first, ...back, ...last], added, both }
}
