import type { Chart } from '../chart/index.ts'
import { inkOn } from '../colour/index.ts'
import type { Yarn } from '../design/index.ts'

export interface ChartSvgOptions {
  readonly chart: Chart
  readonly yarns: readonly Yarn[]
  /** Printed number of the lowest row. */
  readonly firstRound: number
  /** Height of a cell for a width of 1. */
  readonly cellAspect: number
  readonly hand: 'right' | 'left'
  readonly title: string
}

const CELL = 16
const MARGIN = 30
/** Above this many cells letters are left out: they could not be read. */
const MOST_LETTERS = 12_000

const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

/**
 * A chart as a picture of its own: cells in the gauge's true shape, a letter in each, round numbers on the side a round
 * begins, stitch numbers below, and a key. Nothing in it can run.
 */
export function chartSvg(options: ChartSvgOptions): string {
  const { chart, yarns, title } = options
  const high = CELL * options.cellAspect
  const [width, height] = [chart.width * CELL, chart.colours.length * high]
  const used = yarns.filter(({ letter }) => chart.colours.some((row) => row.includes(letter)))
  const total = { width: width + 2 * MARGIN, height: height + 2 * MARGIN + 22 * used.length + 8 }
  const size = `width="${total.width.toFixed(0)}" height="${total.height.toFixed(0)}" viewBox="0 0 ${total.width.toFixed(2)} ${total.height.toFixed(2)}"`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="sans-serif" role="img">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="100%" height="100%" fill="#ffffff"/>`,
    `<g transform="translate(${MARGIN} ${MARGIN})">`,
    ...cells(options, high, height),
    ...numbers(options, high, width, height),
    `</g>`,
    ...used.flatMap((yarn, i) => keyLine(yarn, height + 2 * MARGIN + 22 * i)),
    `</svg>`,
  ].join('\n')
}

function cells({ chart, yarns }: ChartSvgOptions, high: number, height: number): string[] {
  const withLetters = chart.width * chart.colours.length <= MOST_LETTERS
  const colours = new Map(yarns.map(({ letter, colour }) => [letter, colour]))
  const marks: string[] = []
  chart.colours.forEach((row, r) => {
    const y = height - (r + 1) * high
    for (let from = 0; from < row.length;) {
      let to = from + 1
      while (row[to] === row[from]) to++
      const fill = colours.get(row[from]!) ?? '#ffffff'
      marks.push(
        `<rect x="${from * CELL}" y="${y.toFixed(2)}" width="${(to - from) * CELL}" height="${high.toFixed(2)}" fill="${fill}"/>`,
      )
      if (withLetters)
        marks.push(
          `<text font-size="9" text-anchor="middle" fill="${inkOn(fill)}" y="${(y + high / 2 + 3).toFixed(2)}">`,
          ...Array.from(
            { length: to - from },
            (_, i) => `<tspan x="${(from + i + 0.5) * CELL}">${row[from]}</tspan>`,
          ),
          `</text>`,
        )
      from = to
    }
  })
  const grid = [
    ...Array.from({ length: chart.width + 1 }, (_, i) => `M${i * CELL} 0V${height.toFixed(2)}`),
    ...Array.from(
      { length: chart.colours.length + 1 },
      (_, i) => `M0 ${(i * high).toFixed(2)}H${chart.width * CELL}`,
    ),
  ].join('')
  return [
    ...marks,
    `<path d="${grid}" stroke="#1b2421" stroke-opacity=".35" stroke-width=".6" fill="none"/>`,
  ]
}

function numbers(options: ChartSvgOptions, high: number, width: number, height: number): string[] {
  const { chart, firstRound, hand } = options
  const right = hand === 'right'
  const [x, anchor] = right ? [width + 6, 'start'] : [-6, 'end']
  const rounds = chart.colours.map(
    (_, r) =>
      `<text x="${x}" y="${(height - (r + 0.5) * high + 3.5).toFixed(2)}" font-size="10" text-anchor="${anchor}" fill="#1b2421">${firstRound + r}</text>`,
  )
  const stitches = Array.from({ length: chart.width }, (_, i) => i + 1)
    .filter((n) => n === 1 || n % 5 === 0)
    .map((n) => {
      const column = right ? chart.width - n : n - 1
      return `<text x="${(column + 0.5) * CELL}" y="${(height + 14).toFixed(2)}" font-size="10" text-anchor="middle" fill="#1b2421">${n}</text>`
    })
  return [...rounds, ...stitches]
}

function keyLine({ letter, name, colour }: Yarn, y: number): string[] {
  return [
    `<rect x="${MARGIN}" y="${y.toFixed(2)}" width="16" height="16" fill="${colour}" stroke="#1b2421" stroke-opacity=".4"/>`,
    `<text x="${MARGIN + 24}" y="${(y + 12).toFixed(2)}" font-size="12" fill="#1b2421">${letter} ${escaped(name)}</text>`,
  ]
}
