import { expose, transfer } from 'comlink'
import { fitAnswer, fitRequestOf } from '@core/fit'
import { compiled, type CompileOptions, ledgerBuffers } from '@core/ledger'
import { type Derived, derive, maybeWithin } from '@core/bag'
import { plansOf, wayFigures } from '@core/paths'
import type { Project } from '@core/project'

/** An answer and the time it took. */
export interface Timed<T> {
  readonly value: T
  readonly workMs: number
}

const api = {
  derive(project: Project, options: Pick<CompileOptions, 'hand'>): Timed<Derived> {
    const began = performance.now()
    const value = derive(project, options)
    const { ledger, paths, fronts } = value
    const buffers = [
      ...paths.flatMap(({ changes, strands, longestCarry }) => [changes, strands, longestCarry]),
      ...fronts.map(({ yarns }) => yarns),
    ].map(({ buffer }) => buffer)
    const timed = { value, workMs: performance.now() - began }
    return transfer(timed, [...ledgerBuffers(ledger), ...(buffers as ArrayBuffer[])])
  },
  /** What the ways of its yarns come to, and plans by each aim. */
  plans(project: Project) {
    const { ledger } = compiled(project)
    return { now: wayFigures(ledger), plans: plansOf(ledger) }
  },
  /** The largest the bag can be with no more than so many metres of some yarns; null where none is. */
  within: (project: Project, ceilings: ReadonlyMap<string, number>) =>
    maybeWithin(project.design, ceilings)?.design ?? null,
  /** Counts that fit the bag; or, with `count`, what fits the stitches on the hook. */
  fits: (project: Project, count?: number) =>
    fitAnswer(fitRequestOf(compiled(project), count === undefined ? {} : { count })),
}
export type DeriveApi = typeof api

expose(api)
