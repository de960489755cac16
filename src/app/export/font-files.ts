import type { FontShelf } from './fonts.ts'

/* The files of fonts as the build has them. */

const urls = import.meta.glob<string>('/.cache/fonts/*.ttf.z', {
  query: '?url',
  import: 'default',
  eager: true,
})

export const fontFiles: FontShelf = {
  table: async () => (await import('../../../.cache/fonts/table.json')).default,
  async file(name) {
    const answer = await fetch(urls[`/.cache/fonts/${name}`]!)
    if (!answer.ok) throw new Error(`the font ${name} could not be read`)
    return new Uint8Array(await answer.arrayBuffer())
  },
}
