import { svgOf } from '@core/paper'
import { chartDrawings } from './chart-drawings.ts'
import { type Export, hasChart } from './export.ts'

export const chartSvg: Export = {
  id: 'chart-svg',
  title: 'Chart as SVG',
  about: 'A drawing that stays sharp',
  offered: hasChart,
  make: (bag) => ({
    files: chartDrawings(bag).map(({ name, drawing }) => ({
      name: `${name}.svg`,
      type: 'image/svg+xml',
      content: svgOf(drawing),
    })),
  }),
}
