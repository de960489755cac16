import type { Mosaic, Rules } from '../mosaic/index.ts'

/** The mend of a mosaic in a general solver's own language (CPLEX LP): a variable a cell, its cost, and every rule as a line. */
export function integerProgram(
  { width, colours, rows }: Mosaic,
  { flat, run, school }: Rules,
): string {
  const name = (row: number, column: number) => `x_${row}_${column % width}`
  const [costs, lines, all]: [string[], string[], string[]] = [[], [], []]
  let least = 0
  colours.forEach((text, row) => {
    for (let column = 0; column < width; column++) {
      const letter = text[column]
      const own = letter === rows[row] ? 0 : 1
      const lent = letter === rows[row + 1] ? 0 : 1
      least += own
      all.push(name(row, column))
      costs.push(`${lent - own < 0 ? '-' : '+'} ${Math.abs(lent - own)} ${name(row, column)}`)
      const never = row === 0 || row === rows.length - 1
      const edge = flat && (column === 0 || column === width - 1)
      if (never || edge) lines.push(`${name(row, column)} <= 0`)
      if (row > 0) lines.push(`${name(row, column)} + ${name(row - 1, column)} <= 1`)
      const window = Array.from({ length: run + 1 }, (_, i) => name(row, column + i))
      if (school === 'inset' && (!flat || column + run < width))
        lines.push(`${window.join(' + ')} <= ${run}`)
    }
  })
  const subject = lines.join('\n ')
  return `Minimize\n obj: ${least} one ${costs.join(' ')}\nSubject To\n one = 1\n ${subject}\nBinary\n ${all.join(' ')}\nEnd`
}
