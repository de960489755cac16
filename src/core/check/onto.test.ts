import { checkPattern } from './index.ts'

const rows = (text: string) => checkPattern(text).rows
const codes = (text: string) =>
  rows(text).flatMap(({ problems }) => problems.map(({ code }) => code))

/* Rows as others write them; counted by hand. */
describe('rows that are not worked into the one below', () => {
  const START = 'Ch 20, sl st in first ch to form a ring.\nRnd 1: sc in each ch around (20)\n'

  it.each([
    'Rnd 3: working into Rnd 1, sc in each st around (20)',
    'Rnd 3: Work into round 1: sc in each st around (20)',
    'Rnd 3: into the stitches of Rnd 1, sc in each st around (20)',
    'Rnd 3: With B, working into Rnd 1, sc in each st around (20)',
  ])('find the places of the row they name: %s', (row) => {
    const text = `${START}Rnd 2: *sc in next st, sk 1 st; rep from * around (10)\n${row}`
    expect(codes(text)).toEqual([])
    expect(rows(text)[2]).toMatchObject({ available: 20, consumes: 20, makes: 20 })
  })

  it('and are wrong where that row has another number of places', () => {
    const text = `${START}Rnd 2: *sc in next st, sk 1 st; rep from * around (10)\nRnd 3: working into Rnd 1, *sc in next 3 sts, ch 1; rep from * around`
    expect(codes(text)).toContain('repeat-remainder')
  })

  it('go into the loops of two rows in turn where they are as many', () => {
    const looped = `${START}Rnd 2: ch 1, *sc in next st, long loop, sk 4 sts; rep from * to last 5 sts, sc in next st, half loop, sk 4 sts\nRnd 3: working into Rnd 1, ch 1, sk 2 sts, *sc in next st, long loop, sk 4 sts; rep from * to last 3 sts, sc in next st, half loop, sk 2 sts\n`
    const closing =
      'Rnd 4: working into Rnds 2 and 3 in turn, *sc in next long loop, ch 1, sc in next long loop, ch 2; rep from * around (20)'
    expect(codes(looped + closing)).toEqual([])
    expect(rows(looped + closing).map(({ makes }) => makes)).toEqual([20, 8, 8, 20])
    // A stated total that is not made is still told.
    expect(codes(looped + closing.replace('(20)', '(24)'))).toContain('total-misstated')
  })

  it('a row that names no row there is is not counted, and says nothing false', () => {
    const text = `${START}Rnd 2: working into Rnd 9, sc in each st around (20)`
    expect(rows(text)[1]).toMatchObject({ available: null, makes: null })
  })
})

describe('rows of two passes', () => {
  const START = 'Ch 17.\nRow 1: sc in 2nd ch from hook and in each ch across (16)\n'
  const RETURN = 'return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across'

  it('are one row: five of three and one are 16 loops', () => {
    const text = `${START}Row 2: ch 1 (counts as a loop), *2 yo loops, sk 2 sts, pull up a loop in next st; rep from * across; ${RETURN} (16)`
    expect(codes(text)).toEqual([])
    expect(rows(text)).toHaveLength(2)
    expect(rows(text)[1]).toMatchObject({ row: 2, available: 16, consumes: 16, makes: 16 })
  })

  it('with a fault on the way forward it stands where it is said', () => {
    const text = `${START}Row 2: *2 yo loops, sk 2 sts, pull up a loop in next st; rep from * across; ${RETURN}`
    const [, row] = rows(text)
    expect(row!.ok).toBe(false)
    const [problem] = row!.problems
    expect(row!.text.slice(problem!.from, problem!.to)).toContain('yo loops')
  })

  it.each([
    ['sk 2 sts, dc in next 2 sts, dc in the 2 skipped sts', 4, 4],
    [
      '*sk next 2 sts, dc in each of next 2 sts, dc in each of the 2 skipped sts; rep from * across',
      8,
      8,
    ],
    ['*sk 1 st, dc in next st, dc in the skipped st; rep from * across', 6, 6],
    ['*dc in next st, bead around it, sk 1 st; rep from * across', 6, 6],
    [
      '*dc in next st, bead around the post of the dc just made, sk next st; rep from * across',
      6,
      6,
    ],
  ])('crossed and beside the stitch just made: %s', (work, below, makes) => {
    const text = `Ch ${below + 1}.\nRow 1: sc in 2nd ch from hook and in each ch across (${below})\nRow 2: ch 1, ${work} (${makes})`
    expect(codes(text)).toEqual([])
  })

  it('cannot go back into more than were skipped', () => {
    const text =
      'Ch 5.\nRow 1: sc in 2nd ch from hook and in each ch across (4)\nRow 2: ch 1, sk 1 st, dc in next st, dc in the 2 skipped sts, dc in next 2 sts'
    expect(codes(text)).toContain('stitches-short')
  })
})
