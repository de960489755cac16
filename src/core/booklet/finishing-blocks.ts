import { sizesOf } from '../bag/index.ts'
import { cutWords } from '../fitting/index.ts'
import { bodyOf, type Ledger } from '../ledger/index.ts'
import { box, type Block, type Drawing, inked, label, type Said } from '../paper/index.ts'
import { changesOf, ENDS } from '../pattern/index.ts'
import { listed, printLength } from '../units/index.ts'
import { compiledOf, type Printed } from './bag.ts'
import { largerBy } from './choices.ts'
import { maybeJoinsDrawing, type NumberedJoin } from './joins-drawing.ts'

/* What is done when all rows are worked. */

/** The joins that are sewn, numbered as they come. */
export const numberedJoins = ({ joins }: Ledger): NumberedJoin[] =>
  joins
    .filter(({ kind, count }) => kind !== 'pick-up' && count > 0)
    .map((join, i) => ({ number: i + 1, join }))

export function finishingBlocks(printed: Printed): Block[] {
  const { sheet, choices, derived, words } = printed
  const { ledger } = derived
  const joins = numberedJoins(ledger)
  const drawing = maybeJoinsDrawing(compiledOf(printed), joins, words.hand)
  const { steps, cautions } = sheet.finishing
  return [
    { is: 'heading', level: 1, text: 'Finishing', id: 'finishing' },
    ...(drawing
      ? [
          {
            is: 'figure' as const,
            ...{ drawing, scale: 0.95 * largerBy(choices), least: 0.7 * largerBy(choices) },
            alt: 'Where pieces are joined',
            caption:
              'Where pieces are joined, by the numbers of the seams. A broken ring lies behind.',
          },
        ]
      : []),
    {
      is: 'list',
      by: choices.ticks === 'none' ? 'number' : 'box',
      items: [
        ...blocking(printed),
        ...steps.map(({ key, name, text }): Said => [
          { text: `${name}: `, bold: true },
          { text: key === ENDS ? `${text} ${HOW_ENDS}` : text },
        ]),
      ],
    },
    ...cuttingBlocks(printed),
    ...(cautions.length > 0
      ? [{ is: 'heading' as const, level: 2 as const, text: 'To mind' }]
      : []),
    ...cautions.map(({ title, text, of }): Block => ({
      is: 'words',
      said: [{ text: `${title} `, bold: true }, { text: `${text} (${listed(of)})` }],
    })),
    ...(choices.changes ? changeBlocks(printed) : []),
  ]
}

/** How ends are woven in so that they hold (common practice). */
const HOW_ENDS =
  'Each lies inside in stitches of its own colour, a hand’s width one way and a little back.'

/** How it is brought to its size, where she has said nothing of it herself. */
function blocking({ sheet, derived: { tally }, words: { units }, design }: Printed): Said[] {
  if (sheet.finishing.steps.some(({ name }) => /^block/i.test(name))) return []
  const size = sizesOf(design, tally)
    .filter(({ what }) => what !== 'around')
    .map(({ mm, what }) => `${printLength(mm, units)} ${what}`)
  return [
    [
      { text: 'Block: ', bold: true },
      {
        text: `Wet it as the labels of its yarns allow, pull it to ${listed(size)}, and let it dry before anything is sewn on.`,
      },
    ],
  ]
}

const CUT_WIDE = 340

/** What is cut of cloth or board, small but to scale. */
function cuttingBlocks({ derived, words: { units }, design }: Printed): Block[] {
  const pieces = derived.ledger.items.flatMap(({ cut }) => cut)
  if (pieces.length === 0) return []
  const gap = 10
  const wide = pieces.reduce((sum, { widthMm }) => sum + widthMm, 0)
  const tallest = Math.max(...pieces.map(({ heightMm }) => heightMm))
  const scale = Math.min((CUT_WIDE - gap * pieces.length) / wide, 150 / tallest)
  let x = 2
  const drawn = pieces.map((piece, i) => {
    const own = { x, width: piece.widthMm * scale, height: piece.heightMm * scale, piece, i }
    x += own.width + gap
    return own
  })
  const drawing: Drawing = {
    ...{ width: x, height: tallest * scale + 20, title: `${design.name}: what is cut` },
    paths: drawn.map(({ x: left, width, height }) => ({
      d: box(left, 2, width, height),
      stroke: inked(1.1),
    })),
    texts: drawn.map(({ x: left, width, height, i }) =>
      label(String(i + 1), left + width / 2, 2 + height / 2 + 4, 11, { bold: true }),
    ),
  }
  return [
    { is: 'heading', level: 2, text: 'Cutting plan' },
    {
      ...{ is: 'figure', drawing, scale: 1, alt: 'What is cut, to scale' },
      caption: `${pieces.map((piece, i) => `${i + 1} ${cutWords(piece, units)}`).join('; ')}. The plan in full size is a file of its own.`,
    },
  ]
}

/** Every change of yarn within a row, row by row. */
function changeBlocks({ derived: { ledger } }: Printed): Block[] {
  const facts = ledger.pieces.flatMap((piece) =>
    Array.from({ length: piece.rows }, (_, row) => row).flatMap((row) => {
      const changes = changesOf(ledger, piece, row)
      if (changes.length === 0) return []
      const name = piece === bodyOf(ledger) ? '' : `${piece.name}, `
      return [
        {
          what: `${name}${piece.columns.number[row]}`,
          said: [changes.map(({ after, yarn }) => `${after} ${yarn}`).join(', ')],
        },
      ]
    }),
  )
  if (facts.length === 0) return []
  return [
    { is: 'heading', level: 1, text: 'Changes of yarn' },
    {
      is: 'words',
      said: 'By row or round: after so many stitches finish in that yarn; 0 is before the first.',
      tone: 'quiet',
      leads: true,
    },
    { is: 'facts', facts },
  ]
}
