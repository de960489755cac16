import { Lines, Many, OneOf, OrNull, Pattern, Several, Text, Whole } from '../document/index.ts'
import { ontos, type Onto, work } from '../program/index.ts'
import { Letter, LIMITS, Section } from '../part/index.ts'
import { isStitchId, stitchById } from '../stitch/index.ts'
import { type Band, usual, within } from './band.ts'
import {
  firstCountedOn,
  isMaimed,
  comeOutOn,
  halfOf,
  type CountedRow,
  countedFault,
  countsOf,
  leftOn,
  ontoRows,
  rowProgram,
  WrittenRow,
} from './counted-rows.ts'
import { edgedRow } from './edged.ts'

/** One yarn of those a texture is worked in, row by row. */
export class TextureYarn {
  @Letter() readonly yarn!: string
  /** Rows before the next one has its turn. */
  @Whole(1, LIMITS.rounds) readonly rounds!: number
  /** The letter of its rows that it stands for: 0 for A. Those of one letter take turns in its rows. */
  @Whole(0, 25) readonly slot!: number
}

/** A row of a texture. Its runs are in A, which stands for the first of its yarns, B for the second, and so on. */
export class TextureRow extends WrittenRow {
  @OneOf(ontos) readonly onto!: Onto
  /** The side it is worked from, where that is not the one of all raised rows. */
  @OrNull() @OneOf(['RS', 'WS']) readonly side!: 'RS' | 'WS' | null
}

/** A stitch pattern, row upon row. */
export class TexturePart extends Section {
  @OneOf(['texture']) readonly kind!: 'texture'
  /** The id of the pattern in the drawer, or of one's own. */
  @Pattern(/^[A-Za-z0-9_-]{1,60}$/, 'the id of a stitch pattern') readonly pattern!: string
  /** Rows that begin it, once; those that repeat; and those it ends with once its repeats are whole. */
  @Several(() => TextureRow, LIMITS.writtenRows) readonly begin!: readonly TextureRow[]
  @Many(() => TextureRow, LIMITS.writtenRows) readonly repeat!: readonly TextureRow[]
  @Several(() => TextureRow, LIMITS.writtenRows) readonly end!: readonly TextureRow[]
  /** Row of its repeat that comes first, from 0. */
  @Whole(0, LIMITS.writtenRows) readonly from!: number
  @Whole(1, LIMITS.rounds) readonly rounds!: number
  /** Yarns in turn; where its rows are in several, one for each of those. */
  @Many(() => TextureYarn, LIMITS.stripes) readonly yarns!: readonly TextureYarn[]
  /** The side its raised rows are worked from; all the same to it where it has none. */
  @OneOf(['RS', 'WS', 'any']) readonly side!: 'RS' | 'WS' | 'any'
  /** What its repeats are counted as. */
  @OrNull() @Text(30) readonly unit!: string | null
  /** Plain stitches more at each edge than its rows say. */
  @Whole(0, LIMITS.edge) readonly edge!: number
  /** What is said of it beside its rows, line by line: special stitches, hints, cautions; in US terms. */
  @Lines(LIMITS.notes) readonly notes!: string
  /** Ways along each of its rows. */
  @Whole(1, 2) readonly passes!: 1 | 2
}

/** Rows of a texture, each with the field it is of and its place there. */
interface Unrolled {
  readonly rows: readonly TextureRow[]
  readonly fields: readonly (readonly [field: 'begin' | 'repeat' | 'end', at: number])[]
  /** Every row of the band is there, since a repeat leaves another count than it stands on. */
  readonly whole: boolean
}

function unroll(
  part: TexturePart,
  repeats: number,
  ends = part.end.length,
): Omit<Unrolled, 'whole'> {
  const { edge, from } = part
  const fields = (['begin', 'repeat', 'end'] as const).flatMap((field) => {
    const { length } = part[field]
    const many = field === 'repeat' ? repeats : field === 'end' ? ends : length
    const first = field === 'repeat' ? from : 0
    return Array.from({ length: many }, (_, i) => [field, (first + i) % length] as const)
  })
  const own = new Map<TextureRow, TextureRow>()
  const rows = fields.map(([field, at]) => {
    const row = part[field][at]!
    const edged = own.get(row) ?? edgedRow(row, edge) ?? row
    own.set(row, edged)
    return edged
  })
  return { rows, fields }
}

/**
 * Its rows until they come again: what begins it, its repeat twice, since the first time it stands on other rows, and what ends it. Where
 * a repeat grows or shrinks, each time is another: then all of them are there.
 */
const all = new WeakMap<TexturePart, Unrolled>()
function unrolled(part: TexturePart): Unrolled {
  const known = all.get(part)
  if (known) return known
  const { begin, repeat, end, rounds } = part
  const twice = { ...unroll(part, 2 * repeat.length), whole: false }
  const left = twice.rows.some(isMaimed) ? [] : leftOn(twice.rows, firstCountedOn(twice.rows))
  const again = begin.length + repeat.length
  const stays = repeat.every((_, i) => left[begin.length + i] === left[again + i])
  const ends = beyondRepeats(part) === 0 ? end.length : 0
  const isLonger = rounds - begin.length - ends > 2 * repeat.length
  const found =
    stays || left.length < twice.rows.length || !isLonger
      ? twice
      : { ...unroll(part, rounds - begin.length - ends, ends), whole: true }
  all.set(part, found)
  return found
}
const rowsOf = (part: TexturePart): readonly TextureRow[] => unrolled(part).rows

type Length = Pick<TexturePart, 'begin' | 'repeat' | 'end' | 'rounds'>
/** Rows it has beyond whole repeats: with none of them it ends as it should. */
export function beyondRepeats({ begin, repeat, end, rounds }: Length): number {
  const between = rounds - begin.length - end.length
  return between < 0 ? rounds : between % repeat.length
}

/** The place in those rows of row i of the band, from 0. */
function placeOf(part: TexturePart, i: number): number {
  if (unrolled(part).whole) return i
  const { begin, repeat, end, rounds } = part
  const last = end.length > 0 && beyondRepeats(part) === 0 ? rounds - end.length : rounds
  if (i >= last) return begin.length + 2 * repeat.length + i - last
  const once = begin.length + repeat.length
  return i < once ? i : once + ((i - begin.length) % repeat.length)
}

/** Row i of the band. */
const rowAt = (part: TexturePart, i: number): TextureRow => rowsOf(part)[placeOf(part, i)]!

/** Whether a row has stitches that stand out from the others on one side. */
export const isRaised = ({ runs }: WrittenRow, ground: string): boolean =>
  runs.some(({ stitch }) => {
    const { recipe, family, height, of, loop } = stitchById(stitch.replace(/-beside$/, ''))
    if (loop) return loop.stands === 'off'
    const post = /^[fb]p/.test(stitch)
    // A tall stitch between short ones folds, and stands out as well.
    const folds = ground === 'sc' && family === 'basic' && of === 'tr' && height > 2
    return (recipe !== undefined && !post && family === 'raised') || folds
  })

/** Units that are seen by a stitch of another name. */
const UNIT_STITCH: Readonly<Record<string, string>> = { pebble: 'tr', cable: 'fptr' }

/** Whether a row has the unit of its pattern: the stitch of that name, loops, or (of groups) anything but one stitch all the way. */
function hasUnit(row: WrittenRow, unit: string): boolean {
  const of = UNIT_STITCH[unit] ?? unit
  const stitches = row.runs.map(({ stitch }) => stitch.replace(/-beside$/, ''))
  if (isStitchId(of)) return stitches.includes(of)
  if (unit === 'loop') return stitches.some((id) => id === 'ch' || stitchById(id).unit === 'loop')
  return !isPlain(row)
}

/** Whether all that stands out in a row can be pushed through to the other side. */
const isPushed = ({ runs }: WrittenRow): boolean =>
  runs.some(({ stitch }) => stitchById(stitch).pushes) &&
  runs.every(({ stitch }) => stitchById(stitch).family !== 'raised' || stitchById(stitch).pushes)

/** Whether its rows are the same worked from either side: one stitch all the way. */
const turnsAlike = (part: TexturePart): boolean => rowsOf(part).every(isPlain)

/** Whether some of its rounds begin further along than the join: slip stitches lead there. */
const leadsOn = (part: TexturePart): boolean =>
  part.repeat.some(({ text }) => /^sl st in next (?:\d+ sts|st),/.test(text))

/** Whether a row is one plain stitch in each. */
const isPlain = ({ runs }: WrittenRow): boolean => {
  const [first] = runs
  const { uses, makes } = stitchById(first!.stitch)
  return runs.every(({ stitch }) => stitch === first!.stitch) && uses === 1 && makes === 1
}

/** Whether its rows take plain stitches more at their edges. */
export const takesEdges = ({
  begin,
  repeat,
  end,
}: Pick<TexturePart, 'begin' | 'repeat' | 'end'>): boolean =>
  [...begin, ...repeat, ...end].every((row) => edgedRow(row, 1) !== null)

/** The letters that stand for its yarns, where its rows are in several; else it has only one. */
const slots = new WeakMap<readonly TextureRow[], readonly string[]>()
export function slotsOf(part: TexturePart): readonly string[] {
  const rows = rowsOf(part)
  const known = slots.get(rows)
  if (known) return known
  const found = [...new Set(rows.flatMap(({ runs }) => runs.map(({ yarn }) => yarn)))].sort()
  slots.set(rows, found)
  return found
}

/** The yarn whose turn it is, of those that take turns, after so many rows. */
function turnOf(yarns: readonly TextureYarn[], after: number): string {
  let at = after % yarns.reduce((sum, { rounds }) => sum + rounds, 0)
  for (const { yarn, rounds } of yarns) {
    if (at < rounds) return yarn
    at -= rounds
  }
  return yarns[0]!.yarn
}

/** The yarns that take turns in the rows of one letter; the others' where it has none. */
export const turnsOf = ({ yarns }: Pick<TexturePart, 'yarns'>, slot: number): TextureYarn[] => {
  const own = yarns.filter((yarn) => yarn.slot === slot)
  return own.length > 0 ? own : [yarns[slot % yarns.length]!]
}

/** The yarns of each row of a band, by the letters that work in it. */
const inTurns = new WeakMap<TexturePart, readonly ReadonlyMap<string, string>[]>()
export function yarnsByRow(part: TexturePart): readonly ReadonlyMap<string, string>[] {
  const known = inTurns.get(part)
  if (known) return known
  const turns = new Map(slotsOf(part).map((slot, i) => [slot, turnsOf(part, i)]))
  const worked = new Map<string, number>()
  const found = Array.from({ length: part.rounds }, (_, i) => {
    const own = new Set(rowAt(part, i).runs.map(({ yarn }) => yarn))
    const yarns = new Map<string, string>()
    for (const slot of own) {
      const after = worked.get(slot) ?? 0
      yarns.set(slot, turnOf(turns.get(slot)!, after))
      worked.set(slot, after + 1)
    }
    return yarns
  })
  inTurns.set(part, found)
  return found
}

/** The yarn that a letter of row i stands for. */
const yarnOf = (part: TexturePart, i: number, slot: string): string =>
  yarnsByRow(part)[i]!.get(slot)!

/** Row i of the band in its yarns. */
function inYarns(part: TexturePart, i: number): CountedRow {
  const row = rowAt(part, i)
  return { ...row, runs: row.runs.map((run) => ({ ...run, yarn: yarnOf(part, i, run.yarn) })) }
}

/** Whether the rows of a letter go on in the band from row i on, in the same yarn. */
function goesOn(part: TexturePart, from: number, slot: string): boolean {
  const own = yarnOf(part, from - 1, slot)
  for (let i = from; i < part.rounds; i++)
    if (rowAt(part, i).runs.some(({ yarn }) => yarn === slot)) return yarnOf(part, i, slot) === own
  return false
}

/** A stitch pattern over any count it comes out on; elsewhere its rows are plain until one is found. */
export const texture: Band<TexturePart> = {
  ...usual,
  document: TexturePart,
  title: 'Texture …',
  heading: 'Texture on',
  begin: ({ stitch, letters, count }) => ({
    kind: 'texture',
    name: 'Ribs',
    making: null,
    stitch,
    pattern: 'rib',
    begin: [],
    repeat: [
      {
        text: `${stitchById(stitch).abbr.us} in back loop of each st`,
        runs: [{ stitch, yarn: letters[0]!, count: 1 }],
        repeat: { from: 0, to: 1, times: Math.max(1, count) },
        ...{ onto: 'below', side: null, from: null, down: [] },
      },
    ],
    end: [],
    from: 0,
    rounds: 4,
    yarns: [{ yarn: letters[0]!, rounds: 1, slot: 0 }],
    side: 'any',
    unit: null,
    edge: 0,
    passes: 1,
    notes: '',
  }),
  rounds: ({ rounds }) => rounds,
  withRounds: (_, wanted) => ({ rounds: within(wanted, 1, LIMITS.rounds) }),
  stretched: () => null,
  yarns: (part) => [
    ...new Set(
      Array.from({ length: part.rounds }, (_, i) =>
        rowAt(part, i).runs.map(({ yarn }) => yarnOf(part, i, yarn)),
      ).flat(),
    ),
  ],
  withYarn: ({ yarns }, from, to) => ({
    yarns: yarns.map((one) => (one.yarn === from ? { ...one, yarn: to } : one)),
  }),
  lastYarn: (part) => inYarns(part, part.rounds - 1).runs.at(-1)!.yarn,
  gaugeYarn: (part) =>
    new Set(part.yarns.map(({ yarn }) => yarn)).size === 1 ? part.yarns[0]!.yarn : null,
  fabric: ({ pattern, name }) => ({ key: `texture-${pattern}`, name }),
  counts: (part) => countsOf(rowsOf(part)),
  standsOn: (part, count) => comeOutOn(rowsOf(part), count),
  leaves: (part, count) =>
    comeOutOn(rowsOf(part), count)
      ? leftOn(rowsOf(part), count)[placeOf(part, part.rounds - 1)]!
      : count,
  faults: (part, say) => {
    if (part.edge > 0 && !takesEdges(part)) say('edge', 'must be 0: its rows take no more of them')
    const fault = countedFault(rowsOf(part))
    if (!fault) return
    const [field, row] = unrolled(part).fields[fault.row]!
    say(`${field}[${row}]${fault.field && `.${fault.field}`}`, fault.message)
  },
  size: ({ begin, repeat, end }) => ({
    cells: 0,
    runs: [...begin, ...repeat, ...end].reduce((sum, { runs }) => sum + runs.length, 0),
  }),
  *rows(part, { count }) {
    const fits = comeOutOn(rowsOf(part), count)
    // Rows that are alike are one program, so that they are laid once.
    const programs = new Map<string, ReturnType<typeof rowProgram>>()
    for (let i = 0; i < part.rounds; i++) {
      const row = inYarns(part, i)
      const yarn = row.runs[0]!.yarn
      const key = fits ? `${placeOf(part, i)} ${[...yarnsByRow(part)[i]!.values()].join('')}` : yarn
      const program =
        programs.get(key) ??
        (fits
          ? rowProgram(row, part.unit && hasUnit(row, part.unit) ? part.unit : undefined)
          : [work(part.stitch, 'fits', { yarn })])
      programs.set(key, program)
      yield program
    }
  },
  wants: (part, row, count) => {
    if (!comeOutOn(rowsOf(part), count)) return {}
    const { side, stitch } = part
    const at = rowAt(part, row - 1)
    // What ends rows of two passes goes over them once.
    const passes = part.passes === 2 && !part.end.includes(at) ? 2 : 1
    // What is drawn up on the hook has its face to the one who works.
    const faced = passes === 2 || isRaised(at, stitch)
    const faces = at.side ?? (side !== 'any' && faced ? side : null)
    // Which of them works goes by what its letter stands for, though both be of one yarn.
    const own = ontoRows([at])[0]!
    const next = row < part.rounds ? ontoRows([rowAt(part, row)])[0]! : own
    return {
      ...(faces ? { [at.side === null && isPushed(at) ? 'sideIfTurned' : 'side']: faces } : {}),
      ...(passes === 2 ? { passes } : {}),
      ...(at.runs.every((run) => stitchById(run.stitch).backward) ? { stays: true } : {}),
      ...(turnsAlike(part) ? {} : { fromRight: true }),
      ...(leadsOn(part) ? { joins: true } : {}),
      ...(at.onto === 'below' ? {} : { onto: own }),
      ...(at.onto === 'own' && next.yarn !== own.yarn && goesOn(part, row, own.yarn)
        ? { held: true }
        : {}),
    }
  },
  texts: (part, count) =>
    comeOutOn(rowsOf(part), count)
      ? Array.from({ length: part.rounds }, (_, i) => rowAt(part, i).text)
      : null,
  startBySchool: true,
  saysStitches: true,
  notes: ({ notes }) => notes.split('\n').filter(Boolean),
  stopsMidway: (part) => {
    const beyond = part.end.length > 0 ? beyondRepeats(part) : 0
    return beyond > 0 ? { beyond, repeat: part.repeat.length } : null
  },
  endsAsItDoes: (part) =>
    rowAt(part, part.rounds - 1).text === (part.end.at(-1) ?? part.repeat.at(-1)!).text,
  half: (part) => halfOf(rowsOf(part)[0]!),
  symbols: (part) => {
    const { begin, repeat, end, from, side, passes } = part
    const said = (rows: readonly TextureRow[]) =>
      rows.map((row) => ({
        ...{ text: row.text, onto: row.onto, side: row.side },
        yarn: row.runs[0]!.yarn,
      }))
    return {
      begin: said(begin),
      rows: said([...repeat.slice(from), ...repeat.slice(0, from)]),
      end: said(beyondRepeats(part) === 0 ? end : []),
      ...{ side, passes },
    }
  },
  lookFor: (part) =>
    [...part.begin, ...part.repeat, ...part.end].some(isPushed)
      ? 'what stands out does so on the right side, all of it; push out what does not'
      : null,
}
