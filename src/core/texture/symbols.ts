/*
 * Symbols of stitches as they stand: from their foot at 0, 0 up to their top at 0, −length. The basic ones are those of the Craft
 * Yarn Council's published chart, drawn by us; raised stitches follow the usage common to charts.
 */

export interface StitchSymbol {
  /** Lines to draw, as SVG path data. */
  readonly path: string
  /** Closed shapes to fill, as SVG path data; empty when there are none. */
  readonly fill: string
}

const line = (length: number) => `M0 0V${-length}`
const top = (length: number, half = 5) => `M${-half} ${-length}H${half}`
const bar = (y: number) => `M-4 ${y + 2}L4 ${y - 2}`
const oval = (x: number, y: number, rx: number, ry: number) =>
  `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0`
const cross = (y: number, arm = 4.5) =>
  `M${-arm} ${y - arm}L${arm} ${y + arm}M${arm} ${y - arm}L${-arm} ${y + arm}`
/** Several strands that part and meet again. */
const strands = (length: number, wide: number, inner: boolean) =>
  [-wide, wide, ...(inner ? [0] : [])].map((x) => `M0 0Q${x} ${-length / 2} 0 ${-length}`).join('')

type Draw = (length: number) => StitchSymbol
const only = (path: string, fill = ''): StitchSymbol => ({ path, fill })
const tall =
  (bars: number, more: (length: number) => string = () => ''): Draw =>
  (length) =>
    only(
      line(length) +
        top(length) +
        Array.from({ length: bars }, (_, i) =>
          bar(-length * (0.5 + (i - (bars - 1) / 2) * 0.18)),
        ).join('') +
        more(length),
    )

/** A loop that stays on the hook, as tall as its stitch. */
const arch = (length: number): string => `M-4 0V${-length + 4}a4 4 0 0 1 8 0V0`

const symbols: Readonly<Record<string, Draw>> = {
  /** A starting chain that counts: chains one above the other. */
  start: (length) =>
    only([0.18, 0.5, 0.82].map((share) => oval(0, -length * share, 2.4, length * 0.15)).join('')),
  picot: () => only('M0 0q-5 -8 0 -9q5 1 0 9'),
  'sl st': (length) => only('', oval(0, -length / 2, 2.2, 2.2)),
  sc: (length) => only(cross(-length / 2)),
  esc: (length) => only(cross(-length / 2) + `M-4 ${-length + 1}H4`),
  hdc: tall(0),
  dc: tall(1),
  tr: tall(2),
  dtr: tall(3),
  ldc: tall(1, (length) => oval(-4, -length * 0.3, 1.6, 1.6)),
  fpdc: tall(1, () => 'M0 0q0 4 4 4q3 0 3 -3'),
  bpdc: tall(1, () => 'M0 0q0 4 -4 4q-3 0 -3 -3'),
  fptr: tall(2, () => 'M0 0q0 4 4 4q3 0 3 -3'),
  puff: (length) => only(strands(length, 6, true) + top(length, 3)),
  bobble: (length) => only(strands(length, 8, true) + strands(length, 4, false) + top(length)),
  popcorn: (length) => only(strands(length, 8, true) + oval(0, -length, 4, 2)),
  '3-dc cluster': (length) => only(strands(length, 7, true) + top(length) + bar(-length / 2)),
  bead: (length) => only(line(length) + top(length), oval(0, -length / 2, 3.4, 5)),
  'spike dc': tall(1, () => 'M0 0V12M-2.5 8L0 12L2.5 8'),
  'caught dc': tall(1, () => oval(0, 2, 4, 3)),
  'long loop': (length) => only(`M-24 0C-26 ${-length * 1.3} 26 ${-length * 1.3} 24 0`),
  'half loop': (length) =>
    only(
      `M-24 0C-24 ${-length * 1.1} -6 ${-length} 0 ${-length}M0 0V${-length}M-4 ${-length}H4` +
        bar(-length / 2),
    ),
  'ladder loop': (length) => only(`M-2 0C-16 ${-length} 16 ${-length} 2 0`),
  'tall loop': (length) => only(arch(length) + bar(-length / 2)),
  'fp tall loop': (length) => only(`${arch(length)}${bar(-length / 2)}M4 0q0 4 -4 4q-3 0 -3 -3`),
  'bp tall loop': (length) => only(`${arch(length)}${bar(-length / 2)}M-4 0q0 4 4 4q3 0 3 -3`),
  'yo loop': (length) => only(`M-4 ${-length / 3}q4 -8 8 0`),
  spike: (length) => only(cross(-length / 2) + `M0 ${-length / 2}V14M-2.5 11L0 15L2.5 11`),
  star: (length) =>
    only(
      cross(-length / 2, 5) +
        `M0 ${-length / 2 - 6}V${-length / 2 + 6}` +
        oval(0, -length, 2.4, 1.6),
    ),
  sc2tog: (length) => only(`M-5 0L0 ${-length}L5 0`),
  'crab stitch': (length) => only(cross(-length / 2) + `M-5 ${-length}q2.5 -3 5 0t5 0`),
  'pull up a loop': (length) => only(`M-2 0V${-length + 3}a2 2 0 0 1 4 0V0`),
  'pull through 1 loop': (length) => only(`M-5 ${-length / 2}q2.5 -4 5 0t5 0`),
  'pull through 2 loops': (length) => only(`M-5 ${-length / 2}q2.5 -4 5 0t5 0`),
}

/** A chain lies on its side, at its own place. */
export const chainSymbol: StitchSymbol = only(oval(0, 0, 5, 2.6))

/** The symbol of a stitch, so tall; one that has none of its own stands as a plain line with a top. */
export function symbolOf(word: string, length: number): StitchSymbol {
  const [plain, loop] = [word.replace(/ [bf]lo$/, ''), / ([bf])lo$/.exec(word)?.[1]]
  const base = plain === 'inc' ? 'sc' : plain === 'dec' ? 'sc2tog' : plain
  const symbol = (symbols[base] ?? tall(0))(length)
  if (!loop) return symbol
  return {
    ...symbol,
    path: `${symbol.path}M-5 ${loop === 'b' ? 3 : 1}q5 ${loop === 'b' ? -3 : 3} 10 0`,
  }
}

/** Whether a stitch has a symbol of its own here. */
export const hasSymbol = (word: string): boolean => word in symbols

/** How tall a stitch is drawn. */
export function tallOf(word: string): number {
  if (word === 'ch' || word === 'sl st' || word === 'picot') return 8
  if (word === 'ladder loop') return 26
  if (/^(?:e?sc|spike$|inc|dec|sc2tog|crab|pull|yo loop)/.test(word)) return 15
  if (/^hdc/.test(word)) return 20
  return /^(?:tr|dtr|fptr)/.test(word) ? 34 : 27
}
