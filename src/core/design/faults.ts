import { bandOf } from '../band/index.ts'
import type { Fault } from '../document/index.ts'
import { itemYarns } from '../fitting/index.ts'
import { LIMITS } from '../part/index.ts'
import { type BasePart, constructionOf } from '../shape/index.ts'
import { shortened } from '../units/index.ts'
import { blockFaults } from './blocks.ts'
import type { Design, Swatch } from './documents.ts'
import {
  baseOf,
  begunBy,
  BODY,
  growthOf,
  isBase,
  lettersIn,
  maybeBaseOf,
  partsOf,
} from './parts-of.ts'

type Say = (where: string, message: string) => void

/** What fields by themselves cannot tell: names that must be one of a kind, charts that must be square, letters that must exist. */
export function designFaults(design: Design): Fault[] {
  const faults: Fault[] = []
  const say: Say = (where, message) => faults.push({ where, message })
  const letters = new Set(design.yarns.map(({ letter }) => letter))
  if (letters.size < design.yarns.length) say('yarns', 'two yarns have the same letter')
  const ids = new Set(partsOf(design).map(({ id }) => id))
  if (ids.size < partsOf(design).length) say('pieces', 'two parts have the same id')
  design.swatches.forEach((swatch, i) => swatchFaults(swatch, letters, `swatches[${i}]`, say))
  design.ways.forEach(({ yarn }, i) => {
    if (yarn !== null && !letters.has(yarn))
      say(`ways[${i}].yarn`, `no yarn has the letter ${yarn}`)
  })
  const things = new Set<string>()
  design.items.forEach((item, i) => {
    if (things.has(item.id)) say(`items[${i}].id`, 'is there twice')
    things.add(item.id)
    for (const letter of itemYarns(item))
      if (!letters.has(letter)) say(`items[${i}].yarn`, `no yarn has the letter ${letter}`)
  })
  design.measured.forEach(({ yarn }, i) => {
    if (yarn !== null && !letters.has(yarn))
      say(`measured[${i}].yarn`, `no yarn has the letter ${yarn}`)
  })
  design.packs?.forEach(({ balls }, i) => {
    for (const letter of balls)
      if (!letters.has(letter)) say(`packs[${i}].balls`, `no yarn has the letter ${letter}`)
  })
  piecesFaults(design, say)
  design.pieces.forEach(({ parts }, p) =>
    parts.forEach((part, i) => {
      const where = `pieces[${p}].parts[${i}]`
      if (isBase(part) && i > 0) say(where, 'only the first part can be a base')
      if (isBase(part)) baseFaults(part, where, say)
      else bandOf(part).faults(part, (field, message) => say(`${where}.${field}`, message))
      for (const letter of lettersIn(part))
        if (!letters.has(letter)) say(where, `no yarn has the letter ${letter}`)
    }),
  )
  // What is to be worked is only known of a bag that is right so far.
  if (faults.length === 0) sizeFaults(design, say)
  return faults
}

/** Pieces that are named twice, begin with nothing, or are tied to what is not there. */
function piecesFaults(design: Design, say: Say) {
  const { pieces } = design
  const ids = new Set(pieces.map(({ id }) => id))
  if (ids.size < pieces.length) say('pieces', 'two pieces have the same id')
  if (pieces[0]!.id !== BODY) say('pieces[0].id', `the body has the id ${BODY}`)
  if (!maybeBaseOf(pieces[0]!)) {
    say('pieces[0].parts[0]', 'the first part must be a base')
    return
  }
  const begun = begunBy(baseOf(design))
  pieces.forEach((piece, p) => {
    const where = `pieces[${p}]`
    const base = maybeBaseOf(piece)
    if (p > 0 && !base && !begun.has(piece.id))
      say(`${where}.parts`, 'the first part must be a base')
    if (p > 0 && base && !constructionOf(base).alone)
      say(`${where}.parts[0].kind`, 'is more than one piece, and can only be the body')
    if (p > 0 && base && begun.has(piece.id))
      say(`${where}.id`, 'is that of a piece the construction begins')
    for (const [field, message] of blockFaults(piece)) say(`${where}.${field}`, message)
    piece.joins.forEach(({ to, edge, how }, j) => {
      const at = `${where}.joins[${j}].to`
      if (!(ids.has(to.piece) || begun.has(to.piece))) say(at, `there is no piece ${to.piece}`)
      if (to.piece !== piece.id) return
      if (to.on === edge) say(at, 'an edge is not sewn to itself')
      if (how === 'pick-up') say(at, 'a piece cannot be picked up along itself')
    })
  })
}

function swatchFaults(swatch: Swatch, letters: ReadonlySet<string>, where: string, say: Say) {
  if (swatch.yarn !== null && !letters.has(swatch.yarn))
    say(`${where}.yarn`, `no yarn has the letter ${swatch.yarn}`)
  const { least, most } = LIMITS.stitchMm
  const wide = swatch.stitchesOverMm / swatch.stitches
  const tall = swatch.rowsOverMm / swatch.rows
  const outside = (mm: number) => mm < least || mm > most
  if (outside(wide)) say(`${where}.stitches`, `a stitch must be from ${least} to ${most} mm wide`)
  else if (outside(tall)) say(`${where}.rows`, `a row must be from ${least} to ${most} mm tall`)
  else if (Math.max(wide / tall, tall / wide) > LIMITS.stitchSlant)
    say(
      `${where}.rows`,
      `a stitch of ${wide.toFixed(1)} × ${tall.toFixed(1)} mm is more than ${LIMITS.stitchSlant} times as long one way as the other`,
    )
}

function baseFaults(base: BasePart, where: string, say: Say) {
  const { first } = growthOf(base)
  if (base.count < first) say(`${where}.count`, `must be at least the ${first} stitches of round 1`)
  const on = standingOn(base)
  if (on > LIMITS.rowCount)
    say(`${where}.count`, `makes a round of ${on} stitches; ${LIMITS.rowCount} are the most`)
  for (const [field, message] of constructionOf(base).faults?.(base) ?? [])
    say(`${where}.${field}`, message)
}

/** Stitches the bands of a base begin on. */
const standingOn = (base: BasePart): number => constructionOf(base).bandCount?.(base) ?? base.count

/** A bag that is more than anyone works, or than can be computed while one waits. */
function sizeFaults(design: Design, say: Say) {
  const sum = { rounds: 0, stitches: 0, cells: 0, runs: 0 }
  design.pieces.forEach((piece, p) => {
    const base = maybeBaseOf(piece)
    let count = base ? standingOn(base) : begunBy(baseOf(design)).get(piece.id)!
    piece.parts.forEach((part, i) => {
      if (isBase(part)) return
      const band = bandOf(part)
      const rounds = band.rounds(part)
      const next = band.leaves(part, count)
      if (next > LIMITS.rowCount)
        say(
          `pieces[${p}].parts[${i}].${band.change(part) === null ? 'rows' : 'adjust'}`,
          `makes a round of ${next} stitches; ${LIMITS.rowCount} are the most`,
        )
      const { cells, runs } = band.size(part)
      sum.rounds += rounds
      sum.stitches += rounds * Math.max(count, next)
      sum.cells += cells
      sum.runs += runs
      count = next
    })
  })
  const bounds = [
    [sum.rounds, LIMITS.bandRounds, 'rounds'],
    [sum.stitches, LIMITS.stitches, 'stitches'],
    [sum.cells, LIMITS.cells, 'cells in charts'],
    [sum.runs, LIMITS.runs, 'changes of stitch in written rows'],
  ] as const
  for (const [is, most, what] of bounds)
    if (is > most)
      say('pieces', `a bag of ${is} ${what} is more than is worked; ${most} are the most`)
}

const fieldWords: Readonly<Record<string, string>> = {
  aroundMm: 'wanted size',
  heightMm: 'wanted height',
  hookMm: 'hook',
  lots: 'in hand',
  amount: 'yarn',
  cutAfter: 'cut after',
  catchEvery: 'caught every',
  rowsOverMm: 'rows',
  stitchesOverMm: 'stitches',
  inEnd: 'in each end',
  flapRows: 'rows of the flap',
  plainFrom: 'plain rounds from',
  plainRounds: 'plain rounds between',
  adjust: 'stitches added',
  steps: 'rounds that share it',
}

/** A path in a design in words: “Motif”, rounds. */
function placeWords(design: Design, where: string): string {
  const [, p, at, rest = ''] = /^pieces\[(\d+)\]\.parts\[(\d+)\]\.?(.*)$/.exec(where) ?? [
    null,
    null,
    null,
    where,
  ]
  const part = p === null ? undefined : design.pieces[Number(p)]?.parts[Number(at)]
  const words = rest
    .split('.')
    .filter((step) => step !== '' && step !== 'design' && step !== 'pieces')
    .map((step) => {
      const [, key = step, n] = /^(\w+)(?:\[(\d+)\])?$/.exec(step) ?? []
      return `${fieldWords[key] ?? key}${n === undefined ? '' : ` ${Number(n) + 1}`}`
    })
  return [...(part ? [`“${shortened(part.name, 40)}”`] : []), ...words].join(', ')
}

/** Why an edit of this design was not done, in a sentence. */
export function refusalText(design: Design, [first]: readonly Fault[]): string {
  if (!first) return 'That cannot be.'
  const place = placeWords(design, first.where)
  return `Not done: ${place ? `${place} ` : ''}${first.message}.`
}
