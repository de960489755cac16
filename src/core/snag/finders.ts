import { type Finder, inEveryPiece, type SnagContext } from './finder.ts'
import { handlesLie, threadsUnevenly } from './fittings.ts'
import { loneStitches, manyStrands } from './charts.ts'
import { repeatRemainders, tooLargeChanges, writtenMisfits } from './repeats.ts'
import { lostSpots, unevenJoins, unevenPicks } from './joins.ts'
import { mosaicEnds, mosaicGround, mosaicMisfits } from './mosaic.ts'
import { raisedInside } from './raised.ts'
import {
  baseLie,
  facesDiffer,
  flares,
  gaugeDerived,
  gaugeEstimated,
  heightOff,
  outsideClass,
  pieceLie,
  sizeOff,
  unequalSides,
} from './sizes.ts'
import { postsDrawIn, reliefDrawsIn, reliefMisfit } from './relief.ts'
import { calledOf } from '../design/index.ts'
import type { Severity } from '../units/index.ts'
import { type Snag, snagKey } from './snag.ts'
import { endsRaised, keepsItsSide, loopsCatch, spiralDrifts, stopsMidway } from './textures.ts'
import {
  carriesThatShow,
  halfStripes,
  labelsMissing,
  longCarries,
  oddStripes,
  yarnEnds,
  yarnShort,
} from './yarns.ts'

/** Everything that is looked for. */
const finders: readonly Finder[] = [
  ...[
    repeatRemainders,
    mosaicMisfits,
    mosaicGround,
    reliefMisfit,
    writtenMisfits,
    tooLargeChanges,
    raisedInside,
    stopsMidway,
    endsRaised,
    handlesLie,
  ].map(inEveryPiece),
  unequalSides,
  unevenJoins,
  unevenPicks,
  lostSpots,
  threadsUnevenly,
  facesDiffer,
  sizeOff,
  heightOff,
  baseLie,
  yarnShort,
  yarnEnds,
  ...[
    ...[pieceLie, manyStrands, carriesThatShow, longCarries, loneStitches, oddStripes, halfStripes],
    ...[flares, keepsItsSide, spiralDrifts, mosaicEnds, reliefDrawsIn, postsDrawIn],
  ].map(inEveryPiece),
  loopsCatch,
  gaugeEstimated,
  gaugeDerived,
  outsideClass,
  labelsMissing,
]

const order: Readonly<Record<Severity, number>> = { error: 0, warning: 1, advice: 2 }

/** The part it is about, where another of its piece has the same name. */
function called(snag: Snag, { design }: SnagContext): Snag {
  const { part } = snag.where
  const name = part === null ? undefined : calledOf(design).get(part)
  const facts = snag.facts as { readonly name?: string }
  return name === undefined || !('name' in facts) || !name.startsWith(`${facts.name} `)
    ? snag
    : ({ ...snag, facts: { ...facts, name } } as Snag)
}

/** All that does not work out in a design, the worst first. */
export const findSnags = (context: SnagContext): Snag[] =>
  finders
    .flatMap((find) => [...find(context)])
    .map((snag) => called(snag, context))
    .filter((snag) => snag.severity === 'error' || !context.design.meant.includes(snagKey(snag)))
    .sort((a, b) => order[a.severity] - order[b.severity])
