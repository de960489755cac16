import { EmbeddedActionsParser, type IToken, tokenMatcher, type TokenType } from 'chevrotain'
import {
  endOf,
  firstNumber,
  isStructure,
  low,
  nthOf,
  numberOf,
  stitchWord,
} from './token-values.ts'
import * as t from './tokens.ts'
import {
  END,
  type Loop,
  type PlaceUnit,
  type Reach,
  type StitchWord,
  type Target,
  times,
} from './work-tree.ts'

/** Stitches a text defines for itself, by their lower-case name. */
export type Specials = ReadonlyMap<string, StitchWord>

const toLast = (count: number, unit: PlaceUnit): Reach =>
  unit === 'sp' ? { kind: 'to-last', count, unit } : { kind: 'to-last', count }

/** The part of the grammar that says where something goes, and how far or how often. */
export abstract class PlaceParser extends EmbeddedActionsParser {
  protected specials: Specials = new Map()

  /** The stitch a place was called by last. */
  private named: string | null = null

  protected spanFrom(first: IToken) {
    // While the grammar records itself there are no tokens.
    if (this.RECORDING_PHASE) return { from: 0, to: 0 }
    const last = this.LA(0)
    return { from: first.startOffset, to: endOf(last) }
  }

  protected next(...types: TokenType[]): boolean {
    return types.some((type) => tokenMatcher(this.LA(1), type))
  }

  /** Into a V is into its space. */
  private isV = (): boolean => /^Vs?$/.test(this.LA(1).image)

  protected isSpecial = (): boolean => this.specials.has(low(this.LA(1)))

  /** Whether a place to work into begins at the token so far ahead. */
  protected isTarget(ahead: number): boolean {
    const first = this.LA(ahead)
    const starts = [
      t.Next,
      t.Each,
      t.Same,
      t.Last,
      t.First,
      t.Hook,
      t.Ring,
      t.Top,
      t.Centre,
      t.Gap,
      t.Remaining,
      t.Skipped,
      t.Nth,
      t.NthGap,
    ]
    if (starts.some((type) => tokenMatcher(first, type))) return true
    if (!tokenMatcher(first, t.In) && !tokenMatcher(first, t.Around)) {
      const loops = [t.BackLoop, t.FrontLoop, t.ThirdLoop, t.BothLoops]
      return (
        loops.some((type) => tokenMatcher(first, type)) &&
        this.isTarget(ahead + 1 + (tokenMatcher(this.LA(ahead + 1), t.Of) ? 1 : 0))
      )
    }
    const second = this.LA(ahead + 1)
    const after = [
      ...starts,
      t.The,
      t.Article,
      t.BackLoop,
      t.FrontLoop,
      t.ThirdLoop,
      t.BothLoops,
      t.Post,
      t.JustMade,
      t.Place,
      t.ChSpace,
      t.Chain,
      t.Stitch,
    ]
    return after.some((type) => tokenMatcher(second, type)) || this.specials.has(low(second))
  }

  protected unit = this.RULE('unit', (): PlaceUnit => {
    this.named = null
    return this.OR<PlaceUnit>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.Place), 'st') },
        { ALT: () => (this.CONSUME(t.ChSpace), 'sp') },
        { ALT: () => (this.CONSUME(t.Loop), 'sp') },
        { ALT: () => (this.CONSUME(t.Gap), 'gap') },
        { ALT: () => (this.CONSUME(t.Chain), 'ch') },
        { ALT: () => (this.CONSUME(t.Top), 'top') },
        { ALT: () => (this.CONSUME(t.Centre), 'mid') },
        { GATE: this.isV, ALT: () => (this.CONSUME(t.Letter), 'sp') },
        {
          ALT: () => {
            const token = this.CONSUME(t.Stitch)
            this.OPTION(() => this.CONSUME2(t.Place))
            // Into a V is into its space.
            return this.ACTION(() => {
              const { word, leaves } = stitchWord(low(token))
              this.named = leaves ? null : word
              return leaves ? 'sp' : 'st'
            })
          },
        },
        {
          GATE: this.isSpecial,
          ALT: () => {
            const token = this.CONSUME(t.Unknown)
            this.ACTION(() => (this.named = this.specials.get(low(token))?.word ?? null))
            return 'st'
          },
        },
      ],
    })
  })

  /** A unit of several stitches, of which it is not said how many. */
  private isGroup = (): boolean =>
    /^(?:shells?|fans?|repeats?|groups?|motifs?|patterns?|clusters?)$/.test(low(this.LA(1)))

  protected toLast = this.RULE('toLast', (): Reach => {
    this.CONSUME(t.ToLast)
    let count = 1
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    let unknown = false
    let unit: PlaceUnit = 'any'
    this.OPTION2(() =>
      this.OR([
        {
          GATE: () => this.isV(),
          ALT: () => {
            this.CONSUME(t.Letter)
            unit = 'sp'
          },
        },
        { GATE: () => !this.isGroup() && !this.isV(), ALT: () => (unit = this.SUBRULE(this.unit)) },
        {
          GATE: () => this.isGroup(),
          ALT: () => {
            this.CONSUME(t.Unknown)
            unknown = true
          },
        },
      ]),
    )
    this.OPTION3(() => this.CONSUME(t.Remain))
    // "To last shell" leaves room for what follows.
    if (unknown) return END
    return this.ACTION(() => toLast(count, unit))
  })

  /** To the end, or to the last few. */
  protected far = this.RULE('far', (): Reach => {
    let reach: Reach = END
    this.OR([
      {
        ALT: () => {
          this.OR2([{ ALT: () => this.CONSUME(t.Around) }, { ALT: () => this.CONSUME(t.Across) }])
          this.OPTION(() => (reach = this.SUBRULE(this.toLast)))
        },
      },
      { ALT: () => this.CONSUME(t.ToEnd) },
      { ALT: () => (this.CONSUME(t.ToSpace), (reach = { kind: 'to-space' })) },
      { ALT: () => (reach = this.SUBRULE2(this.toLast)) },
    ])
    return reach
  })

  /** How often, after “rep from *”: to the end when nothing is said. */
  protected reach = this.RULE('reach', (): Reach =>
    this.OR<Reach>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => this.SUBRULE(this.far) },
        {
          ALT: () => {
            const count = numberOf(this.CONSUME(t.Integer))
            let more = false
            this.OPTION(() => {
              this.CONSUME(t.More)
              more = true
            })
            this.OPTION2(() => this.CONSUME(t.Times))
            this.OPTION4(() => {
              this.CONSUME3(t.More)
              more = true
            })
            return more ? times(count + 1) : { kind: 'times', count, again: true }
          },
        },
        {
          ALT: () => {
            this.CONSUME(t.TimesSign)
            return times(numberOf(this.CONSUME2(t.Integer)))
          },
        },
        { ALT: () => (this.CONSUME(t.Once), times(2)) },
        { ALT: () => (this.CONSUME(t.Twice), this.OPTION3(() => this.CONSUME2(t.More)), times(3)) },
        { ALT: () => END },
      ],
    }),
  )

  /** How often, after a bracket. */
  protected often = this.RULE('often', (): Reach =>
    this.OR<Reach>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.TimesSign), times(numberOf(this.CONSUME(t.Integer)))) },
        { ALT: () => (this.CONSUME(t.Star), times(numberOf(this.CONSUME3(t.Integer)))) },
        {
          ALT: () => {
            const count = numberOf(this.CONSUME2(t.Integer))
            let more = 0
            this.OPTION(() => {
              this.CONSUME(t.More)
              more = 1
            })
            this.CONSUME(t.Times)
            this.OPTION2(() => {
              this.CONSUME2(t.More)
              more = 1
            })
            return times(count + more)
          },
        },
        { ALT: () => (this.CONSUME(t.Twice), times(2)) },
        { ALT: () => (this.CONSUME(t.Once), times(1)) },
        { ALT: () => this.SUBRULE(this.far) },
      ],
    }),
  )

  /** How often what stands before it is worked, after “rep” without a star: to the end when nothing is said. */
  protected repeated = this.RULE('repeated', (): Reach => {
    this.CONSUME(t.Rep)
    let reach: Reach = END
    this.OPTION({ GATE: () => this.isOften(), DEF: () => (reach = this.SUBRULE(this.often)) })
    return reach
  })

  /** Whether how often something is worked is said next. */
  protected isOften(): boolean {
    const then = this.LA(2)
    if (this.next(t.Integer)) return tokenMatcher(then, t.Times) || tokenMatcher(then, t.More)
    if (this.next(t.Star))
      return tokenMatcher(then, t.Integer) && !tokenMatcher(this.LA(3), t.Stitch)
    return this.next(t.TimesSign, t.Twice, t.Once, t.Around, t.Across, t.ToEnd, t.ToSpace, t.ToLast)
  }

  protected loop = this.RULE('loop', (): Loop | null => {
    const loop = this.OR<Loop | null>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.BackLoop), 'back') },
        { ALT: () => (this.CONSUME(t.FrontLoop), 'front') },
        { ALT: () => (this.CONSUME(t.ThirdLoop), 'third') },
        { ALT: () => (this.CONSUME(t.BothLoops), null) },
      ],
    })
    this.OPTION(() => this.CONSUME(t.Of))
    return loop
  })

  protected firstTarget = this.RULE('firstTarget', (): Target => {
    this.CONSUME(t.First)
    let count = 1
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    let unit: PlaceUnit = 'any'
    this.OPTION2(() => {
      const said = this.SUBRULE(this.unit)
      unit = said === 'st' ? 'any' : said
    })
    return { kind: 'next', count, unit, first: true }
  })

  protected eachTarget = this.RULE('eachTarget', (): Target => {
    this.CONSUME(t.Each)
    const units: PlaceUnit[] = []
    let long: number | null = null
    let reach: Reach = END
    this.MANY2(() =>
      this.OR2([
        { ALT: () => this.CONSUME(t.Of) },
        { ALT: () => this.CONSUME(t.The) },
        { ALT: () => this.CONSUME(t.Remaining) },
      ]),
    )
    this.OPTION(() =>
      this.OR([
        { ALT: () => this.CONSUME(t.Next) },
        { ALT: () => this.CONSUME(t.First) },
        { ALT: () => this.CONSUME(t.Last) },
      ]),
    )
    this.OPTION2(() => (reach = times(numberOf(this.CONSUME(t.Integer)))))
    this.OPTION3({
      GATE: () => !isStructure(this.LA(1)) && !this.next(t.Around, t.Across),
      DEF: () => {
        const said = this.LA(1).image
        units.push(this.SUBRULE(this.unit))
        this.ACTION(() => {
          if (units[0] === 'sp') long = Number(/\d+/.exec(said)?.[0] ?? 0) || null
        })
      },
    })
    this.ACTION(() => {
      if (units.length === 0) units.push('st')
    })
    this.MANY({
      GATE: () =>
        tokenMatcher(this.LA(2), t.ChSpace) ||
        tokenMatcher(this.LA(2), t.Chain) ||
        tokenMatcher(this.LA(2), t.Place) ||
        tokenMatcher(this.LA(2), t.Each),
      DEF: () => {
        this.CONSUME(t.And)
        this.OPTION6(() => this.CONSUME2(t.Each))
        units.push(this.SUBRULE2(this.unit))
      },
    })
    this.OPTION7(() => {
      const far = this.SUBRULE(this.far)
      if (reach === END) reach = far
    })
    return { kind: 'each', units, long, reach }
  })

  /** "the remaining 5 sts", and all of them where no number is said. */
  protected restTarget = this.RULE('restTarget', (): Target => {
    this.CONSUME(t.Remaining)
    let count: number | null = null
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    const unit = this.SUBRULE(this.unit)
    return count === null
      ? { kind: 'each', units: [unit], long: null, reach: END }
      : { kind: 'next', count, unit, first: false }
  })

  protected sameTarget = this.RULE('sameTarget', (): Target => {
    this.CONSUME(t.Same)
    this.OPTION(() => this.SUBRULE(this.unit))
    let isFirst = false
    this.OPTION2(() => {
      const token = this.CONSUME(t.AsThere)
      this.ACTION(() => (isFirst = /first|1st|beg/i.test(token.image)))
    })
    return { kind: 'same', first: isFirst }
  })

  /** "the 2 skipped sts", and all of them where no number is said. */
  protected skippedTarget = this.RULE('skippedTarget', (): Target => {
    const count = /\d+/.exec(this.CONSUME(t.Skipped).image)?.[0]
    return { kind: 'skipped', count: count === undefined ? null : Number(count) }
  })

  /** Counted from the beginning of the row: "the 7th st", "sp between 6th and 7th V". */
  protected nthTarget = this.RULE('nthTarget', (): Target =>
    this.OR<Target>([
      {
        ALT: () => {
          const nth = firstNumber(this.CONSUME(t.Nth))
          let said: PlaceUnit = 'any'
          this.OPTION(() => (said = this.SUBRULE(this.unit)))
          return this.ACTION(() => ({ kind: 'nth', nth, unit: said === 'st' ? 'any' : said }))
        },
      },
      { ALT: () => ({ kind: 'nth', nth: firstNumber(this.CONSUME(t.NthGap)), unit: 'gap' }) },
    ]),
  )

  private calledBy(unit: PlaceUnit): { named?: string } {
    return unit === 'st' && this.named ? { named: this.named } : {}
  }

  protected target = this.RULE('target', (): Target => {
    this.OPTION(() =>
      this.OR({
        IGNORE_AMBIGUITIES: true,
        DEF: [{ ALT: () => this.CONSUME(t.In) }, { ALT: () => this.CONSUME(t.Around) }],
      }),
    )
    this.OPTION3(() => this.SUBRULE(this.loop))
    this.option(11, () => this.CONSUME(t.Post))
    this.OPTION4(() =>
      this.OR2({
        IGNORE_AMBIGUITIES: true,
        DEF: [{ ALT: () => this.CONSUME(t.The) }, { ALT: () => this.CONSUME(t.Article) }],
      }),
    )
    return this.OR3<Target>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => this.SUBRULE(this.eachTarget) },
        {
          ALT: () => {
            this.CONSUME(t.Next)
            let count = 1
            let unit: PlaceUnit = 'st'
            this.OPTION5(() => (count = numberOf(this.CONSUME(t.Integer))))
            this.OPTION6(() => (unit = this.SUBRULE(this.unit)))
            return { kind: 'next', count, unit, first: false, ...this.calledBy(unit) }
          },
        },
        { ALT: () => this.SUBRULE(this.sameTarget) },
        {
          ALT: () => {
            this.CONSUME(t.Last)
            let count = 1
            let unit: PlaceUnit = 'any'
            this.OPTION8(() => (count = numberOf(this.CONSUME2(t.Integer))))
            this.OPTION9(() => (unit = this.SUBRULE3(this.unit)))
            return { kind: 'last', count, unit, ...this.calledBy(unit) }
          },
        },
        { ALT: () => this.SUBRULE(this.nthTarget) },
        { ALT: () => (this.CONSUME(t.JustMade), { kind: 'same', first: false }) },
        { ALT: () => this.SUBRULE(this.skippedTarget) },
        { ALT: () => this.SUBRULE(this.firstTarget) },
        { ALT: () => this.SUBRULE(this.restTarget) },
        {
          ALT: () => {
            const token = this.CONSUME(t.Hook)
            return this.ACTION(() => ({
              kind: 'hook',
              nth: nthOf(token),
              counts: null,
              from: false,
            }))
          },
        },
        { ALT: () => (this.CONSUME(t.Ring), { kind: 'ring' }) },
        {
          ALT: () => {
            const unit = this.SUBRULE5(this.unit)
            return { kind: 'next', count: 1, unit, first: false, ...this.calledBy(unit) }
          },
        },
      ],
    })
  })
}
