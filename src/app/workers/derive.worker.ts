import { expose, transfer } from 'comlink'
import type { Design } from '@core/design'
import { fitAnswer, type FitAnswer, fitRequestOf } from '@core/fit'
import { type CompileOptions, ledgerBuffers } from '@core/ledger'
import { type Derived, derive } from '@core/plan'

/** What comes back: an answer and the time it took, or the words of what went wrong. */
export type Answer<T> =
  | { readonly ok: true; readonly value: T; readonly workMs: number }
  | { readonly ok: false; readonly problem: string }

function answer<T>(work: () => T): Answer<T> {
  const began = performance.now()
  try {
    return { ok: true, value: work(), workMs: performance.now() - began }
  } catch (error) {
    return { ok: false, problem: (error as Error).message }
  }
}

const api = {
  derive(design: Design, options: CompileOptions): Answer<Derived> {
    const result = answer(() => derive(design, options))
    if (!result.ok) return result
    const { ledger, paths, fronts } = result.value
    const buffers = [
      paths.changes,
      paths.strands,
      paths.longestCarry,
      ...fronts.map(({ yarns }) => yarns),
    ].map(({ buffer }) => buffer)
    return transfer(result, [...ledgerBuffers(ledger), ...(buffers as ArrayBuffer[])])
  },
  /** Counts that fit the design; or, with `count`, what fits the stitches on the hook. */
  fits: (design: Design, count?: number): Answer<FitAnswer> =>
    answer(() => fitAnswer(fitRequestOf(design, count === undefined ? {} : { count }))),
}

export type DeriveApi = typeof api

expose(api)
