import { baseOf, type Design } from '@core/design'
import { constructionOf } from '@core/shape'
import { abbrOf, stitchById, type Words, yarnClasses } from '@core/stitch'
import { printLength, printNumber } from '@core/units'
import { perText, usualOver } from '@app/parts/fields/gauge-typed.ts'
import { askedOf } from './asked-of.ts'
import { makingWords, type Said, word } from '@app/parts/said/said.ts'

/** What a sentence about the size goes by: the design, and the gauge that is reckoned with. */
export interface SizeAbout {
  readonly design: Design
  readonly gauge: { readonly stitchWidthMm: number }
  readonly worked: 'rounds' | 'rows'
  readonly words: Words
}

function wantSaid({ want, ...design }: Design, { units }: Words): string {
  const base = baseOf(design as Design)
  const open = constructionOf(base).open === true
  const flat = open || want.said === 'flat'
  const wide = printLength(want.aroundMm / (flat ? 2 : 1), units)
  return `${wide} ${open ? 'across' : flat ? 'laid flat' : 'around'} and ${printLength(want.heightMm, units)} tall`
}

/** "20 stitches and 22 rounds over 10 cm"; of no swatch what one can expect. */
function gaugeSaid({ design, gauge, worked, words }: SizeAbout): readonly Said[] {
  const [swatch] = design.swatches
  if (!swatch) {
    const { overMm, words: over } = usualOver(words.units)
    const about = printNumber(overMm / gauge.stitchWidthMm)
    return [word('gauge', 'No swatch yet'), `: about ${about} stitches over ${over}`]
  }
  const { stitches, stitchesOverMm, rows, rowsOverMm } = swatch
  const up = perText({ count: rows, overMm: rowsOverMm }).replace(' over', ` ${worked} over`)
  const across = perText({ count: stitches, overMm: stitchesOverMm }).replace(
    / (over.*)/,
    stitchesOverMm === rowsOverMm ? ' stitches' : ' stitches $1',
  )
  return [word('gauge', `${across} and ${up}`), ` in ${abbrOf(stitchById(swatch.stitch), words)}`]
}

/** What is decided about a base by numbers and ways, in the words it is asked in. */
function baseSaid(design: Design): string {
  const base = baseOf(design)
  const construction = constructionOf(base)
  const written = construction.written?.(base)
  if (written) return `${written.length} rounds in words`
  const values = base as unknown as Readonly<Record<string, number | string>>
  const asked = askedOf(base).map(({ key, label, signed }) => {
    const value = values[key] as number
    return `${label.toLowerCase()} ${signed && value > 0 ? '+ ' : ''}${value}`
  })
  const ways = (construction.choices ?? []).map(({ key, options }) =>
    options.find(({ value }) => value === values[key])!.label.toLowerCase(),
  )
  const stagger = 'stagger' in base ? [base.stagger] : []
  const plain = 'plainFrom' in base && base.plainFrom !== null ? ['some rounds plain'] : []
  return [...asked, ...ways, ...stagger, ...plain].join(', ')
}

/** What is decided about the size of a bag, as a sentence: what it must be, what the hook makes of it, how it is built. */
export function sizeSaid(about: SizeAbout): readonly Said[] {
  const { design, worked, words } = about
  const { hookMm, yarnClass } = design
  const base = baseOf(design)
  const thick = yarnClasses.find(({ number }) => number === yarnClass)!
  const making = base.making ?? design.making
  return [
    ...['It must be ', word('want', wantSaid(design, words))],
    `, ± ${printNumber(design.want.tolerance * 100)} %. `,
    ...gaugeSaid(about),
    ...[', with a ', word('hook', `${printNumber(hookMm, 2)} mm hook`)],
    `, yarn of class ${thick.number}, ${thick.name}. `,
    ...[word('construction', constructionOf(base).name), ': '],
    ...[word('base', baseSaid(design)), '; ', word('working', makingWords(making, worked)), '.'],
  ]
}
