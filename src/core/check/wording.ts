import { saidBy } from '../terms/index.ts'
import { counted, plural } from '../units/index.ts'
import type { CheckedRow, CheckReport } from './checked.ts'
import type { Mend, Onto, Problem, ProblemFacts } from './problem.ts'

/* The wording catalogue: what each problem says, and what likely puts it right. */

export interface ProblemText {
  readonly message: string
  readonly mends: readonly string[]
}

export type Terms = 'us' | 'uk'

const stitches = (n: number) => counted(n, 'stitch')
const NUMBERS = 'no one two three four five six seven eight nine ten'.split(' ')
const some = (n: number) => NUMBERS[n] ?? String(n)
const are = (n: number) => (n === 1 ? 'is' : 'are')
const there: Readonly<Record<Onto, string>> = {
  row: 'the row before leaves',
  chain: 'the chain has',
}
const quoted = (words: readonly string[]) => words.map((word) => `“${word}”`).join(', ')
const only = (message: string, ...mends: string[]): ProblemText => ({ message, mends })

function remainderText(facts: ProblemFacts['repeat-remainder']): ProblemText {
  const { multiple, repeats, left, available, onto, width, unlike } = facts
  const span = repeats * multiple + left
  const more = multiple - left
  if (unlike)
    return only(
      `The first repeat takes ${unlike.first} of ${onto === 'row' ? 'the row before' : 'the chain'}, each later one ${unlike.later}; after ${some(repeats)} of them ${stitches(left)} ${are(left)} left.`,
      `${some(unlike.later - left)} more ${plural(unlike.later - left, 'stitch')} below, or ${some(left)} fewer`,
      'a first repeat as wide as the others',
    )
  // It could not be worked as often as there is room.
  if (more <= 0)
    return only(
      `Worked ${repeats === 1 ? 'once' : `${some(repeats)} times`} it takes ${repeats * multiple}; ${stitches(left)} of ${onto === 'row' ? 'the row before' : 'the chain'} ${are(left)} left.`,
      'how often it is repeated, or what is worked after it',
    )
  const missing =
    more <= left
      ? `${some(more)} ${plural(more, 'increase')} ${are(more)} missing`
      : `there ${are(left)} ${some(left)} too many`
  return only(
    `${repeats + 1} repeats of ${multiple} need ${(repeats + 1) * multiple + available - span}; ${there[onto]} ${available}: ${missing}${width ? `, or the repeat is ${width}` : ''}.`,
    `${some(more)} more ${plural(more, 'stitch')} below: ${repeats + 1} repeats of ${multiple}`,
    `${some(left)} fewer below: ${repeats} repeats of ${multiple}`,
    ...(width ? [`a repeat of ${width}: ${span / width} times`] : []),
  )
}

/** ", in lines 4, 7 and 9": where it is said. */
function linesSaid(lines: readonly number[]): string {
  if (lines.length === 0) return ''
  const told = lines.slice(0, 6)
  const more = lines.length > told.length ? ' and more' : ''
  return ` (${plural(lines.length, 'line')} ${told.join(', ')}${more})`
}

const MOST_MENDS = 4
const said = saidBy<ProblemFacts, Terms, ProblemText>({
  'total-misstated': ({ made, unit, stated }) => {
    const off = Math.abs(made - stated)
    const which = made > stated ? ['more', 'fewer'] : ['fewer', 'more']
    // Spaces and chains are no increases.
    const isStitch = !/ch|sp|loop|hole/.test(unit)
    return only(
      `It makes ${made}${unit && ` ${unit}`}, not ${stated}: ${some(off)} ${which[0]} than stated.`,
      `a total of ${made}`,
      ...(isStitch ? [`${some(off)} ${plural(off, 'increase')} ${which[1]}`] : []),
    )
  },
  'total-stitches-only': ({ stitches: alone, chains }) =>
    only(
      `${alone} are the stitches alone; with ${some(chains)} ${plural(chains, 'chain')} the row leaves ${alone + chains} places.`,
      `a total of ${alone + chains}`,
    ),
  'unit-unknown': ({ unit, makes }) =>
    only(
      `“${unit}” is not a unit that can be counted here; the row leaves ${makes} places.`,
      `a total of ${makes}`,
    ),
  'repeat-times': ({ times }) =>
    only(
      `${times + 1} in all add up, ${times} do not: it is read as ${times} more times.`,
      `rep from * ${times} more times`,
    ),
  'rows-below': ({ rows, depth }) =>
    only(
      `It goes ${some(rows)} ${plural(rows, 'row')} down, and there ${are(depth)} ${some(depth)} below.`,
      ...(depth > 0 ? [`${some(depth)} ${plural(depth, 'row')} down`] : []),
    ),
  'too-long': ({ rows }) =>
    rows === null
      ? only(
          'It has more stitches than any row, and is not counted to its end.',
          'a smaller number',
        )
      : only(
          `This is longer than is read at once: ${rows} rows were counted, and what follows was not.`,
          'a part of it at a time',
        ),
  'stitches-left': ({ left, onto }) =>
    only(
      `${onto === 'row' ? `${stitches(left)} of the row before` : `${left} ${plural(left, 'chain')}`} ${are(left)} left unworked.`,
      `${some(left)} more ${plural(left, 'stitch')} at the end`,
      'the last stitch is easily forgotten',
    ),
  'stitches-short': ({ available, short }) =>
    only(
      `It runs out here: the row before leaves ${stitches(available)}, and this asks for at least ${some(short)} more.`,
      'fewer stitches here',
      `${some(short)} more in the row before`,
    ),
  'repeat-remainder': remainderText,
  'period-of-two': () =>
    only(
      'Half a repeat is left: the pattern has a period of two, and two alike meet at the join.',
      'an even number of units',
    ),
  'repeats-beginning': ({ row }) =>
    only(
      `It repeats row ${row}, which begins in a chain or ring of its own.`,
      `repeat from row ${row + 1} on`,
    ),
  'halves-unequal': (facts) => {
    if (facts.of === 'seam')
      return only(
        `${facts.count} stitches have no two equal halves, and they are to be sewn together.`,
        'one stitch more or fewer before the seam',
      )
    const { one, other } = facts
    return only(
      facts.of === 'gaps'
        ? `One handle spans ${one}, the other ${other}.`
        : `Between the handles lie ${stitches(one)} on one side and ${other} on the other.`,
      'as many stitches between the handles on both sides',
    )
  },
  numbering: (facts) =>
    'after' in facts
      ? only(`${facts.number} comes after ${facts.after}; ${facts.after + 1} would follow.`)
      : only(`It runs from ${facts.from} to ${facts.to}.`),
  parity: (facts) =>
    'side' in facts
      ? only(`Two ${facts.side} rows follow each other.`)
      : 'times' in facts
        ? only(
            `${facts.times} times ${facts.cycle} ${plural(facts.cycle, 'row')} are ${facts.times * facts.cycle}; here are ${facts.rows}.`,
          )
        : only(
            `${facts.rows} rows of ${facts.cycle.join(', ')} end on row ${facts.endsOn}, not ${facts.said}.`,
            'one row more or fewer',
          ),
  'chain-multiple': (facts) => {
    if ('line' in facts)
      return only(
        `Line ${facts.line}: a chain of ${facts.chains} is not a multiple of ${facts.of}${facts.and ? ` + ${facts.and}` : ''}.`,
      )
    const { chains, skipped, counts, makes, stated } = facts
    const wanted = chains + stated - makes
    return only(
      `A chain of ${chains} with ${some(skipped)} skipped${counts ? ' (they count)' : ''} gives ${makes}; ${stated} takes ${wanted}.`,
      `ch ${wanted}`,
    )
  },
  'starting-chains': ({ counts }) =>
    only(
      `It adds up where starting chains ${counts ? 'count as stitches' : 'do not count as stitches'}; it does not say so.`,
    ),
  'terms-mixed': ({ word, is, beside, lines }) =>
    only(
      `US and UK words are mixed: “${word}” is a ${is.toUpperCase()} word${beside ? `, “${beside}” a ${is === 'uk' ? 'US' : 'UK'} one` : ''}${linesSaid(lines)}.`,
      'one vocabulary throughout',
    ),
  'read-around': () =>
    only(
      'It does not say how often. Worked to the end it adds up.',
      '“repeat to the end” after it',
    ),
  'read-past': ({ words }) => only(`It adds up without what I do not know: ${quoted(words)}.`),
  unread: (facts) =>
    'row' in facts
      ? only(`It repeats row ${facts.row}, which is not there.`)
      : only(
          facts.known
            ? `I do not understand ${quoted(facts.words)} here.`
            : `I do not know ${facts.words.length === 1 && !/\s/.test(facts.words[0]!) ? 'this word' : 'these words'}: ${quoted(facts.words)}.`,
        ),
})

const times = (n: number) => `${some(n)} ${plural(n, 'repeat')}`
const written = ({ written, fit }: NonNullable<Mend['repeats']>): string =>
  `${times(fit)[0]!.toUpperCase()}${times(fit).slice(1)} ${fit === 1 ? 'fits' : 'fit'}, ${some(written)} ${are(written)} written.`

/** A problem in words: what is wrong, and what likely puts it right, the likeliest first. Numbers are the pattern's own. */
export function problemText(problem: Problem, terms: Terms): ProblemText {
  const { code, facts, startingChain, edits = [] } = problem
  const general = said(code, facts, terms)
  const repeats = edits[0]?.repeats
  const [labels, told] = [edits.map(({ label }) => label), new Set(edits.map(({ label }) => label))]
  const text = {
    message: repeats ? `${general.message} ${written(repeats)}` : general.message,
    // What was tried comes before what is guessed.
    mends: [...labels, ...general.mends.filter((mend) => !told.has(mend))].slice(0, MOST_MENDS),
  }
  if (!startingChain) return text
  const { chains, counts } = startingChain
  const mend = `the ch ${chains} ${counts ? 'counts' : 'does not count'} as a stitch: then it adds up`
  return { ...text, mends: [mend, ...text.mends] }
}

/** A problem with its words, as it is shown and sent on. */
export type WordedProblem = Problem & ProblemText
type Worded<Of> = Omit<Of, 'problems'> & { readonly problems: readonly WordedProblem[] }
export type WordedRow = Worded<CheckedRow>
/** A report whose problems are in words. */
export type WordedReport = Omit<Worded<CheckReport>, 'rows'> & {
  readonly rows: readonly WordedRow[]
}

/** A report put in words: in the terms its pattern is in, which its reader reads. */
export function wordedReport(report: CheckReport, terms: Terms = report.terms): WordedReport {
  const worded = <Of extends { readonly problems: readonly Problem[] }>(of: Of): Worded<Of> => ({
    ...of,
    problems: of.problems.map((problem) => ({ ...problem, ...problemText(problem, terms) })),
  })
  return { ...worded(report), rows: report.rows.map(worded) }
}
