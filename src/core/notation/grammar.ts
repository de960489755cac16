import { EOF, type IToken, tokenMatcher, type TokenType } from 'chevrotain'
import { PlaceParser, type Specials } from './place-grammar.ts'
import {
  clauseAt,
  countsOf,
  END,
  low,
  nthOf,
  numberOf,
  plainStitch,
  stitchWord,
  STRUCTURE,
  times,
  WORK,
} from './token-values.ts'
import * as t from './tokens.ts'
import { compound } from './vocabulary.ts'
import type { PlaceUnit, Reach, ReadWork, StitchWord, Target, Unread, Work } from './work.ts'

export type { Specials }

/** More clauses than this that do not fit, or a longer row, are no row at all. */
const MOST_ASIDE = 24
const LONGEST = 3000

/**
 * One grammar for the work of a row. Whatever does not belong where it stands is set aside as unread with its place, and reading
 * goes on after it.
 */
class WorkParser extends PlaceParser {
  private unread: Unread[] = []

  constructor() {
    super([...t.tokens], { maxLookahead: 2, recoveryEnabled: false })
    this.performSelfAnalysis()
  }

  read(text: string, specials: Specials): ReadWork {
    let { tokens } = t.lexer.tokenize(text)
    this.specials = specials
    const aside: Unread[] = []
    // Each try sets aside one clause that does not fit; after so many the rest is left unread.
    for (let tries = 0; ; tries++) {
      if (tries > MOST_ASIDE || text.length > LONGEST)
        return { items: [], unread: [{ from: 0, to: text.length, expected: WORK }] }
      this.input = tokens
      this.unread = []
      const items = this.row() ?? []
      const [error] = this.errors
      if (!error) return { items, unread: [...aside, ...this.unread] }
      const { from, to } = clauseAt(tokens, tokens.indexOf(error.token))
      aside.push({
        from: tokens[from]!.startOffset,
        to: tokens[to - 1]!.startOffset + tokens[to - 1]!.image.length,
        expected: tokens[from]!.tokenType === t.Open ? 'a closing bracket' : WORK,
      })
      tokens = [...tokens.slice(0, from), ...tokens.slice(to)]
    }
  }

  /** Whether a stitch, a chain or a place to go on in begins here. */
  private isWork(): boolean {
    const counted = this.next(t.Integer) ? this.LA(2) : this.LA(1)
    const kinds = [t.Stitch, t.Compound, t.Chain, t.Start]
    return (
      kinds.some((type) => tokenMatcher(counted, type)) ||
      this.specials.has(low(counted)) ||
      this.isTarget(1)
    )
  }

  /** Up to where a clause ends nothing more was expected. */
  private setAside(expected: string): void {
    const first = this.LA(1)
    let last = first
    while (!this.next(...STRUCTURE)) {
      last = this.LA(1)
      this.consume(0, last.tokenType)
    }
    if (last !== first || !this.next(...STRUCTURE) || last === this.LA(0))
      this.unread.push({
        from: first.startOffset,
        to: last.startOffset + last.image.length,
        expected,
      })
  }

  private row = this.RULE('row', (): Work[] => {
    const items = this.SUBRULE(this.sequence)
    // A bracket or a “repeat from” without its beginning.
    this.MANY({
      GATE: () => this.ACTION(() => !this.next(EOF)),
      DEF: () => {
        const stray = this.OR({
          IGNORE_AMBIGUITIES: true,
          DEF: [{ ALT: () => this.CONSUME(t.Close) }, { ALT: () => this.CONSUME(t.RepFrom) }],
        })
        this.ACTION(() =>
          this.unread.push({
            from: stray.startOffset,
            to: stray.startOffset + stray.image.length,
            expected: 'its beginning: a bracket or a star before it',
          }),
        )
        const more = this.SUBRULE2(this.sequence)
        this.ACTION(() => items.push(...more))
      },
    })
    return items
  })

  private sequence = this.RULE('sequence', (): Work[] => {
    const items: Work[] = []
    this.MANY(() => {
      this.OR({
        IGNORE_AMBIGUITIES: true,
        DEF: [
          { ALT: () => this.CONSUME(t.Separator) },
          { ALT: () => this.CONSUME(t.And) },
          {
            ALT: () => {
              const more = this.SUBRULE(this.item)
              this.ACTION(() => items.push(...more))
            },
          },
        ],
      })
    })
    return items
  })

  private item = this.RULE('item', (): Work[] => {
    const first = this.LA(1)
    const items = this.OR<Work[]>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => this.SUBRULE(this.starred) },
        { ALT: () => this.SUBRULE(this.bracketed) },
        { ALT: () => this.SUBRULE(this.skip) },
        { ALT: () => this.SUBRULE(this.note) },
        { GATE: () => this.isWork(), ALT: () => this.SUBRULE(this.numbered) },
        { ALT: () => this.SUBRULE(this.stray) },
      ],
    })
    this.ACTION(() => {
      if (
        !this.next(...STRUCTURE, t.And) &&
        items.at(-1)?.kind === 'stitch' &&
        this.LA(0) !== first
      )
        this.junkAfter()
    })
    return items
  })

  /** What is left of a clause after what could be read of it, unless the next clause begins there without a comma. */
  private junkAfter(): void {
    if (
      this.next(
        t.Integer,
        t.Around,
        t.Across,
        t.Stitch,
        t.Chain,
        t.Skip,
        t.Turn,
        t.Join,
        t.Compound,
        t.In,
        t.With,
        t.Counts,
        t.Aside,
        t.OtherSide,
        t.Letter,
        t.Start,
        t.Said,
        t.Leave,
        t.FastenOff,
      )
    )
      return
    if (this.isSpecial()) return
    this.setAside('a place to work into, a comma, or the end of the repeat')
  }

  private starred = this.RULE('starred', (): Work[] => {
    const first = this.CONSUME(t.Star)
    const items = this.SUBRULE(this.sequence)
    let reach: Reach | null = null
    let again = false
    this.OPTION(() => {
      this.CONSUME(t.RepFrom)
      again = true
      reach = this.SUBRULE(this.reach)
    })
    this.ACTION(() => {
      if (!again)
        this.unread.push({
          from: first.startOffset,
          to: first.startOffset + first.image.length,
          expected: '“rep from *” after it',
        })
    })
    const counted = reach as Reach | null
    // "5 more times" is once and five times.
    return [
      {
        kind: 'group',
        items,
        reach: again ? (counted ?? END) : times(1),
        target: null,
        span: this.spanFrom(first),
      },
    ]
  })

  private bracketed = this.RULE('bracketed', (): Work[] => {
    const first = this.CONSUME(t.Open)
    const items = this.SUBRULE(this.sequence)
    this.CONSUME(t.Close)
    let target: Target | null = null
    let reach: Reach = times(1)
    this.OPTION({ GATE: () => this.isTarget(1), DEF: () => (target = this.SUBRULE(this.target)) })
    this.OPTION2(() => (reach = this.SUBRULE(this.often)))
    return [{ kind: 'group', items, reach, target, span: this.spanFrom(first) }]
  })

  private skip = this.RULE('skip', (): Work[] => {
    const first = this.CONSUME(t.Skip)
    let count = 1
    let unit: PlaceUnit = 'any'
    this.OPTION(() => this.CONSUME(t.The))
    this.OPTION2(() =>
      this.OR({
        IGNORE_AMBIGUITIES: true,
        DEF: [
          { ALT: () => this.CONSUME(t.Next) },
          { ALT: () => this.CONSUME(t.First) },
          { ALT: () => this.CONSUME(t.Last) },
        ],
      }),
    )
    this.OPTION3(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION4(() => {
      const what = this.SUBRULE(this.unit)
      unit = what === 'sp' ? 'sp' : 'any'
    })
    return [{ kind: 'skip', count, unit, span: this.spanFrom(first) }]
  })

  private note = this.RULE('note', (): Work[] => {
    const first = this.LA(1)
    const said = (
      what: Extract<Work, { kind: 'note' }>['what'],
      yarn: string | null = null,
    ): Work => ({
      kind: 'note',
      what,
      yarn,
      text: first.image,
      span: this.spanFrom(first),
    })
    return this.OR<Work[]>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.Turn), [said('turn')]) },
        { ALT: () => (this.CONSUME(t.Join), [said('join')]) },
        { ALT: () => (this.CONSUME(t.FastenOff), [said('fasten-off')]) },
        { ALT: () => (this.CONSUME(t.OtherSide), [said('other-side')]) },
        { ALT: () => (this.CONSUME(t.Leave), [said('leave')]) },
        { ALT: () => (this.CONSUME(t.PickUp), [said('pick-up')]) },
        { ALT: () => (this.CONSUME(t.Said), [said('said')]) },
        { ALT: () => (this.CONSUME(t.Aside), [said('said')]) },
        { ALT: () => (this.CONSUME(t.Bumps), [said('said')]) },
        { ALT: () => (this.CONSUME(t.Starting), []) },
        { ALT: () => this.SUBRULE(this.fromHook) },
        { ALT: () => (this.CONSUME(t.Around), []) },
        {
          // A colour by its name: "with brass", "change to deep blue".
          GATE: () => tokenMatcher(this.LA(2), t.Unknown),
          ALT: () => {
            this.CONSUME2(t.With)
            this.AT_LEAST_ONE(() => this.CONSUME(t.Unknown))
            return [said('yarn')]
          },
        },
        {
          GATE: () => tokenMatcher(this.LA(2), t.Letter),
          ALT: () => {
            this.OR2({
              IGNORE_AMBIGUITIES: true,
              DEF: [{ ALT: () => this.CONSUME(t.With) }, { ALT: () => this.CONSUME(t.In) }],
            })
            return [said('yarn', this.CONSUME(t.Letter).image)]
          },
        },
      ],
    })
  })

  /** "starting in 2nd ch from hook": chains are skipped, and the stitches that follow begin there. */
  private fromHook = this.RULE('fromHook', (): Work[] => {
    const first = this.CONSUME(t.From)
    const token = this.CONSUME(t.Hook)
    let counts: boolean | null = null
    this.OPTION(() => {
      const said = this.CONSUME(t.Counts)
      this.ACTION(() => (counts = countsOf(said).stitches > 0))
    })
    return this.ACTION(() => [
      {
        ...plainStitch,
        target: { kind: 'hook', nth: nthOf(token), counts, from: true },
        span: this.spanFrom(first),
      },
    ])
  })

  /** A stitch or chain with its number before or after it, and where it goes. */
  private numbered = this.RULE('numbered', (): Work[] => {
    const first = this.LA(1)
    let count: number | null = null
    let start: 'standing' | 'stacked' | null = null
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION2(() => {
      const token = this.CONSUME(t.Start)
      this.ACTION(() => (start = low(token) as 'standing'))
    })
    return this.OR<Work[]>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => this.SUBRULE(this.chain, { ARGS: [first, count] }) },
        { ALT: () => this.SUBRULE(this.stitch, { ARGS: [first, count, start] }) },
        // A target without a stitch: “and in each ch across” goes on with the stitch before.
        { GATE: () => this.isTarget(1), ALT: () => this.SUBRULE(this.goesOn, { ARGS: [first] }) },
      ],
    })
  })

  private chain = this.RULE('chain', (first: IToken, before: number | null): Work[] => {
    this.CONSUME(t.Chain)
    let count = before ?? 1
    let yarn: string | null = null
    let counts: { stitches: number; chains: number } | null = null
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION2(() => (yarn = this.CONSUME(t.Letter).image))
    this.OPTION3(() => {
      const token = this.CONSUME(t.Counts)
      this.ACTION(() => (counts = countsOf(token)))
    })
    return [{ kind: 'chain', count, yarn, counts, span: this.spanFrom(first) }]
  })

  private stitch = this.RULE(
    'stitch',
    (first: IToken, before: number | null, start: 'standing' | 'stacked' | null): Work[] => {
      const stitch = this.SUBRULE(this.stitchName)
      let loop: 'back' | 'front' | null = null
      let yarn: string | null = null
      let repeated = 1
      let withStart = false
      let loose: number | null = null
      const targets: Target[] = []
      this.OPTION(() => (loop = this.SUBRULE(this.loop)))
      this.OPTION2({
        GATE: () => before === null,
        DEF: () => (loose = this.SUBRULE(this.looseCount)),
      })
      this.OPTION3(() => (yarn = this.CONSUME(t.Letter).image))
      this.MANY({
        GATE: () => this.isTarget(1) || (tokenMatcher(this.LA(1), t.And) && this.isTarget(2)),
        DEF: () => {
          this.OPTION8(() => this.CONSUME(t.And))
          const target = this.SUBRULE(this.target)
          this.ACTION(() => targets.push(target))
        },
      })
      this.option(11, () => this.CONSUME(t.Below))
      this.OPTION4({
        GATE: () => tokenMatcher(this.LA(2), t.Times),
        DEF: () => {
          repeated = numberOf(this.CONSUME(t.Integer))
          this.CONSUME(t.Times)
        },
      })
      this.OPTION5(() => (this.CONSUME(t.Twice), (repeated = 2)))
      // "inc × 8", and "sc around" for one in each.
      this.OPTION9(() => {
        this.CONSUME(t.TimesSign)
        repeated = numberOf(this.CONSUME2(t.Integer))
      })
      this.option(10, {
        GATE: () => before === null && targets.length === 0 && loose === null && repeated === 1,
        DEF: () => {
          this.OR2([{ ALT: () => this.CONSUME(t.Around) }, { ALT: () => this.CONSUME(t.Across) }])
          this.ACTION(() => targets.push({ kind: 'each', units: ['st'], reach: END }))
        },
      })
      this.OPTION6(() => (yarn = this.CONSUME2(t.Letter).image))
      this.OPTION7(() => {
        const token = this.CONSUME(t.Counts)
        this.ACTION(() => {
          withStart = /with the start/.test(low(token))
          const last = targets.at(-1)
          if (last?.kind === 'hook')
            targets[targets.length - 1] = { ...last, counts: countsOf(token).stitches > 0 }
        })
      })
      const work = (target: Target | null): Work => ({
        kind: 'stitch',
        stitch,
        count: before ?? loose ?? 1,
        loop,
        yarn,
        target,
        times: repeated,
        start,
        withStart,
        span: this.spanFrom(first),
      })
      return this.ACTION(() => (targets.length > 0 ? targets.map(work) : [work(null)]))
    },
  )

  private stitchName = this.RULE('stitchName', (): StitchWord =>
    this.OR<StitchWord>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        {
          ALT: () => {
            const token = this.CONSUME(t.Stitch)
            return this.ACTION(() => stitchWord(low(token)))
          },
        },
        {
          ALT: () => {
            const token = this.CONSUME(t.Compound)
            return this.ACTION(() => {
              const [, count, what] = /^(\d+)[-\s]?(.*)$/.exec(low(token))!
              return compound(Number(count), what!)
            })
          },
        },
        {
          GATE: this.isSpecial,
          ALT: () => {
            const token = this.CONSUME(t.Unknown)
            return this.ACTION(() => this.specials.get(low(token)) ?? stitchWord('sc'))
          },
        },
      ],
    }),
  )

  /** "sc 5", as some write for five; not the number of what follows. */
  private looseCount = this.RULE('looseCount', (): number => numberOf(this.CONSUME(t.Integer)))

  private goesOn = this.RULE('goesOn', (first: IToken): Work[] => {
    const target = this.SUBRULE(this.target)
    return [{ ...plainStitch, target, span: this.spanFrom(first) }]
  })

  /** A clause that begins with nothing the grammar knows. */
  private stray = this.RULE('stray', (): Work[] => {
    const first = this.LA(1)
    this.AT_LEAST_ONE({
      GATE: () => this.ACTION(() => !this.next(...STRUCTURE)),
      DEF: () => {
        this.OR({
          IGNORE_AMBIGUITIES: true,
          DEF: STRAY.map((type, i) => ({ ALT: () => this.consume(i, type) })),
        })
      },
    })
    this.ACTION(() => {
      const last = this.LA(0)
      this.unread.push({
        from: first.startOffset,
        to: last.startOffset + last.image.length,
        expected: WORK,
      })
    })
    return []
  })
}

/** Words a clause cannot begin with. */
const STRAY: readonly TokenType[] = [
  t.Integer,
  t.Next,
  t.Each,
  t.Same,
  t.Last,
  t.First,
  t.In,
  t.With,
  t.Around,
  t.Ring,
  t.Hook,
  t.ChSpace,
  t.BackLoop,
  t.FrontLoop,
  t.Start,
  t.Unknown,
  t.Of,
  t.The,
  t.Article,
  t.Place,
  t.Times,
  t.More,
  t.Remain,
  t.Twice,
  t.Once,
  t.TimesSign,
  t.ToEnd,
  t.ToLast,
  t.Counts,
  t.Letter,
  t.Across,
]

/** Made when it is first needed: it looks over its grammar once. */
let parser: WorkParser | null = null

/** Reads the work of one row: what it could read, and what it could not with its place. Never throws. */
export const readWork = (text: string, specials: Specials = new Map()): ReadWork =>
  (parser ??= new WorkParser()).read(text, specials)
