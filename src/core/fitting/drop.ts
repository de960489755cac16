import { stitchById } from '../stitch/index.ts'

/*
 * How long a handle or strap is to be. Its drop is the way from the rim to where the hand is: hung from one point its halves are the long sides
 * of two right-angled triangles, so that length = 2·√(drop² + (apart/2)²) (plane geometry).
 */

/** Usual drops, in mm (from memory). */
export const drops = {
  hand: { name: 'the hand', mm: 130 },
  arm: { name: 'the crook of the arm', mm: 220 },
  shoulder: { name: 'the shoulder', mm: 280 },
  across: { name: 'wearing across the body', mm: 560 },
} as const
export type DropKind = keyof typeof drops

/** Of a body so much from the top of the shoulder down to where the bag is to hang a strap across is longer, for the way around (from memory). */
const AROUND_BODY = 1.08
/** The drop of a strap across the body, from the measure from the shoulder down to the rim of the bag. */
export const dropAcross = (shoulderToRimMm: number): number => shoulderToRimMm * AROUND_BODY

/** The measure of a body that goes with a drop. */
export const bodyMeasureOf = (dropMm: number): number => dropMm / AROUND_BODY

/** How much longer crochet hangs with about 3 kg in it, by its stitch (from memory); a measured swatch replaces it. */
const STRETCH: Readonly<Record<string, number>> = {
  ch: 0.08,
  'sl-st': 0.03,
  sc: 0.06,
  hdc: 0.1,
  dc: 0.12,
  tr: 0.14,
}
const OTHER = 0.08

export const stretchOf = (stitch: string, measured: number | null): number =>
  measured ?? STRETCH[stitchById(stitch).of] ?? OTHER

/** Which of the usual drops one is nearest to. */
export const dropKindOf = (mm: number): DropKind =>
  (Object.keys(drops) as DropKind[]).reduce((best, kind) =>
    Math.abs(Math.log(drops[kind].mm / mm)) < Math.abs(Math.log(drops[best].mm / mm)) ? kind : best,
  )

/** The length between two ends so far apart that has such a drop, shortened for what it stretches by. */
export const lengthForDrop = (dropMm: number, apartMm: number, stretch = 0): number =>
  (2 * Math.hypot(dropMm, apartMm / 2)) / (1 + stretch)

/** The drop of a length between two ends so far apart; 0 where it does not reach. */
export const dropOf = (lengthMm: number, apartMm: number): number =>
  Math.sqrt(Math.max(0, (lengthMm / 2) ** 2 - (apartMm / 2) ** 2))

/** What it may be off by, half as much stretch or half as much again. */
export const loadedDrops = (
  lengthMm: number,
  apartMm: number,
  stretch: number,
): readonly [low: number, high: number] => [
  dropOf(lengthMm * (1 + stretch / 2), apartMm),
  dropOf(lengthMm * (1 + stretch * 1.5), apartMm),
]
