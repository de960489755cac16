import { type Places, type PlaceRun, PlacesBuilder } from './places.ts'

/**
 * What a row is worked into: the row below it; the last one of its own yarn, where another is worked beside it; or the last ones of
 * both yarns, loop by loop in turn.
 */
export const ontos = ['below', 'own', 'both'] as const
export type Onto = (typeof ontos)[number]

/** A row as it goes onto others. */
export interface OntoRow {
  readonly yarn: string
  readonly onto: Onto
}

/** Stands for the row that all of them stand on. */
export const GROUND = -1

/** Rows that row i of several is worked into, by their places among them; GROUND where there is none of its kind yet. */
export function ontoOf(rows: readonly OntoRow[], i: number): number[] {
  const { yarn, onto } = rows[i]!
  if (onto === 'below') return [i - 1]
  const last = (of: string) => rows.slice(0, i).findLastIndex((row) => row.yarn === of)
  if (onto === 'own') return [last(yarn)]
  const yarns = [...new Set(rows.slice(0, i).map((row) => row.yarn))]
  return yarns.length > 0 ? yarns.map(last) : [GROUND]
}

/** Places in stretches that each begin with a loop. */
function byLoops(places: Places): PlaceRun[][] {
  const stretches: PlaceRun[][] = []
  for (const { motif, times } of places)
    for (let i = 0; i < times; i++)
      for (const run of motif)
        if (run.kind === 'loop' || stretches.length === 0) stretches.push([run])
        else stretches.at(-1)!.push(run)
  return stretches
}

/** The places of rows that lie side by side, loop by loop in turn: together they are as wide as one. */
export function inTurn(rows: readonly Places[]): Places {
  const all = rows.map(byLoops)
  const turns = new PlacesBuilder()
  const most = Math.max(...all.map(({ length }) => length))
  for (let i = 0; i < most; i++)
    for (const stretches of all)
      for (const run of stretches[i] ?? []) turns.add({ ...run, width: run.width / rows.length })
  return turns.done()
}
