import type { RowLine } from './lines.ts'

/*
 * Work from corner to corner is counted in blocks: each row has one more than the one before, as many, or one fewer. How blocks are worked
 * onto one another is not gone into.
 */

const BLOCKS = /^(?:blocks?|tiles?|bl|squares?)$/

/** The blocks a row states; null where it is not counted in them. */
export const blocksOf = ({ said }: Pick<RowLine, 'said'>): number | null =>
  said.length === 1 && BLOCKS.test(said[0]!.unit) ? said[0]!.count : null

/** That a line says what work from corner to corner is, or a block. */
export const saysBlocks = (text: string): boolean =>
  /\b(?:corner[- ]to[- ]corner|c2c)\b/i.test(text) || /^an? (?:block|tile)\b/i.test(text.trim())

/** How many blocks a row can have after so many, by what it says; the first is any. */
export function blocksAfter(before: number | null, text: string, stated: number): number {
  if (before === null) return stated
  const both = /\bdec/i.test(text) && /\binc/i.test(text)
  const ways = both
    ? [0]
    : /\bdec(?:rease|reasing)?\b/i.test(text)
      ? [-1]
      : /\binc(?:rease|reasing)?\b/i.test(text)
        ? [1]
        : /\b(?:even|straight)\b/i.test(text)
          ? [0]
          : [1, 0, -1]
  const near = ways.map((by) => before + by)
  return near.find((count) => count === stated) ?? near[0]!
}
