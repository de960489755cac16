/*
 * A written pattern as lines: rows with their numbers and stated totals, and what stands between them.
 */

/** A labelled row as it is written: one line may stand for several rows. */
export interface RowLine {
  readonly kind: 'row'
  readonly line: number
  readonly what: 'row' | 'round' | 'pass'
  /** First and last number; null when it has none. */
  readonly from: number | null
  readonly to: number | null
  readonly side: 'RS' | 'WS' | null
  /** What is worked, with its total; and where the total begins in it. */
  readonly text: string
  readonly work: string
  readonly stated: number | null
}

export interface OtherLine {
  readonly kind: 'heading' | 'prose'
  readonly line: number
  readonly text: string
}
export type Line = RowLine | OtherLine

const LABEL =
  /^\s*(?:(rows?|rnds?|rounds?|r)\.?\s*(\d+)(?:\s*(?:[-–—]|to|and|&|through)\s*(?:rows?\s*|rnds?\s*|rounds?\s*)?(\d+))?|(foundation row|set-up row|setup row|forward(?: pass)?|return(?: pass)?|next row|next rnd|next round|last row|last rnd|last round))\s*(?:\(?\b(RS|WS)\b\)?)?\s*(?:[:.)]|[-–—]\s)\s*/i

const UNIT = '(?:\\s*[a-z][a-z0-9 -]*?)?'
const TOTAL = new RegExp(
  `\\s*(?:[([<{]\\s*(?:total(?: of)?:?\\s*)?(\\d+${UNIT}(?:\\s*(?:,|and|\\+|&)\\s*\\d+\\s*[a-z][a-z0-9 -]*?)*)\\s*(?:total\\s*)?[)\\]>}]|(?:[—–=]|\\s-)\\s*(\\d+\\s*(?:sts?|stitches|sc|dc|hdc|tr|chs?|loops?)?))\\s*\\.?\\s*$`,
  'i',
)

/** "32 dc, 16 ch-1 sps" is 48 places. */
function totalOf(text: string): number {
  return text
    .split(/,|\band\b|\+|&/i)
    .map((part) => {
      const count = Number(/\d+/.exec(part)?.[0] ?? 0)
      const chains = /ch(?:ain)?[- ]?(\d+)?[- ]*(?:sp|space|loop)/i.exec(
        part.replace(/^\s*\d+/, ''),
      )
      return count * (chains ? Number(chains[1] ?? 1) : 1)
    })
    .reduce((sum, one) => sum + one, 0)
}

/** Work and total of a row's text. */
export function splitTotal(text: string): {
  readonly work: string
  readonly stated: number | null
} {
  const found = TOTAL.exec(text)
  if (!found) return { work: text, stated: null }
  return { work: text.slice(0, found.index), stated: totalOf(found[1] ?? found[2]!) }
}

const kindOf = (label: string): RowLine['what'] =>
  /^(?:rnd|round|next r(?:n|ou)|last r(?:n|ou))/i.test(label)
    ? 'round'
    : /^(?:forward|return)/i.test(label)
      ? 'pass'
      : 'row'

/** A row that goes on in the next line: it ends in a comma, or its star waits for its “rep from”. */
const goesOn = (text: string): boolean =>
  /[,;]\s*$|\band\s*$/i.test(text) ||
  (/(?:^|[^*])\*(?!\*)/.test(text) && !/rep(?:eat)?\s+from/i.test(text) && !/[)\].]\s*$/.test(text))

/** The lines of a text, in order; empty ones left out, rows that were wrapped put together. */
export function linesOf(text: string): Line[] {
  const lines: Line[] = []
  const raw = text.split(/\r\n?|\n/)
  for (let i = 0; i < raw.length; i++) {
    let body = raw[i]!
    const line = i + 1
    if (!body.trim()) continue
    const label = LABEL.exec(body)
    if (!label) {
      const words = body.trim()
      const heading =
        words.length <= 48 && !/[.,;:]$/.test(words) && !/\d/.test(words.replace(/·.*$/, ''))
      lines.push({ kind: heading ? 'heading' : 'prose', line, text: words })
      continue
    }
    while (i + 1 < raw.length && raw[i + 1]!.trim() && goesOn(body) && !LABEL.test(raw[i + 1]!))
      body = `${body.trimEnd()} ${raw[++i]!.trim()}`
    const row = body.slice(label[0].length).trim()
    const [, name, from, to, named, side] = label
    lines.push({
      kind: 'row',
      line,
      what: kindOf(name ?? named!),
      from: from === undefined ? null : Number(from),
      to: from === undefined ? null : Number(to ?? from),
      side: (side?.toUpperCase() as 'RS' | 'WS' | undefined) ?? null,
      text: row,
      ...splitTotal(row),
    })
  }
  return lines
}
