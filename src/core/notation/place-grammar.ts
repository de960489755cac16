import { EmbeddedActionsParser, type IToken, tokenMatcher, type TokenType } from 'chevrotain'
import { END, low, nthOf, numberOf, times } from './token-values.ts'
import * as t from './tokens.ts'
import type { PlaceUnit, Reach, StitchWord, Target } from './work.ts'

/** Stitches a text defines for itself, by their lower-case name. */
export type Specials = ReadonlyMap<string, StitchWord>

/** The part of the grammar that says where something goes, and how far or how often. */
export abstract class PlaceParser extends EmbeddedActionsParser {
  protected specials: Specials = new Map()

  protected spanFrom(first: IToken) {
    // While the grammar records itself there are no tokens.
    if (this.RECORDING_PHASE) return { from: 0, to: 0 }
    const last = this.LA(0)
    return { from: first.startOffset, to: (last.startOffset ?? 0) + last.image.length }
  }

  protected next(...types: TokenType[]): boolean {
    return types.some((type) => tokenMatcher(this.LA(1), type))
  }

  protected isSpecial = (): boolean => this.specials.has(low(this.LA(1)))

  /** Whether a place to work into begins at the token so far ahead. */
  protected isTarget(ahead: number): boolean {
    const first = this.LA(ahead)
    const starts = [t.Next, t.Each, t.Same, t.Last, t.First, t.Hook, t.Ring]
    if (starts.some((type) => tokenMatcher(first, type))) return true
    if (!tokenMatcher(first, t.In) && !tokenMatcher(first, t.Around)) return false
    const second = this.LA(ahead + 1)
    const after = [
      ...starts,
      t.The,
      t.Article,
      t.BackLoop,
      t.FrontLoop,
      t.Place,
      t.ChSpace,
      t.Gap,
      t.Chain,
      t.Stitch,
    ]
    return after.some((type) => tokenMatcher(second, type)) || this.specials.has(low(second))
  }

  protected unit = this.RULE('unit', (): PlaceUnit =>
    this.OR<PlaceUnit>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.Place), 'st') },
        { ALT: () => (this.CONSUME(t.ChSpace), 'sp') },
        { ALT: () => (this.CONSUME(t.Gap), 'gap') },
        { ALT: () => (this.CONSUME(t.Chain), 'ch') },
        {
          ALT: () => {
            this.CONSUME(t.Stitch)
            this.OPTION(() => this.CONSUME2(t.Place))
            return 'st'
          },
        },
        { GATE: this.isSpecial, ALT: () => (this.CONSUME(t.Unknown), 'st') },
      ],
    }),
  )

  protected toLast = this.RULE('toLast', (): Reach => {
    this.CONSUME(t.ToLast)
    let count = 1
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION2(() => this.SUBRULE(this.unit))
    this.OPTION3(() => this.CONSUME(t.Remain))
    return { kind: 'to-last', count }
  })

  /** How often, after “rep from *”: to the end when nothing is said. */
  protected reach = this.RULE('reach', (): Reach =>
    this.OR<Reach>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.Around), END) },
        { ALT: () => (this.CONSUME(t.Across), END) },
        { ALT: () => (this.CONSUME(t.ToEnd), END) },
        { ALT: () => this.SUBRULE(this.toLast) },
        {
          ALT: () => {
            const count = numberOf(this.CONSUME(t.Integer))
            let more = false
            this.OPTION(() => {
              this.CONSUME(t.More)
              more = true
            })
            this.OPTION2(() => this.CONSUME(t.Times))
            return times(more ? count + 1 : count)
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
        {
          ALT: () => {
            const count = numberOf(this.CONSUME2(t.Integer))
            this.CONSUME(t.Times)
            return times(count)
          },
        },
        { ALT: () => (this.CONSUME(t.Twice), times(2)) },
        { ALT: () => (this.CONSUME(t.Once), times(1)) },
        { ALT: () => (this.CONSUME(t.Around), END) },
        { ALT: () => (this.CONSUME(t.Across), END) },
        { ALT: () => (this.CONSUME(t.ToEnd), END) },
        { ALT: () => this.SUBRULE(this.toLast) },
      ],
    }),
  )

  protected loop = this.RULE('loop', (): 'back' | 'front' => {
    const loop = this.OR<'back' | 'front'>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.BackLoop), 'back') },
        { ALT: () => (this.CONSUME(t.FrontLoop), 'front') },
      ],
    })
    this.OPTION(() => this.CONSUME(t.Of))
    return loop
  })

  protected firstTarget = this.RULE('firstTarget', (): Target => {
    this.CONSUME(t.First)
    let count = 1
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.SUBRULE(this.unit)
    return { kind: 'next', count, unit: 'any' }
  })

  protected eachTarget = this.RULE('eachTarget', (): Target => {
    this.CONSUME(t.Each)
    const units: PlaceUnit[] = []
    let reach: Reach = END
    this.OPTION(() => this.CONSUME(t.Of))
    this.OPTION2(() => this.CONSUME(t.The))
    this.OPTION3(() => {
      this.CONSUME(t.Next)
      reach = times(numberOf(this.CONSUME(t.Integer)))
    })
    this.OPTION4(() => {
      this.CONSUME2(t.The)
      this.OPTION5(() => this.CONSUME2(t.Next))
    })
    units.push(this.SUBRULE(this.unit))
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
      const far = this.OR<Reach>({
        IGNORE_AMBIGUITIES: true,
        DEF: [
          { ALT: () => (this.CONSUME(t.Around), END) },
          { ALT: () => (this.CONSUME(t.Across), END) },
          { ALT: () => (this.CONSUME(t.ToEnd), END) },
          { ALT: () => this.SUBRULE(this.toLast) },
        ],
      })
      if (reach === END) reach = far
    })
    return { kind: 'each', units, reach }
  })

  protected target = this.RULE('target', (): Target => {
    this.OPTION(() =>
      this.OR({
        IGNORE_AMBIGUITIES: true,
        DEF: [{ ALT: () => this.CONSUME(t.In) }, { ALT: () => this.CONSUME(t.Around) }],
      }),
    )
    this.OPTION3(() => this.SUBRULE(this.loop))
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
            return { kind: 'next', count, unit }
          },
        },
        {
          ALT: () => {
            this.CONSUME(t.Same)
            this.OPTION7(() => this.SUBRULE2(this.unit))
            return { kind: 'same' }
          },
        },
        {
          ALT: () => {
            this.CONSUME(t.Last)
            let count = 1
            let unit: PlaceUnit = 'any'
            this.OPTION8(() => (count = numberOf(this.CONSUME2(t.Integer))))
            this.OPTION9(() => (unit = this.SUBRULE3(this.unit)))
            return { kind: 'last', count, unit }
          },
        },
        {
          ALT: () => this.SUBRULE(this.firstTarget),
        },
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
        { ALT: () => ({ kind: 'next', count: 1, unit: this.SUBRULE5(this.unit) }) },
      ],
    })
  })
}
