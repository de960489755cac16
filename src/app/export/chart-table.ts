import { chartCsv, chartPixels } from '@core/file'
import { bandOf } from '@core/band'
import { bandsOf } from '@core/design'
import { fileName } from './file-name.ts'
import { type Export, hasChart, type Outgoing } from './export.ts'

/** The charts of the bag's bands, one repeat each, and what their files are called. */
const chartsOf = ({ design }: Pick<Outgoing, 'design'>) =>
  bandsOf(design).flatMap((part) => {
    const chart = bandOf(part).chart(part)
    return chart ? [{ chart, name: `${fileName(design.name)}-${fileName(part.name)}` }] : []
  })

export const chartTable: Export = {
  id: 'chart-table',
  title: 'Stitches as CSV',
  about: 'A letter a stitch, the top row first',
  offered: hasChart,
  make: (bag) => ({
    files: chartsOf(bag).map(({ chart, name }) => ({
      name: `${name}.csv`,
      type: 'text/csv',
      content: chartCsv(chart),
    })),
  }),
}

export const chartStitches: Export = {
  id: 'chart-stitches',
  title: 'Stitches as PNG',
  about: 'A pixel a stitch, to be drawn on elsewhere',
  offered: hasChart,
  make: async (bag) => {
    const files = []
    for (const { chart, name } of chartsOf(bag)) {
      const { width, height, data } = chartPixels(chart, bag.design.yarns)
      const canvas = new OffscreenCanvas(width, height)
      canvas.getContext('2d')!.putImageData(new ImageData(data, width, height), 0, 0)
      const content = await canvas.convertToBlob({ type: 'image/png' })
      files.push({ name: `${name}-stitches.png`, type: 'image/png', content })
    }
    return { files }
  },
}
