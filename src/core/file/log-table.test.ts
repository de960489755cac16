import MarkdownIt from 'markdown-it'
import Papa from 'papaparse'
import { bodyOf, compile, rowMade } from '../ledger/index.ts'
import { entryWords, type LogWords, placeWords } from '../make/index.ts'
import type { LogEntry } from '../project/index.ts'
import { tote } from '../testing/tote.ts'
import { logCsv, logMarkdown } from './index.ts'

const design = tote()
const ledger = compile(design)
const words: LogWords = { ledger, yarns: design.yarns, units: 'metric' }
const at = '2026-11-30T14:05:20.000Z'
const after = { at, piece: 'bag', copy: 1, row: 'base:2' } as const
const log: LogEntry[] = [
  { ...rowMade(ledger, bodyOf(ledger), 0), at, seconds: 25 },
  { ...rowMade(ledger, bodyOf(ledger), 1), at },
  { kind: 'paused', ...after, stitches: 4 },
  { kind: 'counted', ...after, count: 12, planned: 12, then: 'right', why: null },
  {
    kind: 'counted',
    ...after,
    count: 11,
    planned: 12,
    then: 'next row',
    why: 'A place was passed over.',
  },
  { kind: 'measured', ...after, what: 'wide', mm: 62, plannedMm: 60 },
  { kind: 'supplied', ...after, yarn: 'B', how: 'lent', grams: -20 },
  { kind: 'noted', ...after, about: 'note', text: '=HYPERLINK("x")\nand *more*' },
  { kind: 'weighed', at, piece: 'bag', row: 'base:2', yarn: 'A', grams: 41.5 },
  { kind: 'weighed', at, piece: 'bag', row: 'base:2', yarn: 'A', grams: null },
  { kind: 'ripped', how: 'ripped', ...after, row: 'base:1', stitches: 3 },
  { kind: 'ripped', how: 'noted too early', ...after, row: null, stitches: 0 },
  { kind: 'photo', ...after, photo: 'p1', text: 'The disc' },
]

describe('the log in words', () => {
  it('says what each entry says, by hand', () => {
    expect(log.map((entry) => entryWords(entry, words))).toEqual([
      'Round 1: 6 stitches',
      'Round 2: 12 stitches',
      'Laid down after round 2, with 4 of the next worked',
      'Round 2: 12, as planned',
      'Round 2: 11 where 12 are planned, made up for in the next. A place was passed over.',
      '6.2 cm wide after round 2, planned 6.0 cm',
      'Brass: 20 g lent',
      '=HYPERLINK("x")\nand *more*',
      'Drum blue: 41.5 g left after round 2',
      'The weighing of Drum blue after round 2 is taken back',
      'Ripped back to round 1 and 3 of the next',
      'Back to the beginning',
      'Photo after round 2: The disc',
    ])
  })
  it('says where in the work it was, also of what is gone', () => {
    expect(placeWords(words, { piece: 'bag', row: null })).toBe('the beginning')
    expect(placeWords(words, { piece: 'gone', row: 'x:1' })).toBe(
      'a piece that is not there any more',
    )
    expect(placeWords(words, { piece: 'bag', row: 'gone:7' })).toBe(
      'round 7 of a part that is gone',
    )
  })
  it('is a table that a spreadsheet reads and does not run', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(logCsv(log, words), {
      header: true,
    })
    expect(errors).toEqual([])
    expect(data).toHaveLength(log.length)
    expect(data[0]).toMatchObject({ kind: 'Rounds and rows', place: 'round 1', seconds: '25', at })
    expect(data[4]).toMatchObject({ counted: '11', planned: '12' })
    expect(data[8]).toMatchObject({ yarn: 'A', grams: '41.5' })
    expect(data[7]!['text']).toMatch(/^'=HYPERLINK/)
  })
  it('is Markdown of which nothing is a mark that was none', () => {
    const text = logMarkdown('My *first* bag', log, words)
    const html = new MarkdownIt().render(text)
    expect(html).toContain('<h1>Log of My *first* bag</h1>')
    expect(html).toContain('<h2>2026-11-30</h2>')
    expect(html.match(/<li>/g)).toHaveLength(log.length)
    expect(html).toContain('and *more*')
    expect(html).not.toContain('<em>')
  })
})
