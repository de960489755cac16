import { Amount, Flag, One, OneOf, Text } from '../document/index.ts'
import { Id, Letter, LIMITS, Spot, spotOn } from '../part/index.ts'
import { counted, printLength } from '../units/index.ts'
import { MATERIALS } from './drawn.ts'
import { optionsOf } from './fields.ts'
import { bareMade, type Fitting, type FittingSaid, inOneYarn, usualFitting } from './fitting.ts'
import { maybeOpposite } from './opposite.ts'

const whats = {
  wood: 'wooden handle',
  leather: 'leather handle',
  chain: 'metal chain',
  ring: 'ring',
} as const
type What = keyof typeof whats
const helds = {
  sleeve: 'held in a sleeve',
  sewn: 'sewn on through its holes',
  clipped: 'clipped into rings',
} as const
type Held = keyof typeof helds

/** A handle, chain or ring that is bought, held at a spot or sewn from spot to spot. */
export class BoughtItem {
  @Id() readonly id!: string
  @OneOf(['bought']) readonly kind!: 'bought'
  @Text(60) readonly name!: string
  @OneOf(Object.keys(whats)) readonly what!: What
  @OneOf(Object.keys(helds)) readonly held!: Held
  /** How wide it is where it is held; of a ring how far across. */
  @Amount(5, 1000) readonly widthMm!: number
  /** How long it is from end to end; of a ring nothing. */
  @Amount(5, LIMITS.lengthMm) readonly lengthMm!: number
  /** The yarn it is sewn on with. */
  @Letter() readonly yarn!: string
  /** Its middle. */
  @One(() => Spot) readonly at!: Spot
  @Flag() readonly pair!: boolean
}

/** Yarn that sews on one end of a handle, in metres (from memory). */
const SEWS = 0.6

const pairOf = ({ at, pair }: BoughtItem): Spot | null => (pair ? maybeOpposite(at) : null)

/** Stitches it is wide, even where its middle lies between two stitches, odd where it lies on one. */
export function sleeveStitches(widthMm: number, stitchWidthMm: number, onStitch: boolean): number {
  const about = Math.max(1, Math.round(widthMm / stitchWidthMm))
  return (about % 2 === 1) === onStitch ? about : about + 1
}

export const bought: Fitting<BoughtItem> = {
  ...usualFitting,
  ...inOneYarn,
  spots: (item) => [item.at, ...[pairOf(item)].filter((spot) => spot !== null)],
  withSpots: (_, [at]) => ({ at: at! }),
  made: (item, { stitchWidthMm, rim }, [spot]) => {
    const { at } = spot ?? rim
    const wide = sleeveStitches(item.widthMm, stitchWidthMm, Math.round(2 * at) % 2 === 1)
    const times = pairOf(item) ? 2 : 1
    const sewn = item.held === 'clipped' ? 0 : times * (item.what === 'ring' ? 1 : 2) * SEWS
    return bareMade(item.what === 'ring' ? 0 : item.lengthMm, {
      counts: { wide, half: Math.floor(wide / 2), odd: wide % 2, times },
      yarns: sewn > 0 ? [{ letter: item.yarn, inSc: 0, metres: sewn, tails: 2 * times }] : [],
    })
  },
  drawn: (item, { counts }) => {
    const spots = [0, 1].slice(0, counts['times'] ?? 1)
    const ink = {
      wood: MATERIALS.wood,
      leather: MATERIALS.leather,
      chain: MATERIALS.metal,
      ring: MATERIALS.metal,
    }[item.what]
    if (item.what === 'ring')
      return spots.map((spot) => ({
        ...{ shape: 'ring' as const, spot, radiusMm: item.widthMm / 2, thickMm: 3, ink },
      }))
    return spots.map((spot) => ({
      ...{ shape: 'bow' as const, spot, wideMm: item.widthMm, lengthMm: item.lengthMm },
      ...{ thickMm: item.what === 'chain' ? 3 : 6, ink },
    }))
  },
  cautions: ({ what, lengthMm }) => [
    ...(what === 'ring' ? [] : (['load'] as const)),
    ...(lengthMm > 600 && what !== 'ring' ? (['strangle'] as const) : []),
  ],
}

export const boughtSaid: FittingSaid<BoughtItem> = {
  name: 'Bought handle',
  hint: 'A handle, chain or ring that is bought, in a sleeve, sewn on or clipped in',
  group: 'bought',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'bought', name: 'Bought handles', what: 'wood', held: 'sewn', widthMm: 120 },
    ...{ lengthMm: 300, yarn: letter, at: spotOn(piece, { by: 'front' }), pair: true },
  }),
  fields: [
    { key: 'what', label: 'What it is', kind: 'choice', options: optionsOf(whats) },
    { key: 'held', label: 'How it is held', kind: 'choice', options: optionsOf(helds) },
    { key: 'widthMm', label: 'Width', kind: 'length', min: 5, max: 1000 },
    { key: 'lengthMm', label: 'Length', kind: 'length', min: 5, max: LIMITS.lengthMm },
    { key: 'yarn', label: 'Sewn on with', kind: 'yarn' },
    { key: 'at', label: 'Its middle', kind: 'spot' },
    { key: 'pair', label: 'The same on the other face', kind: 'flag' },
  ],
  says: (item, { yarn, words, places: [at] }) => [
    ['pair', item.pair ? 'Two ' : 'One '],
    ['what', `${whats[item.what]}${item.pair ? 's' : ''}`],
    ', ',
    ['widthMm', printLength(item.widthMm, words.units)],
    item.what === 'ring' ? ' across' : ' wide',
    ...(item.what === 'ring'
      ? []
      : ([', ', ['lengthMm', printLength(item.lengthMm, words.units)], ' long'] as const)),
    ', ',
    ['held', helds[item.held]],
    ' with ',
    ['yarn', yarn(item.yarn)],
    ', centred on ',
    ['at', at!],
    '.',
  ],
  needs: ({ item: { what, widthMm, lengthMm, held, pair }, words: { units } }) => [
    `${counted(pair ? 2 : 1, whats[what])}, ${printLength(widthMm, units)} ${what === 'ring' ? 'across' : 'wide'}${what === 'ring' || held === 'sleeve' ? '' : `, ${printLength(lengthMm, units)} long`}`,
  ],
  text: ({ item, made: { counts }, places: [at, other], words }) => {
    const { wide, half, odd } = counts as { wide: number; half: number; odd: number }
    const size = printLength(item.widthMm, words.units)
    const where = other ? `${at}, and the other to ${other}` : at
    const centred = `${wide} stitches, ${half} on either side of ${odd ? 'the stitch in the middle' : 'the middle'}`
    const what = whats[item.what]
    if (item.what === 'ring')
      return `Sew the ring, ${size} across, with ${item.yarn} to ${where}: six stitches over one another, through the fabric and not only its edge.`
    if (item.held === 'sleeve')
      return `Lay the ${what}, ${size} wide, into its sleeve on ${centred}, at ${at}. Fold the sleeve in over it, and sew its last row with ${item.yarn} to the row it begins on.${other ? ` The other goes in at ${other}.` : ''}`
    if (item.held === 'clipped')
      return `Clip the ${what}, ${printLength(item.lengthMm, words.units)} long, into the rings at ${where}.`
    return `Mark ${centred}. Sew the ends of the ${what} there with ${item.yarn}, ${size} apart, centred on ${where}: through every hole twice, and tie off inside.`
  },
}
