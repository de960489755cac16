import { KEEPS, type Patch } from '../chart/index.ts'

/*
 * A typeface of stitches, drawn for this program: capitals and digits seven rows high, small letters five, and two more below the
 * line for those that hang. Each row of a letter from the top, # a stitch.
 */
const letters: Readonly<Record<string, string>> = {
  A: '.###. #...# #...# ##### #...# #...# #...#',
  B: '####. #...# #...# ####. #...# #...# ####.',
  C: '.###. #...# #.... #.... #.... #...# .###.',
  D: '####. #...# #...# #...# #...# #...# ####.',
  E: '##### #.... #.... ####. #.... #.... #####',
  F: '##### #.... #.... ####. #.... #.... #....',
  G: '.###. #...# #.... #.### #...# #...# .###.',
  H: '#...# #...# #...# ##### #...# #...# #...#',
  I: '### .#. .#. .#. .#. .#. ###',
  J: '..### ...#. ...#. ...#. ...#. #..#. .##..',
  K: '#...# #..#. #.#.. ##... #.#.. #..#. #...#',
  L: '#.... #.... #.... #.... #.... #.... #####',
  M: '#...# ##.## #.#.# #.#.# #...# #...# #...#',
  N: '#...# ##..# ##..# #.#.# #..## #..## #...#',
  O: '.###. #...# #...# #...# #...# #...# .###.',
  P: '####. #...# #...# ####. #.... #.... #....',
  Q: '.###. #...# #...# #...# #.#.# #..#. .##.#',
  R: '####. #...# #...# ####. #.#.. #..#. #...#',
  S: '.#### #.... #.... .###. ....# ....# ####.',
  T: '##### ..#.. ..#.. ..#.. ..#.. ..#.. ..#..',
  U: '#...# #...# #...# #...# #...# #...# .###.',
  V: '#...# #...# #...# #...# .#.#. .#.#. ..#..',
  W: '#...# #...# #...# #.#.# #.#.# ##.## #...#',
  X: '#...# #...# .#.#. ..#.. .#.#. #...# #...#',
  Y: '#...# #...# .#.#. ..#.. ..#.. ..#.. ..#..',
  Z: '##### ....# ...#. ..#.. .#... #.... #####',
  a: '..... ..... .###. ....# .#### #...# .####',
  b: '#.... #.... ####. #...# #...# #...# ####.',
  c: '.... .... .### #... #... #... .###',
  d: '....# ....# .#### #...# #...# #...# .####',
  e: '..... ..... .###. #...# ##### #.... .####',
  f: '..## .#.. #### .#.. .#.. .#.. .#..',
  g: '..... ..... .#### #...# #...# .#### ....# ....# .###.',
  h: '#.... #.... ####. #...# #...# #...# #...#',
  i: '# . # # # # #',
  j: '..# ... ..# ..# ..# ..# ..# ..# ##.',
  k: '#... #... #..# #.#. ##.. #.#. #..#',
  l: '#. #. #. #. #. #. .#',
  m: '..... ..... ##.#. #.#.# #.#.# #.#.# #.#.#',
  n: '..... ..... ####. #...# #...# #...# #...#',
  o: '..... ..... .###. #...# #...# #...# .###.',
  p: '..... ..... ####. #...# #...# #...# ####. #.... #....',
  q: '..... ..... .#### #...# #...# #...# .#### ....# ....#',
  r: '.... .... #.## ##.. #... #... #...',
  s: '.... .... .### #... .##. ...# ###.',
  t: '.#.. .#.. #### .#.. .#.. .#.. ..##',
  u: '..... ..... #...# #...# #...# #...# .####',
  v: '..... ..... #...# #...# .#.#. .#.#. ..#..',
  w: '..... ..... #...# #.#.# #.#.# #.#.# .#.#.',
  x: '..... ..... #...# .#.#. ..#.. .#.#. #...#',
  y: '..... ..... #...# #...# #...# .#### ....# ....# .###.',
  z: '.... .... #### ...# .##. #... ####',
  '0': '.###. #...# #..## #.#.# ##..# #...# .###.',
  '1': '.#. ##. .#. .#. .#. .#. ###',
  '2': '.###. #...# ....# ..##. .#... #.... #####',
  '3': '.###. #...# ....# ..##. ....# #...# .###.',
  '4': '...#. ..##. .#.#. #..#. ##### ...#. ...#.',
  '5': '##### #.... ####. ....# ....# #...# .###.',
  '6': '.###. #.... #.... ####. #...# #...# .###.',
  '7': '##### ....# ...#. ...#. ..#.. ..#.. ..#..',
  '8': '.###. #...# #...# .###. #...# #...# .###.',
  '9': '.###. #...# #...# .#### ....# ....# .###.',
  '.': '. . . . . . #',
  ',': '.. .. .. .. .. .. .# .# #.',
  '!': '# # # # # . #',
  '?': '.###. #...# ....# ..##. ..#.. ..... ..#..',
  '-': '... ... ... ### ... ... ...',
  '+': '..... ..... ..#.. ..#.. ##### ..#.. ..#..',
  ':': '. . # . . # .',
  "'": '# # . . . . .',
  '&': '.##.. #..#. #.#.. .#... #.#.# #..#. .##.#',
  '/': '....# ....# ...#. ..#.. .#... #.... #....',
  '(': '.# #. #. #. #. #. .#',
  ')': '#. .# .# .# .# .# #.',
  '*': '..... #.#.# .###. ##### .###. #.#.# .....',
  ' ': '... ... ... ... ... ... ...',
}

/** Sizes there are: how often each stitch of a letter is worked across and up. */
export const sizes = [
  { id: 'small', title: 'Small: 7 rows', times: 1 },
  { id: 'large', title: 'Large: 14 rows', times: 2 },
] as const
export type LetterSize = (typeof sizes)[number]['id']

/** Rows of capitals, and those below the line. */
const HIGH = 7
const BELOW = 2
/** Stitches between two letters. */
const GAP = 1
/** Longer texts go around no bag. */
export const MOST_LETTERS = 60

/** The marks of a text that the typeface does not have, each once. */
export const missingIn = (text: string): string[] => [
  ...new Set([...text].filter((mark) => !(mark in letters))),
]

/**
 * A text in stitches of one letter, the ground left as it is; null where it has nothing of the typeface. Rows below the line are
 * there only where a letter hangs.
 */
export function lettered(text: string, size: LetterSize, letter: string): Patch | null {
  const marks = [...text].slice(0, MOST_LETTERS).flatMap((mark) => {
    const rows = letters[mark]?.split(' ')
    return rows ? [rows] : []
  })
  if (!marks.some((rows) => rows.join('').includes('#'))) return null
  const { times } = sizes.find(({ id }) => id === size)!
  const below = marks.some((rows) => rows.length > HIGH) ? BELOW : 0
  const lines = Array.from({ length: HIGH + below }, (_, line) =>
    marks
      .map((rows) => rows[line] ?? KEEPS.repeat(rows[0]!.length))
      .join(KEEPS.repeat(GAP))
      .replaceAll('#', letter),
  )
  const wide = lines.map((line) => [...line].map((one) => one.repeat(times)).join(''))
  const colours = wide.flatMap((line) => Array<string>(times).fill(line)).reverse()
  return { width: colours[0]!.length, colours }
}
