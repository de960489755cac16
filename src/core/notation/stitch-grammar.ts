import { type IToken, tokenMatcher } from 'chevrotain'
import { NoteParser } from './note-grammar.ts'
import { countsOf, low, numberOf, rowsDown, stitchWord, yarnName } from './token-values.ts'
import * as t from './tokens.ts'
import { compound } from './vocabulary.ts'
import { plainStitch, type Loop, type StitchWord, type Target, type Work } from './work-tree.ts'

/** The part of the grammar that works stitches: how many of which, where, and in which yarn. */
export abstract class StitchParser extends NoteParser {
  /** Whether a stitch, a chain or a place to go on in begins here. */
  protected isWork(): boolean {
    const counted = this.next(t.Integer) ? this.LA(2) : this.LA(1)
    const kinds = [t.Stitch, t.Compound, t.Chain, t.Start]
    return (
      kinds.some((type) => tokenMatcher(counted, type)) ||
      this.specials.has(low(counted)) ||
      (this.next(t.Integer) && tokenMatcher(counted, t.Letter)) ||
      this.isTarget(1)
    )
  }

  /** A stitch or chain with its number before or after it, and where it goes. */
  protected numbered = this.RULE('numbered', (): Work[] => {
    const first = this.LA(1)
    let count: number | null = null
    let start: 'standing' | 'stacked' | null = null
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION2(() => {
      const token = this.CONSUME(t.Start)
      this.ACTION(() => (start = /standing/i.test(token.image) ? 'standing' : 'stacked'))
    })
    return this.OR<Work[]>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => this.SUBRULE(this.chain, { ARGS: [first, count] }) },
        { ALT: () => this.SUBRULE(this.stitch, { ARGS: [first, count, start] }) },
        // "5 A, 3 B" goes on with the stitch before, in another yarn.
        {
          GATE: () => count !== null,
          ALT: () => {
            const yarn = yarnName(this.CONSUME(t.Letter))
            return [
              { ...plainStitch, count: count!, yarn, target: null, span: this.spanFrom(first) },
            ]
          },
        },
        // A target without a stitch: “and in each ch across” goes on with the stitch before.
        { GATE: () => this.isTarget(1), ALT: () => this.SUBRULE(this.goesOn, { ARGS: [first] }) },
      ],
    })
  })

  private stitch = this.RULE(
    'stitch',
    (first: IToken, before: number | null, start: 'standing' | 'stacked' | null): Work[] => {
      const stitch = this.SUBRULE(this.stitchName)
      let loop: Loop | null = null
      let post = false
      let down = 0
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
      this.OPTION3(() => (yarn = yarnName(this.CONSUME(t.Letter))))
      this.MANY({
        GATE: () => this.isTarget(1) || (tokenMatcher(this.LA(1), t.And) && this.isTarget(2)),
        DEF: () => {
          this.OPTION8(() => this.CONSUME(t.And))
          this.ACTION(() => (post ||= this.next(t.Around, t.Post)))
          const target = this.SUBRULE(this.target)
          this.ACTION(() => targets.push(target))
        },
      })
      this.option(11, () => {
        const token = this.CONSUME(t.Below)
        this.ACTION(() => (down = rowsDown(token)))
      })
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
          const reach = this.SUBRULE(this.far)
          this.ACTION(() => targets.push({ kind: 'each', units: ['st'], long: null, reach }))
        },
      })
      this.OPTION6(() => (yarn = yarnName(this.CONSUME2(t.Letter))))
      this.OPTION7(() => {
        const token = this.CONSUME(t.Counts)
        this.ACTION(() => {
          withStart = /with the start/.test(low(token))
          const last = targets.at(-1)
          if (last?.kind === 'hook')
            targets[targets.length - 1] = { ...last, counts: countsOf(token) }
        })
      })
      return this.ACTION(() => {
        const facts = { stitch, loop, post, down, yarn, start, withStart }
        const [count, span] = [before ?? loose ?? 1, this.spanFrom(first)]
        const all: readonly (Target | null)[] = targets.length > 0 ? targets : [null]
        return all.map((target) => ({
          kind: 'stitch',
          ...facts,
          ...{ count, target, times: repeated, span },
        }))
      })
    },
  )

  private stitchName = this.RULE('stitchName', (): StitchWord =>
    this.OR<StitchWord>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        {
          ALT: () => {
            const token = this.CONSUME(t.Stitch)
            return this.ACTION(() => this.specials.get(low(token)) ?? stitchWord(low(token)))
          },
        },
        {
          ALT: () => {
            const token = this.CONSUME(t.Compound)
            return this.ACTION(() => compound(low(token)))
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
}
