import { expose, transfer } from 'comlink'
import type { Design } from '@core/design'
import { fitAnswer, fitRequestOf } from '@core/fit'
import { compiled, type CompileOptions, ledgerBuffers } from '@core/ledger'
import { type Derived, derive } from '@core/plan'

/** An answer and the time it took. */
export interface Timed<T> {
  readonly value: T
  readonly workMs: number
}

const api = {
  derive(design: Design, options: CompileOptions): Timed<Derived> {
    const began = performance.now()
    const value = derive(design, options)
    const { ledger, paths, fronts } = value
    const buffers = [
      ...paths.flatMap(({ changes, strands, longestCarry }) => [changes, strands, longestCarry]),
      ...fronts.map(({ yarns }) => yarns),
    ].map(({ buffer }) => buffer)
    const timed = { value, workMs: performance.now() - began }
    return transfer(timed, [...ledgerBuffers(ledger), ...(buffers as ArrayBuffer[])])
  },
  /** Counts that fit the design; or, with `count`, what fits the stitches on the hook. */
  fits: (design: Design, count?: number) =>
    fitAnswer(fitRequestOf(compiled(design), count === undefined ? {} : { count })),
}
export type DeriveApi = typeof api

expose(api)
