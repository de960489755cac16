import fc from 'fast-check'
import highsLoader from 'highs'
import { workedOf } from '../mosaic/index.ts'
import { tries } from '../testing/tries.ts'
import {
  type Amount,
  bestSet,
  cellsOf,
  coloursIn,
  costsOf,
  inRuns,
  inSet,
  pictured,
  type PictureYarn,
  type Raster,
  roundsFor,
  roundsOf,
} from './index.ts'

/** A picture of letters, each a colour with its cover, the top row first. */
const drawn = (rows: readonly string[], colours: Readonly<Record<string, string>>): Raster => ({
  width: rows[0]!.length,
  height: rows.length,
  data: rows.flatMap((row) =>
    [...row].flatMap((letter) => {
      const hex = colours[letter]!
      return [1, 3, 5]
        .map((at) => Number.parseInt(hex.slice(at, at + 2), 16))
        .concat(hex.length > 7 ? Number.parseInt(hex.slice(7), 16) : 255)
    }),
  ),
})
const [INK, CREAM, BRASS] = ['#22406b', '#f2ead8', '#d39a2d'] as const
const yarn = (letter: string, colour: string, most: number | null = null): PictureYarn => ({
  ...{ letter, colour, most },
  ...{ stitch: 0.04, carried: 0.005 },
})
const two = [yarn('A', INK), yarn('B', CREAM)]
const found = (...[cells, wanted]: Parameters<typeof pictured>) => {
  const made = pictured(cells, wanted)
  if (!made.ok) throw new Error(made.why)
  return made.value
}
const tapestry = { technique: 'tapestry', perRound: 2 } as const

describe('the cells of a picture', () => {
  const colourOf = ({ colours }: { colours: Uint8Array }, cell: number) => [
    ...colours.subarray(3 * cell, 3 * cell + 3),
  ]
  it('are its pixels where they are as many, the lowest row first', () => {
    const cells = cellsOf(drawn(['ab', 'ba'], { a: '#102030', b: '#fefefe' }), 2, 2)
    expect([0, 1, 2, 3].map((cell) => colourOf(cells, cell)[0])).toEqual([254, 16, 16, 254])
  })
  // By hand: half the light of white is 188 of 255 (0.5 = ((188/255 + 0.055)/1.055)^2.4), not 128.
  it('are the mean of the light, not of the numbers that stand for it', () => {
    const board = drawn(['ab', 'ba'], { a: '#000000', b: '#ffffff' })
    expect(colourOf(cellsOf(board, 1, 1), 0)).toEqual([188, 188, 188])
  })
  it('take a share of pixels that lie over two of them, and of what is half covered', () => {
    const bars = drawn(['aab'], { a: '#000000', b: '#ffffff' })
    // Three pixels on two cells: the right one is one third black and two thirds white.
    expect(colourOf(cellsOf(bars, 2, 1), 1)[0]).toBe(213)
    const half = drawn(['a'], { a: '#00000080' })
    expect(colourOf(cellsOf(half, 1, 1), 0)[0]).toBeGreaterThan(186)
    expect(colourOf(cellsOf(half, 1, 1, [0, 0, 0]), 0)[0]).toBe(0)
  })
  it('stay one colour when they are fewer or more than its pixels', () => {
    const plain = drawn(['aaa', 'aaa'], { a: '#4f79ae' })
    for (const [columns, rows] of [
      [1, 1],
      [2, 2],
      [7, 5],
    ] as const)
      expect(colourOf(cellsOf(plain, columns, rows), 0)).toEqual([79, 121, 174])
  })
  // By hand: 60 stitches of 5 mm are 300 mm; a square picture is 300 mm high, 66 rounds of 100/22 mm.
  it('are as many rounds as its shape wants at the gauge', () => {
    const gauge = { stitchWidthMm: 5, rowHeightMm: 100 / 22 }
    expect(roundsFor({ width: 400, height: 400 }, 60, gauge)).toBe(66)
    expect(roundsFor({ width: 400, height: 200 }, 60, gauge)).toBe(33)
  })
})

describe('the few colours a picture is in', () => {
  const board = drawn(['aab', 'abb', 'aac'], { a: INK, b: CREAM, c: BRASS })
  it('are its own where there are so many, those of most cells first', () => {
    const cells = cellsOf(board, 3, 3)
    expect(coloursIn(cells, 3)).toEqual([INK, CREAM, BRASS])
    expect(coloursIn(cells, 9)).toEqual([INK, CREAM, BRASS])
  })
  it('are together nearer to it the more there are', () => {
    const data = Array.from({ length: 400 }, (_, i) => [
      (i * 13) % 256,
      Math.floor(i / 20) * 12,
      (i % 20) * 12,
      255,
    ]).flat()
    const cells = cellsOf({ width: 20, height: 20, data }, 20, 20)
    const meanOf = (many: number) => {
      const colours = coloursIn(cells, many)
      const { apart } = costsOf(cells, colours)
      let sum = 0
      for (let cell = 0; cell < 400; cell++)
        sum += Math.min(...apart.subarray(cell * colours.length, (cell + 1) * colours.length))
      return sum / 400
    }
    const means = [1, 2, 4, 8, 16].map(meanOf)
    expect(means).toEqual(means.toSorted((a, b) => b - a))
  })
})

const anyCosts = (yarns: number, cells: number) =>
  fc
    .array(fc.integer({ min: 0, max: 60 }), { minLength: yarns * cells, maxLength: yarns * cells })
    .map((list) => Float64Array.from(list))

/** All sets of at most so many. */
const setsOf = (yarns: number, most: number): number[][] =>
  Array.from({ length: 2 ** yarns - 1 }, (_, bits) =>
    Array.from({ length: yarns }, (_, yarn) => yarn).filter((yarn) => (bits + 1) & (1 << yarn)),
  ).filter(({ length }) => length <= most)
const costOf = (costs: Float64Array, yarns: number, set: readonly number[], joining: number[]) =>
  set.reduce((sum, one) => sum + joining[one]!, 0) +
  Array.from({ length: costs.length / yarns }, (_, cell) =>
    Math.min(...set.map((one) => costs[cell * yarns + one]!)),
  ).reduce((sum, one) => sum + one, 0)

describe('the best few yarns of a round', () => {
  it('are as good as any, by brute force', () => {
    fc.assert(
      fc.property(
        fc
          .tuple(fc.integer({ min: 2, max: 7 }), fc.integer({ min: 1, max: 9 }))
          .chain(([yarns, cells]) =>
            fc.tuple(
              fc.constant(yarns),
              anyCosts(yarns, cells),
              fc.integer({ min: 1, max: yarns }),
              fc.array(fc.integer({ min: 0, max: 40 }), { minLength: yarns, maxLength: yarns }),
            ),
          ),
        ([yarns, costs, most, joining]) => {
          const { set, cost } = bestSet(costs, yarns, most, joining)
          const best = Math.min(
            ...setsOf(yarns, most).map((one) => costOf(costs, yarns, one, joining)),
          )
          expect(cost).toBeCloseTo(best, 6)
          expect(costOf(costs, yarns, set, joining)).toBeCloseTo(best, 6)
          expect(set.length).toBeLessThanOrEqual(most)
          expect([...inSet(costs, yarns, set)].every((one) => set.includes(one))).toBe(true)
        },
      ),
      { numRuns: tries(150) },
    )
  })

  // An independent check: the same as an integer program, solved by a general solver (HiGHS).
  it('are as good as a general solver finds them, of ten for twenty cells', async () => {
    const highs = await highsLoader()
    for (const costs of fc.sample(anyCosts(10, 20), { numRuns: tries(2), seed: 11 })) {
      const names = (make: (cell: number, one: number) => string, by = ' + ') =>
        Array.from({ length: 20 }, (_, cell) =>
          Array.from({ length: 10 }, (_, one) => make(cell, one)).join(by),
        )
      const program = [
        'Minimize',
        ` obj: ${names((cell, one) => `${costs[cell * 10 + one]} x${cell}_${one}`).join(' + ')}`,
        'Subject To',
        ...names((cell, one) => `x${cell}_${one}`).map((sum) => ` ${sum} = 1`),
        ...names((cell, one) => ` x${cell}_${one} - y${one} <= 0`, '\n'),
        ` ${Array.from({ length: 10 }, (_, one) => `y${one}`).join(' + ')} <= 3`,
        'Binary',
        ` ${Array.from({ length: 10 }, (_, one) => `y${one}`).join(' ')}`,
        ` ${names((cell, one) => `x${cell}_${one}`, ' ').join(' ')}`,
        'End',
      ].join('\n')
      expect(bestSet(costs, 10, 3).cost).toBeCloseTo(highs.solve(program).ObjectiveValue, 4)
    }
  }, 60_000)
})

describe('runs that are not too short', () => {
  /** Lengths of the runs of a round, the last with the first where it goes on. */
  const runsOf = (row: readonly number[], flat: boolean): number[] => {
    const turn = flat ? 0 : row.findIndex((one, i) => one !== row.at(i - 1))
    if (turn < 0) return [Infinity]
    const list = [...row.slice(turn), ...row.slice(0, turn)]
    const lengths: number[] = []
    list.forEach((one, i) =>
      i > 0 && one === list[i - 1] ? lengths.push(lengths.pop()! + 1) : lengths.push(1),
    )
    return lengths.length === 1 ? [Infinity] : lengths
  }
  it('are as cheap as any, by brute force, flat and in the round', () => {
    fc.assert(
      fc.property(
        fc
          .tuple(fc.integer({ min: 2, max: 3 }), fc.integer({ min: 2, max: 7 }))
          .chain(([yarns, cells]) =>
            fc.tuple(
              fc.constant([yarns, cells] as const),
              anyCosts(yarns, cells),
              fc.integer({ min: 1, max: 4 }),
              fc.boolean(),
            ),
          ),
        ([[yarns, cells], costs, shortest, flat]) => {
          const price = (row: readonly number[]) =>
            row.reduce((sum, one, cell) => sum + costs[cell * yarns + one]!, 0)
          let best = Infinity
          for (let code = 0; code < yarns ** cells; code++) {
            const row = Array.from(
              { length: cells },
              (_, i) => Math.floor(code / yarns ** i) % yarns,
            )
            if (runsOf(row, flat).every((long) => long >= shortest))
              best = Math.min(best, price(row))
          }
          const set = Array.from({ length: yarns }, (_, i) => i)
          const chosen = [...inRuns({ costs, yarns, set, shortest, flat })]
          expect(runsOf(chosen, flat).every((long) => long >= shortest)).toBe(true)
          expect(price(chosen)).toBeCloseTo(best, 6)
        },
      ),
      { numRuns: tries(300) },
    )
  })
})

describe('yarns there is only so much of', () => {
  const amount = (most: number | null): Amount => ({ stitch: 1, carried: 0.25, most })
  const wanted = (costs: Float64Array[], mosts: (number | null)[], most: number) => ({
    ...{ costs, most },
    amounts: mosts.map(amount),
  })
  it('are not used beyond that, and little is lost: beside every way there is', () => {
    fc.assert(
      fc.property(
        fc.array(anyCosts(2, 4), { minLength: 2, maxLength: 3 }),
        fc.integer({ min: 0, max: 12 }),
        (costs, most) => {
          const rounds = roundsOf(wanted(costs, [null, most], 2))!
          const used = (list: readonly { readonly metres: Float64Array }[]) =>
            list.reduce((sum, { metres }) => sum + metres[1]!, 0)
          expect(used(rounds.rounds)).toBeLessThanOrEqual(most + 1e-9)
          // Every way: each cell of each round in either.
          let best = Infinity
          const cells = 4 * costs.length
          for (let bits = 0; bits < 2 ** cells; bits++) {
            let [apart, metres] = [0, 0]
            costs.forEach((row, at) => {
              const ones = Array.from({ length: 4 }, (_, cell) => (bits >> (4 * at + cell)) & 1)
              ones.forEach((one, cell) => (apart += row[2 * cell + one]!))
              const many = ones.reduce((sum, one) => sum + one, 0)
              if (many > 0) metres += 0.25 * (4 - many) + many
            })
            if (metres <= most + 1e-9) best = Math.min(best, apart)
          }
          const apart = rounds.rounds.reduce((sum, round) => sum + round.apart, 0)
          expect(apart).toBeGreaterThanOrEqual(best - 1e-6)
          expect(rounds.bound).toBeLessThanOrEqual(best + 1e-6)
        },
      ),
      { numRuns: tries(40) },
    )
  })
  it('of which there is too little for every round are told', () =>
    expect(roundsOf(wanted([Float64Array.of(0, 9, 0, 9)], [1, 0], 1))).toBeNull())
})

describe('a picture as a chart', () => {
  const flag = drawn(['aaaa', 'abba', 'acca', 'aaaa'], {
    ...{ a: INK, b: CREAM, c: BRASS },
  })
  const three = [...two, yarn('C', BRASS)]
  it('is what it shows where its colours are yarns', () => {
    const { chart, perRound, likeness, yarns } = found(cellsOf(flag, 4, 4), {
      ...tapestry,
      yarns: three,
      perRound: 3,
    })
    expect(chart.colours.toReversed()).toEqual(['AAAA', 'ABBA', 'ACCA', 'AAAA'])
    expect(perRound).toEqual([['A'], ['A', 'C'], ['A', 'B'], ['A']])
    expect(likeness).toEqual({ mean: 0, worst: 0 })
    expect(yarns.map(({ cells }) => cells)).toEqual([12, 2, 2])
    // Two rounds of A alone; in the others four places each, two of them carried through.
    expect(yarns[0]!.metres).toBeCloseTo(8 * 0.04 + 2 * (2 * 0.04 + 2 * 0.005), 9)
  })
  it('in one yarn a round takes the one that is nearest all of it', () => {
    const { perRound } = found(cellsOf(flag, 4, 4), { ...tapestry, yarns: three, perRound: 1 })
    expect(perRound.every(({ length }) => length === 1)).toBe(true)
  })
  it('with little of a yarn does without it where that shows least', () => {
    const yarns = [yarn('A', INK), yarn('B', CREAM, 0.05), yarn('C', BRASS)]
    const { chart, yarns: used } = found(cellsOf(flag, 4, 4), { ...tapestry, yarns, perRound: 3 })
    expect(used[1]!.metres).toBeLessThanOrEqual(0.05)
    expect(chart.colours[1]).toBe('ACCA')
  })

  const ring = drawn(['bbbbbb', 'babbab', 'babbab', 'babbab', 'babbab', 'bbbbbb'], {
    ...{ a: INK, b: CREAM },
  })
  it.each(['overlay', 'inset'] as const)('in %s can be worked', (technique) => {
    const { chart, perRound, bound, likeness } = found(cellsOf(ring, 6, 6), {
      ...{ yarns: two, technique, perRound: 2 },
      now: () => performance.now(),
    })
    expect(perRound.map(([letter]) => letter)).toEqual(['A', 'B', 'A', 'B', 'A', 'B'])
    // Each cell shows its own row's yarn or the next row's, and none is borrowed above another.
    chart.colours.forEach((row, r) =>
      [...row].forEach((letter, c) => {
        const isOwn = letter === perRound[r]![0]
        const above = chart.colours[r + 1]?.[c]
        if (!isOwn) expect([r > 0, above]).toEqual([true, perRound[r + 1]?.[0]])
      }),
    )
    expect(bound).not.toBeNull()
    expect(bound!).toBeLessThanOrEqual(likeness.mean + 1e-9)
  })
  it('leaves no run too short, keeps cells, minds those that matter, and mirrors', () => {
    const speck = cellsOf(drawn(['aaaaaaaa', 'aabaaaac'], { a: INK, b: CREAM, c: BRASS }), 8, 2)
    const made = (more: object) =>
      found(speck, { ...tapestry, yarns: three, perRound: 3, ...more }).chart.colours[0]
    expect(made({})).toBe('AABAAAAC')
    expect(made({ shortest: 2 })).not.toMatch(/(?<!B)B(?!B)/)
    const kept = new Int8Array(16).fill(-1)
    kept[4] = 2
    expect(made({ kept })).toBe('AABACAAC')
    // In one yarn it is brass where the brass cell matters more than all others.
    const weights = new Float64Array(16).fill(1)
    weights[7] = 1000
    expect(made({ perRound: 1, weights })).toBe('CCCCCCCC')
    const mirror = made({ mirrored: true })!
    expect([...mirror].reverse().join('')).toBe(mirror)
    expect(
      found(speck, { ...tapestry, yarns: three, together: 2 }).perRound.map((set) => set.join('')),
    ).toEqual([expect.stringMatching(/^A[BC]$/), 'A'])
  })
  it('in mosaic of four yarns can be worked, each row in its own', () => {
    const four = [...two, yarn('C', BRASS), yarn('D', '#8c2f39')]
    const rows = 'ABABABCDCDCD'
    const cells = cellsOf(ring, 12, 12)
    const made = found(cells, { technique: 'overlay', perRound: 1, yarns: four, rows })
    const worked = workedOf(
      { ...made.chart, rows },
      {
        ...{ school: 'overlay', flat: false, run: 3 },
      },
    )
    expect(worked.misfits).toEqual([])
    expect(made.perRound.map(([letter]) => letter).join('')).toBe(rows)
    expect(made.bound).toBeNull()
  })
  it('in mosaic wants two yarns, and enough of both', () => {
    const cells = cellsOf(ring, 6, 6)
    const refused = (yarns: readonly PictureYarn[]) =>
      pictured(cells, { yarns, technique: 'overlay', perRound: 2 })
    expect(refused(three)).toEqual({ ok: false, why: 'two-yarns' })
    expect(refused([yarn('A', INK, 0.1), yarn('B', CREAM)])).toEqual({
      ok: false,
      why: 'too-little-yarn',
    })
  })
  it('costs what its colours are apart, alike ones looked at once', () => {
    const { apart } = costsOf(cellsOf(flag, 4, 4), [INK, CREAM, BRASS])
    expect([apart[0], apart[3]]).toEqual([0, 0])
    expect(apart[1]).toBeGreaterThan(50)
  })
})

describe('three pictures whose charts are known by hand', () => {
  const colours = { a: INK, b: CREAM, c: BRASS, d: '#8c2f39' }
  const four = ['a', 'b', 'c', 'd'].map((letter) =>
    yarn(letter.toUpperCase(), colours[letter as keyof typeof colours]),
  )
  const chartOf = (rows: readonly string[], wanted: Partial<Parameters<typeof pictured>[1]>) =>
    found(cellsOf(drawn(rows, colours), rows[0]!.length, rows.length), {
      ...{ technique: 'tapestry', perRound: 2, yarns: four, ...wanted },
    }).chart.colours.toReversed()
  it('a heart in two yarns is itself', () => {
    const heart = ['bbbbbbbbb', 'baabbbaab', 'baaabaaab', 'bbaaaaabb', 'bbbaaabbb', 'bbbbabbbb']
    expect(chartOf(heart, {})).toEqual(heart.map((row) => row.toUpperCase()))
  })
  // The note goes through stripes of three yarns; in two a round each stripe is its own ground, and the lone cell of brass in the
  // uppermost goes where it looks least: brass is nearer to cream than to ink.
  it('a note on stripes keeps its yarn in every round, and each stripe its ground', () => {
    const note = ['bbbabcb', 'dddaddd', 'dddaddd', 'ccaaccc', 'ccaaccc']
    expect(chartOf(note, { always: [0] })).toEqual([
      'BBBABBB',
      ...['DDDADDD', 'DDDADDD', 'CCAACCC', 'CCAACCC'],
    ])
  })
  // Rows of A and B by turns: a cell is in the yarn of its row, or lent to the row above, which reaches down over it into the row below.
  // So upright bars are bars but in the uppermost row, with none above, and in the lowest, with none to reach down into.
  it('upright bars in overlay are bars between the first and the last row', () => {
    const bars = Array<string>(4).fill('ababab')
    const made = chartOf(bars, { technique: 'overlay', yarns: four.slice(0, 2) })
    expect(made).toEqual(['BBBBBB', 'ABABAB', 'ABABAB', 'AAAAAA'])
  })
})
