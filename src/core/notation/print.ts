import { ordinal } from '../units/index.ts'
import type { PlaceUnit, Reach, Target, Work } from './work-tree.ts'

/*
 * Work as text, in one short form: the inverse of reading. Spans aside, what is printed reads back as what it was.
 */

const unitWords = (unit: PlaceUnit, count: number): string =>
  ({
    st: count === 1 ? 'st' : 'sts',
    ch: 'ch',
    sp: count === 1 ? 'ch-sp' : 'ch-sps',
    gap: count === 1 ? 'gap' : 'gaps',
    any: count === 1 ? 'st' : 'sts',
    top: 'top of turning ch',
    mid: 'centre of group',
  })[unit]

const LOOPS = { back: 'blo', front: 'flo', third: 'third loop' } as const

const reachWords = (reach: Reach): string =>
  reach.kind === 'end'
    ? ' around'
    : reach.kind === 'to-space'
      ? ' to next ch-sp'
      : reach.kind === 'to-last'
        ? ` to last ${reach.count} ${reach.unit === 'sp' ? 'ch-sps' : 'sts'}`
        : ` × ${reach.count}`

/** What chains count as, said of several. */
const countWords = (
  { stitches, chains }: { readonly stitches: number; readonly chains: number },
  who: 'it' | 'they' = 'they',
): string => {
  const [not, yes] = who === 'it' ? ['does not count', 'counts'] : ['do not count', 'count']
  return stitches === 0
    ? `${not} as a st`
    : `${yes} as a st${chains > 0 ? ` and ch ${chains}` : ''}`
}

function targetWords(target: Target): string {
  if (target.kind === 'ring') return ' in magic ring'
  if (target.kind === 'same') return target.first ? ' in same st as first st' : ' in same st'
  if (target.kind === 'hook') {
    const counts =
      target.counts === null ? '' : ` (the chains skipped ${countWords(target.counts)})`
    return ` ${target.from ? 'starting ' : ''}in ${ordinal(target.nth)} ch from hook${counts}`
  }
  if (target.kind === 'each') {
    const { reach, units, long } = target
    const far = reach.kind === 'times' ? '' : reachWords(reach)
    const of = reach.kind === 'times' ? `of next ${reach.count} ` : ''
    const unit = (one: PlaceUnit, count: number) =>
      one === 'sp' && long !== null
        ? `ch-${long} ${count === 1 ? 'sp' : 'sps'}`
        : unitWords(one, count)
    return ` in each ${of}${units.map((one) => unit(one, reach.kind === 'times' ? reach.count : 1)).join(' and ')}${far}`
  }
  if (target.kind === 'skipped')
    return target.count === null
      ? ' in the skipped sts'
      : ` in ${target.count} skipped ${target.count === 1 ? 'st' : 'sts'}`
  if (target.kind === 'nth')
    return target.unit === 'gap'
      ? ` between ${ordinal(target.nth)} and ${ordinal(target.nth + 1)} st`
      : ` in ${ordinal(target.nth)} ${unitWords(target.unit, 1)}`
  const { kind, count, unit } = target
  const which = kind === 'next' && target.first ? 'first' : kind
  const { named } = target
  const what = named ? named + (count > 1 && !/s$/.test(named) ? 's' : '') : unitWords(unit, count)
  return ` in ${which} ${count === 1 ? '' : `${count} `}${what}`
}

/** One item. */
function itemWords(item: Work): string {
  if (item.kind === 'note') {
    if (item.what === 'yarn')
      return `${/^[A-Z]+\d?$/.test(item.yarn!) ? 'in' : 'with'} ${item.yarn}`
    return item.text.trim()
  }
  if (item.kind === 'skip')
    return `sk ${item.first ? 'first ' : ''}${item.unit === 'sp' ? (item.count === 1 ? 'ch-sp' : `${item.count} ch-sps`) : `${item.count} ${item.count === 1 ? 'st' : 'sts'}`}`
  if (item.kind === 'chain') {
    const { counts, count, yarn } = item
    const said = counts === null ? '' : ` (${countWords(counts, 'it')})`
    return `ch ${count}${yarn ? ` ${yarn}` : ''}${said}`
  }
  if (item.kind === 'group') {
    const inner = printWork(item.items)
    if (item.target)
      return `(${inner})${targetWords(item.target)}${item.reach.kind === 'times' && item.reach.count === 1 ? '' : reachWords(item.reach)}`
    const { reach } = item
    if (reach.kind === 'times' && reach.again) return `*${inner}; rep from * ${reach.count} times`
    return `[${inner}]${reachWords(reach)}`
  }
  const { stitch, count, loop, post, down, yarn, target, times, start, withStart } = item
  const many =
    stitch.word === ''
      ? ''
      : count === 1 && (target !== null || !BARE.test(stitch.word))
        ? ''
        : `${count} `
  return [
    many,
    start ? `${start} ` : '',
    stitch.word,
    loop ? ` ${LOOPS[loop]}` : '',
    yarn ? ` ${yarn}` : '',
    target
      ? (stitch.word === '' ? targetWords(target).trim() : targetWords(target)).replace(
          /^( ?)in /,
          post ? '$1around ' : '$1in ',
        )
      : '',
    down > 0 ? ` ${down} ${down === 1 ? 'row' : 'rows'} below` : '',
    times > 1 ? ` ${times} times` : '',
    withStart ? ' (with the start it counts as one)' : '',
  ].join('')
}
/** Words that are said with their number even when it is one. */
const BARE = /^(?:sl st|e?sc|hdc|dc|d?tr|ss|htr|trtr|edc)$/

/** The work of a row in its short form. */
export const printWork = (items: readonly Work[]): string => items.map(itemWords).join(', ')
