import { Amount, One, OneOf, OrNull, Text } from '../document/index.ts'
import { Id, Letter, Spot, spotOn } from '../part/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { printLength } from '../units/index.ts'
import type { Caution } from './cautions.ts'
import { MATERIALS } from './drawn.ts'
import { optionsOf } from './fields.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  type ItemSaid,
  inOneYarn,
  usualFitting,
} from './fitting.ts'

/** Kinds of closure: what each is called, whether a loop of chain goes over it, and how far around it that must reach for each mm it is across (from memory). */
const whats = {
  button: { name: 'button', loop: 2.1 },
  toggle: { name: 'toggle', loop: 2.4 },
  bead: { name: 'bead', loop: Math.PI },
  snap: { name: 'snap', loop: 0 },
  magnet: { name: 'magnetic snap', loop: 0 },
  clasp: { name: 'clasp', loop: 0 },
  zip: { name: 'zip', loop: 0 },
  ties: { name: 'pair of ties', loop: 0 },
} as const
type What = keyof typeof whats

/** What a bag is closed with, and what that meets. */
export class ClosureItem {
  @Id() readonly id!: string
  @OneOf(['closure']) readonly kind!: 'closure'
  @Text(60) readonly name!: string
  @OneOf(Object.keys(whats)) readonly what!: What
  /** How far across it is, or how long a zip or each tie. */
  @Amount(4, 3000) readonly sizeMm!: number
  /** It is sewn on with, and its loop or ties are made of. */
  @Letter() readonly yarn!: string
  @One(() => Spot) readonly at!: Spot
  /** Where its loop or other half is; null where it has none. */
  @OrNull() @One(() => Spot) readonly meets!: Spot | null
}

/** Yarn that sews it on, in metres (from memory). */
const SEWS = 0.4

/** Chains of a loop that goes over it: tried against the button, and one more or fewer. */
export const loopChains = (what: What, sizeMm: number, stitchWidthMm: number): number =>
  whats[what].loop === 0 ? 0 : Math.max(2, Math.ceil((whats[what].loop * sizeMm) / stitchWidthMm))

type Said = ItemSaid<ClosureItem>
const sewOn = ({ item, places, words }: Said): string =>
  `Sew the ${whats[item.what].name}, ${printLength(item.sizeMm, words.units)}, with ${item.yarn} to ${places[0]}.`

function looped(said: Said): string {
  const { item, made, places, words } = said
  const chains = made.counts['loop']!
  const [ch, sl] = ['ch', 'sl-st'].map((id) => abbrOf(stitchById(id), words))
  const loop = places[1]
    ? ` Its loop: join ${item.yarn} at ${places[1]}, ${ch} ${chains}, ${sl} beside it; try it against the ${whats[item.what].name}, and take a chain more or fewer.`
    : ''
  return `${sewOn(said)}${item.what === 'bead' ? ' Knot it twice inside.' : ''}${loop}`
}
function halves(said: Said): string {
  const { item, places } = said
  const lined = `Where there is a lining, set it before that goes in, with a scrap of firm cloth behind.`
  return `${sewOn(said)}${places[1] ? ` Its other half goes to ${places[1]}: close the bag, and mark where it meets.` : ''} ${item.what === 'snap' ? '' : lined}`.trim()
}
/** How each is put on. */
const texts: Readonly<Record<What, (said: Said) => string>> = {
  button: looped,
  toggle: looped,
  bead: looped,
  snap: halves,
  magnet: halves,
  clasp: halves,
  zip: ({ item, places, words }) =>
    `A zip of ${printLength(item.sizeMm, words.units)}: pin it, closed, inside the opening from ${places[0]} on, and sew it in with back stitches of sewing thread under the last row, clear of its teeth. Fold its ends in.`,
  ties: ({ item, made, places, words }) => {
    const ch = abbrOf(stitchById('ch'), words)
    const tie = `join ${item.yarn} at ${places[0]}, ${ch} ${made.counts['tie']} (${printLength(made.lengthMm, words.units)}), and fasten off with a knot`
    return `${tie[0]!.toUpperCase()}${tie.slice(1)}. ${places[1] ? `Make the other at ${places[1]}.` : 'Make the other in the same place.'}`
  },
}

export const closure: Fitting<ClosureItem> = {
  ...usualFitting,
  ...inOneYarn,
  spots: ({ at, meets }) => (meets ? [at, meets] : [at]),
  withSpots: (_, [at, meets]) => ({ at: at!, meets: meets ?? null }),
  made: ({ what, sizeMm, yarn, meets }, { stitchWidthMm }) => {
    const loop = meets ? loopChains(what, sizeMm, stitchWidthMm) : 0
    const tie = what === 'ties' ? Math.max(1, Math.round(sizeMm / stitchWidthMm)) : 0
    const chains = loop + 2 * tie
    const sews = what === 'zip' || what === 'ties' ? 0 : SEWS
    return bareMade(what === 'zip' ? sizeMm : tie * stitchWidthMm, {
      counts: { loop, tie },
      yarns: [
        {
          ...{ letter: yarn, inSc: chains * stitchById('ch').yarn, metres: sews },
          tails: (loop > 0 ? 2 : 0) + (tie > 0 ? 4 : 0),
        },
      ],
    })
  },
  drawn: (item, { counts }, { stitchWidthMm }) => {
    const { what, sizeMm, yarn, meets } = item
    if (what === 'zip') return []
    if (what === 'ties') {
      const strand = {
        shape: 'strand',
        lengthMm: sizeMm,
        thickMm: stitchWidthMm * 0.4,
        ink: yarn,
      } as const
      // Both in one place hang a little apart.
      return meets
        ? [0, 1].map((spot) => ({ ...strand, spot }))
        : [-0.01, 0.01].map((on) => ({ ...strand, spot: 0, on }))
    }
    const ink =
      what === 'button'
        ? MATERIALS.shell
        : what === 'bead' || what === 'toggle'
          ? MATERIALS.wood
          : MATERIALS.metal
    const body =
      what === 'bead'
        ? { shape: 'ball' as const, spot: 0, radiusMm: sizeMm / 2, downMm: 0, ink }
        : { shape: 'disc' as const, spot: 0, radiusMm: sizeMm / 2, thickMm: 4, ink }
    const loop = {
      ...{ shape: 'ring' as const, spot: 1, hangs: true as const, ink: yarn },
      ...{
        radiusMm: (counts['loop']! * stitchWidthMm) / (2 * Math.PI),
        thickMm: stitchWidthMm * 0.35,
      },
    }
    return meets && counts['loop']! > 0 ? [body, loop] : [body]
  },
  cautions: ({ what }): readonly Caution[] =>
    what === 'zip'
      ? []
      : what === 'ties'
        ? ['strangle']
        : what === 'magnet'
          ? ['magnet', 'small']
          : ['small'],
}

export const closureSaid: FittingSaid<ClosureItem> = {
  name: 'Closure',
  hint: 'A button, toggle or bead with its loop; a snap, magnet, clasp or zip; ties',
  group: 'closure',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'closure', name: 'Closure', what: 'button', sizeMm: 22, yarn: letter },
    at: spotOn(piece, { by: 'front' }),
    meets: spotOn(piece, { by: 'back' }),
  }),
  fields: [
    {
      key: 'what',
      label: 'What it is',
      kind: 'choice',
      options: optionsOf(
        Object.fromEntries(Object.entries(whats).map(([id, { name }]) => [id, name])),
      ),
    },
    { key: 'sizeMm', label: 'How large', kind: 'length', min: 4, max: 3000 },
    { key: 'yarn', label: 'Sewn on with', kind: 'yarn' },
    { key: 'at', label: 'Sewn to', kind: 'spot' },
    { key: 'meets', label: 'Its loop or other half', kind: 'spot' },
  ],
  says: (item, { made, yarn, words, places: [at, meets] }) => [
    'A ',
    ['what', whats[item.what].name],
    ' of ',
    ['sizeMm', printLength(item.sizeMm, words.units)],
    ' at ',
    ['at', at!],
    ', in ',
    ['yarn', yarn(item.yarn)],
    ...(meets
      ? ([
          made.counts['loop']! > 0
            ? `; a loop of ${made.counts['loop']} chains at `
            : '; its other half at ',
          ['meets', meets],
        ] as const)
      : []),
    '.',
  ],
  needs: ({ item: { what, sizeMm }, words: { units } }) =>
    what === 'ties'
      ? []
      : [`1 ${whats[what].name}, ${printLength(sizeMm, units)}${what === 'zip' ? ' long' : ''}`],
  text: (said) => texts[said.item.what](said),
}
