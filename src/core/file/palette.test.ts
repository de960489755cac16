import { csvParse } from 'd3'
import fc from 'fast-check'
import { paletteCsv, paletteGpl, readPalette } from './index.ts'

const colour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((n) => `#${n.toString(16).padStart(6, '0')}`)
const name = fc.stringMatching(/^[A-Za-z][A-Za-z ,"0-9é-]{0,20}[A-Za-z]$/)
const palettes = fc.array(fc.record({ name, colour }), { minLength: 1, maxLength: 24 })

describe('palettes', () => {
  it('go out and come in again as they were, both ways', () => {
    fc.assert(
      fc.property(palettes, (list) => {
        const same = list.map((one) => ({ ...one, name: one.name.trim() }))
        expect(readPalette(paletteGpl('Band', same))).toEqual({ ok: true, value: same })
        expect(readPalette(paletteCsv(same))).toEqual({ ok: true, value: same })
        // Another reader of CSV sees the same.
        expect(
          csvParse(paletteCsv(same)).map((row) => ({ name: row.name, colour: row.colour })),
        ).toEqual(same)
      }),
    )
  })

  it('is read as others write it: comments, tabs or spaces, no names, any line ends', () => {
    const text =
      'GIMP Palette\r\nName: Winds\r\nColumns: 4\r\n# made by hand\r\n 34  64 107\tDrum blue\r\n239 233 220 Chalk\r\n0 0 0\r\n'
    expect(readPalette(text)).toEqual({
      ok: true,
      value: [
        { name: 'Drum blue', colour: '#22406b' },
        { name: 'Chalk', colour: '#efe9dc' },
        { name: '#000000', colour: '#000000' },
      ],
    })
    expect(readPalette('Chalk;#EFE9DC\nBrass;d39a2d')).toMatchObject({
      value: [
        { name: 'Chalk', colour: '#efe9dc' },
        { name: 'Brass', colour: '#d39a2d' },
      ],
    })
  })

  it.each([
    ['GIMP Palette\nName: X\n300 0 0 Red', 'Line 3 is no colour'],
    ['GIMP Palette\nName: X\n', 'no colours'],
    ['name,colour\nChalk,white', 'Line 2 has no colour'],
    ['', 'no colours'],
  ])('%j is refused in words', (text, words) => {
    const read = readPalette(text)
    expect(read.ok ? '' : read.problem).toContain(words)
  })
})
