import { type PatternRows, plainRow, type StitchPattern } from './pattern.ts'

/* One's own stitch patterns as files: JSON, and text as people write it. */

/** A pattern as it is typed: rows as lines. */
export interface OwnDraft {
  readonly id: string
  readonly name: string
  readonly multiple: number
  readonly offset: number
  readonly flat: string
  readonly round: string
  readonly notes: string
}

const linesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
const programOf = (text: string): PatternRows | null =>
  linesIn(text).length > 0 ? { begin: [], rows: linesIn(text).map(plainRow), end: [] } : null

/** The pattern of a draft. */
export const patternOf = ({
  id,
  name,
  multiple,
  offset,
  flat,
  round,
  notes,
}: OwnDraft): StitchPattern => ({
  ...{ id, name, multiple, offset, notes },
  family: 'own',
  flat: programOf(flat),
  round: programOf(round),
  side: 'any',
  unit: null,
  perRepeat: 1,
  least: 1,
  beside: { flat: 0, round: 0 },
  special: '',
})

/** Drafts of a file; in words what is wrong with it when there are none. */
export interface Drafts {
  readonly drafts: readonly OwnDraft[]
  readonly problem: string | null
}

const MOST = 200
const BETWEEN = '\n\n---\n\n'
const found = (drafts: readonly OwnDraft[]): Drafts => ({
  drafts,
  problem: drafts.length > 0 ? null : 'There are no stitch patterns in that file.',
})

export const isDraft = (value: unknown): value is OwnDraft => {
  const one = value as OwnDraft | null
  const isText = (text: unknown, most: number) => typeof text === 'string' && text.length <= most
  return (
    typeof one === 'object' &&
    one !== null &&
    isText(one.id, 60) &&
    isText(one.name, 60) &&
    one.name.length > 0 &&
    isText(one.flat, 4000) &&
    isText(one.round, 4000) &&
    isText(one.notes, 2000) &&
    [one.multiple, one.offset].every((n) => Number.isInteger(n) && n >= 0 && n <= 200) &&
    one.multiple > 0
  )
}

const FIELDS = ['id', 'name', 'multiple', 'offset', 'flat', 'round', 'notes'] as const

function fromJson(text: string): Drafts {
  try {
    const file = JSON.parse(text) as { format?: unknown; patterns?: unknown }
    const list =
      file.format === 'ample-motif-stitches' && Array.isArray(file.patterns) ? file.patterns : []
    const own = (one: OwnDraft) =>
      Object.fromEntries(FIELDS.map((field) => [field, one[field]])) as unknown as OwnDraft
    return found(list.filter(isDraft).slice(0, MOST).map(own))
  } catch {
    return { drafts: [], problem: 'That file is not a file of stitch patterns.' }
  }
}

export const draftsJson = (patterns: readonly OwnDraft[]): string =>
  JSON.stringify({ format: 'ample-motif-stitches', version: 1, patterns }, null, 1)

/** Patterns as text: a name, its multiple, its rows and rounds, and notes, with a line between patterns. */
export const draftsText = (patterns: readonly OwnDraft[]): string =>
  patterns
    .map(({ name, multiple, offset, flat, round, notes }) =>
      [
        name,
        `Multiple of ${multiple}${offset > 0 ? ` + ${offset}` : ''}`,
        ...(flat ? ['Flat:', ...numbered(flat, 'Row')] : []),
        ...(round ? ['In the round:', ...numbered(round, 'Rnd')] : []),
        ...(notes ? ['Notes:', notes] : []),
      ].join('\n'),
    )
    .join(BETWEEN)
    .concat('\n')

const numbered = (rows: string, label: string): string[] =>
  rows
    .split('\n')
    .filter((row) => row.trim())
    .map((row, i) => `${label} ${i + 1}: ${row.trim()}`)

const SECTION = /^(?:(flat|rows)|(in the round|rounds)|(notes?))\s*:\s*$/i
const ROW = /^(?:rows?|(rnds?|rounds?))\s*\d+\s*[:.)-]\s*(.+)$/i
const MULTIPLE = /^multiple\s*(?:of|:)?\s*(\d+)(?:[^\d+]*?(?:\+|plus|and)\s*(\d+))?/i

/** One pattern of a text; null when it has no name, no multiple or no rows. */
function fromBlock(block: string, id: string): OwnDraft | null {
  const [name, ...lines] = block.split('\n').map((line) => line.trim())
  const kept = { flat: [] as string[], round: [] as string[], notes: [] as string[] }
  let multiple: RegExpExecArray | null = null
  let section: keyof typeof kept = 'flat'
  for (const line of lines.filter(Boolean)) {
    const [heading, flat, round] = SECTION.exec(line) ?? []
    if (heading) {
      section = flat ? 'flat' : round ? 'round' : 'notes'
      continue
    }
    const row = ROW.exec(line)
    const asked = MULTIPLE.exec(line)
    if (row && section !== 'notes') kept[row[1] ? 'round' : section].push(row[2]!)
    else if (asked && !multiple) multiple = asked
    else kept[section].push(line)
  }
  const draft = {
    id,
    name: (name ?? '').replace(/^#+\s*/, '').slice(0, 60),
    multiple: Number(multiple?.[1] ?? 0),
    offset: Number(multiple?.[2] ?? 0),
    flat: kept.flat.join('\n'),
    round: kept.round.join('\n'),
    notes: kept.notes.join('\n'),
  }
  return isDraft(draft) && (draft.flat || draft.round) ? draft : null
}

function fromText(text: string, idOf: () => string): Drafts {
  const blocks = text.replace(/\r\n?/g, '\n').split(/\n\s*-{3,}\s*\n/)
  const drafts = blocks.flatMap((block) => fromBlock(block.trim(), idOf()) ?? []).slice(0, MOST)
  const none =
    'There is no stitch pattern in that text: it needs a name, a line such as “Multiple of 4 + 1”, and rows.'
  return { drafts, problem: drafts.length > 0 ? null : none }
}

/** The patterns in a file, JSON or text; `idOf` gives those of a text an id each. */
export const draftsIn = (text: string, idOf: () => string): Drafts =>
  /^\s*[{[]/.test(text) ? fromJson(text) : fromText(text, idOf)
