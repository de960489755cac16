import { bandOf, type MosaicPart, type TexturePart, turnsOf } from '@core/band'
import type {
  HandlesPart,
  PlainPart,
  ReliefPart,
  StripesPart,
  TapestryPart,
  WrittenPart,
} from '@core/band'
import { type Chart, fieldOf, lays, lettersOf } from '@core/chart'
import { roundsOf } from '@core/design'
import { countsWords } from '@core/fit'
import { rowWord } from '@core/terms'
import { counted, listed } from '@core/units'
import { type About, oftenWords, type Said, type Word, word } from '@app/parts/said/said.ts'

/* What is said of each kind of band, as one would say it. */

const rounds = (many: number, { worked }: About): Word =>
  word('rounds', counted(many, rowWord(worked)))

/** "24 × 26, 5 times around, once up". */
function sizeSaid(
  chart: Chart,
  { times, wide, taken }: { times: number; wide: number; taken: number },
  { worked, count }: About,
): readonly Said[] {
  const left = (count - taken) % wide
  const often = Math.floor((count - taken) / wide)
  const way = worked === 'rows' ? 'across' : 'around'
  return [
    word('size', `${chart.width} × ${chart.colours.length}`, left > 0 || often < 1),
    often < 1
      ? `, wider than the ${count} there are, `
      : `, ${oftenWords(often)} ${way}${left > 0 ? ` and ${left} left over` : ''}, `,
    word('times', `${oftenWords(times)} up`),
  ]
}

export const plainSays = (part: PlainPart, about: About): readonly Said[] => [
  rounds(part.rounds, about),
  ...(part.adjust === 0 ? [] : [', ', word('even', evenWords(part, about))]),
]
const evenWords = ({ adjust, steps }: PlainPart, { worked }: About): string =>
  `${adjust > 0 ? 'adding' : 'taking away'} ${counted(Math.abs(adjust), 'stitch')} in ${steps > 1 ? `${steps} ${rowWord(worked)}s` : 'the last'}`
export const plainRare = (part: PlainPart): readonly Word[] =>
  part.adjust === 0 ? [word('even', 'Stitches more or fewer')] : []

export const handlesSays = (
  { gap, chain, over, together }: HandlesPart,
  about: About,
): readonly Said[] => [
  'gaps of ',
  word('gap', gap === null ? 'a fifth of the round' : counted(gap, 'stitch')),
  ', chains of ',
  word('chain', chain === null ? 'two and a half times that' : String(chain)),
  ', ',
  word('over', `${counted(over, rowWord(about.worked))} over them`),
  ', ',
  word('together', together ? 'corners closed' : 'corners open'),
]

const MOST = 5
export const stripesSays = (part: StripesPart, about: About): readonly Said[] => [
  rounds(roundsOf(part), about),
  ': ',
  word(
    'stripes',
    part.stripes
      .slice(0, MOST)
      .map((one) => `${one.rounds} ${one.yarn}`)
      .join(', ') + (part.stripes.length > MOST ? ` and ${part.stripes.length - MOST} more` : ''),
  ),
]

export function tapestrySays(part: TapestryPart, about: About): readonly Said[] {
  const { chart, lay, carried, balance } = part
  const flat = about.worked === 'rows'
  const taken = flat ? balance : 0
  const { title } = lays.find(({ id }) => id === lay)!
  return [
    ...sizeSaid(chart, { times: part.times, wide: fieldOf(chart, lay).width, taken }, about),
    ', ',
    word('lay', title.toLowerCase()),
    ...(taken > 0 ? [', ', word('balance', `${counted(taken, 'column')} more at the end`)] : []),
    `; ${counted(lettersOf(chart).length, 'yarn')}, at most `,
    word('carried', `${carried} in a ${rowWord(about.worked)}`),
  ]
}
const balanceRare = (balance: number, { worked }: About): readonly Word[] =>
  worked === 'rows' && balance === 0 ? [word('balance', 'Columns that balance a row')] : []
export const tapestryRare = ({ balance }: TapestryPart, about: About) => balanceRare(balance, about)

export const reliefSays = (part: ReliefPart, about: About): readonly Said[] => {
  const taken = about.worked === 'rows' ? part.balance : 0
  return [
    ...sizeSaid(part.chart, { times: part.times, wide: part.chart.width, taken }, about),
    ...(taken > 0 ? [', ', word('balance', `${counted(taken, 'column')} more at the end`)] : []),
  ]
}
export const reliefRare = ({ balance }: ReliefPart, about: About) => balanceRare(balance, about)

/** Which yarns take turns: all of them one after the other, or two for a while and then two others. */
export function turnsWords(rows: readonly string[]): string {
  const yarns = [...new Set(rows)]
  const isInTurn = rows.every((yarn, i) => yarn === yarns[i % yarns.length])
  if (isInTurn || yarns.length < 3) return `${listed(yarns)} in turn`
  const groups: string[][] = []
  for (const yarn of rows) {
    const last = groups.at(-1)
    if (last?.includes(yarn)) continue
    if (last && last.length < 2) last.push(yarn)
    else groups.push([yarn])
  }
  return groups.length > 3
    ? `${groups.length} pairs of yarns in turn`
    : `${groups.map(listed).join(', then ')} in turn`
}

export function mosaicSays(part: MosaicPart, about: About): readonly Said[] {
  const flat = about.worked === 'rows'
  const one = rowWord(about.worked)
  const plain = [
    ...(part.before > 0 ? [`${counted(part.before, `plain ${one}`)} below`] : []),
    ...(part.after > 0 ? [`${counted(part.after, `plain ${one}`)} above`] : []),
  ]
  const taken = flat ? 2 * part.edge : 0
  return [
    ...sizeSaid(part.chart, { times: part.times, wide: part.chart.width, taken }, about),
    '; ',
    word('turns', turnsWords([...part.rows])),
    ...(plain.length > 0 ? [', ', word('plain', listed(plain))] : []),
    ...(taken > 0
      ? [', ', word('edge', `${counted(part.edge, 'plain stitch')} at each edge`)]
      : []),
  ]
}
export const mosaicRare = (part: MosaicPart, { worked }: About): readonly Word[] => [
  ...(part.before + part.after === 0 ? [word('plain', 'Plain rows below and above')] : []),
  ...(worked === 'rows' && part.edge === 0 ? [word('edge', 'Stitches at its edges')] : []),
  ...(part.school === 'inset' ? [word('run', 'Passed over side by side')] : []),
]

export function textureSays(part: TexturePart, about: About): readonly Said[] {
  const { multiple, offset } = bandOf(part).counts(part)!
  const fits = bandOf(part).standsOn(part, about.count)
  const wants = countsWords(multiple, offset)
  const yarns = turnsOf(part, 0).map(({ yarn }) => yarn)
  return [
    rounds(part.rounds, about),
    ', ',
    word('pattern', fits ? `on ${wants}` : `wants ${wants}, on ${about.count}`, !fits),
    ', in ',
    word('yarns', yarns.length > 1 ? `${listed(yarns)} by turns` : nameOf(yarns[0]!, about)),
    ...(part.side === 'any'
      ? []
      : [', ', word('side', `raised from the ${part.side === 'RS' ? 'right' : 'wrong'} side`)]),
    ...(part.edge > 0
      ? [', ', word('edge', `${counted(part.edge, 'stitch')} more at each edge`)]
      : []),
  ]
}
const nameOf = (letter: string, { design }: About): string =>
  design.yarns.find((yarn) => yarn.letter === letter)?.name ?? letter
export const textureRare = (part: TexturePart, { worked }: About): readonly Word[] => [
  ...(part.edge === 0 && worked === 'rows' ? [word('edge', 'Stitches at its edges')] : []),
  word('begins', 'The row it begins with'),
]

export const writtenSays = (part: WrittenPart, about: About): readonly Said[] => [
  word('rows', `${counted(part.rows.length, rowWord(about.worked))} in shorthand`),
]
