import { EOF, type IToken, tokenMatcher, type TokenType } from 'chevrotain'
import { StitchParser } from './stitch-grammar.ts'
import type { Specials } from './place-grammar.ts'
import {
  clauseAt,
  endOf,
  placedAt,
  STRUCTURE,
  withNames,
  withoutRemarks,
  withoutUnknown,
  WORK,
  type Written,
} from './token-values.ts'
import * as t from './tokens.ts'
import {
  END,
  type Reach,
  type ReadWork,
  type Span,
  type Target,
  times,
  type Unread,
  type Work,
} from './work-tree.ts'

export type { Specials }

/** More clauses than this that do not fit, or a longer row, are no row at all. */
const MOST_ASIDE = 12
const LONGEST = 3000
/** Brackets and stars within each other. */
const DEEPEST = 16

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
  t.ToSpace,
  t.ToLast,
  t.Counts,
  t.Letter,
  t.Across,
  t.AsThere,
  t.Remaining,
  t.BothLoops,
  t.ThirdLoop,
  t.Post,
  t.Below,
  t.Top,
  t.Gap,
  t.JustMade,
  t.Loop,
  t.Skipped,
  t.Nth,
  t.NthGap,
  t.Centre,
]

/**
 * One grammar for the work of a row. Whatever does not belong where it stands is set aside as unread with its place, and reading
 * goes on after it.
 */
class WorkParser extends StitchParser {
  private unread: Unread[] = []
  /** Words that are not known are passed over: what is set aside ends where work begins. */
  private passes = false
  private readonly strays = STRAY.map((type, i) => ({ ALT: () => this.consume(i, type) }))
  /** Stars that are open: the same star again closes what it began. */
  private stars: string[] = []
  /** What stood between the last two stars, not yet said how often: to the end, unless it is taken up again later. */
  private between: { reach: Reach; readonly items: readonly Work[] } | null = null

  constructor() {
    super([...t.tokens], { maxLookahead: 2, recoveryEnabled: false })
    this.performSelfAnalysis()
  }

  read(text: string, specials: Specials, { at, past: passes = false }: Reading): ReadWork {
    const named = withNames(text, t.lexer.tokenize(text).tokens, specials)
    const placed = at ? named.map((token) => placedAt(token, at)) : named
    const past: Span[] = []
    const known = passes ? withoutUnknown(placed, specials, past) : placed
    let tokens = withoutRemarks(known, specials)
    this.specials = specials
    this.passes = passes
    const aside: Unread[] = []
    const end = at?.to.at(-1) ?? text.length
    // Each try sets aside one clause that does not fit; after so many the rest is left unread.
    for (let tries = 0; ; tries++) {
      if (tries > MOST_ASIDE || text.length > LONGEST || depthOf(tokens) > DEEPEST)
        return { items: [], unread: [{ from: 0, to: end, expected: WORK }], past }
      this.input = tokens
      this.unread = []
      this.stars = []
      this.between = null
      const items = this.row() ?? []
      const [error] = this.errors
      if (!error) return { items, unread: [...aside, ...this.unread], past }
      const { from, to } = clauseAt(tokens, tokens.indexOf(error.token))
      aside.push({
        from: tokens[from]!.startOffset,
        to: endOf(tokens[to - 1]!),
        expected: tokens[from]!.tokenType === t.Open ? 'a closing bracket' : WORK,
      })
      tokens = [...tokens.slice(0, from), ...tokens.slice(to)]
    }
  }

  /** Up to where a clause ends nothing more was expected. */
  private setAside(expected: string): void {
    const first = this.LA(1)
    let last = first
    while (!this.next(...STRUCTURE) && !(this.passes && last !== first && this.isWork())) {
      last = this.LA(1)
      this.consume(0, last.tokenType)
    }
    if (last !== first || !this.next(...STRUCTURE) || last === this.LA(0))
      this.unread.push({
        from: first.startOffset,
        to: endOf(last),
        expected,
      })
  }

  private row = this.RULE('row', (): Work[] => {
    let items = this.SUBRULE(this.sequence)
    this.OPTION(() => {
      const reach = this.SUBRULE(this.repeated)
      const more = this.SUBRULE3(this.sequence)
      this.ACTION(() => (items = [...this.allAgain(items, reach), ...more]))
    })
    // A bracket or a “repeat from” without its beginning.
    this.MANY({
      GATE: () => this.ACTION(() => !this.next(EOF)),
      DEF: () => {
        this.OR([
          { ALT: () => this.strayed(this.CONSUME(t.Close)) },
          {
            ALT: () => {
              const again = this.SUBRULE(this.takenUp)
              this.ACTION(() => items.push(...again))
            },
          },
        ])
        const more = this.SUBRULE2(this.sequence)
        this.ACTION(() => items.push(...more))
      },
    })
    return items
  })

  private strayed(token: IToken): void {
    this.ACTION(() =>
      this.unread.push({
        from: token.startOffset,
        to: endOf(token),
        expected: 'its beginning: a bracket or a star before it',
      }),
    )
  }

  /** "4 sc, inc, repeat 6 times": all that stands before it, but for how the row starts. */
  private allAgain(items: readonly Work[], reach: Reach): Work[] {
    const begin = items.findIndex(({ kind }, i) => kind !== 'note' && !(kind === 'chain' && i < 2))
    if (begin < 0) return [...items]
    const again = items.slice(begin)
    const span = { from: again[0]!.span.from, to: again.at(-1)!.span.to }
    return [...items.slice(0, begin), { kind: 'group', items: again, reach, target: null, span }]
  }

  private sequence = this.RULE('sequence', (): Work[] => {
    const items: Work[] = []
    this.MANY({
      GATE: () => !(this.next(t.Star) && this.stars.includes(this.LA(1).image)),
      DEF: () =>
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
        }),
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
    this.ACTION(() => this.stars.push(first.image))
    const items = this.SUBRULE(this.sequence)
    this.ACTION(() => this.stars.pop())
    let reach: Reach | null = null
    let closed = false
    this.OPTION({
      GATE: () => this.next(t.Star) && this.LA(1).image === first.image,
      DEF: () => {
        this.CONSUME2(t.Star)
        closed = true
      },
    })
    this.OPTION2({
      GATE: () =>
        closed && (tokenMatcher(this.LA(2), t.RepFrom) || tokenMatcher(this.LA(2), t.Rep)),
      DEF: () => this.CONSUME(t.Separator),
    })
    this.OPTION3({
      GATE: () => !closed || this.next(t.Rep, t.RepFrom) || this.isOften(),
      DEF: () => {
        reach = this.OR<Reach>([
          { ALT: () => (this.CONSUME(t.RepFrom), this.SUBRULE(this.reach)) },
          { ALT: () => this.SUBRULE(this.repeated) },
          { GATE: () => closed, ALT: () => this.SUBRULE(this.often) },
        ])
      },
    })
    const group = {
      kind: 'group' as const,
      items,
      reach: reach ?? END,
      target: null,
      span: this.spanFrom(first),
    }
    this.ACTION(() => {
      if (reach !== null) return
      if (closed) this.between = group
      else
        this.unread.push({
          from: first.startOffset,
          to: endOf(first),
          expected: '“rep from *” after it',
        })
    })
    return [group]
  })

  /** "*…*, …, repeat from * to * once": what stood between the stars comes again here. */
  private takenUp = this.RULE('takenUp', (): Work[] => {
    const first = this.CONSUME(t.RepFrom)
    let reach: Reach = times(1)
    this.OPTION({ GATE: () => this.isOften(), DEF: () => (reach = this.SUBRULE(this.often)) })
    return this.ACTION(() => {
      const { between } = this
      if (between === null) {
        this.strayed(first)
        return []
      }
      between.reach = times(1)
      const { items } = between
      return [{ kind: 'group', items, reach, target: null, span: this.spanFrom(first) }]
    })
  })

  private bracketed = this.RULE('bracketed', (): Work[] => {
    const first = this.CONSUME(t.Open)
    const items = this.SUBRULE(this.sequence)
    this.CONSUME(t.Close)
    const targets: (Target | null)[] = []
    let reach: Reach = times(1)
    this.MANY({
      GATE: () => this.isTarget(1) || (tokenMatcher(this.LA(1), t.And) && this.isTarget(2)),
      DEF: () => {
        this.OPTION(() => this.CONSUME(t.And))
        const target = this.SUBRULE(this.target)
        this.ACTION(() => targets.push(target))
      },
    })
    this.OPTION2({
      GATE: () => this.next(t.Rep) || this.isOften(),
      DEF: () => {
        reach = this.OR<Reach>([
          { ALT: () => this.SUBRULE(this.often) },
          { ALT: () => this.SUBRULE(this.repeated) },
        ])
      },
    })
    const span = this.spanFrom(first)
    return (targets.length > 0 ? targets : [null]).map((target) => ({
      kind: 'group',
      items,
      reach,
      target,
      span,
    }))
  })

  /** A clause that begins with nothing the grammar knows. */
  private stray = this.RULE('stray', (): Work[] => {
    const first = this.LA(1)
    this.AT_LEAST_ONE({
      GATE: () =>
        this.ACTION(
          () => !this.next(...STRUCTURE) && !(this.passes && this.LA(1) !== first && this.isWork()),
        ),
      DEF: () => {
        this.OR({
          IGNORE_AMBIGUITIES: true,
          DEF: this.strays,
        })
      },
    })
    this.ACTION(() => {
      const last = this.LA(0)
      this.unread.push({
        from: first.startOffset,
        to: endOf(last),
        expected: WORK,
      })
    })
    return []
  })
}

/** How deep brackets and stars stand within each other, at most. */
function depthOf(tokens: readonly IToken[]): number {
  const stars = new Set<string>()
  let open = 0
  let deepest = 0
  for (const token of tokens) {
    if (tokenMatcher(token, t.Star)) stars.add(token.image)
    if (tokenMatcher(token, t.Open)) deepest = Math.max(deepest, ++open)
    if (tokenMatcher(token, t.Close)) open = Math.max(0, open - 1)
  }
  return deepest + stars.size
}

/** Made when it is first needed: it looks over its grammar once. */
let parser: WorkParser | null = null

export interface Reading {
  /** Where each character of the text was written, when it was put in other words. */
  readonly at?: Written
  /** Words that are not known are passed over, and told. */
  readonly past?: boolean
}

/** Reads the work of one row: what it could read, and what it could not with its place. Never throws. */
export const readWork = (
  text: string,
  specials: Specials = new Map(),
  reading: Reading = {},
): ReadWork => (parser ??= new WorkParser()).read(text, specials, reading)
