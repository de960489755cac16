import { bandOf } from '@core/band'
import { baseOf, BODY, bodyPiece, type Design, isBase, type Part, yarnByLetter } from '@core/design'
import { constructionOf } from '@core/shape'
import { abbrOf, stitchById, type Words } from '@core/stitch'
import { rowWord } from '@core/terms'
import { counted } from '@core/units'
import type { ChartKind } from '../chart-kinds/chart-kind.ts'
import {
  type About,
  makingWords,
  oftenWords,
  type Said,
  type Word,
  word,
} from '@app/parts/said/said.ts'

const techniqueNames = {
  tapestry: 'Tapestry',
  overlay: 'Overlay mosaic',
  inset: 'Inset mosaic',
} as const

/** What is said of a part beside how it is made. */
interface SaidOf extends About {
  readonly words: Words
  /** Its rows: the first, from 0, and the one after the last; and the stitches of that. */
  readonly rows: readonly [from: number, to: number]
  readonly makes: number
  /** What its base is of, where that is a piece of its own. */
  readonly ownPiece: Design['pieces'][number] | undefined
}

function bandSaid(
  part: Exclude<Part, { growth?: unknown }>,
  kind: ChartKind,
  about: SaidOf,
): readonly Said[] {
  const { design, words, worked } = about
  const band = part as Parameters<ChartKind['says']>[0]
  const rules = bandOf(band)
  const technique = rules.technique(band)
  const ownYarn = 'yarn' in part && typeof part.yarn === 'string' ? part.yarn : null
  return [
    technique ? word('technique', techniqueNames[technique]) : rules.title.replace(' …', ''),
    ...(rules.saysStitches
      ? ['']
      : [' in ', word('stitch', abbrOf(stitchById(part.stitch), words))]),
    ...(ownYarn ? [', ', word('yarn', yarnByLetter(design, ownYarn).name)] : []),
    ', ',
    ...kind.says(band, about),
    '; ',
    part.making
      ? word('making', `${makingWords(part.making, worked)}, in a way of its own`)
      : word('making', `${makingWords(design.making, worked)} like the bag`),
  ]
}

function baseSaid(part: ReturnType<typeof baseOf>, about: SaidOf): readonly Said[] {
  const { design, words, ownPiece, rows, makes, worked } = about
  const stitch = word('stitch', abbrOf(stitchById(part.stitch), words))
  const yarn = word('yarn', yarnByLetter(design, part.yarn).name)
  const turns =
    part.turns.length > 0 ? [', ', word('turns', `${part.turns.length} yarns by turns`)] : []
  if (ownPiece)
    return [
      word('piece-times', `Made ${oftenWords(ownPiece.times)}`),
      ...[' in ', stitch, ', ', yarn, ...turns, ', '],
      word('piece-base', `${counted(makes, 'stitch')}, ${counted(rows[1], rowWord(worked))}`),
      ', ',
      word(
        'piece-joins',
        ownPiece.joins.length === 0 ? 'joined to nothing' : counted(ownPiece.joins.length, 'join'),
      ),
    ]
  const faces = 'faces' in part ? part.faces : null
  const second = 'second' in part && faces !== 'alike' ? part.second : null
  return [
    `${constructionOf(part).name} in `,
    ...[stitch, ', ', yarn, ...turns],
    rows[1] > 0 ? `, ${counted(makes, 'stitch')} after ` : ', its bands begin ',
    word('base-size', rows[1] > 0 ? counted(rows[1], rowWord(worked)) : 'at once in the chain'),
    ...(faces
      ? ['; ', word('faces', faces === 'alike' ? 'the back like the front' : 'the back its own')]
      : []),
    ...(second
      ? [', ', word('second', `${faces ? 'in' : 'and'} ${yarnByLetter(design, second).name}`)]
      : []),
  ]
}

/** What is decided about a part, as a sentence. */
export const partSaid = (part: Part, kind: ChartKind, about: SaidOf): readonly Said[] => [
  ...(isBase(part) ? baseSaid(part, about) : bandSaid(part as never, kind, about)),
  '.',
]
/** What is rare, with the name of what it changes. */
export const partRare = (part: Part, kind: ChartKind, about: About): readonly Word[] =>
  isBase(part)
    ? part.turns.length > 0
      ? []
      : [word('turns', 'Yarns by turns')]
    : (kind.rare?.(part as never, about) ?? [])

/** The piece of her own that a base begins. */
export const ownPieceOf = (design: Design, part: Part) =>
  isBase(part) && part !== bodyPiece(design).parts[0]
    ? design.pieces.find(({ id, parts }) => id !== BODY && parts[0] === part)
    : undefined
