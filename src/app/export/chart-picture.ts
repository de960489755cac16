import type { Design, TapestryPart } from '@core/design'
import { chartSvg } from '@core/file'
import { bodyOf, partGauge } from '@core/ledger'
import type { Derived } from '@core/plan'
import type { StitchSize } from '@core/shape'

/** A chart of the bag as a drawing. */
export interface ChartPicture {
  readonly id: string
  readonly name: string
  readonly svg: string
}

const aspectOf = ({ rowHeightMm, stitchWidthMm }: StitchSize) => rowHeightMm / stitchWidthMm

/** The drawing of every charted part. */
export const chartPictures = (
  design: Design,
  { ledger }: Derived,
  hand: 'right' | 'left',
): ChartPicture[] =>
  design.parts
    .filter((part): part is TapestryPart => part.kind === 'tapestry')
    .map((part) => ({
      id: part.id,
      name: part.name,
      svg: chartSvg({
        chart: part.chart,
        yarns: design.yarns,
        firstRound: (bodyOf(ledger).parts.find(({ id }) => id === part.id)?.firstRow ?? 0) + 1,
        cellAspect: aspectOf(partGauge(design, part)),
        hand,
        title: `${design.name}: ${part.name}`,
      }),
    }))
