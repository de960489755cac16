import { isBandOf, type WrittenPart } from '../band/index.ts'
import {
  baseInstead,
  baseOf,
  bodyPiece,
  type Design,
  type Edit,
  isBase,
  lettersIn,
} from '../design/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'

/*
 * Work without a plan: a bag that is written as it is worked. Its base is rounds in words, one after the other; then its sides are rows in
 * words. Each is counted over the one before as it is said, and is a row of the bag like any other, so that at the end there is a pattern.
 */

/** What her rows are kept in, by its name. */
export const FREE = 'As worked'

/** Whether a bag is written as it is worked: its body is rounds in words and nothing else. */
export function isFree(design: Design): boolean {
  const [base, ...rest] = bodyPiece(design).parts
  return (
    isBase(base!) &&
    (constructionOf(base).written?.(base) ?? null) !== null &&
    base.name === FREE_BASE &&
    rest.every((part) => !isBase(part) && isBandOf('written', part) && part.name === FREE)
  )
}
const FREE_BASE = 'Base, as worked'

/** A bag to begin without a plan: so many stitches of one kind in a ring. */
export function freeDesign(
  design: Design,
  { stitch, count }: { readonly stitch: string; readonly count: number },
): Design {
  const base = baseInstead(design, 'written-base') as Extract<BasePart, { kind: 'written-base' }>
  const abbr = abbrOf(stitchById(stitch), { terms: 'us', units: 'metric', hand: 'right' })
  const ring = { text: `${count} ${abbr} in magic ring`, runs: [{ stitch, yarn: null, count }] }
  const first = {
    ...base,
    name: FREE_BASE,
    stitch,
    count,
    rounds: [{ ...ring, from: null }],
    turns: [],
  }
  return {
    ...design,
    pieces: design.pieces.map((piece) =>
      piece === bodyPiece(design) ? { ...piece, parts: [first as BasePart], blocks: [] } : piece,
    ),
    items: [],
    ways: [],
  }
}

/** Its rounds in words, those of the base first. */
export function textsIn(design: Design): string[] {
  const base = baseOf(design)
  const rounds = constructionOf(base).written?.(base) ?? []
  const bands = bodyPiece(design).parts.slice(1) as readonly WrittenPart[]
  return [
    ...rounds.map(({ text }) => text),
    ...bands.flatMap(({ rows }) => rows.map(({ text }) => text)),
  ]
}

/** The yarn a free bag is worked in by now. */
export const yarnInHand = (design: Design): string =>
  lettersIn(bodyPiece(design).parts.at(-1)!).at(-1) ?? design.yarns[0]!.letter

/** The edits that take the last round off a free bag again; none where it has only one. */
export function roundLess(design: Design): readonly Edit[] {
  const top = bodyPiece(design).parts.at(-1)!
  if (isBase(top)) {
    const rounds = constructionOf(top).written?.(top) ?? []
    return rounds.length > 1
      ? [{ name: 'setBase', args: { values: { rounds: rounds.slice(0, -1) } } }]
      : []
  }
  const { id, rows } = top as WrittenPart
  return rows.length > 1
    ? [{ name: 'setPart', args: { id, values: { rows: rows.slice(0, -1) } } }]
    : [{ name: 'removePart', args: { id } }]
}
