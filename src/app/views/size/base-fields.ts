import type { BasePart } from '@core/design'

/** A whole number that is decided about a base. */
export interface BaseField {
  readonly key: string
  readonly label: string
  readonly min: number
  readonly max: (base: BasePart) => number
  readonly signed?: true
}

const upTo = (max: number) => () => max

const along: BaseField = { key: 'along', label: 'Chain', min: 3, max: upTo(400) }
const increase = (min: number, max: number, label = 'Every round'): BaseField => ({
  key: 'increase',
  label,
  min,
  max: upTo(max),
  signed: true,
})
const count = (label: string): BaseField => ({ key: 'count', label, min: 3, max: upTo(2000) })

/** What is decided about each kind of base besides stitch, yarn and increases, in the order it is asked. */
export const baseFields: Readonly<Record<BasePart['kind'], readonly BaseField[]>> = {
  'round-base': [increase(3, 40), count('Last round')],
  'oval-base': [
    along,
    { key: 'inEnd', label: 'In each end', min: 2, max: upTo(3) },
    {
      ...increase(2, 6),
      max: (base) => (base.kind === 'oval-base' ? 2 * base.inEnd : 6),
    },
    count('Last round'),
  ],
  'rectangle-base': [along, count('Last round')],
  'flat-base': [{ ...along, label: 'Across' }, count('Picked up')],
  tube: [
    count('Around'),
    { key: 'decrease', label: 'Taken away', min: 0, max: (base) => base.count >> 1 },
  ],
  'folded-panel': [
    count('Across'),
    { key: 'flapRows', label: 'Flap rows', min: 0, max: upTo(1000) },
  ],
  'two-panels': [count('Across')],
  squares: [
    count('A square'),
    { key: 'across', label: 'Across', min: 1, max: upTo(20) },
    { key: 'down', label: 'Down', min: 1, max: upTo(20) },
  ],
  discs: [
    increase(3, 40),
    count('Last round'),
    { key: 'strip', label: 'Strip wide', min: 2, max: upTo(200) },
  ],
  'half-round': [increase(2, 20, 'Every row'), count('Last row')],
}
