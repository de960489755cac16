import { checkPattern } from './index.ts'

/* Rows whose yarn is joined at a place that is counted; all counted by hand. Common practice, no source. */

const panel = 'Ch 21.\nRow 1: sc in 2nd ch from hook and in each ch across (20). Fasten off.\n'
const disc = 'Rnd 1: 6 sc in magic ring\nRnd 2: 2 sc in each st around (12)\n'
const vs = `${disc}Rnd 3: (dc, ch 1, dc) in each st around (12 V)\n`

describe.each([
  // Flat: what lies before it is left.
  [
    'Row 2: With RS facing, join B with a standing dc in the 2nd st, dc in each st across',
    panel,
    19,
  ],
  [
    'Row 2: join B with a standing dc in 2nd st, dc in each st to last st, 2 dc in last st',
    panel,
    20,
  ],
  ['Row 2: Join A in 2nd st, ch 3 (counts as dc), dc in each st across', panel, 19],
  [
    'Row 2: Join A with sl st in the third st, ch 1, sc in same st, sc in each st across',
    panel,
    18,
  ],
  ['Row 2: with B, standing sc in 3rd st, sc in each st across', panel, 18],
  // Around: it comes back to what lies before.
  ['Rnd 3: Join B in 7th st, ch 3 (counts as dc), dc in same st, 2 dc in each st around', disc, 24],
  ['Rnd 3: B, standing sc in 7th st, sc in each st around', disc, 12],
  ['Rnd 3: join B in 4th st, ch 1, 2 sc in same st, 2 sc in each st around', disc, 24],
  // Into a V is into its space; and between two of them.
  [
    'Rnd 4: Join B in the 7th V, ch 4 (counts as dc and ch 1), dc in same sp, (2 dc, ch 1, 2 dc) in each V around',
    vs,
    3 + 11 * 5,
  ],
  ['Rnd 4: join A in 7th ch-sp, (3 dc, ch 1, 3 dc) in each ch-sp around', vs, 12 * 7],
  [
    'Rnd 4: Join B in sp between 6th and 7th V, ch 4 (counts as dc and ch 1), dc in same sp, *(dc, ch 1, dc) in next V, (dc, ch 1, dc) in next sp between Vs; rep from * to last V, (dc, ch 1, dc) in last V',
    vs,
    24 * 3,
  ],
  ['Rnd 4: join A between the 6th and 7th V, 3 dc in each gap around', vs, 36],
] as const)('%s', (row, below, makes) => {
  const { rows } = checkPattern(`${below}${row}`)
  const last = rows.at(-1)!

  it('is counted from there', () => expect([last.ok, last.makes]).toEqual([true, makes]))
  it('is wrong by one more or fewer', () =>
    expect(checkPattern(`${below}${row} (${makes + 1})`).rows.at(-1)!.ok).toBe(false))
})

it('has no gap twice: a round begun in one does not come to it again', () => {
  const twice = `${vs}Rnd 4: Join B in sp between 6th and 7th V, ch 3 (counts as dc), 2 dc in same sp, *3 dc in next gap; rep from * 12 times`
  expect(checkPattern(twice).rows.at(-1)!.ok).toBe(false)
  expect(checkPattern(twice.replace('12 times', '11 times')).rows.at(-1)!.makes).toBe(36)
})

it('says where it begins beyond the row below, of a round alone', () => {
  const anew = (text: string) => checkPattern(text).rows.at(-1)!.anew
  expect(anew(`${disc}Rnd 3: Join B in 7th st, ch 1, sc in each st around`)).toBe(6)
  expect(anew(`${panel}Row 2: Join B in 7th st, ch 1, sc in each st across`)).toBe(0)
  expect(anew(`${disc}Rnd 3: ch 1, sc in each st around, join with sl st in 1st st`)).toBeNull()
})
