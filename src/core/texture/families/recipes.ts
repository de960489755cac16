import { stitchById } from '../../stitch/index.ts'
import { type Family, type PatternRow, plainRow, type StitchPattern } from '../pattern.ts'

/*
 * What the families share. Multiples are of stitches; repeats are common practice without a source, the stitches say how high and how thirsty they are.
 * Puffs, bobbles and the like are said once for all that use them.
 */

const recipe = (word: string, id = word) => `${word}: ${stitchById(id).recipe!}.`

export const PUFF = recipe('puff')
export const BOBBLE = recipe('bobble')
export const POPCORN = recipe('popcorn')
export const CLUSTER = recipe('3-dc cluster', 'cluster')
export const SPIKE = recipe('spike')
export const BEAD = recipe('bead')
export const STAR = recipe('star')
export const LADDER = `${recipe('ladder loop', 'ladder-loop')} ${recipe('caught dc', 'caught-dc')}`
export const LONG_LOOPS = `${recipe('long loop', 'long-loop')} ${recipe('half loop', 'half-loop')}`
export const SPIKE_DC = recipe('spike dc', 'spike-dc')
export const YO_LOOP = recipe('yo loop', 'yo-loop')
export const TALL_LOOP = recipe('tall loop', 'tall-loop')
export const FP_TALL_LOOP = recipe('FP tall loop', 'fp-tall-loop')
export const BP_TALL_LOOP = recipe('BP tall loop', 'bp-tall-loop')
export const ESC = recipe('esc')
export const PICOT = recipe('picot')

export const ALL = 'sc in each st across'
export const AROUND = 'sc in each st around'

/** A row as its words, or with more. */
export type GivenRow = string | (Partial<PatternRow> & Pick<PatternRow, 'text'>)
type GivenRows = Readonly<Partial<Record<'begin' | 'end', readonly GivenRow[]>>> & {
  readonly rows: readonly GivenRow[]
}
export type Given = Pick<StitchPattern, 'id' | 'name' | 'multiple' | 'offset'> &
  Partial<Omit<StitchPattern, 'flat' | 'round'>> &
  Partial<Record<'flat' | 'round', GivenRows>>

const rowOf = (row: GivenRow): PatternRow =>
  typeof row === 'string' ? plainRow(row) : { ...plainRow(row.text), ...row }
const rowsOf = (given: GivenRows | undefined) =>
  given
    ? {
        begin: (given.begin ?? []).map(rowOf),
        rows: given.rows.map(rowOf),
        end: (given.end ?? []).map(rowOf),
      }
    : null

/** A pattern of a family, with what most have. */
export const of =
  (family: Family) =>
  ({ flat, round, ...given }: Given): StitchPattern => ({
    family,
    flat: rowsOf(flat),
    round: rowsOf(round),
    side: 'any',
    unit: null,
    perRepeat: 1,
    least: 1,
    beside: { flat: 0, round: 0 },
    special: '',
    notes: '',
    ...given,
  })
/** Rows that repeat, with nothing before them. */
export const rows = (...list: GivenRow[]): GivenRows => ({ rows: list })

/** A raised stitch with plain ones between, on a plain row: flat with plain ones at both edges. */
export const dotted = (word: string, between: number) => ({
  multiple: between + 1,
  offset: between,
  flat: rows(
    `sc in next ${between} sts, *${word} in next st, sc in next ${between} sts; rep from * across`
      .replace('next 1 sts', 'next st')
      .replace('next 1 sts', 'next st'),
    ALL,
  ),
  round: rows(
    `*sc in next ${between} sts, ${word} in next st; rep from * around`.replace(
      'next 1 sts',
      'next st',
    ),
    AROUND,
  ),
})
