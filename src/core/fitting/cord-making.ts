import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { counted, printLength } from '../units/index.ts'
import type { ItemYarn } from './made.ts'

/* Cords of yarn, however they are made: how many chains, how long the strands are cut, what yarn that is, and in words. */

export const cordWays = {
  chain: 'chained',
  slip: 'chained, with slip stitches back along it',
  twisted: 'twisted',
} as const
export type CordWay = keyof typeof cordWays

export interface Corded {
  readonly make: CordWay
  readonly strands: number
  readonly yarn: string
}

/** Strands of a twisted cord are cut so many times as long as it is: it is twisted, folded and takes up (from memory). */
const TWISTED = 3
/** What is turned back for a knot (from memory). */
export const KNOT_MM = 30

/** A chain is as long as the stitch is wide; of several strands longer as their thickness is (from memory). */
const chainMm = (strands: number, stitchWidthMm: number): number =>
  stitchWidthMm * Math.sqrt(strands)

/** How thick it is, for drawing: a twisted one has every strand twice. */
export const cordThickMm = ({ make, strands }: Corded, stitchWidthMm: number): number =>
  stitchWidthMm * 0.55 * Math.sqrt(strands) * (make === 'chain' ? 1 : 1.25)

/** A cord of about so many mm: its chains (none where it is twisted), how long those really are, and its yarn. */
export function cordOf(
  { make, strands, yarn }: Corded,
  wantedMm: number,
  stitchWidthMm: number,
): {
  readonly chains: number
  readonly lengthMm: number
  readonly cutMm: number
  readonly yarn: ItemYarn
} {
  if (make === 'twisted')
    return {
      ...{ chains: 0, lengthMm: wantedMm, cutMm: wantedMm * TWISTED },
      yarn: { letter: yarn, inSc: 0, metres: (strands * wantedMm * TWISTED) / 1000, tails: 0 },
    }
  const each = chainMm(strands, stitchWidthMm)
  const chains = Math.max(1, Math.round(wantedMm / each))
  const [ch, slip] = [stitchById('ch').yarn, stitchById('sl-st').yarn]
  const inSc = chains * (ch + (make === 'slip' ? slip : 0)) * Math.sqrt(strands) * strands
  return {
    ...{ chains, lengthMm: chains * each, cutMm: 0 },
    yarn: { letter: yarn, inSc, metres: 0, tails: 2 * strands },
  }
}

/** "With 2 strands of A held together, ch 85: 60.1 cm." */
export function cordText(
  { make, strands, yarn }: Corded,
  {
    chains,
    lengthMm,
    cutMm,
  }: { readonly chains: number; readonly lengthMm: number; readonly cutMm: number },
  words: Words,
): string {
  const held = strands > 1 ? `${counted(strands, 'strand')} of ${yarn} held together` : yarn
  const long = printLength(lengthMm, words.units)
  const [ch, slip] = ['ch', 'sl-st'].map((id) => abbrOf(stitchById(id), words))
  if (make === 'chain') return `With ${held}, ${ch} ${chains}: ${long}.`
  if (make === 'slip')
    return `With ${held}, ${ch} ${chains + 1}, ${slip} in the second ${ch} from the hook and in each ${ch} back along it (${chains}): ${long}.`
  return `Cut ${counted(strands, 'strand')} of ${yarn}, ${printLength(cutMm, words.units)} each. Twist them tightly, fold in half so that they twist on one another, and knot: a cord of ${long}.`
}
