/** What a scale shows. */
export interface Reading {
  readonly grams: number
  /** It has come to rest. */
  readonly steady: boolean
}

/** A scale that a yarn is put on. What is asked of one; a real one that is connected would answer the same. */
export interface Scale {
  readonly name: string
  /** What it reads to, in grams. */
  readonly stepGrams: number
  readonly read: () => Reading
  /** What lies on it now counts as nothing. */
  readonly tare: () => void
}

/** So long a reading wanders after something was put on. */
const SETTLES_MS = 900
/** Grams a cheap load cell drifts by, and how slowly (common practice). */
const DRIFT = { grams: 0.4, everyMs: 600_000 } as const

/** A kitchen scale that is not there: something is put on it by a figure, and it reads with noise, drift and in steps as such scales do. */
export class SimulatedScale implements Scale {
  readonly name = 'Simulated kitchen scale'
  private load = 0
  private offset = 0
  private since = -SETTLES_MS

  /** @param chance from 0 to 1; @param now in milliseconds */
  constructor(
    readonly stepGrams: 1 | 0.1 = 1,
    private readonly chance: () => number = Math.random,
    private readonly now: () => number = () => performance.now(),
  ) {}

  /** Puts so many grams on it, in place of what lay there. */
  put(grams: number): void {
    this.load = Math.max(0, grams)
    this.since = this.now()
  }

  tare(): void {
    this.offset = this.cell(0)
  }

  read(): Reading {
    const age = this.now() - this.since
    const steady = age >= SETTLES_MS
    const swing = steady ? 0 : (1 - age / SETTLES_MS) * 0.05 * this.load * (this.chance() - 0.5)
    const noise = 0.35 * this.stepGrams * (this.chance() - 0.5)
    const grams = this.cell(swing + noise) - this.offset
    const stepped = Math.round(grams / this.stepGrams) * this.stepGrams
    return { grams: Math.round(stepped * 10) / 10 || 0, steady }
  }

  private cell(more: number): number {
    return this.load + DRIFT.grams * Math.sin((2 * Math.PI * this.now()) / DRIFT.everyMs) + more
  }
}
