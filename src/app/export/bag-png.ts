import { always, type Export } from './export.ts'

export const bagPng: Export = {
  id: 'bag-png',
  title: 'Bag as PNG',
  about: 'The bag as it will be',
  offered: always,
  make: ({ pictures, file }) => {
    const portrait = pictures.get('front')
    return portrait
      ? { files: [{ name: `${file}-bag.png`, type: 'image/png', content: portrait }] }
      : {
          files: [],
          notes: [
            'This browser does not draw in light (WebGL), so there is no picture of the bag.',
          ],
        }
  },
}
