/** Published range of a yarn weight class: sc over four inches, hooks in millimetres. */
export interface YarnClass {
  readonly number: number
  readonly name: string
  readonly scOverFourInches: readonly [number, number]
  readonly hookMm: readonly [number, number]
}

/**
 * Yarn weight classes 1 to 7, written from memory of the Craft Yarn Council's Standards and Guidelines.
 * Class 0 is published in dc and is left out until dc swatches are read.
 */
export const yarnClasses: readonly YarnClass[] = [
  { number: 1, name: 'super fine', scOverFourInches: [21, 32], hookMm: [2.25, 3.5] },
  { number: 2, name: 'fine', scOverFourInches: [16, 20], hookMm: [3.5, 4.5] },
  { number: 3, name: 'light', scOverFourInches: [12, 17], hookMm: [4.5, 5.5] },
  { number: 4, name: 'medium', scOverFourInches: [11, 14], hookMm: [5.5, 6.5] },
  { number: 5, name: 'bulky', scOverFourInches: [8, 11], hookMm: [6.5, 9] },
  { number: 6, name: 'super bulky', scOverFourInches: [7, 9], hookMm: [9, 15] },
  { number: 7, name: 'jumbo', scOverFourInches: [4, 6], hookMm: [15, 25] },
]

/** Stitch width and row height of a ground stitch, and how far off they may be (0.1 = ±10 %). */
export interface Gauge {
  readonly stitchWidthMm: number
  readonly rowHeightMm: number
  readonly spread: number
}

/** How the width of a stitch goes with the hook: less than in proportion, since the yarn does not change (from memory). */
export const HOOK_EXPONENT = 0.6

/**
 * Gauge of sc without a swatch: the middle of the class at the middle of its hooks, narrower for a smaller hook but less
 * than in proportion, since the yarn does not get thinner ({@link HOOK_EXPONENT}). The spread is half the published
 * range, and 5 % more for each halving or doubling of the hook outside it.
 * @throws RangeError for an unknown class or a hook of no size
 */
export function estimateGauge(hookMm: number, classNumber: number): Gauge {
  const yarnClass = yarnClasses.find(({ number }) => number === classNumber)
  if (!yarnClass || !(hookMm > 0)) throw new RangeError(`no class ${classNumber}, hook ${hookMm}`)
  const [few, many] = yarnClass.scOverFourInches
  const [small, large] = yarnClass.hookMm
  const middleWidthMm = 101.6 / ((few + many) / 2)
  const steps = Math.log2(hookMm / ((small + large) / 2))
  const width = middleWidthMm * 2 ** (HOOK_EXPONENT * steps)
  const outside = Math.max(0, Math.log2(small / hookMm), Math.log2(hookMm / large))
  return {
    stitchWidthMm: width,
    rowHeightMm: width,
    spread: (many - few) / (many + few) + 0.05 * outside + 0.03,
  }
}
