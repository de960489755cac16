import type { Design } from '../design/index.ts'
import { NO_UNIT, partOfRow, type Piece, runsOfRow, sides } from '../ledger/index.ts'
import { lineLabel, rowText, writtenPattern } from '../pattern/index.ts'
import { mendText, snagText } from '../snag/index.ts'
import type { Words } from '../stitch/index.ts'
import { printLength, printMass, printYarnLength } from '../units/index.ts'
import type { Derived } from './derive.ts'

/** The plan as data: pieces of rows, joins, tally, snags. Field names and meanings stay. */
export function planReport(derived: Derived, words: Words) {
  const { ledger, tally, needs } = derived
  return {
    format: 1,
    pieces: ledger.pieces.map((piece) => ({
      id: piece.id,
      name: piece.name,
      times: piece.times,
      worked: piece.worked,
      rows: Array.from({ length: piece.rows }, (_, row) => rowReport(derived, piece, row, words)),
    })),
    joins: ledger.joins,
    tally: {
      ...tally,
      yarns: needs.map(({ letter, name, metres, low, high, grams, balls, source }) => ({
        letter,
        name,
        metres,
        low,
        high,
        grams,
        balls,
        source,
      })),
    },
    snags: derived.snags.map((snag) => {
      const { title, text } = snagText(snag, words)
      return {
        code: snag.code,
        severity: snag.severity,
        where: snag.where,
        message: `${title} ${text}`,
        mends: snag.mends.map((mend) => mendText(mend, words)),
      }
    }),
  }
}

function rowReport({ ledger }: Derived, piece: Piece, row: number, words: Words) {
  const { columns } = piece
  const unit = columns.unit[row]!
  return {
    n: columns.number[row]!,
    part: partOfRow(piece, row).name,
    side: sides[columns.side[row]!]!,
    uses: columns.uses[row]!,
    makes: columns.makes[row]!,
    unit: unit === NO_UNIT ? null : { name: ledger.units[unit]!, count: columns.unitCount[row]! },
    runs: runsOfRow(ledger, piece, row),
    widthMm: columns.widthMm[row]!,
    heightMm: columns.heightMm[row]!,
    text: rowText(ledger, piece, row, words),
  }
}

/** The plan as text for people: the written pattern, then the tally. */
export function planText(design: Design, derived: Derived, words: Words): string {
  const { ledger, tally, needs, snags } = derived
  const size = (mm: number) => printLength(mm, words.units)
  const pattern = writtenPattern(ledger, words).flatMap((piece) => [
    ...(ledger.pieces.length > 1 || piece.times
      ? ['', `${piece.name.toUpperCase()}${piece.times ? ` · ${piece.times}` : ''}`]
      : []),
    ...piece.sections.flatMap((section) => [
      '',
      section.name,
      ...(section.intro ? [section.intro] : []),
      ...section.lines.flatMap((line) => [
        ...(line.note ? [line.note] : []),
        `${lineLabel(line)}: ${line.text} (${line.count})`,
      ]),
    ]),
    '',
    piece.finish,
    ...piece.joins,
  ])
  const yarns = needs.map(({ letter, name, low, high, grams, balls, source }) => {
    const range = `${printYarnLength(low, words.units)} to ${printYarnLength(high, words.units)}`
    const weight =
      grams === null
        ? ', label not known'
        : `, ${printMass(grams, words.units)}, ${balls} ${balls === 1 ? 'ball' : 'balls'}`
    return `${letter} ${name}: ${range}${weight} (${source})`
  })
  return [
    design.name,
    ...pattern,
    '',
    `${tally.stitches} stitches, ${size(tally.aroundMm)} around, ${size(tally.flatMm)} laid flat, ${size(tally.heightMm)} tall`,
    `${tally.rounds} rounds, ${tally.ends} ends, ${tally.changes} changes`,
    ...yarns,
    ...snags.map((snag) => {
      const { title, text } = snagText(snag, words)
      return `${snag.severity}: ${title} ${text}`
    }),
  ].join('\n')
}
