import { Lines, One, OneOf, OrNull, Text } from '../document/index.ts'
import { Id, Spot } from '../part/index.ts'
import { bareMade, type Fitting, type FittingSaid, usualFitting } from './fitting.ts'

/** The most of a line of one's own, in characters. */
const MOST = 600

/** A line of one's own: what is to be done, and before which row; null: when the bag is finished. */
export class LineItem {
  @Id() readonly id!: string
  @OneOf(['line']) readonly kind!: 'line'
  @Text(60) readonly name!: string
  @Lines(MOST) readonly text!: string
  @OrNull() @One(() => Spot) readonly at!: Spot | null
}

export const line: Fitting<LineItem> = {
  ...usualFitting,
  spots: ({ at }) => (at ? [at] : []),
  withSpots: ({ at }, [now]) => ({ at: at && now! }),
  beforeRow: ({ at }) => at !== null,
  made: () => bareMade(),
}

export const lineSaid: FittingSaid<LineItem> = {
  name: 'A line of your own',
  hint: 'What is to be done, in your words: kept with the bag, and printed',
  group: 'more',
  begin: () => ({ kind: 'line', name: 'Block', text: 'Block to size.', at: null }),
  fields: [
    { key: 'text', label: 'What is to be done', kind: 'text', max: MOST },
    { key: 'at', label: 'When', kind: 'row' },
  ],
  says: ({ text, at }, { places: [before] }) => [
    ['at', at === null ? 'When the bag is finished' : `Before ${before}`],
    ': ',
    ['text', text.trim() || 'nothing is said yet'],
  ],
  text: ({ item }) => item.text.trim(),
}
