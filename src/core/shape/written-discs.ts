/** Discs to begin written rounds with: rounds in shorthand, in US terms, of a ground stitch. Common practice. */
export interface WrittenDisc {
  readonly name: string
  readonly stitch: string
  readonly rounds: readonly string[]
}

/** Twelve sectors of r stitches in round r, each begun by the post of its spoke. */
const spoked = (round: number): string => {
  const plain = round - 2
  const between = plain === 0 ? '' : `, dc in next ${plain === 1 ? 'st' : `${plain} sts`}`
  return `*FPdc around next st, dc in same st${between}; rep from * around`
}

export const writtenDiscs: readonly WrittenDisc[] = [
  {
    name: 'Spokes',
    stitch: 'dc',
    rounds: ['12 dc in magic ring', ...[2, 3, 4, 5, 6, 7, 8, 9].map(spoked)],
  },
  {
    name: 'V stitches',
    stitch: 'dc',
    rounds: [
      '6 sc in magic ring',
      '(dc, ch 1, dc) in each st around',
      '*(dc, ch 1, dc) in next ch-sp, (dc, ch 1, dc) in next gap; rep from * around',
      '(dc, ch 1, dc) in each ch-sp around',
      '(2 dc, ch 1, 2 dc) in each ch-sp around',
    ],
  },
  {
    name: 'Granny',
    stitch: 'dc',
    rounds: [
      '12 dc in magic ring',
      '*2 dc in next gap; rep from * around',
      '*3 dc in next gap; rep from * around',
      '*3 dc in next gap, ch 1; rep from * around',
      '*3 dc in next ch-sp, ch 2; rep from * around',
      '*3 dc in next ch-sp, ch 1, (3 dc, ch 1, 3 dc) in next ch-sp, ch 1; rep from * around',
    ],
  },
]
