import type { CountedRow, WrittenRow, WrittenRun } from '../band/index.ts'
import { ontoOf, type OntoRow } from '../program/index.ts'
import type { BaseRound, BaseRun } from '../shape/index.ts'
import { LIMITS } from '../part/index.ts'
import { type Made, ontoIn } from '../notation/index.ts'
import { ontoWords } from '../terms/index.ts'
import { isStitchId, stitchById } from '../stitch/index.ts'
import { found, refused, type Result, writable } from '../units/index.ts'
import { checkPattern, problemText } from '../check/index.ts'
import type { CheckedRow } from '../check/index.ts'
import { splitTotal } from '../check/index.ts'
import { withRepeats } from './repeats-of-rows.ts'

/* Checked rows as rows of a bag: what each works, run by run, so that it counts, and takes its yarn. */

/** Words that are one of the dictionary's stitches under another name; yarn and height are theirs. */
const KNOWN: Readonly<Record<string, string>> = {
  'sl st': 'sl-st',
  ss: 'sl-st',
  dtr: 'tr',
  ldc: 'dc',
  fsc: 'sc',
  fhdc: 'hdc',
  fdc: 'dc',
  'puff st': 'puff',
  pc: 'popcorn',
  cl: 'cluster',
  'v-st': 'dc',
  'pull up a loop': 'drawn-loop',
}
const COMPOUND = /^\d+-(\w+) (cluster|cl|bobble|popcorn|pc|puff|shell|fan)/

/** The dictionary's stitch for a word; the ground where it has none of that name. */
export function stitchOfWord(word: string, ground: string): string {
  const loop = / ([bf])lo$/.exec(word)?.[1]
  const plain = word.replace(/ [bft]lo$/, '')
  if (plain === 'start' || plain === 'inc' || plain === 'dec') return ground
  const [, inner, what] = COMPOUND.exec(plain) ?? []
  const name = inner ? (/shell|fan/.test(what!) ? inner : what!) : plain.replace(/\d+tog$/, '')
  const id = KNOWN[name] ?? name.replaceAll(' ', '-')
  const inLoop = loop ? `${id}-${loop}lo` : id
  return [inLoop, id].find(isStitchId) ?? ground
}

const beside = (id: string): string => {
  const plain = id.replace(/-[bf]lo$/, '')
  return isStitchId(`${plain}-beside`) ? `${plain}-beside` : 'sc-beside'
}

/** What a starting chain stands for: a stitch as the next one, where that is a plain one. */
function startOf(made: readonly Made[], ground: string): string {
  const stitch =
    made
      .filter(({ word }) => word !== 'start' && word !== 'ch')
      .map(({ word }) => stitchOfWord(word, ground))
      .find((id) => stitchById(id).uses > 0) ?? ground
  return ['basic', 'looped'].includes(stitchById(stitch).family) && !stitchById(stitch).loop
    ? stitch
    : ground
}

export interface RowYarns {
  readonly ground: string
  /** The yarn the row begins in. */
  readonly yarn: string
  /** The letter for a yarn as the row says it. */
  readonly letterOf: (said: string) => string
}

/**
 * The runs of a row: every place below it taken up or passed over, and every one it leaves.
 * @param available places of the row below
 */
export function runsOfMade(
  made: readonly Made[],
  available: number,
  { ground, yarn: first, letterOf }: RowYarns,
  extras: NonNullable<CheckedRow['extras']> = [],
): WrittenRun[] {
  const runs: { stitch: string; yarn: string; count: number }[] = []
  let yarn = first
  const work = (stitch: string, count = 1) => {
    const last = runs.at(-1)
    if (count < 1) return
    if (last?.stitch === stitch && last.yarn === yarn) last.count += count
    else runs.push({ stitch, yarn, count })
  }
  let at = 0
  const standOff = (after: number) => {
    for (const { word, at: place } of extras)
      if (place === after && isStitchId(stitchOfWord(word, ''))) work(stitchOfWord(word, ''))
  }
  for (const [i, { word, yarn: said, into }] of made.entries()) {
    standOff(i)
    if (said !== null) yarn = letterOf(said)
    if (word === 'ch') {
      work('ch')
      continue
    }
    const stitch = word === 'start' ? startOf(made.slice(i), ground) : stitchOfWord(word, ground)
    if (!into || into.to <= at) {
      work(stitchById(stitch).uses === 0 ? stitch : beside(stitch))
      continue
    }
    work('skip', into.from - at)
    const wide = into.to - Math.max(at, into.from)
    const together = `${stitch}2tog`
    const uses = stitchById(stitch).uses
    if (wide >= 2 && uses === 1 && /tog|^dec/.test(word) && isStitchId(together)) {
      work('skip', wide - 2)
      work(together)
    } else {
      work('skip', wide - uses)
      work(wide >= uses ? stitch : beside(stitch))
    }
    at = into.to
  }
  standOff(made.length)
  work('skip', available - at)
  return runs
}

/** Whether a checked row can stand in a bag: it adds up, or at least counts, over what is below it. */
export const countsOver = (row: CheckedRow, count: number): boolean =>
  row.made !== undefined && row.makes !== null && row.makes > 0 && row.available === count

/** What a row says is worked, without its total, on one line. */
export const workOf = (text: string): string =>
  writable(splitTotal(text).work)
    .trim()
    .replace(/[.,;]+$/, '') || writable(text).trim()

/** Why a row that adds up cannot stand in a bag all the same; null when it can. */
function whyNot({ text, makes }: CheckedRow): string | null {
  if (!makes) return 'it works nothing on these stitches.'
  if (makes > LIMITS.rowCount)
    return `it leaves ${makes} stitches; ${LIMITS.rowCount} are the most.`
  const { length } = workOf(text)
  return length > LIMITS.rowText
    ? `it is ${length} characters long; ${LIMITS.rowText} are the most.`
    : null
}

const labels = { rounds: 'Rnd', rows: 'Row' } as const

/** Rounds of a base in shorthand, the first in a ring, counted one on the other; refused in words when they do not add up. */
export function countedBase(
  texts: readonly string[],
  ground: string,
  worked: 'rounds' | 'rows' = 'rounds',
  letterOf: RowYarns['letterOf'] = (said) => (/^[A-Z]$/.test(said) ? said : ''),
): Result<readonly BaseRound[]> {
  // A ring that is made before it is one of chain or of yarn.
  const ring = /\bin (?:the )?ring\b/i.test(texts[0] ?? '') && !/\bmagic|form\b/i.test(texts[0]!)
  const lines = [
    ...(ring ? ['Form a magic ring.'] : []),
    ...texts.map((text, i) => `${labels[worked]} ${i + 1}: ${text.replace(/\s+/g, ' ')}`),
  ]
  const { rows, unread } = checkPattern(lines.join('\n'), { keepMade: true })
  const faulty = rows.find((row) => !row.ok || !row.made || whyNot(row) !== null)
  if (faulty) return refused(`Round ${faulty.row}: ${whyNotIn(faulty)}`)
  if (rows.length !== texts.length || rows.length === 0 || unread.length > 0)
    return refused('One of the rounds could not be read.')
  const [first] = rows
  if (first!.available !== 0)
    return refused('Round 1 goes into a ring, as in “6 sc in magic ring”.')
  // Where no yarn is said it is the one that was said last, or that of the base.
  let yarn = ''
  return found(
    rows.map((row, i) => {
      const yarns = { ground, yarn, letterOf }
      const runs = i === 0 ? inRing(row.made!, yarns) : runsOfMade(row.made!, row.available!, yarns)
      yarn = runs.at(-1)!.yarn
      return {
        text: workOf(row.text),
        runs: runs.map((run) => ({ ...run, yarn: run.yarn || null })),
        from: row.anew,
      }
    }),
  )
}

/** What a first round works into a ring. */
function inRing(
  made: readonly Made[],
  { ground, yarn: first, letterOf }: RowYarns,
): (BaseRun & { readonly yarn: string })[] {
  const runs: (BaseRun & { readonly yarn: string })[] = []
  let yarn = first
  for (const { word, yarn: said } of made) {
    if (said !== null) yarn = letterOf(said)
    const stitch = word === 'ch' ? 'ch' : stitchOfWord(word, ground)
    const last = runs.at(-1)
    if (last?.stitch === stitch && last.yarn === yarn)
      runs[runs.length - 1] = { ...last, count: last.count + 1 }
    else runs.push({ stitch, yarn, count: 1 })
  }
  return runs
}

/** What is wrong with a row that cannot stand in a bag. */
function whyNotIn(row: CheckedRow): string {
  const [problem] = row.problems
  return problem ? problemText(problem, 'us').message : (whyNot(row) ?? 'it could not be counted.')
}

/** A checked row as a row of a bag. */
export const writtenRow = (row: CheckedRow, yarns: RowYarns): WrittenRow => ({
  text: workOf(ontoIn(row.text)?.work.trim() ?? row.text),
  runs: runsOfMade(row.made!, row.available!, yarns, row.extras),
  repeat: null,
  from: row.anew,
  down: row.row === null ? [] : row.onto.map((number) => row.row! - number),
})

/** What rows stand on: rows in words, and how many there are. */
export interface StandsOn {
  readonly text: string
  readonly rows: number
}

/** One row of single crochet, so many stitches wide. */
export const onStitches = (count: number, worked: 'rounds' | 'rows'): StandsOn => ({
  text:
    worked === 'rounds'
      ? `Ch ${count}, sl st in first ch to form a ring.\nRnd 1: sc in each ch around`
      : `Ch ${count + 1}.\nRow 1: sc in 2nd ch from hook and in each ch across`,
  rows: 1,
})

/** Multiples that a row shows by what each of its repeats takes. */
const multiplesOf = ({ through }: CheckedRow): number[] =>
  through.slice(1).map(({ done }, i) => done - through[i]!.done)

/**
 * Rows in shorthand counted over so many stitches, with their repeats; refused in words when they do not add up.
 */
export function countedRows(
  texts: readonly string[],
  count: number,
  worked: 'rounds' | 'rows',
  yarns: RowYarns,
  { stack, multiple, below }: CountedHow = {},
): Result<readonly CountedRow[]> {
  const once = (on: number) => {
    const standsOn = below ? below(on) : undefined
    return standsOn === null
      ? refused(`What lies below cannot be worked on ${on}.`)
      : countedOnce(texts, on, worked, yarns, stack, standsOn)
  }
  const counted = once(count)
  if (!counted.ok) return counted
  const { rows, multiples } = counted.value
  // Each row may have a multiple of its own: that of all of them shows what repeats in each.
  const seen = multiple === undefined ? multiples : [multiple, ...multiples]
  return found(
    withRepeats(rows, count, seen, (on) => {
      const again = once(on)
      return again.ok ? found(again.value.rows) : again
    }),
  )
}

/** What is known of rows beside their words. */
export interface CountedHow {
  /** What each goes into, and the yarn it begins in. */
  readonly stack?: readonly OntoRow[]
  /** The multiple of all of them. */
  readonly multiple?: number
  /** What they stand on, on so many; null where nothing does. One row of single crochet where it is not said. */
  readonly below?: (count: number) => StandsOn | null
}

/** Rows as they were counted, and the multiples they show. */
export interface CountedOnce {
  readonly rows: readonly CountedRow[]
  readonly multiples: readonly number[]
  /** Places each of them leaves. */
  readonly left: readonly number[]
}

/** Rows counted as they are over so many stitches; refused in words at the first that does not add up. */
export function countedOnce(
  texts: readonly string[],
  count: number,
  worked: 'rounds' | 'rows',
  yarns: RowYarns,
  stack?: readonly OntoRow[],
  standsOn = onStitches(count, worked),
): Result<CountedOnce> {
  const label = labels[worked]
  const first = standsOn.rows + 1
  const into = (i: number) =>
    stack && stack[i]!.onto !== 'below'
      ? ontoWords(
          label,
          ontoOf(stack, i).map((at) => at + first),
        )
      : ''
  const lines = texts.map(
    (text, i) => `${label} ${i + first}: ${into(i)}${text.replace(/\s+/g, ' ')}`,
  )
  const { rows, unread } = checkPattern([standsOn.text, ...lines].join('\n'), { keepMade: true })
  const own = rows.slice(-texts.length)
  const numberOf = ({ row }: CheckedRow) => row! - first + 1
  if (own.length !== texts.length || unread.length > 0 || own[0]!.row !== first)
    return refused('One of the rows could not be read.')
  const faulty = own.find(({ ok, made }) => !ok || !made)
  if (faulty) return refused(`Row ${numberOf(faulty)}: ${whyNotIn(faulty)}`)
  for (const row of own) {
    const why = whyNot(row)
    if (why) return refused(`Row ${numberOf(row)}: ${why}`)
  }
  const last = { yarn: yarns.yarn }
  const all = own.map((row, i) => {
    const yarn = stack?.[i]!.yarn ?? last.yarn
    const written = writtenRow(row, { ...yarns, yarn })
    last.yarn = written.runs.at(-1)?.yarn ?? last.yarn
    return stack ? { ...written, text: texts[i]!, onto: stack[i]!.onto } : written
  })
  const left = own.map(({ makes }) => makes!)
  return found({ rows: all, multiples: own.flatMap(multiplesOf), left })
}
