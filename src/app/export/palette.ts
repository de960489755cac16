import { paletteCsv, paletteGpl } from '@core/file'
import type { Export } from './export.ts'

/** The yarns of the bag by name and colour, for drawing programs and for other bags. */
export const palette: Export = {
  id: 'palette',
  title: 'Yarns as a palette',
  about: 'Names and colours, as .gpl and CSV',
  offered: () => true,
  make: ({ design: { name, yarns }, file }) => ({
    files: [
      { name: `${file}-yarns.gpl`, type: 'text/plain', content: paletteGpl(name, yarns) },
      { name: `${file}-yarns.csv`, type: 'text/csv', content: paletteCsv(yarns) },
    ],
  }),
}
