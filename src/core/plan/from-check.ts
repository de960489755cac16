import type { BandPart, BasePart, Design } from '../design/index.ts'
import { baseInstead, growthOf } from '../design/index.ts'
import { found, refused, type Result } from '../units/index.ts'
import type { CheckedRow, CheckReport } from '../check/index.ts'
import { newDesign } from './new-design.ts'

/** What a bag needs that no pattern says. */
export interface AboutBag {
  readonly name: string
  readonly hookMm: number
  readonly yarnClass: number
}

const STITCHES = ['hdc', 'dc', 'tr', 'sc'] as const
/** The ground stitch of a row, by the tallest word in it; sc when there is none. */
function stitchOf({ text }: CheckedRow): string {
  const long = text
    .replace(/half double crochet/gi, 'hdc')
    .replace(/single crochet/gi, 'sc')
    .replace(/double crochet/gi, 'dc')
  return STITCHES.find((word) => new RegExp(`\\b${word}(?:\\b|\\d)`, 'i').test(long)) ?? 'sc'
}

/** How many rows at the beginning grow like a base: all but its last add the same. */
function baseRows(rows: readonly CheckedRow[]): number {
  let end = 1
  while (end < rows.length && rows[end]!.makes! > rows[end]!.available!) end++
  return end
}

function baseOf(rows: readonly CheckedRow[], design: Design): { base: BasePart; rows: number } {
  const [first] = rows as [CheckedRow]
  const own = design.parts[0] as BasePart
  const stitch = stitchOf(first)
  const made = first.makes!
  const chain = /^\s*ch(?:ain)?\s*(\d+)/i.exec(first.text)
  if (/other side|opposite side/i.test(first.text) && chain) {
    const end = baseRows(rows)
    const oval = baseInstead(design, 'oval-base')
    const along = Math.max(3, Math.round((made - 2) / 2))
    const part = { ...oval, stitch, along, inEnd: 3, count: rows[end - 1]!.makes! } as BasePart
    return { base: { ...part, count: Math.max(part.count, growthOf(part).first) }, rows: end }
  }
  if (/\bring\b|\bcircle\b|\bmr\b/i.test(first.text) && made <= 40) {
    const end = baseRows(rows)
    const base = {
      ...own,
      kind: 'round-base',
      stitch,
      increase: Math.max(3, made),
      count: Math.max(3, rows[end - 1]!.makes!),
    }
    return { base: base as BasePart, rows: end }
  }
  if (first.kind === 'row')
    return {
      base: { ...baseInstead(design, 'two-panels'), stitch, count: Math.max(3, made) },
      rows: 1,
    }
  return { base: { ...baseInstead(design, 'tube'), stitch, count: Math.max(6, made) }, rows: 1 }
}

/**
 * A bag from a checked pattern: its base and plain bands as such, every other row as a band that counts as it does and is named
 * after what it says. Rows must count through from the first to the last.
 */
export function designFromCheck({ rows }: CheckReport, about: AboutBag): Result<Design> {
  const open = rows.find(({ makes }) => makes === null)
  if (rows.length === 0) return refused('There is no row to make a bag of.')
  if (open)
    return refused(`Line ${open.line} does not count through yet: a bag needs every row’s count.`)
  const design = newDesign({ ...about, aroundMm: 600, said: 'around', heightMm: 250 })
  const { base, rows: taken } = baseOf(rows, design)
  const bands: BandPart[] = []
  let count = base.count
  for (const row of rows.slice(taken)) {
    const adjust = row.makes! - count
    const stitch = stitchOf(row)
    const below = bands.at(-1)
    const plain = adjust === 0 && /\beach\b|\baround\b/i.test(row.text)
    if (
      plain &&
      below?.kind === 'plain' &&
      below.adjust === 0 &&
      below.stitch === stitch &&
      below.name === (row.part ?? 'Plain').slice(0, 60)
    )
      bands[bands.length - 1] = { ...below, rounds: below.rounds + 1 }
    else if (bands.length < 58)
      bands.push({
        kind: 'plain',
        id: `p${bands.length + 2}`,
        name: (plain ? (row.part ?? 'Plain') : row.text).slice(0, 60) || 'Plain',
        making: null,
        yarn: 'A',
        stitch,
        rounds: 1,
        adjust,
        steps: 1,
      })
    count = row.makes!
  }
  return found({ ...design, parts: [{ ...base, id: 'p1', name: 'Base' }, ...bands] })
}
