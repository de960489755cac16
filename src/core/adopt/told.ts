import { baseOf, BODY, type Design } from '../design/index.ts'
import { type CheckedRow, checkPattern } from '../check/index.ts'
import { compile } from '../ledger/index.ts'
import { lineLabel, writtenPattern } from '../pattern/index.ts'
import { constructionOf } from '../shape/index.ts'
import { runsOfMade, stitchOfWord, workOf } from '../shorthand/index.ts'
import { defaultWords, stitchById } from '../stitch/index.ts'
import { shortened } from '../units/index.ts'

/*
 * A bag that was made of a text is held against it, row by row: it is printed, its own words are read again, and what they work is laid
 * beside what the text works.
 */

/** What is to be known of a bag before it is taken. */
export interface Told {
  /** The construction it was taken for. */
  readonly as: string
  /** Rows that come out otherwise than they are written. */
  readonly otherwise: readonly string[]
  /** Lines that are no rows, and were not taken over. */
  readonly left: readonly string[]
}

/** The tallest first. */
const GROUNDS = ['tr', 'dc', 'hdc', 'sc'] as const
/** The ground stitch of a row, of those it works; sc when it works none of them. */
export function stitchOf({ made = [] }: CheckedRow, before = 'sc'): string {
  const grounds = new Set(
    made.map(({ word }) => {
      const { family, of } = stitchById(stitchOfWord(word, 'ch'))
      return family === 'basic' ? of : null
    }),
  )
  return GROUNDS.find((ground) => grounds.has(ground)) ?? before
}

/** What a row works, whatever its yarns: its stitches in their order, those that share a place one by one. */
export function worksOf(
  runs: readonly { readonly stitch: string; readonly count: number }[],
): string {
  const works: { stitch: string; count: number }[] = []
  const push = (stitch: string, count: number) => {
    const last = works.at(-1)
    if (last?.stitch === stitch) last.count += count
    else works.push({ stitch, count })
  }
  for (const { stitch: id, count } of runs) {
    const { family, makes } = stitchById(id)
    const ground = id.replace(/-\d+in1$/, '')
    if (family !== 'increase') push(id, count)
    else
      for (let n = 0; n < count; n++) {
        push(ground, 1)
        push(`${ground.replace(/-[bf]lo$/, '')}-beside`, makes - 1)
      }
  }
  return works.map(({ stitch, count }) => `${count} ${stitch}`).join(', ')
}

/** What a row works, place by place, and in which yarns: what two rows that are the same have in common. */
function signatureOf(
  row: CheckedRow,
  before: string,
  ground: string,
  letterOf: (said: string) => string,
) {
  const { made = [], available } = row
  const yarns = { ground, yarn: 'A', letterOf: () => 'A' }
  let yarn = before
  const inYarns = made.map(({ yarn: said }) => (yarn = said === null ? yarn : letterOf(said)))
  const turns = inYarns.filter((one, i) => one !== inYarns[i - 1])
  const works = worksOf(runsOfMade(made, available ?? 0, yarns, row.extras))
  return { same: `${works} in ${turns.join(' ')} leaves ${row.makes}`, yarn }
}

const signaturesOf = (rows: readonly CheckedRow[], letterOf: (said: string) => string) => {
  let [yarn, ground] = ['A', 'sc']
  return rows.map((row) => {
    // An increase is one of the stitch there was.
    ground = stitchOf(row, ground)
    const { same, yarn: next } = signatureOf(row, yarn, ground, letterOf)
    yarn = next
    return same
  })
}

/** The rows of a bag's body as its own words are read. */
function readBack(design: Design): readonly CheckedRow[] {
  const written = writtenPattern(compile(design), defaultWords).find(({ id }) => id === BODY)
  const text = (written?.sections ?? []).flatMap(({ intro, lines }) => [
    intro,
    ...lines.flatMap((line) => [
      ...(line.note ? [line.note] : []),
      `${lineLabel(line)}: ${line.text} (${line.total})`,
    ]),
  ])
  return checkPattern(text.join('\n'), { keepMade: true }).rows
}

const LONG = 90
/** Whether two rows are one in words, but for their totals and how they end. */
const sameWords = (one: string, other: string): boolean => {
  const [a, b] = [one, other].map((text) => workOf(text).toLowerCase())
  return a === b
}

interface FromText {
  readonly text: string
  readonly rows: readonly CheckedRow[]
  readonly letterOf: (said: string) => string
}

/** What of a text a bag has otherwise, or has not. */
export function toldOf(design: Design, { text, rows, letterOf }: FromText): Told {
  const own = readBack(design)
  const [wanted, made] = [signaturesOf(rows, letterOf), signaturesOf(own, (said) => said)]
  const word = rows[0]!.kind === 'round' ? 'Round' : 'Row'
  const otherwise = wanted.flatMap((one, i) => {
    if (one === made[i]) return []
    const said = `${word} ${rows[i]!.row ?? i + 1}: “${shortened(rows[i]!.text, LONG)}”`
    if (own[i] && sameWords(own[i].text, rows[i]!.text))
      return [`${said} is read otherwise without what the text says of its stitches.`]
    return [`${said} is ${own[i] ? `“${shortened(own[i].text, LONG)}”` : 'left out'}.`]
  })
  const more = own.length - wanted.length
  const all = new Set(checkPattern(text).rows.map(({ line }) => line))
  const left = text
    .split('\n')
    .flatMap((line, i) => (all.has(i + 1) || line.trim() === '' ? [] : [line.trim()]))
  return {
    as: constructionOf(baseOf(design)).name,
    otherwise: more > 0 ? [...otherwise, `The bag has ${more} more at its end.`] : otherwise,
    left,
  }
}
