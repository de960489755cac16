import { createRequire } from 'node:module'
import { ADVANCES, brokenLines, fitsFont, printable } from './pdf-text.ts'

/* The font itself, opened by a reader of fonts. */
interface Font {
  readonly unitsPerEm: number
  hasGlyphForCodePoint: (point: number) => boolean
  glyphForCodePoint: (point: number) => { readonly advanceWidth: number }
}
const need = createRequire(import.meta.url)
const { vfs } = need('pdfmake/build/fonts/Roboto.js') as {
  vfs: Record<string, { data: string; encoding: BufferEncoding }>
}
const { create } = need('fontkit') as { create: (bytes: Buffer) => Font }
const { data, encoding } = vfs['Roboto-Regular.ttf']!
const font = create(Buffer.from(data, encoding))

describe('the font of the PDF', () => {
  it('has every sign that is said to be in it, and those a pattern is written with', () => {
    for (let point = 32; point < 0x2300; point++) {
      const sign = String.fromCodePoint(point)
      if (fitsFont(sign)) expect([sign, font.hasGlyphForCodePoint(point)]).toEqual([sign, true])
    }
    for (const sign of '[]()×–—·’“”Ø…±½¼°') expect([sign, fitsFont(sign)]).toEqual([sign, true])
    expect(printable('Tote 🧶 für 太郎')).toBe('Tote ? für ??')
  })

  it('is as wide as it is said to be', () => {
    ADVANCES.forEach((width, i) => {
      const { advanceWidth } = font.glyphForCodePoint(32 + i)
      expect(width).toBe(Math.round((1000 * advanceWidth) / font.unitsPerEm))
    })
  })

  it('breaks lines at spaces, full but never too wide, and loses nothing', () => {
    const text = Array.from({ length: 300 }, (_, i) => `${i % 7} sc ${'ABWM'[i % 4]},`).join(' ')
    const lines = brokenLines(text, 373, 10)
    const wide = (line: string) =>
      [...line].reduce((sum, sign) => {
        const { advanceWidth } = font.glyphForCodePoint(sign.codePointAt(0)!)
        return sum + (10 * advanceWidth) / font.unitsPerEm
      }, 0)
    expect(lines.join(' ')).toBe(text)
    expect(Math.max(...lines.map(wide))).toBeLessThanOrEqual(373.5)
    expect(Math.min(...lines.slice(0, -1).map(wide))).toBeGreaterThan(340)
    expect(brokenLines('short', 100, 10)).toEqual(['short'])
    expect(brokenLines('unbreakablyLongWord x', 20, 10)).toEqual(['unbreakablyLongWord', 'x'])
  })
})
