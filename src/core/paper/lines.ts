import { type Said, spansOf } from './block.ts'
import { INK, QUIET_INK } from './drawing.ts'

/** Cuts of the letters: of what is read, of what stands out, of what is said by the way, and of headings. */
export type Face = 'text' | 'bold' | 'italic' | 'head'
/** How far a sign reaches, in shares of its size. */
export type Advance = (sign: string, face: Face) => number

/** Measures texts. */
export interface Ruler {
  readonly width: (text: string, face: Face, size: number) => number
}

/** A ruler that asks for each sign once. */
export function rulerOf(advance: Advance): Ruler {
  const known = new Map<Face, Map<string, number>>()
  return {
    width(text, face, size) {
      const of = known.get(face) ?? new Map<string, number>()
      known.set(face, of)
      let sum = 0
      for (const sign of text) {
        let wide = of.get(sign)
        if (wide === undefined) of.set(sign, (wide = advance(sign, face)))
        sum += wide
      }
      return sum * size
    },
  }
}

/** A text on a line, so far from its left. */
export interface Piece {
  readonly x: number
  readonly text: string
  readonly face: Face
  readonly ink: string
}

export interface Manner {
  readonly face?: Face
  readonly ink?: string
}

/** A word wider than the room, in stretches that fit. */
function parted(word: string, room: number, wide: (text: string) => number): string[] {
  const out: string[] = []
  let now = ''
  for (const sign of word) {
    if (now !== '' && wide(now + sign) > room) {
      out.push(now)
      now = ''
    }
    now += sign
  }
  return [...out, now]
}

/** Words in lines no wider than the room, broken at spaces; what has none is broken where it must be. */
export function linesOf(
  said: Said,
  { width, size, ruler }: { readonly width: number; readonly size: number; readonly ruler: Ruler },
  { face = 'text', ink = INK }: Manner = {},
): Piece[][] {
  const lines: Piece[][] = [[]]
  let x = 0
  let pending = false
  for (const { text, bold, quiet } of spansOf(said)) {
    const own = bold ? 'bold' : face
    const colour = quiet ? QUIET_INK : ink
    const wide = (word: string) => ruler.width(word, own, size)
    const space = wide(' ')
    const put = (word: string, spaced: boolean) => {
      const line = lines.at(-1)!
      const last = line.at(-1)
      const from = x + (spaced && x > 0 ? space : 0)
      if (last && last.face === own && last.ink === colour)
        line[line.length - 1] = { ...last, text: `${last.text}${spaced ? ' ' : ''}${word}` }
      else line.push({ x: from, text: word, face: own, ink: colour })
      x = from + wide(word)
    }
    text.split(' ').forEach((word, i) => {
      const spaced = i > 0 || pending
      // A space at the end of a span stands before what follows.
      pending = word === '' && spaced
      if (word === '') return
      if (x > 0 && x + (spaced ? space : 0) + wide(word) > width) {
        lines.push([])
        x = 0
      }
      const parts = wide(word) > width ? parted(word, width, wide) : [word]
      parts.forEach((part, n) => {
        if (n > 0) {
          lines.push([])
          x = 0
        }
        put(part, spaced && n === 0)
      })
    })
  }
  return lines
}
