import type { StitchPattern } from './pattern.ts'
import { isHeading, rowsTyped, typedRows } from './typed.ts'

/* One's own stitch patterns as files: JSON, and text as people write it. */

/** A pattern as it is typed: rows as lines, with what begins and ends them under headings of their own. */
export interface OwnDraft {
  readonly id: string
  readonly name: string
  readonly multiple: number
  readonly offset: number
  /** Stitches beside the repeats of a round. */
  readonly roundOffset: number
  readonly flat: string
  readonly round: string
  readonly notes: string
  /** Side its raised rows are worked from. */
  readonly side: 'RS' | 'WS' | 'any'
  /** What its repeats are counted as, and how many of it a repeat has; null where stitches are all that is counted. */
  readonly unit: string | null
  readonly perRepeat: number
  /** Ways along each of its rows. */
  readonly passes: 1 | 2
  /** What its special stitches are, in words. */
  readonly special: string
}

/** What a draft is where nothing but its rows is out of the ordinary. */
export const usualDraft = {
  ...{ notes: '', side: 'any', unit: null, perRepeat: 1, passes: 1, special: '', roundOffset: 0 },
} as const satisfies Partial<OwnDraft>

/** The pattern of a draft. */
export const patternOf = ({ flat, round, passes, ...draft }: OwnDraft): StitchPattern => ({
  ...draft,
  family: 'own',
  flat: rowsTyped(flat),
  round: rowsTyped(round),
  least: 1,
  beside: { flat: 0, round: 0 },
  ...(passes === 2 ? { passes } : {}),
})

/** A pattern as a draft that can be changed, under an id and a name of its own. */
export const draftOf = (pattern: StitchPattern, id: string, name: string): OwnDraft => {
  const {
    multiple,
    offset,
    flat,
    round,
    notes,
    side,
    unit,
    perRepeat,
    passes = 1,
    roundOffset = 0,
  } = pattern
  return {
    ...{ id, name, multiple, offset, roundOffset, notes, side, unit, perRepeat, passes },
    flat: flat ? typedRows(flat) : '',
    round: round ? typedRows(round) : '',
    special: pattern.special,
  }
}

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
    [one.multiple, one.offset, one.roundOffset].every(
      (n) => Number.isInteger(n) && n >= 0 && n <= 200,
    ) &&
    one.multiple > 0 &&
    ['RS', 'WS', 'any'].includes(one.side) &&
    (one.unit === null || (isText(one.unit, 30) && one.unit.length > 0)) &&
    [one.perRepeat, one.passes].every((n) => Number.isInteger(n) && n > 0 && n <= 200) &&
    one.passes <= 2 &&
    isText(one.special, 2000)
  )
}

const FIELDS = ['id', 'name', 'multiple', 'offset', 'flat', 'round'] as const

function fromJson(text: string): Drafts {
  try {
    const file = JSON.parse(text) as { format?: unknown; patterns?: unknown }
    const list =
      file.format === 'ample-motif-stitches' && Array.isArray(file.patterns) ? file.patterns : []
    // What an older file does not say is as usual.
    const whole = list.map((one: unknown) =>
      typeof one === 'object' && one !== null ? { ...usualDraft, ...one } : one,
    )
    const own = (one: OwnDraft) =>
      Object.fromEntries(
        [...FIELDS, ...Object.keys(usualDraft)].map((field) => [field, one[field as 'id']]),
      ) as unknown as OwnDraft
    return found(whole.filter(isDraft).slice(0, MOST).map(own))
  } catch {
    return { drafts: [], problem: 'That file is not a file of stitch patterns.' }
  }
}

export const draftsJson = (patterns: readonly OwnDraft[]): string =>
  JSON.stringify({ format: 'ample-motif-stitches', version: 2, patterns }, null, 1)

/** What a text says of a pattern beside its rows, each on a line of its own. */
const saidOf = ({ side, unit, perRepeat, passes, roundOffset }: OwnDraft): string[] => [
  ...(roundOffset === 0 ? [] : [`In the round: + ${roundOffset}`]),
  ...(side === 'any' ? [] : [`Raised from: ${side}`]),
  ...(unit === null ? [] : [`Counted in: ${perRepeat} ${unit}`]),
  ...(passes === 2 ? ['Two passes'] : []),
]

/** Patterns as text: a name, its multiple, its rows and rounds, and notes, with a line between patterns. */
export const draftsText = (patterns: readonly OwnDraft[]): string =>
  patterns
    .map((draft) => {
      const { name, multiple, offset, flat, round, notes, special } = draft
      return [
        name,
        `Multiple of ${multiple}${offset > 0 ? ` + ${offset}` : ''}`,
        ...saidOf(draft),
        ...(flat ? ['Flat:', ...numbered(flat, 'Row')] : []),
        ...(round ? ['In the round:', ...numbered(round, 'Rnd')] : []),
        ...(special ? ['Special stitches:', special] : []),
        ...(notes ? ['Notes:', notes] : []),
      ].join('\n')
    })
    .join(BETWEEN)
    .concat('\n')

function numbered(rows: string, label: string): string[] {
  let number = 0
  return rows
    .split('\n')
    .map((row) => row.trim())
    .filter(Boolean)
    .map((row) => (isHeading(row) ? row : `${label} ${++number}: ${row}`))
}

const SECTION = /^(?:(flat|rows)|(in the round|rounds)|(special(?: stitches)?)|(notes?))\s*:\s*$/i
const RAISED = /^raised from\s*:\s*(RS|WS)$/i
const COUNTED = /^counted in\s*:\s*(?:(\d{1,3})\s+)?(.{1,30})$/i
const AROUND = /^in the round\s*:\s*\+\s*(\d{1,3})$/i
const PASSES = /^two passes$/i
const ROW = /^(?:rows?|(rnds?|rounds?))\s*\d+\s*[:.)-]\s*(.+)$/i
const MULTIPLE = /^multiple\s*(?:of|:)?\s*(\d+)(?:[^\d+]*?(?:\+|plus|and)\s*(\d+))?/i

/** One pattern of a text; null when it has no name, no multiple or no rows. */
function fromBlock(block: string, id: string): OwnDraft | null {
  const [name, ...lines] = block.split('\n').map((line) => line.trim())
  const list = (): string[] => []
  const kept = { flat: list(), round: list(), special: list(), notes: list() }
  const said: { -readonly [Key in keyof OwnDraft]?: OwnDraft[Key] } = {}
  let multiple: RegExpExecArray | null = null
  let section: keyof typeof kept = 'flat'
  for (const line of lines.filter(Boolean)) {
    const [heading, flat, round, special] = SECTION.exec(line) ?? []
    if (heading) {
      section = flat ? 'flat' : round ? 'round' : special ? 'special' : 'notes'
      continue
    }
    const inRows = section === 'flat' || section === 'round'
    const row = ROW.exec(line)
    const asked = MULTIPLE.exec(line)
    const [raised, counted, around] = [RAISED, COUNTED, AROUND].map((said) => said.exec(line))
    if (row && inRows) kept[row[1] ? 'round' : section].push(row[2]!)
    else if (asked && !multiple) multiple = asked
    else if (inRows && raised) said.side = raised[1]!.toUpperCase() as 'RS' | 'WS'
    else if (inRows && counted) [said.perRepeat, said.unit] = [Number(counted[1] ?? 1), counted[2]!]
    else if (inRows && PASSES.test(line)) said.passes = 2
    else if (around) said.roundOffset = Number(around[1])
    else kept[section].push(line)
  }
  const draft = {
    id,
    name: (name ?? '').replace(/^#+\s*/, '').slice(0, 60),
    multiple: Number(multiple?.[1] ?? 0),
    offset: Number(multiple?.[2] ?? 0),
    flat: kept.flat.join('\n'),
    round: kept.round.join('\n'),
    ...{ ...usualDraft, ...said },
    notes: kept.notes.join('\n'),
    special: kept.special.join('\n'),
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
