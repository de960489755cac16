import {
  chainCounts,
  chainsBelow,
  chainsFor,
  type Ledger,
  onlyYarn,
  partOfRow,
  type Piece,
  runsOfRow,
  startCounts,
  startingChainOf,
  startOfRow,
} from '../ledger/index.ts'
import { ends, type RowStart, starts } from '../program/index.ts'
import { abbrOf, isStitchId, stitchById, type Words } from '../stitch/index.ts'
import { inUkTerms, ontoWords } from '../terms/index.ts'
import { capital } from './finish.ts'
import { type FirstRow, firstRows, writtenAcross } from './first-rows.ts'
import { ownStart, startedBy, type StartsBy } from './own-starts.ts'
import { inRuns, wholeRow } from './runs-text.ts'
import { afterStart, openingWords, type RowContext } from './starts.ts'

/** A row in words, without its number. */
export interface RowWords {
  /** What is made before it, as a chain to begin in; null for most. */
  readonly setup: string | null
  readonly text: string
}

/** One row in words: "with A, [5 sc, inc] × 6"; what is made before it stands first. */
export function rowText(ledger: Ledger, piece: Piece, row: number, words: Words): string {
  const { setup, text } = rowWords(ledger, piece, row, words)
  if (setup === null) return text
  const lower = (all: string, first: string) => `, ${first.toLowerCase()}`
  return `${setup[0]!.toLowerCase()}${setup.slice(1, -1).replace(/\. ([A-Z])/g, lower)}, ${text}`
}

/** One row in words, and what is made before it. */
export function rowWords(ledger: Ledger, piece: Piece, row: number, words: Words): RowWords {
  const start = starts[piece.columns.start[row]!]!
  const context: RowContext = {
    ...{ ledger, piece, row, words },
    runs: runsOfRow(ledger, piece, row),
    way: piece.worked === 'rounds' ? 'around' : 'across',
    counts: start !== 'spiral' && startCounts(ledger, piece, row),
  }
  const several = onlyYarn(piece, row) === null
  const colour = colourWords(ledger, piece, row)
  const { texts, firstRow } = partOfRow(piece, row)
  const first: FirstRow | undefined = firstRows[start]?.(context, several)
  // A row that says its ring itself needs no other.
  const ringed = texts !== null && /\bring\b/.test(texts[row - firstRow] ?? '')
  const setup = ringed ? null : (first?.setup ?? null)
  const body = texts ? asWritten(context, start) : (first?.text ?? laterRow(context, several))
  const said = texts && /^\s*(?:with|using|in|join)\b/i.test(body) ? '' : colour
  return {
    setup: setup && `${said && 'With '}${said}${said ? setup : capital(setup)}`,
    text: `${ontoText(context)}${setup === null && said ? `with ${said}` : ''}${body}${ending(context, body)}`,
  }
}

/** "working into round 4, ": where a row goes that is not worked into the one below. */
function ontoText({ piece, row }: RowContext): string {
  const { onto, also, number } = piece.columns
  const into = [onto[row]!, also[row]!].filter((at) => at >= 0)
  if (row === 0 || (into.length === 1 && into[0] === row - 1)) return ''
  return into.length === 0
    ? ''
    : ontoWords(
        piece.worked === 'rows' ? 'Row' : 'Rnd',
        into.map((at) => number[at]!),
      )
}

/** "A, ": the yarn of a row in one colour, where the row before was not all in it; nothing in a bag of one. */
function colourWords({ yarns }: Ledger, piece: Piece, row: number): string {
  const yarn = onlyYarn(piece, row)
  if (yarns.length < 2 || (yarn === null && row > 0)) return ''
  // What is joined anew is named.
  const anew = starts[piece.columns.start[row]!] === 'afresh'
  if (row > 0 && !anew && onlyYarn(piece, row - 1) === yarn) return ''
  return `${yarns[yarn ?? piece.columns.runYarn[0]!]!}, `
}

/** A round that ends in a half loop is closed by it. */
const JOINED =
  /\bhalf loop(?:, sk \d+ sts?)?$|\bjoin\b|\b(?:sl st|ss) (?:in|to) (?!(?:next|each|same)\b)/i

/** How a row ends. */
function ending({ piece, row, words, way, counts, ledger }: RowContext, body: string): string {
  const end = ends[piece.columns.end[row]!]!
  const start = starts[piece.columns.start[row]!]!
  if (end === 'held') return ', put the loop on a marker and leave it'
  const last = row === piece.rows - 1
  const joins = end === 'join' || start === 'chain' || start === 'turn'
  const slip = abbrOf(stitchById('sl-st'), words)
  const own = partOfRow(piece, row).texts !== null
  const chained =
    counts && start !== 'other-side' && startOfRow(ledger, piece, row) === 'chain'
      ? startingChainOf(ledger, piece, row)
      : null
  // What a row says it begins with is what it is joined to.
  const said = own ? ownStart(body) : null
  const top = own ? (said?.counts ? said.chains : null) : chained
  const closes =
    way === 'around' && joins && !JOINED.test(body.replace(LEAD, ''))
      ? `, ${slip} ${top === null ? 'to join' : `in top of ch ${top}`}`
      : ''
  const cuts = end === 'fasten-off' && !last && !/\bfasten off$/i.test(body)
  return closes + (cuts ? ', fasten off' : '')
}

/** What "each" is, in a row that goes into every place: chains are named where there are some. */
const eachPlace = ({ ledger, piece, row }: RowContext): string =>
  chainsBelow(ledger, piece, row) ? 'st and ch' : 'st'

/** A row on another one: its start, and what is worked. */
function laterRow(context: RowContext, several: boolean): string {
  const { runs, words, way, counts, piece, row } = context
  const spiral = starts[piece.columns.start[row]!] === 'spiral'
  const opening = spiral ? '' : openingWords(context, counts && several ? ` ${runs[0]!.yarn}` : '')
  return [
    opening,
    counts
      ? afterStart(runs, words, several, `remaining ${eachPlace(context)} ${way}`)
      : (wholeRow(runs, words, `${eachPlace(context)} ${way}`) ?? inRuns(runs, words, several)),
  ]
    .filter(Boolean)
    .join(', ')
}

const SPIRAL = ends.indexOf('spiral')

/** A chain of its own at the start of a row. */
const OWN_CHAIN = /^((?:(?:sl st|ss) [^,(]*, )*ch \d+(?: [A-Z])?(?: \([^)]*\))?), /i
const SAYS_START =
  /^\s*(?:(?:change|switch) to [^,.]*[,.] )?(?:(?:with|using) [^,]*, )?(?:(?:beginning|starting) [^,]*, )?(?:turn\b|(?:\d+ )?ch(?:ain)?\b|sl st\b|ss\b|standing\b|stacked\b|(?:re)?join\b)/i

/** A row as it was written, with its start where it does not say one itself. */
function asWritten(context: RowContext, start: RowStart): string {
  const { piece, row, words, ledger } = context
  const { texts, firstRow, startBySchool } = partOfRow(piece, row)
  const given = texts![row - firstRow]!
  // What she wrote herself stays as it is, but that a spiral has no start.
  const bySchool = start !== 'across' && (startBySchool || start === 'spiral')
  const text = bySchool ? startedBy(given, schoolOf(context, start)) : given
  const said = words.terms === 'uk' ? inUkTerms(text) : text
  if (start === 'across') return writtenAcross(context, said)
  if (start === 'spiral') return said
  const turned = start === 'turn' && !/\bturn/i.test(said)
  // In a ring of chain joined rounds start as any; a spiral does not.
  const startless = row === 0 && (start !== 'chain-ring' || piece.columns.end[0] === SPIRAL)
  if (startless || SAYS_START.test(text))
    return !turned
      ? said
      : /^(?:standing|stacked)\b/.test(said)
        ? `turn, ${said}`
        : said.replace(OWN_CHAIN, '$1, turn, ')
  const chains = startingChainOf(ledger, piece, row)
  const turn = start === 'turn' ? ', turn' : ''
  // Its yarn and where it begins come first.
  const [lead] = LEAD.exec(said)!
  return `${lead}ch ${chains}${chains > 1 ? ' (does not count as a st)' : ''}${turn}, ${said.slice(lead.length)}`
}
const LEAD =
  /^(?:(?:with|using|in) [^,;]{1,30}, )?(?:(?:join(?:ing)?|beginning|starting) [^,;]*, )?/i

/** How a written row starts by the school of its part. */
function schoolOf({ ledger, piece, row }: RowContext, start: RowStart): StartsBy {
  const { making } = partOfRow(piece, row)
  const stitchOf = (word: string) => (isStitchId(word) ? stitchById(word) : null)
  return {
    way: start === 'spiral' ? 'spiral' : startOfRow(ledger, piece, row),
    counts: (word) => {
      const stitch = stitchOf(word)
      return stitch === null || chainCounts(making, stitch)
    },
    chains: (word) => {
      const stitch = stitchOf(word)
      return stitch && chainsFor(making, stitch)
    },
  }
}
