import type { Design } from '../design/index.ts'
import {
  bodyOf,
  NO_UNIT,
  partOfRow,
  type Piece,
  handlesInRow,
  maybeHandleRow,
  runsOfRow,
  maybeMiddlesCounted,
  nameIn,
  type LedgerItem,
} from '../ledger/index.ts'
import { sides } from '../program/index.ts'
import {
  finishingOf,
  changesOf,
  joinText,
  lineLabel,
  rowText,
  writtenPattern,
  itemText,
} from '../pattern/index.ts'
import { mendText, snagText } from '../snag/index.ts'
import type { Words } from '../stitch/index.ts'
import { weightWords } from '../yarn/index.ts'
import { counted, listed, printLength, printYarnLength, type System } from '../units/index.ts'
import type { Derived, Tally } from './derive.ts'
import { isOpen, sizeWords } from './sizes-said.ts'

/** The plan as data: pieces of rows, joins, tally, snags. Field names and meanings stay. */
export function planReport(design: Design, derived: Derived, words: Words) {
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
    joins: ledger.joins.map((join) => ({ ...join, text: joinText(join, ledger, words) })),
    fittings: [
      ...ledger.pieces.flatMap((piece) => handlesReport(derived, piece, words)),
      ...ledger.items.map((one) => fittingReport(derived, one, words)),
    ],
    paths: ledger.pieces.flatMap((piece, at) =>
      derived.paths[at]!.ways.flatMap((way, i) =>
        way.spans.length > 0 ? [{ piece: piece.id, yarn: ledger.yarns[i]!, ...way }] : [],
      ),
    ),
    tally: {
      ...tally,
      ...sized('around', isOpen(design) ? null : tally.aroundMm, tally.spread.around),
      ...sized('flat', tally.flatMm, tally.spread.around),
      ...sized('height', tally.heightMm > 0 ? tally.heightMm : null, tally.spread.height),
      ...(tally.hangingMm === null ? {} : sized('hanging', tally.hangingMm, tally.spread.height)),
      yarns: needs.map(({ letter, name, metres, low, high, grams, balls, source, parts }) => ({
        ...{ letter, name, metres, low, high, grams, balls, source },
        parts: parts.map(({ part, metres }) => ({ part: nameIn(ledger, part), metres })),
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

/** "give or take 1.5 cm around and 0.7 cm in height"; one panel is so much wider or narrower. */
export function spreadWords(design: Design, tally: Tally, units: System): string {
  const { aroundMm, flatMm, heightMm, spread } = tally
  const [mm, what] = isOpen(design) ? [flatMm, 'across'] : [aroundMm, 'around']
  const high = heightMm > 0 ? ` and ${printLength(heightMm * spread.height, units)} in height` : ''
  return `give or take ${printLength(mm * spread.around, units)} ${what}${high}`
}

/** A size, and at its least and at its most; null where the bag has none. */
const sized = <Of extends string>(of: Of, mm: number | null, spread: number) =>
  ({
    [`${of}Mm`]: mm,
    [`${of}MmLow`]: mm && mm * (1 - spread),
    [`${of}MmHigh`]: mm && mm * (1 + spread),
  }) as Record<`${Of}Mm` | `${Of}MmLow` | `${Of}MmHigh`, number | null>

/** Handles in the edge, which are rows of their piece. */
function handlesReport({ ledger, needs }: Derived, piece: Piece, words: Words) {
  const row = maybeHandleRow(ledger, piece)
  if (row === null) return []
  const part = partOfRow(piece, row)
  const handles = handlesInRow(ledger, piece, row)
  const yarns = needs.flatMap(({ letter, parts }) => {
    const own = parts.find((one) => one.part === part.id)
    return own ? [{ letter, metres: own.metres }] : []
  })
  const number = piece.columns.number[row]!
  return [
    {
      ...{ id: part.id, kind: 'handles' },
      at: handles.map(({ at }) => ({ piece: piece.id, row: number, stitch: at })),
      lengthMm: handles[0]!.chain * part.gauge.stitchWidthMm,
      ...{ yarns, text: rowText(ledger, piece, row, words) },
    },
  ]
}

function fittingReport({ ledger, needs }: Derived, one: LedgerItem, words: Words) {
  const { item, lengthMm, yarns, places } = one
  const metresOf = (letter: string) =>
    needs.find((need) => need.letter === letter)?.parts.find(({ part }) => part === item.id)?.metres
  return {
    ...{ id: item.id, kind: item.kind, lengthMm },
    at: places.flatMap((place) =>
      place
        ? [{ piece: place.piece, row: place.row + 1, stitch: Math.round(2 * place.at) / 2 }]
        : [],
    ),
    yarns: yarns.map(({ letter }) => ({ letter, metres: metresOf(letter) ?? 0 })),
    text: itemText(ledger, item.id, words),
  }
}

function rowReport(derived: Derived, piece: Piece, row: number, words: Words) {
  const { ledger } = derived
  const { columns } = piece
  const unit = columns.unit[row]!
  const numberOf = (at: number) => (at < 0 ? null : columns.number[at]!)
  return {
    n: columns.number[row]!,
    part: partOfRow(piece, row).name,
    side: sides[columns.side[row]!]!,
    uses: columns.uses[row]!,
    makes: columns.makes[row]!,
    unit: unit === NO_UNIT ? null : { name: ledger.units[unit]!, count: columns.unitCount[row]! },
    onto: numberOf(columns.onto[row]!),
    ...(columns.also[row]! < 0 ? {} : { also: numberOf(columns.also[row]!) }),
    runs: runsOfRow(ledger, piece, row),
    changes: changesOf(ledger, piece, row),
    /** Stitches from its start to the middles of front and back; null where it has none. */
    middles: maybeMiddlesCounted(piece, row),
    widthMm: columns.widthMm[row]!,
    heightMm: columns.heightMm[row]!,
    ...(columns.handle[row] ? { handle: true } : {}),
    text: rowText(ledger, piece, row, words),
  }
}

/** The plan as text for people: the written pattern, then the tally. */
export function planText(design: Design, derived: Derived, words: Words): string {
  const { ledger, tally, needs, snags } = derived
  const pattern = writtenPattern(ledger, words).flatMap((piece) => [
    ...(ledger.pieces.length > 1 || piece.times
      ? ['', `${piece.name.toUpperCase()}${piece.times ? ` · ${piece.times}` : ''}`]
      : []),
    ...piece.sections.flatMap((section) => [
      '',
      section.name,
      ...(section.intro ? [section.intro] : []),
      ...section.notes,
      ...section.lines.flatMap((line) => [
        ...(line.note ? [line.note] : []),
        `${lineLabel(line)}: ${line.text} (${line.total})`,
      ]),
    ]),
    '',
    piece.finish,
    ...piece.joins,
  ])
  const used = needs.filter(({ metres }) => metres > 0)
  const yarns = used.map((need) => {
    const { letter, name, low, high, source } = need
    const range = `${printYarnLength(low, words.units)} to ${printYarnLength(high, words.units)}`
    const weight = weightWords(need, need, words.units) ?? 'label not known'
    return `${letter} ${name}: ${range}, ${weight} (${source})`
  })
  const finishing = finishingOf(ledger, words, tally.ends)
  return [
    design.name,
    ...pattern,
    '',
    'FINISHING',
    ...finishing.steps.map(({ name, text }) => `- ${name}: ${text}`),
    ...finishing.cautions.map(({ title, text, of }) => `${title} (${listed(of)}) ${text}`),
    '',
    `${tally.stitches} stitches, ${sizeWords(design, tally, words.units)} (${spreadWords(design, tally, words.units)})`,
    `${tally.rounds} ${bodyOf(ledger).worked}, ${counted(tally.ends, 'end')}, ${counted(tally.changes, 'change')}`,
    ...yarns,
    ...snags.map((snag) => {
      const { title, text } = snagText(snag, words)
      return `${snag.severity}: ${title} ${text}`
    }),
  ].join('\n')
}
