import { One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, Spot, spotOn } from '../part/index.ts'
import { counted, ordinal } from '../units/index.ts'
import { MATERIALS } from './drawn.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  inOneYarn,
  atOneSpot,
  usualFitting,
} from './fitting.ts'

/** Beads that are threaded on the yarn before it is worked, and come in every so many stitches of some rows. */
export class BeadsItem {
  @Id() readonly id!: string
  @OneOf(['beads']) readonly kind!: 'beads'
  @Text(60) readonly name!: string
  /** The yarn they are threaded on. */
  @Letter() readonly yarn!: string
  /** The first row they come in. */
  @One(() => Spot) readonly at!: Spot
  @Whole(1, 200) readonly rows!: number
  @Whole(1, 400) readonly every!: number
  /** Sorts that come in turn, called a, b, c. */
  @Whole(1, 6) readonly sorts!: number
}

const sortsOf = (sorts: number): string[] => [...'abcdef'].slice(0, sorts)

/** Beads of a row, and of all rows of the same count. */
export const beadsOn = (count: number, { rows, every }: Pick<BeadsItem, 'rows' | 'every'>) => {
  const each = Math.floor(count / every)
  return { each, all: each * rows }
}

/** How many of each sort, and the order they are threaded in: the one worked last goes on first. */
export function threadOrder(all: number, sorts: number) {
  const many = sortsOf(sorts).map((sort, i) => ({ sort, count: Math.ceil((all - i) / sorts) }))
  const last = (all - 1) % sorts
  const order = Array.from({ length: sorts }, (_, i) => (last - i + sorts) % sorts)
  return { many, order: order.map((i) => sortsOf(sorts)[i]!) }
}

export const beads: Fitting<BeadsItem> = {
  ...usualFitting,
  ...inOneYarn,
  ...atOneSpot,
  made: (item, { rim }, [spot]) => bareMade(0, { counts: beadsOn((spot ?? rim).count, item) }),
  drawn: ({ every }, { counts }) =>
    Array.from({ length: Math.min(60, counts['each'] ?? 0) }, (_, i, all = counts['each']!) => ({
      ...{ shape: 'ball' as const, spot: 0, radiusMm: 2.6, downMm: 0, ink: MATERIALS.shell },
      on: every > 0 ? i / Math.min(60, all) : 0,
    })),
  cautions: () => ['small'],
}

export const beadsSaid: FittingSaid<BeadsItem> = {
  name: 'Beads on the yarn',
  hint: 'Threaded on before one begins, and worked in every so many stitches',
  group: 'more',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'beads', name: 'Beads', yarn: letter, rows: 1, every: 4, sorts: 1 },
    at: spotOn(piece),
  }),
  fields: [
    { key: 'yarn', label: 'Threaded on', kind: 'yarn' },
    { key: 'at', label: 'Their first row', kind: 'spot' },
    { key: 'rows', label: 'Rows', kind: 'whole', min: 1, max: 200 },
    { key: 'every', label: 'A bead every … stitches', kind: 'whole', min: 1, max: 400 },
    { key: 'sorts', label: 'Sorts in turn', kind: 'whole', min: 1, max: 6 },
  ],
  says: (item, { made, yarn, places: [at] }) => [
    `${counted(made.counts['all'] ?? 0, 'bead')} on `,
    ['yarn', yarn(item.yarn)],
    ', one every ',
    ['every', counted(item.every, 'stitch')],
    ' in ',
    ['rows', counted(item.rows, 'row')],
    ' from ',
    ['at', at!],
    ', ',
    ['sorts', item.sorts === 1 ? 'all of one sort' : `${item.sorts} sorts in turn`],
    '.',
  ],
  needs: ({ item, made: { counts } }) => [
    `${counted(counts['all'] ?? 0, 'bead')}${item.sorts > 1 ? ` of ${item.sorts} sorts` : ''}, with holes that ${item.yarn} goes through`,
  ],
  text: ({ item, made: { counts }, rows: [row] }) => {
    const { each, all } = counts as ReturnType<typeof beadsOn>
    const { many, order } = threadOrder(all, item.sorts)
    const sorts =
      item.sorts === 1 || all === 0
        ? ''
        : ` ${many.map(({ sort, count }) => `${count} of ${sort}`).join(', ')}: thread them in the order ${order.join(', ')}, again and again, for the one that is worked last goes on first.`
    const rows = item.rows > 1 ? ` and each of the ${item.rows - 1} rows above` : ''
    return `Before you begin with ${item.yarn}, thread ${counted(all, 'bead')} on it.${sorts} In ${row}${rows} push one up before every ${item.every === 1 ? 'stitch' : `${ordinal(item.every)} stitch`} (${each} in a row); it stays at the back of the stitch as it is worked.`
  },
}
