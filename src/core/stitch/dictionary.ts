import { InvariantError } from '../units/index.ts'
import { basicStitches } from './basic.ts'
import { loopedStitches } from './looped.ts'
import { besideOf, decreaseOf, increaseOf, inLoop, skipped, splitOf } from './derived.ts'
import { mosaicStitches } from './mosaic.ts'
import { raisedStitches } from './raised.ts'
import type { Stitch } from './stitch.ts'

const workable = basicStitches.filter((stitch) => stitch.height > 0)
const loops = workable.flatMap((stitch) => [inLoop(stitch, 'back'), inLoop(stitch, 'front')])
const split = workable.filter(({ id }) => id === 'sc').map(splitOf)
const grounds = [...workable, ...loops, ...split]

/** Every stitch there is. A stitch is added here and nowhere else. */
export const stitches: readonly Stitch[] = [
  ...basicStitches,
  ...loops,
  ...split,
  ...grounds.flatMap((stitch) => [increaseOf(stitch, 2), increaseOf(stitch, 3)]),
  ...grounds.map((stitch) => decreaseOf(stitch, 2)),
  ...raisedStitches,
  ...loopedStitches,
  ...mosaicStitches,
  ...[...basicStitches, ...raisedStitches].filter(({ uses }) => uses === 1).map(besideOf),
  skipped,
]

const byId = new Map(stitches.map((stitch) => [stitch.id, stitch]))

/** Stitches a plain row can be made of. */
export const groundStitches: readonly Stitch[] = grounds

export const groundStitchIds: readonly string[] = grounds.map((stitch) => stitch.id)

export const stitchIds: readonly string[] = stitches.map(({ id }) => id)

export const isStitchId = (id: string): boolean => byId.has(id)

/** @throws InvariantError when the dictionary has no such stitch */
export function stitchById(id: string): Stitch {
  const stitch = byId.get(id)
  if (!stitch) throw new InvariantError(`no stitch “${id}” in the dictionary`)
  return stitch
}

/** The stitch where there is none below with loops or a V of its own: in a ring, a chain, an edge. */
export const plainFor = (id: string): string => id.replace(/-[bf]lo\b/, '').replace(/^split-/, '')

/** The stitch in a first row: what goes around posts, over places or further down finds none there, and is the ground. */
export function firstFor(id: string, ground: string): string {
  const { family, reaches = 0 } = stitchById(id)
  const wants = family === 'over' || reaches > 0 || /^[fb]p/.test(id)
  return plainFor(wants ? ground : id)
}

/** Several of the ground stitch in one place: two or three. */
export const severalFor = (ground: string, together: number): Stitch =>
  stitchById(`${ground}-${together}in1`)

/** Two of the ground stitch in one place. */
export const increaseFor = (ground: string): Stitch => severalFor(ground, 2)

/** Two of the ground stitch worked together. */
export const decreaseFor = (ground: string): Stitch => stitchById(`${ground}2tog`)
