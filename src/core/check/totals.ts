import { groupsOf, type Meaning, type Specials, vocabulary } from '../notation/index.ts'
import { chainsIn, isAnyStitch, type Stated } from './totals-said.ts'

/* Whether a stated total is what a row makes. Totals are said in places, in stitches alone, or in units: “12 puffs, 12 ch-2 sps”. */

/** A part of a total beside what the row makes of it; null when the unit is not known. */
export interface Counted extends Stated {
  readonly made: number | null
  readonly agrees: boolean
}

/** Whether a stitch is called so, or is a kind of it: a “3-dc cluster” is a cluster. */
const isWord = (stitch: string, word: string): boolean =>
  stitch === word || stitch.endsWith(`-dc ${word}`) || stitch.endsWith(`-tr ${word}`)
const plainWord = (word: string) => word.replace(/ [bft]lo$/, '')

/** Stitches that stand together in one place, and are more than one: fans, shells, groups. */
function togetherIn({ made }: Meaning): number {
  const groups = groupsOf(made)
  const sizes = new Map<number, number>()
  for (const group of groups) sizes.set(group, (sizes.get(group) ?? 0) + 1)
  return [...sizes.values()].filter((size) => size > 1).length
}

/** Runs of chains, which the next row can work into: all, or those of one length. */
const spacesIn = ({ places }: Meaning, long: number | null): number =>
  (places ?? [])
    .map((place) => (place === 'ch' ? 'c' : ' '))
    .join('')
    .split(' ')
    .filter((run) => (long === null ? run.length > 0 : run.length === long)).length

/** Chains of the longest run. */
const longestIn = ({ places }: Meaning): number =>
  Math.max(
    ...(places ?? [])
      .map((place) => (place === 'ch' ? 'c' : ' '))
      .join('')
      .split(' ')
      .map(({ length }) => length),
  )

/** Whether it is known what a unit is. */
export const isKnownUnit = (unit: string, specials: Specials): boolean =>
  isAnyStitch(unit) ||
  chainsIn(unit) !== null ||
  /^ch(?:s|ains?)?$/.test(unit) ||
  [unit, unit.replace(/s$/, ''), `own-${unit}`].some(
    (one) => specials.has(one) || vocabulary.has(one),
  )

const sure = (...counts: number[]) => ({ sure: true, counts })

/** What the row makes of a unit, likeliest first; not sure when the unit is a word of its own, such as “half shells”. */
function madeOf(
  unit: string,
  meaning: Meaning,
  specials: Specials,
): { sure: boolean; counts: number[] } {
  const { made, places, extras } = meaning
  const stitches = places!.filter((place) => place === 'st').length
  if (isAnyStitch(unit)) return sure(places!.length, stitches)
  if (/^ch(?:s|ains?)?$/.test(unit)) return sure(places!.length - stitches)
  // Every loop on the hook is counted, pulled up or put over.
  const standing = extras.filter(({ word }) => /\bloop$/.test(word)).length
  if (/^loops?$/.test(unit) && standing > 0) return sure(standing)
  if (/^loops?$/.test(unit) && made.some(({ word }) => /\bloop$/.test(word)))
    return sure(places!.length, spacesIn(meaning, null))
  if (chainsIn(unit) !== null) {
    const long = Number(/\d+/.exec(unit)?.[0]) || null
    // Corners are the longest of them.
    const corners = /^corner/.test(unit) ? [spacesIn(meaning, longestIn(meaning))] : []
    return sure(...corners, spacesIn(meaning, long))
  }
  if (
    /^v(?:s|[- ]?sts?|[- ]?stitch(?:es)?)?$/.test(unit) &&
    !made.some(({ word }) => /^v\b/.test(word)) &&
    !specials.has(unit) &&
    !specials.has('own-v')
  )
    return sure(togetherIn(meaning), togetherIn(meaning) + 1)
  const known = specials.get(unit) ?? specials.get(`own-${unit}`) ?? vocabulary.get(unit)
  const word = known?.word ?? unit.replace(/s$/, '')
  const leaves = known?.leaves?.filter((place) => place === 'st').length ?? known?.makes ?? 1
  const of = word === 'pebble' && !made.some((one) => one.word === word) ? 'tr' : word
  // A dc2tog is a dc, and so is the chain that stands for one.
  const isOne = (stitch: string) => isWord(stitch, of) || stitch.replace(/\dtog$/, '') === of
  const many = (is: (stitch: string) => boolean) =>
    Math.floor(made.filter((one) => is(plainWord(one.word))).length / Math.max(1, leaves))
  const own = many(isOne)
  const isTall = /^(?:hdc|htr|dc|tr|dtr)$/.test(of)
  const start = isTall ? many((stitch) => isOne(stitch) || stitch === 'start') : own
  const beside = extras.filter((one) => one.word === word).length
  if (own + beside > 0 || known)
    // “40 hdc” is said of a row that is all hdc, and loosely of its 40 stitches.
    return leaves === 1 && word.length <= 4
      ? // A chain that counts is one of them, and not left out.
        sure(...(start > own ? [] : [own + beside]), start + beside, stitches)
      : // The first may be begun with chains.
        sure(own + beside, own + beside + (made.some((one) => one.word === 'start') ? 1 : 0))
  const repeats = meaning.through.at(-1)?.of
  const together = togetherIn(meaning)
  const alone = /^pairs?$/.test(unit) ? [Math.floor(together / 2)] : []
  return { sure: false, counts: [together, ...alone, ...(repeats ? [repeats, repeats + 1] : [])] }
}

/** A stated total, part by part. */
export const countedOf = (
  said: readonly Stated[],
  meaning: Meaning,
  specials: Specials,
): Counted[] =>
  said.map((part) => {
    const { sure, counts } = madeOf(part.unit, meaning, specials)
    const found = counts.includes(part.count)
    return { ...part, made: found ? part.count : sure ? counts[0]! : null, agrees: found || !sure }
  })
