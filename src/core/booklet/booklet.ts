import { type Derived, patternSheet } from '../bag/index.ts'
import type { Design } from '../design/index.ts'
import type { Ledger } from '../ledger/index.ts'
import { type Block, pageOf, type Paper } from '../paper/index.ts'
import type { PatternPiece } from '../pattern/index.ts'
import type { Words } from '../stitch/index.ts'
import type { Printed } from './bag.ts'
import type { Choices } from './choices.ts'
import { finishingBlocks, numberedJoins } from './finishing-blocks.ts'
import { firstPage } from './first-page.ts'
import { howToRead } from './how-to-read.ts'
import { sectionBlocks } from './section-blocks.ts'

/** What a booklet is made of. */
export interface BookletOf {
  readonly design: Design
  readonly derived: Derived
  readonly words: Words
  readonly choices: Choices
  /** Pictures of the bag in the round there are: "front", "back". */
  readonly pictures?: readonly string[]
  /** Whether it is for pages; else nothing of it is parted. */
  readonly paged: boolean
}

/** The pattern as it is handed on: every block of it, in the order it is read and worked. Pure. */
export function bookletOf({ paged, pictures = [], ...of }: BookletOf): Paper {
  const { design, derived, words, choices } = of
  const printed: Printed = {
    ...of,
    sheet: patternSheet(design, derived, words),
    pictures: new Set(choices.colour ? pictures : []),
    room: paged ? pageOf(choices.paper).room : null,
  }
  const pieces = printed.sheet.pieces.filter(
    ({ id }) => choices.piece === null || id === choices.piece,
  )
  return {
    name: design.name,
    blocks: [
      ...(choices.piece === null ? firstPage(printed) : title(printed, pieces)),
      ...howToRead(printed),
      ...pieces.flatMap((piece) => pieceBlocks(printed, piece)),
      ...(choices.piece === null ? finishingBlocks(printed) : []),
    ],
  }
}

const title = ({ sheet }: Printed, pieces: readonly PatternPiece[]): Block[] => [
  { is: 'title', text: sheet.name, under: pieces.map(({ name }) => name).join(', ') },
]

/** A piece: its parts, how it ends, and how it is joined to those before it. */
function pieceBlocks(printed: Printed, piece: PatternPiece): Block[] {
  const { ledger } = printed.derived
  const own = ledger.pieces.find(({ id }) => id === piece.id)!
  const several = printed.sheet.pieces.length > 1 || piece.times !== null
  return [
    {
      ...{ is: 'heading', level: 1, text: several ? piece.name : 'The bag', id: piece.id },
      ...(piece.times ? { aside: piece.times } : {}),
    },
    ...piece.sections.flatMap((section) => sectionBlocks(printed, own, section)),
    { is: 'words', said: piece.finish },
    ...joinBlocks(ledger, piece),
  ]
}

/** Its joins, by the numbers they have in the drawing of them all. */
function joinBlocks(ledger: Ledger, { joins, sewn }: PatternPiece): Block[] {
  const numbers = new Map(numberedJoins(ledger).map(({ number, join }) => [join, number]))
  return [
    ...joins
      .filter((text) => !sewn.some((one) => one.text === text))
      .map((said): Block => ({ is: 'words', said })),
    ...sewn.map(({ join, text }): Block => ({
      is: 'words',
      said: [{ text: `${numbers.get(join)}  `, bold: true }, { text }],
    })),
  ]
}
