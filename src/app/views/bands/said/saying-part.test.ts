import { standsOn } from '../../../../core/ledger/index.ts'
import { bodyOf, compile } from '../../../../core/ledger/index.ts'
import { baseOf, bandsOf, type Design } from '../../../../core/design/index.ts'
import { defaultWords } from '../../../../core/stitch/index.ts'
import { baseAs, motif, plain, stripes, tote } from '../../../../core/testing/tote.ts'
import * as says from '../chart-kinds/says.ts'
import { plainKind } from '../chart-kinds/chart-kind.ts'
import { oftenWords, readOut, rowsSaid } from '@app/parts/said/said.ts'
import { partSaid } from './saying-part.ts'

const kinds = {
  plain: { ...plainKind, says: says.plainSays as typeof plainKind.says },
  stripes: { ...plainKind, says: says.stripesSays as typeof plainKind.says },
  tapestry: { ...plainKind, says: says.tapestrySays as typeof plainKind.says },
}

/** What is said of the base and of each band of a bag. */
function said(design: Design): string[] {
  const piece = bodyOf(compile(design))
  return [baseOf(design), ...bandsOf(design)].map((part) => {
    const place = piece.parts.find(({ id }) => id === part.id)!
    const { firstRow, endRow } = place
    const about = {
      ...{ design, worked: piece.worked, words: defaultWords, ownPiece: undefined },
      ...{ rows: [firstRow, endRow] as const, count: standsOn(piece, place) },
      makes: piece.columns.makes[endRow - 1]!,
    }
    return readOut(partSaid(part, kinds[part.kind as 'plain'] ?? plainKind, about))
  })
}

describe('a part as a sentence', () => {
  // A base of 48, a motif of 6 × 4, two rounds that add 2, stripes of 3.
  it('says what is decided, as one would say it', () => {
    const design = tote({
      parts: [
        baseAs('round-base', { count: 48 }),
        motif({ id: 'm' }),
        plain({ id: 'p', rounds: 2, adjust: 2 }),
        stripes({ id: 's' }),
      ],
    })
    const [base, motifSaid, plainSaid, stripesSaid] = said(design)
    expect(base).toMatch(/^Round in sc, .+, 48 stitches after 8 rounds\.$/)
    expect(motifSaid).toMatch(
      /^Tapestry in sc, \d+ × \d+, (?:\d+ times|once|twice) around, (?:once|twice|\d+ times) up, side by side; \d yarns?, at most \d in a round; in a spiral like the bag\.$/,
    )
    expect(plainSaid).toMatch(
      /, 2 rounds, adding 2 stitches in the last; in a spiral like the bag\.$/,
    )
    expect(stripesSaid).toMatch(/^Stripes in sc, \d+ rounds: (?:\d+ [A-Z](?:, )?)+/)
  })
  it('says rows of what is flat, and what does not come out', () => {
    const chart = { width: 7, colours: ['AAAAAAA', 'ABABABA'] }
    const design = tote({
      parts: [baseAs('panel', { count: 30 }), motif({ id: 'm', chart, times: 1 })],
    })
    const [, flat] = said(design)
    expect(flat).toContain('7 × 2, 4 times across and 2 left over, once up')
    expect(flat).toContain('in a row; turned like the bag.')
    expect(flat).not.toContain('round')
  })
  it('names its rows, and how often', () => {
    expect(rowsSaid({ rows: [31, 57], worked: 'rounds' })).toBe('rounds 32–57')
    expect(rowsSaid({ rows: [3, 4], worked: 'rows' })).toBe('row 4')
    expect(rowsSaid({ rows: [3, 3], worked: 'rows' })).toBe('')
    expect([1, 2, 5].map(oftenWords)).toEqual(['once', 'twice', '5 times'])
  })
})

describe('yarns that take turns in a mosaic', () => {
  it.each([
    ['AB', 'A and B in turn'],
    ['ABAB', 'A and B in turn'],
    ['ABCABC', 'A, B and C in turn'],
    ['ABABCDCD', 'A and B, then C and D in turn'],
    ['AABB', 'A and B in turn'],
    ['ABABCBCBDB', 'A and B, then C and B, then D and B in turn'],
    ['ABCDACBD', '4 pairs of yarns in turn'],
  ])('%s', (rows, words) => expect(says.turnsWords([...rows])).toBe(words))
})
