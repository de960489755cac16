import { bandOf, PLAIN } from '../band/index.ts'
import { type Design, isBase, type Part, type Swatch } from '../design/index.ts'
import { estimateGauge, type Gauge, HOOK_EXPONENT, stitchById } from '../stitch/index.ts'

/** What a gauge rests on: a swatch of just this, another swatch, or hook and yarn class. */
export type GaugeSource = 'swatch' | 'derived' | 'estimate'

export interface DesignGauge extends Gauge {
  readonly source: GaugeSource
  /** The ground stitch it is of. */
  readonly stitch: string
  /** The swatch it comes from, as an index into the design's; null for an estimate. */
  readonly swatch: number | null
}

/** A measured swatch is read to about half a stitch in twenty; a gauge derived from another one is less sure. From memory. */
const SPREAD = { swatch: 0.025, derived: 0.07 } as const

type Measured = Pick<Design, 'swatches' | 'hookMm' | 'yarnClass'> & Partial<Pick<Design, 'yarns'>>

/** The weight class of a yarn: its own, or that of the bag. */
const classOf = ({ yarns, yarnClass }: Measured, letter: string | null): number =>
  yarns?.find((yarn) => yarn.letter === letter)?.yarnClass ?? yarnClass

/** What a gauge is wanted for. */
export interface GaugeNeed {
  readonly stitch: string
  /** The key of its fabric. */
  readonly fabric: string
  /** Null when it is worked in several yarns. */
  readonly yarn: string | null
}

/** How well a swatch answers a need: the stitch itself counts most, then how it is worked, then the yarn. */
function nearness({ stitch, fabric, yarn }: Swatch, need: GaugeNeed): number {
  const same = stitch === need.stitch ? 12 : stitchOf(stitch) === stitchOf(need.stitch) ? 8 : 0
  return same + (fabric === need.fabric ? 2 : 0) + (yarn !== null && yarn === need.yarn ? 1 : 0)
}
const stitchOf = (id: string) => stitchById(id).of

/**
 * Gauge for a stitch as it is worked: the nearest swatch (of equals the first). Where it is of another stitch or fabric the
 * width is taken over and the height goes by the heights of the dictionary; where it is of another hook both go by the hook.
 * Without a swatch it is estimated from hook and yarn class.
 */
export function gaugeFor(design: Measured, need: GaugeNeed): DesignGauge {
  const [first, ...more] = design.swatches.map((swatch, index) => ({ swatch, index }))
  if (!first) {
    const sc = estimateGauge(design.hookMm, classOf(design, need.yarn))
    const rowHeightMm = sc.rowHeightMm * stitchById(need.stitch).height
    return { ...sc, rowHeightMm, source: 'estimate', stitch: need.stitch, swatch: null }
  }
  const { swatch, index } = more.reduce(
    (best, one) => (nearness(one.swatch, need) > nearness(best.swatch, need) ? one : best),
    first,
  )
  const hook = (design.hookMm / swatch.hookMm) ** HOOK_EXPONENT
  const taller = stitchById(need.stitch).height / stitchById(swatch.stitch).height
  const exact =
    swatch.stitch === need.stitch &&
    swatch.fabric === need.fabric &&
    swatch.hookMm === design.hookMm &&
    (swatch.yarn === null || need.yarn === null || swatch.yarn === need.yarn)
  const source = exact ? 'swatch' : 'derived'
  return {
    stitchWidthMm: (swatch.stitchesOverMm / swatch.stitches) * hook,
    rowHeightMm: (swatch.rowsOverMm / swatch.rows) * hook * taller,
    spread: SPREAD[source],
    source,
    stitch: need.stitch,
    swatch: index,
  }
}

/** What a part needs a gauge for. */
export const gaugeNeedOf = (part: Part): GaugeNeed => ({
  stitch: part.stitch,
  ...(isBase(part)
    ? { fabric: PLAIN.key, yarn: part.yarn }
    : { fabric: bandOf(part).fabric(part).key, yarn: bandOf(part).gaugeYarn(part) }),
})

/** Gauge of a part of the design. */
export const partGauge = (design: Measured, part: Part): DesignGauge =>
  gaugeFor(design, gaugeNeedOf(part))

/** Gauge of the design as a whole: its first swatch as it was measured, or the estimate for sc. */
export function gaugeOf(design: Measured): DesignGauge {
  const [main] = design.swatches
  return gaugeFor(design, {
    stitch: main?.stitch ?? 'sc',
    fabric: main?.fabric ?? 'plain',
    yarn: main?.yarn ?? null,
  })
}
