import { type Design, LIMITS } from './documents.ts'
import { growthOf, isBase, lettersIn, placesOf, roundsOf } from './reading.ts'

/** Something in a document that cannot be: where, as a path, and what it must be. */
export interface Fault {
  readonly where: string
  readonly message: string
}

/** What fields by themselves cannot tell: names that must be one of a kind, charts that must be square, letters that must exist. */
export function designFaults(design: Design): Fault[] {
  const faults: Fault[] = []
  const say = (where: string, message: string) => faults.push({ where, message })
  const letters = new Set(design.yarns.map(({ letter }) => letter))
  if (letters.size < design.yarns.length) say('yarns', 'two yarns have the same letter')
  const ids = new Set(design.parts.map(({ id }) => id))
  if (ids.size < design.parts.length) say('parts', 'two parts have the same id')
  design.swatches.forEach(({ yarn }, i) => {
    if (yarn !== null && !letters.has(yarn))
      say(`swatches[${i}].yarn`, `no yarn has the letter ${yarn}`)
  })
  if (design.weighed && !letters.has(design.weighed.letter))
    say('weighed.letter', `no yarn has the letter ${design.weighed.letter}`)
  let rounds = 0
  design.parts.forEach((part, i) => {
    const where = `parts[${i}]`
    if (isBase(part) !== (i === 0))
      say(where, i === 0 ? 'the first part must be a base' : 'only the first part can be a base')
    if (isBase(part) && part.count < growthOf(part).first)
      say(`${where}.count`, `must be at least the ${growthOf(part).first} stitches of round 1`)
    if (part.kind === 'oval-base' && part.increase > 2 * part.inEnd)
      say(`${where}.increase`, `the ends have room for ${2 * part.inEnd} in the second round`)
    if (part.kind === 'tube' && part.decrease > part.count / 2)
      say(`${where}.decrease`, `one round can take away ${Math.floor(part.count / 2)} at most`)
    if (part.kind === 'plain' && part.steps > part.rounds)
      say(`${where}.steps`, `there are only ${part.rounds} rounds to share the change`)
    if (part.kind === 'tapestry' && part.balance >= part.chart.width)
      say(`${where}.balance`, `must be less than the ${part.chart.width} columns of the chart`)
    if (part.kind === 'tapestry')
      part.chart.colours.forEach((row, r) => {
        if (row.length !== part.chart.width)
          say(
            `${where}.chart.colours[${r}]`,
            `has ${row.length} cells, the chart is ${part.chart.width} wide`,
          )
      })
    if (part.kind === 'written')
      part.rows.forEach((row, r) => {
        const { uses, makes } = placesOf(row)
        const left = r === 0 ? uses : placesOf(part.rows[r - 1]!).makes
        if (uses !== left || makes < 1 || makes > LIMITS.count * 2)
          say(
            `${where}.rows[${r}]`,
            `takes up ${uses} stitches and leaves ${makes}; the row below leaves ${left}`,
          )
      })
    for (const letter of lettersIn(part))
      if (!letters.has(letter)) say(where, `no yarn has the letter ${letter}`)
    if (!isBase(part)) rounds += roundsOf(part)
  })
  if (rounds > LIMITS.rounds * 4) say('parts', `a bag of ${rounds} rounds is more than is worked`)
  return faults
}
