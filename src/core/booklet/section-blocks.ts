import { bandOf } from '../band/index.ts'
import { bandsIn } from '../design/index.ts'
import { eachBlock, type LedgerPart, type Piece } from '../ledger/index.ts'
import type { Block, WorkLine } from '../paper/index.ts'
import { lineLabel, type PatternLine, type PatternSection } from '../pattern/index.ts'
import { counted, listed } from '../units/index.ts'
import { compiledOf, type Printed } from './bag.ts'
import { largerBy } from './choices.ts'
import { chartBlocks } from './chart-blocks.ts'
import { type ChartPicture, chartPictures } from './chart-picture.ts'
import { type Checkpoint, checkpointsOf } from '../make/index.ts'
import type { Choices } from './choices.ts'
import { sketchOf } from './sketch.ts'
import { maybeSymbolDrawing } from './symbol-drawing.ts'

/* A part of a piece: where it is, its chart, its rows, and where one stops. */

/** Rows of one line from this many on get one box for all of them. */
const MOST_TICKS = 300

export function sectionBlocks(printed: Printed, piece: Piece, section: PatternSection): Block[] {
  const { choices, design } = printed
  const part = piece.parts.find(({ id }) => id === section.part)!
  const charts = choices.shows === 'words' ? [] : chartsOf(printed, piece, part)
  const fromChart = choices.shows === 'charts' && charts.length > 0
  const band = design.pieces.flatMap(bandsIn).find(({ id }) => id === part.id)
  const look = band ? bandOf(band).lookFor(band, piece.worked) : null
  const picture = pictureOf(printed, part)
  const markers = picture ? markerWords(piece, picture) : ''
  const said = [section.intro, ...section.notes, markers].filter(Boolean)
  return [
    {
      is: 'beside',
      leads: true,
      columns: [
        {
          share: 7.5,
          blocks: [
            {
              ...{ is: 'heading', level: 2, text: section.name, id: section.part },
              ...yarnsAside(printed, piece, part),
            },
            ...said.map((text): Block => ({ is: 'words', said: text, tone: 'quiet' })),
            ...(look
              ? [
                  {
                    is: 'words' as const,
                    said: [
                      { text: 'Look', bold: true as const },
                      { text: ` after the first repeat: ${look}.` },
                    ],
                  },
                ]
              : []),
          ],
        },
        { share: 1, blocks: [whereBlock(printed, piece, part)] },
      ],
    },
    ...charts,
    {
      is: 'work',
      lines: linesOf(
        section.lines,
        checkpointsOf(printed, piece).filter(
          ({ row }) => row >= part.firstRow && row < part.endRow,
        ),
        choices,
        {
          piece,
          fromChart,
        },
      ),
    },
  ]
}

/** The yarns a part is worked in, as they come; nothing where the bag has but one. */
function yarnsAside(
  { derived: { ledger } }: Printed,
  piece: Piece,
  { firstRow, endRow }: LedgerPart,
): { readonly aside?: string } {
  if (ledger.yarns.length < 2) return {}
  const used = new Set<string>()
  for (let row = firstRow; row < endRow; row++)
    eachBlock(piece, row, (from, to) => {
      for (let i = from; i < to; i++) used.add(ledger.yarns[piece.columns.runYarn[i]!]!)
    })
  return { aside: `in ${listed([...used])}` }
}

const pictureOf = ({ design, derived, words }: Printed, part: LedgerPart): ChartPicture | null =>
  chartPictures(design, derived.ledger, words.hand).find((one) => one.part.id === part.id) ?? null

/** Its chart, or its rows in symbols. */
function chartsOf(printed: Printed, piece: Piece, place: LedgerPart): Block[] {
  const picture = pictureOf(printed, place)
  if (picture) return chartBlocks(printed, picture)
  const part = printed.design.pieces.flatMap(bandsIn).find(({ id }) => id === place.id)
  const symbols = part && maybeSymbolDrawing(part, piece, place, printed.words.hand)
  if (!symbols) return []
  return [
    {
      is: 'figure',
      ...{
        drawing: symbols.drawing,
        scale: 0.72 * largerBy(printed.choices),
        least: 0.5 * largerBy(printed.choices),
        leads: true,
      },
      alt: `${place.name} in symbols, as it is worked`,
      caption: `In symbols, over a few repeats; broken lines part them. ${symbols.rows < place.endRow - place.firstRow ? `The first ${counted(symbols.rows, 'row')} of ${place.endRow - place.firstRow}; the lines below say how they go on.` : ''}`,
    },
  ]
}

/** Where markers help: where each repeat begins. */
function markerWords(piece: Piece, { frame, repeats }: ChartPicture): string {
  if (repeats < 2 || repeats > 12 || piece.worked !== 'rounds') return ''
  const width = frame[1] - frame[0]
  const after = Array.from({ length: repeats - 1 }, (_, i) => String((i + 1) * width))
  return `Put a marker after ${after.length > 1 ? 'stitches' : 'stitch'} ${listed(after)}, where a repeat ends, and move them up as you go.`
}

/** The bag with this part of it filled in. */
function whereBlock(printed: Printed, piece: Piece, part: LedgerPart): Block {
  const { name, firstRow, endRow } = part
  const below = piece.parts.filter((one) => one.endRow > one.firstRow && one.endRow <= firstRow)
  const { derived, words } = printed
  const at = derived.ledger.pieces.indexOf(piece)
  const { width, height, paths } = sketchOf(compiledOf(printed), {
    ...{ hand: words.hand, most: 50 },
    shown: [{ piece: at, from: firstRow, to: endRow }],
  })
  return {
    ...{
      is: 'figure',
      scale: 0.9,
      alt:
        below.length > 0 ? `${name} stands on ${below.at(-1)!.name}` : `${name} is where it begins`,
    },
    drawing: { width, height, title: name, paths, texts: [] },
  }
}

/** Lines of work, parted where one stops. */
function linesOf(
  lines: readonly PatternLine[],
  checks: readonly Checkpoint[],
  choices: Choices,
  { piece, fromChart }: { readonly piece: Piece; readonly fromChart: boolean },
): WorkLine[] {
  const numbered = checks.map(({ row, text }) => ({ number: piece.columns.number[row]!, text }))
  return lines
    .flatMap((line) => partedAt(line, numbered))
    .map((line): WorkLine => ({
      label: lineLabel(line),
      before: line.note ? [line.note] : [],
      text: fromChart ? 'as the chart has it' : line.text,
      total: line.total,
      after: numbered
        .filter(({ number }) => number >= line.from && number <= line.to)
        .map(({ text }) => text),
      ticks: ticksOf(line, choices),
    }))
}

/** A line of rows that are alike, in stretches that end where one stops. */
function partedAt(
  line: PatternLine,
  checks: readonly { readonly number: number }[],
): PatternLine[] {
  if (/^repeat /.test(line.text)) return [line]
  const ends = checks
    .map(({ number }) => number)
    .filter((number) => number >= line.from && number < line.to)
  let from = line.from
  return [...ends, line.to].map((to, i) => {
    const own = { ...line, from, to, note: i === 0 ? line.note : null }
    from = to + 1
    return own
  })
}

function ticksOf({ from, to }: PatternLine, { ticks }: Choices): string[] {
  if (ticks === 'none') return []
  const many = to - from + 1
  if (ticks === 'lines' || many === 1 || many > MOST_TICKS) return ['']
  return Array.from({ length: many }, (_, i) => String(from + i))
}
