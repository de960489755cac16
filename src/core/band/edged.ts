import { type CountedRow, firstCountedOn } from './counted-rows.ts'

/* Edge stitches of a flat texture: plain ones before and after what its rows work, also in their words. */

const sts = (many: number): string => (many === 1 ? 'st' : `${many} sts`)
const first = (stitch: string, many: number): string => `${stitch} in next ${sts(many)}`
const last = (stitch: string, many: number): string => `${stitch} in last ${sts(many)}`

/** A chain that begins a row, what it counts as, and what follows. */
const START = /^ch (\d+)( [A-Z])?(?: \(([^)]*)\))?, (.*)$/
/** One stitch in each place all the way, whose edges are no different from the rest. */
const ALL_ALIKE = /^(?:ch \d+ \(counts as (\w+)\), )?(\w+) in each st(?: and ch)? across$/
/** What a repeat ends with, where it does not go all the way. */
const TAIL = /^(.*); rep from \* (?:across|to last (?:(\d+) )?sts?, (.*))$/
const EACH = /^(.* (?:in|of) each st) across$/

function isAllAlike(text: string): boolean {
  const [alike, start, stitch] = ALL_ALIKE.exec(text) ?? []
  return alike !== undefined && (start ?? stitch) === stitch && /^(?:sc|hdc|dc|tr)$/.test(stitch!)
}

/** The plain stitch as tall as a chain that begins a row; where that tells nothing, the first of the row. */
const asTall: Readonly<Record<string, string>> = { 2: 'hdc', 3: 'dc', 4: 'tr' }
const firstPlain = (text: string): string => /\b(?:sc|hdc|dc|tr)\b/.exec(text)?.[0] ?? 'sc'

/** So many of a stitch, with those of the same that a row goes on with. */
function joinedTo(stitch: string, many: number, rest: string): string {
  const [, same, after] = new RegExp(`^${stitch} in next (?:(\\d+) sts|st), (.*)$`).exec(rest) ?? []
  return after === undefined
    ? `${first(stitch, many)}, ${rest}`
    : `${first(stitch, many + Number(same ?? 1))}, ${after}`
}

/** A row with so many stitches more where it begins, and the stitch its edges are in. */
function begun(text: string, many: number): readonly [edge: string, text: string] {
  const [, chains, yarn = '', note = '', rest = text] = START.exec(text) ?? []
  if (chains === undefined) {
    const edge = firstPlain(text)
    return [edge, joinedTo(edge, many, text)]
  }
  const counts = /^counts as (\w+)(?: and ch (\d+))?$/.exec(note)
  if (!counts) {
    const edge = asTall[chains] ?? firstPlain(rest)
    const start = `ch ${chains}${yarn}${note && ` (${note})`}, `
    return [edge, `${start}${joinedTo(edge + yarn, many, rest)}`]
  }
  const [, edge, more] = counts as unknown as [string, string, string?]
  const start = `ch ${Number(chains) - Number(more ?? 0)}${yarn} (counts as ${edge}), `
  const beside = more ? `ch ${more}, ` : ''
  // What else goes into the stitch the chain stands on goes into the last of the edge instead, one stitch more.
  const [, inSame, after] = /^(\d+) \w+ in same st, (.*)$/.exec(rest) ?? []
  if (!inSame) return [edge, `${start}${joinedTo(edge + yarn, many, beside + rest)}`]
  const group = `${Number(inSame) + 1} ${edge} in next st, ${after!}`
  return [edge, `${start}${many > 1 ? `${first(edge, many - 1)}, ` : ''}${group}`]
}

/** The edge stitch of a row, and the row in words with so many of it more on either side; null where it takes none. */
function edgedText(text: string, many: number): readonly [edge: string, text: string] | null {
  const [edge, row] = begun(text, many)
  const each = EACH.exec(row)
  if (each) return [edge, `${each[1]} to last ${sts(many)}, ${last(edge, many)}`]
  const [, repeat, left, tail] = TAIL.exec(row) ?? []
  if (repeat === undefined) return null
  const yarn = [...row.matchAll(/ [A-Z](?= in)/g)].at(-1)?.[0] ?? ''
  if (tail === undefined)
    return [edge, `${repeat}; rep from * to last ${sts(many)}, ${last(edge + yarn, many)}`]
  const alone = new RegExp(`^(.*, )?${edge}${yarn} in last st$`).exec(tail)
  const ending = alone
    ? `${alone[1] ?? ''}${last(edge + yarn, many + 1)}`
    : `${tail.replace(/in last st$/, 'in next st')}, ${last(edge + yarn, many)}`
  return [edge, `${repeat}; rep from * to last ${sts(Number(left ?? 1) + many)}, ${ending}`]
}

/**
 * A row with so many plain stitches more at each edge, as high as itself; null where it takes none: it has no repeat that is said
 * as one, is worked there and back, or into gaps, of which there would be more beside the edges.
 */
export function edgedRow<Row extends CountedRow>(row: Row, many: number): Row | null {
  if (many === 0) return row
  const { text, runs, repeat } = row
  if (!repeat || /\bgap\b|\breturn:/.test(text)) return null
  if (isAllAlike(text)) {
    const times = firstCountedOn([row]) + 2 * many
    return { ...row, runs: [{ ...runs[0]!, count: 1 }], repeat: { from: 0, to: 1, times } }
  }
  const edged = edgedText(text, many)
  if (!edged) return null
  const [stitch, words] = edged
  const edge = (yarn: string) => ({ stitch, yarn, count: many })
  return {
    ...row,
    text: words,
    runs: [edge(runs[0]!.yarn), ...runs, edge(runs.at(-1)!.yarn)],
    repeat: { ...repeat, from: repeat.from + 1, to: repeat.to + 1 },
  }
}
