/* Rows of a table, with bars or pasted with tabs: put into lines as they are written elsewhere, every character where it stood. */

const HEAD = {
  label: /^(?:row|rnd|rd|round|no\.?|nr\.?|#|r)s?$/i,
  side: /^sides?$/i,
  yarn: /^(?:yarn|colou?r)s?$/i,
  work: /^(?:what.*|work.*|instructions?|pattern|directions?|stitch(?:es)? to work|do|how.*|text)$/i,
  total: /^(?:sts?|stitch(?:es)?|stitch count|counts?|totals?|sum|made)$/i,
} as const
type Column = keyof typeof HEAD

interface Cell {
  readonly from: number
  readonly to: number
  readonly text: string
}

/** The cells of a line; null where it has none. */
function cellsOf(line: string): Cell[] | null {
  const sign = line.includes('\t') ? '\t' : '|'
  if (!line.includes(sign)) return null
  const cells: Cell[] = []
  let from = 0
  for (const part of line.split(sign)) {
    const lead = part.length - part.trimStart().length
    cells.push({ from: from + lead, to: from + part.trimEnd().length, text: part.trim() })
    from += part.length + 1
  }
  // A bar at both ends is the table's edge.
  if (sign === '|' && cells[0]!.text === '') cells.shift()
  if (sign === '|' && cells.at(-1)?.text === '') cells.pop()
  return cells.length > 1 ? cells : null
}

interface Head {
  readonly word: string
  readonly at: Partial<Record<Column, number>>
}

function headOf(cells: readonly Cell[]): Head | null {
  const at: Partial<Record<Column, number>> = {}
  cells.forEach(({ text }, i) => {
    const column = (Object.keys(HEAD) as Column[]).find((one) => HEAD[one].test(text))
    if (column && at[column] === undefined) at[column] = i
  })
  return at.label !== undefined && at.work !== undefined
    ? { word: cells[at.label]!.text, at }
    : null
}

/** A line that rules a table. */
const RULE = /^[\s|:+=-]*$/

/** The lines with those of tables as "Rnd 5-8 (RS): work = 24", each beside what was cut before its work. */
export function untabled(
  lines: readonly string[],
): { readonly text: string; readonly cut: number }[] {
  let head: Head | null = null
  return lines.map((line) => {
    const cells = cellsOf(line)
    if (!cells) {
      if (line.trim() === '') head = null
      return { text: line, cut: 0 }
    }
    const found = headOf(cells)
    if (found) head = found
    if (found || RULE.test(line)) return { text: '', cut: 0 }
    return rowOf(line, cells, head) ?? { text: line, cut: 0 }
  })
}

function rowOf(line: string, cells: readonly Cell[], head: Head | null) {
  const at = head?.at ?? {
    label: 0,
    work: 1,
    total: cells.length > 2 ? cells.length - 1 : undefined,
  }
  const cell = (column: Column) => (at[column] === undefined ? undefined : cells[at[column]!])
  const [label, work, total] = [cell('label'), cell('work'), cell('total')]
  if (!label || !work || !/^\D{0,9}\d+(?:\s*[-–—]\s*\d+)?\s*\.?$/.test(label.text)) return null
  if (!head && !/[a-z]/i.test(work.text)) return null
  const word = /\d/.test(label.text[0] ?? '')
    ? `${/^[#n]/i.test(head?.word ?? '#') ? 'R' : head!.word} `
    : ''
  const side = /^(?:RS|WS)$/i.test(cell('side')?.text ?? '') ? ` (${cell('side')!.text})` : ''
  const yarn = /^(?:[A-Z]|MC|CC\d?)$/.test(cell('yarn')?.text ?? '')
    ? ` (${cell('yarn')!.text})`
    : ''
  const name = `${word}${label.text}${side}${yarn}: `
  const many = total && total.from > work.from && /\d/.test(total.text) ? total : null
  const said = line.slice(work.from, many ? many.to : work.to).replace(/[|\t]/g, ' ')
  if (!many) return { text: name + said, cut: work.from - name.length }
  const [end, begin] = [work.to - work.from, many.from - work.from]
  const sign = '='.padStart(begin - end)
  return {
    text: `${name}${said.slice(0, end)}${sign}${said.slice(begin)}`,
    cut: work.from - name.length,
  }
}
