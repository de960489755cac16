import { stitchById } from '../../stitch/index.ts'
import type { Family, StitchPattern } from '../pattern.ts'

/*
 * What the families share. Multiples are of stitches; repeats are common practice without a source, heights and yarn from memory.
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

export const ALL = 'sc in each st across'
export const AROUND = 'sc in each st around'

export type Given = Pick<StitchPattern, 'id' | 'name' | 'multiple' | 'offset'> &
  Partial<StitchPattern>
/** A pattern of a family, with what most have. */
export const of =
  (family: Family) =>
  (given: Given): StitchPattern => ({
    family,
    flat: null,
    round: null,
    side: 'any',
    height: 2,
    yarn: 1.2,
    unit: null,
    perRepeat: 1,
    special: '',
    notes: '',
    ...given,
  })
/** Rows that repeat, with nothing before them. */
export const rows = (...list: string[]) => ({ begin: [], rows: list })

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
