import { chartDrawings } from './chart-drawings.ts'
import { type Export, hasChart } from './export.ts'
import { pictureOf } from './picture.ts'

const MOST_PX = 8000

export const chartPng: Export = {
  id: 'chart-png',
  title: 'Chart as PNG',
  about: 'A picture',
  offered: hasChart,
  make: async (bag) => {
    const files = []
    for (const { name, drawing } of chartDrawings(bag)) {
      bag.tell(`drawing ${name}`)
      const scale = Math.min(2, MOST_PX / Math.max(drawing.width, drawing.height))
      files.push({
        name: `${name}.png`,
        type: 'image/png',
        content: await pictureOf(drawing, scale).convertToBlob({ type: 'image/png' }),
      })
    }
    return { files }
  },
}
