import { Amount, One, OneOf, Text, Whole } from '../document/index.ts'
import { Id, Letter, Spot, spotOn } from '../part/index.ts'
import { counted, printLength } from '../units/index.ts'
import { MATERIALS } from './drawn.ts'
import { optionsOf } from './fields.ts'
import {
  bareMade,
  type Fitting,
  type FittingSaid,
  inOneYarn,
  atOneSpot,
  usualFitting,
} from './fitting.ts'
import { trimText, trimYarn } from './trims.ts'

const whats = { tassel: 'tassel', pompom: 'pompom', bead: 'bead' } as const
type What = keyof typeof whats

/** Tassels, pompoms or beads that are sewn on, at a spot or evenly around from it. */
export class TrimItem {
  @Id() readonly id!: string
  @OneOf(['trim']) readonly kind!: 'trim'
  @Text(60) readonly name!: string
  @OneOf(Object.keys(whats)) readonly what!: What
  @Letter() readonly yarn!: string
  /** How long a tassel, how wide the card of a pompom, how far across a bead. */
  @Amount(4, 500) readonly sizeMm!: number
  @Whole(1, 500) readonly wraps!: number
  @Whole(1, 100) readonly times!: number
  @One(() => Spot) readonly at!: Spot
}

export const trim: Fitting<TrimItem> = {
  ...usualFitting,
  ...inOneYarn,
  ...atOneSpot,
  made: ({ what, sizeMm, wraps, yarn, times }, _, [spot]) => {
    const wound = trimYarn({ what, sizeMm, wraps, yarn }, times)
    const count = spot?.round ? spot.count : 0
    return bareMade(0, {
      counts: { apart: times > 1 ? Math.floor(count / times) : 0 },
      yarns: wound.length > 0 ? wound : [{ letter: yarn, inSc: 0, metres: 0, tails: 2 * times }],
    })
  },
  drawn: ({ what, sizeMm, yarn, times }) =>
    Array.from({ length: times }, (_, i) => {
      const on = i / times
      return what === 'tassel'
        ? { shape: 'tassel' as const, spot: 0, lengthMm: sizeMm, downMm: 6, ink: yarn, on }
        : {
            ...{ shape: 'ball' as const, spot: 0, radiusMm: sizeMm / 2, downMm: 0, on },
            ink: what === 'bead' ? MATERIALS.wood : yarn,
          }
    }),
  cautions: () => ['small'],
}

export const trimSaid: FittingSaid<TrimItem> = {
  name: 'Trim',
  hint: 'Tassels, pompoms or beads, at a place or evenly around',
  group: 'more',
  begin: ({ piece, letter }) => ({
    ...{ kind: 'trim', name: 'Tassel', what: 'tassel', yarn: letter, sizeMm: 80, wraps: 50 },
    ...{ times: 1, at: spotOn(piece, { by: 'side' }) },
  }),
  fields: [
    { key: 'what', label: 'What it is', kind: 'choice', options: optionsOf(whats) },
    { key: 'yarn', label: 'Yarn', kind: 'yarn' },
    { key: 'sizeMm', label: 'How large', kind: 'length', min: 4, max: 500 },
    { key: 'wraps', label: 'Wraps', kind: 'whole', min: 1, max: 500 },
    { key: 'times', label: 'How many, evenly around', kind: 'whole', min: 1, max: 100 },
    { key: 'at', label: 'At', kind: 'spot' },
  ],
  says: (item, { yarn, words, places: [at] }) => [
    ['times', item.times === 1 ? 'A' : String(item.times)],
    ' ',
    ['what', `${whats[item.what]}${item.times === 1 ? '' : 's'}`],
    ' of ',
    ['sizeMm', printLength(item.sizeMm, words.units)],
    ...(item.what === 'bead'
      ? [', sewn on with ']
      : ([', ', ['wraps', counted(item.wraps, 'wrap')], ' of '] as const)),
    ['yarn', yarn(item.yarn)],
    item.times === 1 ? ', at ' : ', evenly around from ',
    ['at', at!],
    '.',
  ],
  needs: ({ item: { what, sizeMm, times }, words: { units } }) =>
    what === 'bead' ? [`${counted(times, 'bead')} of ${printLength(sizeMm, units)}`] : [],
  text: ({ item, made: { counts }, places: [at], words }) => {
    const { what, sizeMm, wraps, yarn, times } = item
    const sew =
      times === 1
        ? `Sew it with ${yarn} to ${at}.`
        : `Sew the first with ${yarn} to ${at}, the others about every ${counts['apart']} stitches around.`
    const made =
      what === 'bead'
        ? `${counted(times, 'bead')} of ${printLength(sizeMm, words.units)}.`
        : trimText({ what, sizeMm, wraps, yarn }, words, times)
    return `${made} ${sew}`
  },
}
