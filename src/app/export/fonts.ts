import { unzlibSync } from 'fflate'
import * as fontkit from 'fontkit'
import type { Face } from '@core/paper'

/*
 * The fonts of what is printed: the program's own, and for signs they do not have those of other scripts. Each comes in files of some signs, of which
 * only those that are needed are read.
 */

/** One cut of a family: its files, each with its signs: "U+0000-00FF,U+0131". */
export interface Family {
  readonly family: string
  readonly cut: string
  readonly files: readonly { readonly file: string; readonly signs: string }[]
}

/** Where fonts are. */
export interface FontShelf {
  /** The program's own first, and then those asked for signs they do not have, in turn. */
  readonly table: () => Promise<readonly Family[]>
  /** A file of a font, deflated. */
  readonly file: (name: string) => Promise<Uint8Array>
}

/** A font as it is set, and the name it is known by. */
export interface Font {
  readonly name: string
  readonly font: fontkit.Font
}

/** Fonts that are loaded for some texts. */
export interface Fonts {
  /** The font that has a sign; the first of the face where none has. */
  readonly fontOf: (sign: string, face: Face) => Font
  /** A text in stretches of one font each. */
  readonly runs: (
    text: string,
    face: Face,
  ) => readonly { readonly text: string; readonly of: Font }[]
  readonly advance: (sign: string, face: Face) => number
  /** Signs that no font has. */
  readonly missing: readonly string[]
}

/** Whether a sign is one of those: "U+0000-00FF,U+0131". */
function hasSign(signs: string, sign: string): boolean {
  const code = sign.codePointAt(0)!
  return signs.split(',').some((range) => {
    const [from, to] = range.trim().replace(/^U\+/i, '').split('-')
    const low = parseInt(from!, 16)
    return code >= low && code <= (to ? parseInt(to, 16) : low)
  })
}

function opened(bytes: Uint8Array, name: string): Font {
  const font = fontkit.create(unzlibSync(bytes) as never) as fontkit.Font
  // Some come without names, which a PDF needs.
  Object.defineProperty(font, 'postscriptName', { value: name })
  return { name, font }
}

/** The fonts that some texts need, each in its cut. Signs that none has are said. */
export async function fontsFor(
  texts: ReadonlyMap<Face, ReadonlySet<string>>,
  shelf: FontShelf,
): Promise<Fonts> {
  const table = await shelf.table()
  const open = new Map<string, Promise<Font>>()
  const load = (file: string) => {
    const font =
      open.get(file) ?? shelf.file(file).then((bytes) => opened(bytes, file.split('.')[0]!))
    open.set(file, font)
    return font
  }
  const byFace = new Map<Face, Map<string, Font>>()
  const first = new Map<Face, Font>()
  const missing = new Set<string>()
  for (const [face, signs] of texts) {
    const own = table.find(({ cut }) => cut === face)!
    const asked = [
      own,
      ...table.filter(({ family, cut }) => cut === 'text' && family !== own.family),
    ]
    const found = new Map<string, Font>()
    byFace.set(face, found)
    first.set(face, await load(own.files.find(({ signs: has }) => hasSign(has, 'a'))!.file))
    for (const sign of signs) {
      const font = await fontWith(sign, asked, load)
      if (font) found.set(sign, font)
      else if (!isSilent(sign)) missing.add(sign)
    }
  }
  const fontOf = (sign: string, face: Face): Font =>
    byFace.get(face)?.get(sign) ?? first.get(face) ?? [...first.values()][0]!
  return {
    fontOf,
    runs: (text, face) => runsOf(text, (sign) => fontOf(sign, face)),
    advance(sign, face) {
      if (isSilent(sign)) return 0
      const { font } = fontOf(sign, face)
      return font.glyphForCodePoint(sign.codePointAt(0)!).advanceWidth / font.unitsPerEm
    },
    missing: [...missing],
  }
}

/** The first font that has a sign; null where none has. */
async function fontWith(
  sign: string,
  asked: readonly Family[],
  load: (file: string) => Promise<Font>,
): Promise<Font | null> {
  for (const { files } of asked)
    for (const { file, signs } of files) {
      if (!hasSign(signs, sign)) continue
      const font = await load(file)
      if (font.font.hasGlyphForCodePoint(sign.codePointAt(0)!)) return font
    }
  return null
}

/** What joins signs or chooses how they look has no shape of its own: half-open ranges of codes. */
const SILENT = [
  [0x200b, 0x2010],
  [0x2060, 0x2070],
  [0xfe00, 0xfe10],
] as const
function isSilent(sign: string): boolean {
  const code = sign.codePointAt(0)!
  return SILENT.some(([from, to]) => code >= from && code < to)
}

function runsOf(text: string, fontOf: (sign: string) => Font) {
  const runs: { text: string; of: Font }[] = []
  for (const sign of text) {
    const last = runs.at(-1)
    if (isSilent(sign)) {
      // A joiner stays with what it joins.
      if (last && sign === '\u200d') last.text += sign
      continue
    }
    const of = fontOf(sign)
    // A space is set in the font of what is before it, where that has one.
    if (last && (last.of === of || (sign === ' ' && last.of.font.hasGlyphForCodePoint(32))))
      last.text += sign
    else runs.push({ text: sign, of })
  }
  return runs
}
