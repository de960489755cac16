import { MODEL_HOOKS_PER_SC } from './model.ts'

/*
 * What yarn takes where nothing but the gauge of a single crochet is known. Bounds of the classes: Craft Yarn Council, Standards and
 * Guidelines for Crochet and Knitting (sc over 4 in); the hook in the middle of its class, and metres of 100 g, from memory.
 */

const CLASSES = [
  { least: 21, hookMm: 2.9, per100g: 400 },
  { least: 16, hookMm: 4, per100g: 300 },
  { least: 12.5, hookMm: 5, per100g: 220 },
  { least: 10.5, hookMm: 6, per100g: 170 },
  { least: 8, hookMm: 7.75, per100g: 120 },
  { least: 0, hookMm: 12, per100g: 70 },
] as const
const FOUR_INCHES = 101.6
/** A strand inside a row is as long as its stitches are wide, and a little. */
const STRAND = 1.05

export interface ByGauge {
  /** Metres of one sc, of a place a strand is carried through, and of 100 g. */
  readonly stitch: number
  readonly carried: number
  readonly per100g: number
}

/** @param stitchWidthMm of a single crochet */
export function yarnByGauge(stitchWidthMm: number): ByGauge {
  const { hookMm, per100g } = CLASSES.find(({ least }) => FOUR_INCHES / stitchWidthMm >= least)!
  return {
    stitch: (MODEL_HOOKS_PER_SC * hookMm) / 1000,
    carried: (STRAND * stitchWidthMm) / 1000,
    per100g,
  }
}
