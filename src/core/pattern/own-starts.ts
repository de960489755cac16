/*
 * Rows that are kept as they were written say their start themselves: slip stitches that lead to where it is, a chain, and whether that
 * is a stitch. By another school the same row starts otherwise; what it works stays.
 */

/** How a row starts by its school. */
export interface StartsBy {
  /** A spiral has no start of its own. */
  readonly way: 'chain' | 'stacked' | 'standing' | 'spiral'
  /** Whether a chain in place of a stitch so tall counts as it. */
  readonly counts: (stitch: string) => boolean
  /** Chains that stand for a stitch. */
  readonly chains: (stitch: string) => number | null
}

/** Slip stitches to where it starts (those in each stitch are its work), its chain, its yarn, what is said of the chain, and what comes after. */
const START =
  /^((?:(?:sl st|ss) (?!in each\b)[^,(]*, )*)(?:ch (\d+)( [A-Z])?(?: (\((?:counts?|does not|do not)[^)]*\)))?, )?/i
const COUNTS_AS = /^\(counts? as (?:an? )?([a-z]+)(?: and ch (\d+))?\)$/i
/** What no school has a say in: the loop on the hook, and what is just “a stitch”. */
const NO_STITCH = /^(?:st|stitch|loop)$/i

/** A row as it was written, started by the school of its part. */
export function startedBy(text: string, by: StartsBy): string {
  const [all, led = '', chains, yarn = '', said = ''] = START.exec(text)!
  const rest = text.slice(all.length)
  const [, stitch, space] = COUNTS_AS.exec(said) ?? []
  const moves = by.way === 'spiral' ? passedOver(led) : led
  if (chains === undefined) return moves + rest
  if (stitch === undefined || NO_STITCH.test(stitch))
    // Where rounds go on in a spiral no chain begins them.
    return by.way === 'spiral' && stitch === undefined ? moves + inPlace(rest, led) : text
  const more = space === undefined ? '' : `, ch ${space}`
  if (by.way === 'stacked' || by.way === 'standing')
    return `${moves}${by.way} ${stitch}${yarn}${more}, ${rest}`
  const own = by.chains(stitch)
  const chain = own === null ? Number(chains) : own + Number(space ?? 0)
  if (by.way === 'chain' && by.counts(stitch)) return `${moves}ch ${chain}${yarn} ${said}, ${rest}`
  const first = withFirst(`${stitch}${yarn}`, more, rest, led)
  if (by.way === 'spiral') return moves + inPlace(first, led)
  return `${moves}ch ${chain - Number(space ?? 0)}${yarn} (does not count as a st), ${first}`
}

/** A row whose start was its first stitch, with that stitch worked. */
function withFirst(stitch: string, more: string, rest: string, led: string): string {
  const escaped = stitch.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
  const place = /sp\b/.test(led) ? 'sp' : /gap\b/.test(led) ? 'gap' : 'st'
  if (more === '') {
    const same = new RegExp(`^(\\d+) ${escaped} in same (st|sp|gap)\\b`).exec(rest)
    if (same)
      return `${Number(same[1]) + 1} ${stitch} in same ${same[2]}${rest.slice(same[0].length)}`
    const one = new RegExp(`^${escaped} in same (st|sp|gap)\\b`).exec(rest)
    if (one) return `2 ${stitch} in same ${one[1]}${rest.slice(one[0].length)}`
    const group = /^\(([^()]*)\) in same (st|sp|gap)\b/.exec(rest)
    if (group) return `(${stitch}, ${group[1]}) in same ${group[2]}${rest.slice(group[0].length)}`
    if (new RegExp(`^${escaped} in each\\b`).test(rest)) return rest
    const next = new RegExp(`^${escaped} in next (?:(\\d+) sts|st)\\b`).exec(rest)
    if (next)
      return `${stitch} in next ${Number(next[1] ?? 1) + 1} sts${rest.slice(next[0].length)}`
  }
  return `${stitch} in ${led === '' ? 'next st' : `same ${place}`}${more}, ${rest}`
}

/** In a spiral stitches are passed over where slip stitches would lead on; a space or gap is the next one anyhow. */
function passedOver(led: string): string {
  const sts = [...led.matchAll(/\bnext (?:(\d+) sts|st)\b/g)].map(([, many]) => Number(many ?? 1))
  const many = /\b(?:sp|gap)\b/.test(led) ? 0 : sts.reduce((sum, n) => sum + n, 0)
  return many === 0 ? '' : `sk ${many} ${many === 1 ? 'st' : 'sts'}, `
}

/** In a spiral nothing leads on: what goes into the place it was led to goes into the next. */
const inPlace = (text: string, led: string): string => {
  const place = /sp\b/.test(led) ? 'ch-sp' : /gap\b/.test(led) ? 'gap between clusters' : 'st'
  return text.replace(/^((?:\([^()]*\)|[^,(]*)) in same (?:st|sp|gap)\b/, `$1 in next ${place}`)
}

/** Whether the start of a row as it is written is its first stitch; and how many chains that is, where it is a chain. */
export function ownStart(
  text: string,
): { readonly chains: number; readonly counts: boolean } | null {
  const [, , chains, , said = ''] = START.exec(text.replace(/, turn, /, ', ')) ?? []
  if (chains === undefined) return null
  return { chains: Number(chains), counts: COUNTS_AS.test(said) && !/\bloop\)/.test(said) }
}
