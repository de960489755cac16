import type { Work } from '../notation/index.ts'
import type { CheckOptions } from './checked.ts'

const COUNTS =
  /\b(?:starting |beginning |beg |turning |first )?ch(?:ains?)?(?:[- ]?(\d+))?s?\s*\(?\s*(?:at\s+[^.]*?\s)?(does not|doesn[’']t|do not|don[’']t|counts?)\b[^.]*\b(?:as|stitch|st|dc|hdc|sc|tr)\b/i

/** Whether starting chains count, as the pattern has said so far. */
export class StartingChains {
  private all: boolean | null
  /** By length of the chain. */
  private readonly lengths = new Map<number, boolean>()

  constructor(private readonly option: NonNullable<CheckOptions['startingChain']>) {
    this.all = option === 'text' ? null : option === 'counts'
  }

  /** For a row: null goes by the chain's length. */
  of(items: readonly Work[]): boolean | null {
    const first = items.find(({ kind }) => kind !== 'note')
    const own = first?.kind === 'chain' ? this.lengths.get(first.count) : undefined
    return own ?? this.all
  }

  /** What a row or a remark says of every starting chain after it; whether it says so. */
  hear(text: string): boolean {
    const counts = COUNTS.exec(text)
    if (!counts) return false
    if (this.option !== 'text') return true
    const says = /^count/i.test(counts[2]!)
    const length = Number(counts[1])
    if (length > 0) this.lengths.set(length, says)
    else this.all = says
    return true
  }
}
