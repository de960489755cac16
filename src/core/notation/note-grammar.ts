import { type IToken, tokenMatcher } from 'chevrotain'
import { PlaceParser } from './place-grammar.ts'
import {
  countsOf,
  isStructure,
  joinedAt,
  joinedYarn,
  noteCount,
  nthOf,
  numberOf,
  yarnName,
} from './token-values.ts'
import * as t from './tokens.ts'
import { type NthPlace, plainStitch, type PlaceUnit, type Work } from './work-tree.ts'

/** The part of the grammar that works no stitch: skips, chains, and what is said between. */
type Say = (what: Extract<Work, { kind: 'note' }>['what'], yarn?: string | null) => Work

export abstract class NoteParser extends PlaceParser {
  /** A ring that stands for itself, not as the place of a stitch before it. */
  private ringAlone(): boolean {
    const at = [1, 2, 3].find((i) => tokenMatcher(this.LA(i), t.Ring)) ?? 0
    if (at === 0 || (at === 2 && !this.next(t.In, t.Article)) || (at === 3 && !this.next(t.In)))
      return false
    const after = this.LA(at + 1)
    return (
      isStructure(after) ||
      [t.Integer, t.Stitch, t.Chain, t.And].some((type) => tokenMatcher(after, type))
    )
  }

  protected skip = this.RULE('skip', (): Work[] => {
    const first = this.CONSUME(t.Skip)
    let count = 1
    let unit: PlaceUnit = 'any'
    let isFirst = false
    this.OPTION(() =>
      this.OR2([{ ALT: () => this.CONSUME(t.The) }, { ALT: () => this.CONSUME(t.Article) }]),
    )
    this.OPTION2(() =>
      this.OR({
        IGNORE_AMBIGUITIES: true,
        DEF: [
          { ALT: () => this.CONSUME(t.Next) },
          {
            ALT: () => {
              this.CONSUME(t.First)
              isFirst = true
            },
          },
          { ALT: () => this.CONSUME(t.Last) },
        ],
      }),
    )
    this.OPTION3(() => (count = numberOf(this.CONSUME(t.Integer))))
    this.OPTION4(() => {
      const what = this.SUBRULE(this.unit)
      unit = what === 'sp' ? 'sp' : 'any'
    })
    return [{ kind: 'skip', count, unit, first: isFirst, span: this.spanFrom(first) }]
  })

  protected note = this.RULE('note', (): Work[] => {
    const first = this.LA(1)
    const said: Say = (what, yarn = null) => ({
      kind: 'note',
      what,
      yarn,
      at: what === 'join' ? joinedAt(first) : null,
      count: what === 'leave' || what === 'change' ? noteCount(first) : 0,
      text: first.image,
      span: this.spanFrom(first),
    })
    return this.OR<Work[]>({
      IGNORE_AMBIGUITIES: true,
      DEF: [
        { ALT: () => (this.CONSUME(t.Turn), [said('turn')]) },
        { ALT: () => (this.CONSUME(t.Join), [said('join', joinedYarn(first))]) },
        { ALT: () => (this.CONSUME(t.FastenOff), [said('fasten-off')]) },
        { ALT: () => (this.CONSUME(t.OtherSide), [said('other-side')]) },
        { ALT: () => (this.CONSUME(t.Leave), [said('leave')]) },
        { ALT: () => (this.CONSUME(t.PickUp), [said('pick-up')]) },
        { ALT: () => (this.CONSUME(t.Ending), [said('ending')]) },
        { ALT: () => (this.CONSUME(t.Change), [said('change')]) },
        { ALT: () => (this.CONSUME(t.Said), [said('said')]) },
        // "Magic ring, 6 sc", "In ring: 12 dc": what follows goes into it.
        {
          GATE: () => this.ringAlone(),
          ALT: () => {
            this.option(1, () => this.CONSUME2(t.In))
            this.option(2, () => this.CONSUME(t.Article))
            this.CONSUME(t.Ring)
            return [said('ring')]
          },
        },
        { ALT: () => (this.CONSUME(t.Aside), [said('said')]) },
        { ALT: () => (this.CONSUME(t.Bumps), [said('said')]) },
        { ALT: () => (this.CONSUME(t.Starting), []) },
        { GATE: () => tokenMatcher(this.LA(2), t.Hook), ALT: () => this.SUBRULE(this.fromHook) },
        // "Beginning in the 7th st": with a yarn that is there already.
        {
          GATE: () => !tokenMatcher(this.LA(2), t.Hook),
          ALT: () => {
            this.CONSUME(t.From)
            const at = this.SUBRULE(this.nthTarget)
            return this.ACTION(() => [{ ...said('said'), at: at as NthPlace } as Work])
          },
        },
        { ALT: () => (this.CONSUME(t.Around), []) },
        // "Working in back loops only", for all that follows.
        {
          GATE: () => !this.isTarget(1),
          ALT: () => (this.SUBRULE(this.loop), [said('said')]),
        },
        ...this.yarnNotes(said),
      ],
    })
  })

  /** The ways a yarn is said. */
  private yarnNotes(said: Say): { GATE: () => boolean; ALT: () => Work[] }[] {
    return [
      // "(A)", before what is worked in it.
      {
        GATE: () => isStructure(this.LA(2)) || tokenMatcher(this.LA(2), t.Stitch),
        ALT: () => [said('yarn', yarnName(this.CONSUME2(t.Letter)))],
      },
      {
        // A colour by its name: "with brass", "change to deep blue".
        GATE: () => tokenMatcher(this.LA(2), t.Unknown),
        ALT: () => {
          this.CONSUME2(t.With)
          const name: string[] = []
          this.AT_LEAST_ONE(() => name.push(this.CONSUME(t.Unknown).image))
          this.SUBRULE(this.inLast)
          return [said('yarn', name.join(' '))]
        },
      },
      {
        GATE: () => tokenMatcher(this.LA(2), t.Letter),
        ALT: () => {
          this.OR2({
            IGNORE_AMBIGUITIES: true,
            DEF: [{ ALT: () => this.CONSUME(t.With) }, { ALT: () => this.CONSUME(t.In) }],
          })
          const yarn = yarnName(this.CONSUME(t.Letter))
          this.SUBRULE2(this.inLast)
          return [said('yarn', yarn)]
        },
      },
    ]
  }

  /** "Changing to B in last st": where a yarn is changed works nothing. */
  private inLast = this.RULE('inLast', (): void => {
    this.OPTION({
      GATE: () => tokenMatcher(this.LA(2), t.Last) || tokenMatcher(this.LA(3), t.Last),
      DEF: () => {
        this.CONSUME(t.In)
        this.OPTION2(() => this.CONSUME(t.The))
        this.CONSUME(t.Last)
        this.SUBRULE(this.unit)
      },
    })
  })

  /** "starting in 2nd ch from hook": chains are skipped, and the stitches that follow begin there. */
  private fromHook = this.RULE('fromHook', (): Work[] => {
    const first = this.CONSUME(t.From)
    const token = this.CONSUME(t.Hook)
    let counts: { stitches: number; chains: number } | null = null
    this.OPTION(() => {
      const said = this.CONSUME(t.Counts)
      this.ACTION(() => (counts = countsOf(said)))
    })
    return this.ACTION(() => [
      {
        ...plainStitch,
        target: { kind: 'hook', nth: nthOf(token), counts, from: true },
        span: this.spanFrom(first),
      },
    ])
  })

  protected chain = this.RULE('chain', (first: IToken, before: number | null): Work[] => {
    this.CONSUME(t.Chain)
    let count = before ?? 1
    let yarn: string | null = null
    let counts: { stitches: number; chains: number } | null = null
    this.OPTION(() => (count = numberOf(this.CONSUME(t.Integer))))
    // "Ch 30 + 3".
    this.OPTION4({
      GATE: () => this.LA(1).image === '+' && tokenMatcher(this.LA(2), t.Integer),
      DEF: () => {
        this.CONSUME(t.And)
        count += numberOf(this.CONSUME2(t.Integer))
      },
    })
    this.OPTION2(() => (yarn = yarnName(this.CONSUME(t.Letter))))
    this.OPTION3(() => {
      const token = this.CONSUME(t.Counts)
      this.ACTION(() => (counts = countsOf(token)))
    })
    return [{ kind: 'chain', count, yarn, counts, span: this.spanFrom(first) }]
  })
}
