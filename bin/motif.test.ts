import { partsOf, unknownLot } from '@core/design'
import { PNG } from 'pngjs'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { derive } from '@core/bag'
import { compile, rowMade } from '@core/ledger'
import { type LogEntry, printProject, projectOf } from '../src/core/project/index.ts'
import { base, plain, tote } from '../src/core/testing/tote.ts'

const root = new URL('..', import.meta.url).pathname
const motif = (...words: string[]) => {
  const run = spawnSync(process.execPath, ['bin/motif.mjs', ...words], {
    cwd: root,
    encoding: 'utf8',
  })
  const said = run.stderr.split('\n').filter(Boolean)
  return { exit: run.status, output: run.stdout, said }
}
const folder = mkdtempSync(join(tmpdir(), 'motif-'))
const fileWith = (text: string) => {
  const path = join(folder, `${Math.abs(text.length)}.txt`)
  writeFileSync(path, text)
  return path
}

describe('motif lasts', () => {
  const bag = () => {
    const yarns = tote().yarns.map((yarn) => ({ ...yarn, lots: unknownLot(100) }))
    const parts = [base(), plain({ rounds: 20 }), plain({ id: 'top', stitch: 'dc', rounds: 2 })]
    return fileWith(printProject(projectOf(tote({ yarns, parts }))))
  }

  // By hand: base 216 sc and 4 of 20 rounds of 48; what is left is 20 times that little.
  it('says what a yarn still gives, and is 1 where it does not last', () => {
    const much = motif('lasts', bag(), '--weighed', 'A:60g@12', '--in-hand', 'A:80g')
    expect([much.exit, much.said]).toEqual([0, []])
    expect(much.output).toMatch(/^A Drum blue: 60 g left, .* It lasts\.\n$/)
    const little = motif('lasts', bag(), '--weighed', 'A:20g@12', '--in-hand', 'A:80g', '--json')
    expect(little.exit).toBe(1)
    const { yarns } = JSON.parse(little.output) as { yarns: Record<string, number>[] }
    // 408 sc took 60 g; 16 rounds of 48 and two of 48 dc take 139: change now, since the top takes 25 of the 20 there are.
    expect(yarns).toHaveLength(1)
    expect(yarns[0]).toMatchObject({ letter: 'A', roundsLeft: 0, lastTurn: 12 })
    expect(yarns[0]!.low! <= yarns[0]!.factor! && yarns[0]!.factor! <= yarns[0]!.high!).toBe(true)
  })

  it('says of a bag under way the very same as the page does', () => {
    const yarns = tote().yarns.map((yarn) => ({ ...yarn, lots: unknownLot(100) }))
    const parts = [base(), plain({ rounds: 20 }), plain({ id: 'top', stitch: 'dc', rounds: 2 })]
    const design = tote({ yarns, parts })
    const ledger = compile(design)
    const piece = ledger.pieces[0]!
    const after = { piece: 'bag', copy: 1, row: 'plain:4' } as const
    const log: LogEntry[] = [
      ...Array.from({ length: 12 }, (_, row) => rowMade(ledger, piece, row)),
      { kind: 'supplied', how: 'wound off', yarn: 'A', grams: -15, ...after },
      { kind: 'weighed', piece: 'bag', row: 'plain:4', yarn: 'A', grams: 62 },
      { kind: 'supplied', how: 'joined', yarn: 'A', grams: 50, ...after },
    ]
    const { output } = motif('lasts', fileWith(printProject({ design, log })), '--json')
    const { lasts } = derive({ design, log })
    const known = lasts.filter(({ leftGrams }) => leftGrams !== null)
    expect(known[0]).toMatchObject({ letter: 'A', leftGrams: 112 })
    expect(JSON.parse(output).yarns).toEqual(JSON.parse(JSON.stringify(known)))
  })

  it.each([
    ['no weighing', []],
    ['one that is none', ['--weighed', 'A62@30']],
    ['a round that is not there', ['--weighed', 'A:62g@300']],
    ['a yarn that is not there', ['--weighed', 'Q:62g@10']],
    ['balls without a label', ['--weighed', 'C:1ball@10']],
  ])('ends with 2 and one line for %s', (_, words) => {
    const { exit, output, said } = motif('lasts', bag(), ...words)
    expect([exit, output, said.length]).toEqual([2, '', 1])
  })
})

describe('motif handles', () => {
  it('centres two handles, and is 1 where they do not fit', () => {
    const known = ['handles', '--count', '120', '--gap', '26', '--chain', '80', '--start', '3']
    const { exit, output } = motif(...known, '--json')
    expect(exit).toBe(0)
    expect(JSON.parse(output)).toEqual({
      ...{ a: 20, gap: 26, between: 34, gap2: 26, b: 14, next: 228, centred: true, off: [0, 0] },
      text: '20 sc, ch 80, sk 26, 34 sc, ch 80, sk 26, 14 sc (228)',
    })
    expect(motif('handles', '--count', '20', '--gap', '11').exit).toBe(1)
    expect(motif('handles', '--count', '120', '--start', '-0.5').output).toContain('Both lie on')
    expect(motif('handles', '--count', 'many').exit).toBe(2)
  })
})

describe('motif plan', () => {
  it('writes the pattern, in the chosen terms and units', () => {
    const { exit, output, said } = motif(
      'plan',
      'demo/beater-tote.json',
      '--terms',
      'uk',
      '--units',
      'imperial',
    )
    expect(exit).toBe(0)
    expect(said).toEqual([])
    expect(output).toContain('Rounds 21–25: dc in each st around (120)')
    expect(output).toContain('23.6 in around')
  })

  it('ends with 1 when something is wrong, and still gives the plan as data', () => {
    const uneven = tote({ parts: [base({ count: 50 }), ...partsOf(tote()).slice(1)] })
    const { exit, output } = motif('plan', fileWith(printProject(projectOf(uneven))), '--json')
    expect(exit).toBe(1)
    const plan = JSON.parse(output) as { format: number; snags: { code: string }[] }
    expect(plan.format).toBe(1)
    expect(plan.snags[0]!.code).toBe('repeat-remainder')
  })

  it.each([
    ['a file that is not there', ['plan', 'nowhere.json']],
    ['a file that is no project', ['plan', 'package.json']],
    ['wrong use', ['plan']],
    ['an unknown command', ['knit']],
  ])('ends with 2 and one line for %s', (_, words) => {
    const { exit, output, said } = motif(...words)
    expect([exit, output, said.length]).toEqual([2, '', 1])
  })
})

describe('motif check', () => {
  it('finds nothing wrong with a pattern the program writes', () => {
    const { output } = motif('plan', 'demo/march-book-satchel.json')
    const checked = motif('check', fileWith(output))
    expect(checked.exit).toBe(0)
    expect(checked.output).toContain('321 rows, 0 that do not add up')
  })

  it('tells a fault as data, at its place, and ends with 1', () => {
    const path = fileWith('Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc in each st around (13)\n')
    const { exit, output } = motif(
      'check',
      path,
      '--json',
      '--terms',
      'us',
      '--starting-chain',
      'not',
    )
    expect(exit).toBe(1)
    const { rows } = JSON.parse(output) as {
      rows: {
        ok: boolean
        state: string
        makes: number
        text: string
        problems: { code: string; from: number; to: number }[]
      }[]
    }
    expect(rows.map(({ ok, state, makes }) => [ok, state, makes])).toEqual([
      [true, 'adds-up', 6],
      [false, 'wrong', 12],
    ])
    const [{ code, from, to }] = rows[1]!.problems as [{ code: string; from: number; to: number }]
    expect([code, rows[1]!.text.slice(from, to).trim()]).toEqual(['total-misstated', '(13)'])
  })

  it('ends with 2 for what cannot be read or is wrongly asked', () => {
    expect(motif('check', 'nowhere.txt').exit).toBe(2)
    expect(motif('check', fileWith('sc'), '--starting-chain', 'maybe').exit).toBe(2)
  })
})

describe('motif plan --hand left', () => {
  it('reads charts from the left', () => {
    const [right, left] = ['right', 'left'].map(
      (hand) =>
        JSON.parse(motif('plan', 'demo/beater-tote.json', '--hand', hand, '--json').output) as Plan,
    )
    const row = (plan: Plan) => plan.pieces[0]!.rows[37]!.runs.map(({ yarn }) => yarn)
    expect(row(left!)).toEqual(row(right!).toReversed())
    expect(motif('plan', 'demo/beater-tote.json', '--hand', 'both').exit).toBe(2)
  })
})
interface Plan {
  readonly pieces: readonly {
    readonly rows: readonly { readonly runs: readonly { yarn: string }[] }[]
  }[]
}

describe('motif stitches', () => {
  const json = (...words: string[]) => JSON.parse(motif('stitches', ...words, '--json').output)

  it('lists the drawer', () => {
    const drawer = json() as { id: string; multiple: number; ways: string[]; units: string[] }[]
    expect(drawer.length).toBeGreaterThan(40)
    expect(drawer.find(({ id }) => id === 'puff-4')).toMatchObject({
      multiple: 4,
      offset: 3,
      ways: ['flat', 'round'],
      rows: 2,
      units: ['puff'],
    })
  })

  it('writes a pattern over a count it fits, row by row', () => {
    expect(json('puff-4', '--count', '51', '--flat', '--rows', '2')).toMatchObject({
      id: 'puff-4',
      count: 51,
      foundation: { chain: 52, nth: 2 },
      rows: [
        { n: 1, side: 'WS', passes: 1, makes: 51, unit: { name: 'puff', count: 12 } },
        {
          n: 2,
          side: 'RS',
          uses: 51,
          makes: 51,
          unit: null,
          text: 'ch 1, turn, sc in each st across',
        },
      ],
    })
    expect(
      json('v-stitch', '--count', '30', '--rows', '1', '--terms', 'uk').rows[0].text,
    ).toContain('tr, ch 1, tr')
    // Forward and back are one row, that is not turned.
    expect(json('two-pass', '--count', '16', '--flat', '--rows', '3').rows).toMatchObject([
      { n: 1, passes: 2, side: 'RS', makes: 16 },
      { n: 2, passes: 2, side: 'RS', uses: 16, makes: 16 },
      { n: 3, passes: 1, side: 'RS', uses: 16, makes: 16 },
    ])
  })

  it('refuses a count that does not fit, with the nearest two', () => {
    const { exit, output } = motif('stitches', 'puff-4', '--count', '50', '--json')
    expect([exit, JSON.parse(output).nearest]).toEqual([1, [48, 52]])
    expect(motif('stitches', 'clusters', '--count', '30', '--flat').exit).toBe(2)
    expect(motif('stitches', 'nothing', '--count', '30').said).toHaveLength(1)
  })
})

describe('motif fit', () => {
  const fit = (...words: string[]) =>
    motif('fit', '--stitches', '20/100mm', '--rows', '22/100mm', ...words)
  const data = (output: string) =>
    JSON.parse(output) as {
      fits: {
        count: number
        sizeMm: number
        errorMm: number
        base: { rounds: number; flatness: number } | null
        bands: {
          multiple: number
          offset: number
          count: number
          added: number
          padded: number
          repeats: number
        }[]
      }[]
      nearest: { count: number } | null
    }

  it('ranks counts for a size, and each keeps what it promises', () => {
    const { exit, output } = fit(
      '--around',
      '60cm',
      '--repeats',
      '24,10',
      '--base',
      'round:6',
      '--json',
    )
    expect(exit).toBe(0)
    const { fits, nearest } = data(output)
    expect(nearest).toBeNull()
    expect(fits[0]).toMatchObject({
      count: 120,
      sizeMm: 600,
      errorMm: 0,
      base: { kind: 'round', rounds: 20 },
    })
    for (const { count, errorMm, bands } of fits) {
      expect(Math.abs(errorMm)).toBeLessThanOrEqual(30)
      let below = count
      for (const band of bands) {
        expect((band.multiple + band.padded) * band.repeats + band.offset).toBe(band.count)
        expect(band.count - below).toBe(band.added)
        below = band.count
      }
    }
  })

  it('answers for the count on the hook, and for a flat panel with an offset', () => {
    const hook = data(fit('--count', '118', '--repeats', '24', '--json').output)
    expect(hook.fits).toMatchObject([{ count: 118, errorMm: 0, base: null }])
    const panel = data(fit('--width', '12in', '--repeats', '6', '--offsets', '1', '--json').output)
    expect(panel.fits[0]).toMatchObject({
      count: 61,
      bands: [{ offset: 1, repeats: 10, padded: 0 }],
    })
    const round = data(fit('--around', '12in', '--repeats', '6', '--offsets', '1', '--json').output)
    expect(round.fits[0]!.bands[0]!.offset).toBe(0)
  })

  it('ends with 1 and the nearest miss when nothing fits', () => {
    const { exit, output } = fit(
      '--around',
      '60cm',
      '--repeats',
      '71',
      '--tolerance',
      '2%',
      '--json',
    )
    expect(exit).toBe(1)
    expect(data(output)).toMatchObject({ fits: [], nearest: { count: expect.any(Number) } })
  })

  it.each([
    ['two sizes', ['--around', '60cm', '--width', '30cm']],
    ['no size', []],
    ['a length that is none', ['--around', 'wide']],
    ['a base that is none', ['--around', '60cm', '--base', 'star:5']],
    ['a repeat of nothing', ['--around', '60cm', '--repeats', '0']],
  ])('ends with 2 and one line for %s', (_, words) => {
    const { exit, output, said } = fit(...words)
    expect([exit, output, said.length]).toEqual([2, '', 1])
  })
})

describe('motif mend', () => {
  const chart = fileWith('A,A,A,A\nB,B,B,B\nA,A,B,A\nB,A,B,B\nA,A,A,A\n')

  it('prints the nearest chart that can be worked, and how many cells changed', () => {
    // Column 3 wants B over B: in rows A B A B A from below, row 3 shows B, and row 2 its own.
    const { exit, output, said } = motif('mend', chart, '--technique', 'overlay')
    expect([exit, said]).toEqual([0, ['0']])
    expect(output.trim().split(/\r?\n/)).toEqual([
      ...['A,A,A,A', 'B,B,B,B', 'A,A,B,A', 'B,A,B,B', 'A,A,A,A'],
    ])
    const flat = fileWith('A,A,A\nB,B,B\nA,A,B\nB,B,B\nA,A,A\n')
    const mended = motif('mend', flat, '--technique', 'overlay', '--flat', '--json')
    expect(mended.said).toEqual(['1'])
    expect(JSON.parse(mended.output)).toEqual({ changed: 1, cells: [[2, 2]], bound: 1 })
  })

  it('takes the first yarn, and refuses what is no chart in one line', () => {
    const other = motif('mend', chart, '--technique', 'inset', '--first', 'B', '--json')
    const { changed, bound, cells } = JSON.parse(other.output) as {
      changed: number
      bound: number
      cells: unknown[]
    }
    expect([changed, cells.length]).toEqual([bound, bound])
    expect(changed).toBeGreaterThan(5)
    for (const [bad, why] of [
      ['A,B\nA', /cells/],
      ['', /no cells/],
      ['A,7\nA,A', /none of the yarns/],
    ] as const) {
      const { exit, output, said } = motif('mend', fileWith(bad), '--technique', 'overlay')
      expect([exit, output, said.length]).toEqual([2, '', 1])
      expect(said[0]).toMatch(why)
    }
    expect(motif('mend', chart).exit).toBe(2)
    expect(motif('mend', chart, '--technique', 'overlay', '--run', '0').exit).toBe(2)
    expect(motif('mend', '/none.csv', '--technique', 'overlay').exit).toBe(2)
  })
})

describe('motif picture', () => {
  // By hand: 20 over 100 mm are 5 mm wide; 12 of them are 60 mm; half as high as wide is 30 mm, 6 rounds of 5 mm.
  const gauge = ['--stitches', '12', '--gauge-stitches', '20/100mm', '--gauge-rows', '20/100mm']
  const file = () => {
    const png = new PNG({ width: 24, height: 12 })
    for (let y = 0; y < 12; y++)
      for (let x = 0; x < 24; x++) {
        const dark = x >= 8 && x < 16 && y >= 4
        png.data.set([...(dark ? [0x11, 0x22, 0x33] : [0xdd, 0xee, 0xff]), 255], 4 * (24 * y + x))
      }
    const path = join(folder, 'picture.png')
    writeFileSync(path, PNG.sync.write(png))
    return path
  }
  const yarns = ['--yarns', '#112233,#ddeeff']
  it('prints a chart, the top row first, and what it is made of', () => {
    const { exit, output } = motif('picture', file(), ...gauge, ...yarns)
    expect([
      exit,
      output
        .trim()
        .split(/\r?\n/)
        .map((row) => row.replaceAll(',', '')),
    ]).toEqual([
      0,
      [...Array<string>(2).fill('B'.repeat(12)), ...Array<string>(4).fill('BBBBAAAABBBB')],
    ])
    const told = JSON.parse(motif('picture', file(), ...gauge, ...yarns, '--json').output) as object
    expect(told).toMatchObject({
      rounds: 6,
      yarns: [
        { letter: 'A', colour: '#112233', cells: 16 },
        { letter: 'B', colour: '#ddeeff', cells: 56 },
      ],
      ...{ meanDeltaE: 0, worstDeltaE: 0 },
      perRound: [['A', 'B'], ['A', 'B'], ['A', 'B'], ['A', 'B'], ['B'], ['B']],
    })
  })
  it('keeps to what there is of a yarn, and to so many yarns a round', () => {
    const scarce = motif(
      'picture',
      file(),
      ...gauge,
      ...yarns,
      '--max-yarn',
      '#112233:0.5m',
      '--json',
    )
    const { yarns: used } = JSON.parse(scarce.output) as { yarns: { metres: number }[] }
    expect(used[0]!.metres).toBeLessThanOrEqual(0.5)
    const one = motif('picture', file(), ...gauge, ...yarns, '--per-round', '1', '--json')
    expect((JSON.parse(one.output) as { perRound: string[][] }).perRound).toEqual(
      Array(6).fill(['B']),
    )
  })
  // By hand: six rounds are three rows of inset, the yarns in turn, two rounds each.
  it('takes two rounds for a row of inset', () => {
    const inset = ['--technique', 'inset']
    const { output } = motif('picture', file(), ...gauge, ...yarns, ...inset, '--json')
    expect(JSON.parse(output)).toMatchObject({
      rounds: 6,
      perRound: [['A'], ['A'], ['B'], ['B'], ['A'], ['A']],
    })
    const chart = motif('picture', file(), ...gauge, ...yarns, ...inset).output
    expect(chart.trim().split(/\r?\n/)).toHaveLength(3)
  })
  it('finds its colours in the picture, and leaves no run too short', () => {
    const { output } = motif(
      'picture',
      file(),
      ...gauge,
      '--find',
      '2',
      '--shortest',
      '5',
      '--json',
    )
    const told = JSON.parse(output) as { yarns: { colour: string; cells: number }[] }
    expect(told.yarns.map(({ colour }) => colour)).toEqual(['#ddeeff', '#112233'])
    // Four dark cells beside eight light ones are five, or none.
    expect([0, 20]).toContain(told.yarns[1]!.cells)
  })
  it('keeps to every rule that is asked for', () => {
    const rules = ['--longest', '3', '--no-lone', '--mirrored', '--meets', '--mixing', 'diffused']
    const { output } = motif('picture', file(), ...gauge, ...yarns, ...rules)
    const rows = output
      .trim()
      .split(/\r?\n/)
      .map((row) => row.replaceAll(',', ''))
    for (const row of rows) {
      expect([...row].reverse().join('')).toBe(row)
      // In the round no run of one is longer than three where both are worked.
      if (new Set(row).size > 1) expect((row + row).match(/A{4,}|B{4,}/)).toBeNull()
    }
    expect(motif('picture', file(), ...gauge, ...yarns, '--mixing', 'stirred').exit).toBe(2)
  })
  it('refuses what it cannot read, in one line', () => {
    const said = (...words: string[]) => motif('picture', ...words).said
    expect(said('package.json', ...gauge, ...yarns)).toEqual([
      'motif: package.json is no PNG that can be read',
    ])
    expect(said(file(), ...gauge, '--yarns', 'red')).toHaveLength(1)
    const three = motif(
      'picture',
      file(),
      ...gauge,
      '--yarns',
      '#112233,#ddeeff,#aa0000',
      '--technique',
      'overlay',
    )
    expect([three.exit, three.output]).toEqual([1, 'A mosaic is worked in two yarns: give two.\n'])
  })
})
