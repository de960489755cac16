import type { Design, TapestryPart } from '@core/design'
import { chartSvg } from '@core/file'
import { rowHeightMm } from '@core/ledger'
import type { Derived } from '@core/plan'

/** A chart of the bag as a drawing. */
export interface ChartPicture {
  readonly id: string
  readonly name: string
  readonly svg: string
}

/** The drawing of every charted part. */
export const chartPictures = (
  design: Design,
  { ledger, gauge }: Derived,
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
        firstRound: (ledger.pieces[0]!.parts.find(({ id }) => id === part.id)?.firstRow ?? 0) + 1,
        cellAspect: rowHeightMm(gauge, part.stitch) / gauge.stitchWidthMm,
        hand,
        title: `${design.name}: ${part.name}`,
      }),
    }))
