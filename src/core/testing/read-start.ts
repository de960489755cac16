/*
 * Reads how a printed row starts and ends, for tests, by a maker's eye and not by Check: what leads on, the chain and whether it
 * counts, a turn, where its first stitch goes and where it is joined. It knows no stitch dictionary.
 */

export interface ReadStart {
  /** Chain it is made on, of a first row. */
  readonly foundation: number | null
  /** The chain of the foundation its first stitch goes into. */
  readonly nth: number | null
  readonly leadsOn: boolean
  /** Chains it starts with; 0 where it has none. */
  readonly chains: number
  /** Whether it says that they count, or that they do not; null where it says neither. */
  readonly counts: boolean | null
  readonly turns: boolean
  readonly standing: string | null
  /** Where it is joined: the top of so many chains, its first stitch (0), or nowhere. */
  readonly joinedTo: number | null
}

const number = (text: string | undefined): number | null =>
  text === undefined ? null : Number(text)

/** @param setup what is made before the row; empty when nothing is */
export function readStart(setup: string, text: string): ReadStart {
  const work = text.replace(/^(?:working into [^,]*, )?(?:with [A-Z], )?/, '')
  const led = /^(?:sl st|ss) (?:in|to) next [^,]*, /.exec(work)?.[0] ?? ''
  const [, chains, said] =
    /^(?:join in (?:first|\d+\w\w) st, )?ch (\d+)(?: [A-Z])?(?: \(([^)]*)\))?,/.exec(
      work.slice(led.length),
    ) ?? []
  const [, top] = /(?:sl st|ss) in top of ch (\d+)(?:, fasten off)?$/.exec(work) ?? []
  return {
    foundation: number(/\bch (\d+)\b/i.exec(setup)?.[1]),
    nth: number(/(\d+)(?:nd|rd|th) ch from hook/.exec(work)?.[1]),
    leadsOn: led !== '',
    chains: number(chains) ?? 0,
    counts: said === undefined ? null : !/\bnot\b/.test(said),
    turns: /^(?:[^*[]*, )?turn,/.test(work),
    standing: /^(?:turn, )?((?:standing|stacked) \w+)/.exec(work.slice(led.length))?.[1] ?? null,
    joinedTo: top ? Number(top) : /(?:sl st|ss) to join(?:, fasten off)?$/.test(work) ? 0 : null,
  }
}
