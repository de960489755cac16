import type { TexturePart, TextureRow } from '../band/index.ts'
import { designFaults } from '../design/index.ts'
import { compile } from '../ledger/index.ts'
import { historyOf, printProject, projectOf, readProject, tryCommit } from '../project/index.ts'
import { base, plain, tote } from '../testing/tote.ts'

/* Textures whose rows do not leave what they stand on, and rows that go into others which are not there. */

const row = (
  text: string,
  runs: TextureRow['runs'],
  over: Partial<TextureRow> = {},
): TextureRow => ({
  ...{ text, runs, repeat: { from: 0, to: runs.length, times: 48 }, onto: 'below' },
  ...{ side: null, from: null, down: [] },
  ...over,
})
const texture = (rounds: number, over: Partial<TexturePart>) =>
  tote({
    parts: [
      base({ count: 48 }),
      plain({ rounds: 1 }),
      {
        ...({
          kind: 'texture',
          id: 't',
          name: 'Ruffle',
          making: null,
          stitch: 'sc',
          notes: '',
        } as const),
        ...{ pattern: 'own', begin: [], end: [], from: 0, rounds, side: 'any', unit: null },
        ...{ edge: 0, passes: 1, yarns: [{ yarn: 'A', rounds: 1, slot: 0 }], repeat: [] },
        ...over,
      } as TexturePart,
    ],
  })
const three = row('3 sc in each st', [{ stitch: 'sc-3in1', yarn: 'A', count: 1 }])
const two = row('2 sc in each st', [{ stitch: 'sc-2in1', yarn: 'A', count: 1 }])
const half = row('sc2tog around', [{ stitch: 'sc2tog', yarn: 'A', count: 1 }], {
  repeat: { from: 0, to: 1, times: 48 },
})
const sc = row('sc in each st', [{ stitch: 'sc', yarn: 'A', count: 1 }])
const makes = (rounds: number, over: Partial<TexturePart>) =>
  [...compile(texture(rounds, over)).pieces[0]!.columns.makes].slice(-rounds)

describe('a texture that grows', () => {
  it.each([
    // Three in each: 48, 144, 432, 1296, 3888.
    [4, { repeat: [three] }, [144, 432, 1296, 3888]],
    [3, { repeat: [three] }, [144, 432, 1296]],
    // Doubled once a repeat, over a plain row.
    [7, { repeat: [two, sc] }, [96, 96, 192, 192, 384, 384, 768]],
    // It grows and comes back: as often as one likes.
    [6, { repeat: [two, half] }, [96, 48, 96, 48, 96, 48]],
    // What ends it stands on what the last repeat left.
    [4, { repeat: [two], end: [sc] }, [96, 192, 384, 384]],
  ] as const)('over %i rounds of %j leaves what it leaves', (rounds, over, left) => {
    expect(makes(rounds, over as Partial<TexturePart>)).toEqual(left)
  })

  it('past what a round can have is refused where it does so, in files as in edits', () => {
    const where = 'pieces[0].parts[2].repeat[0]'
    const message = 'leaves more than 4000 stitches on the 3888 below it'
    const tall = texture(12, { repeat: [three] })
    expect(designFaults(tall)).toEqual([{ where, message }])
    expect(readProject(printProject(projectOf(tall)))).toMatchObject({ ok: false })
    const start = historyOf(projectOf(texture(4, { repeat: [three] })))
    const taller = tryCommit(start, { name: 'setRounds', args: { id: 't', rounds: 5 } })
    expect(taller).toMatchObject({ ok: false, problem: [{ where, message }] })
  })

  it('that begins in rows which are not there goes into what it stands on', () => {
    for (const onto of ['both', 'own'] as const)
      expect(makes(2, { repeat: [{ ...sc, onto }] })).toEqual([48, 48])
  })
})
