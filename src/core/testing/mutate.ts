import fc from 'fast-check'
import { partsOf } from '../design/index.ts'
import { documentFile } from '../document/index.ts'
import { projectKind, projectOf } from '../project/index.ts'
import { projectSchema } from '../schema/index.ts'
import { anyBag } from './arbitrary.ts'
import { stripes, tote, writtenBag } from './tote.ts'

/* Project files as nobody honest writes them: small bags with some of their values turned to the least, the largest and the odd. */

/** The least and the largest each field takes, by its name, as the schema says. */
const limits = new Map<string, number[]>()
;(function collect(schema: unknown, name = '') {
  if (typeof schema !== 'object' || schema === null) return
  const { minimum, maximum } = schema as Record<string, unknown>
  if (typeof minimum === 'number' && typeof maximum === 'number')
    limits.set(name, [...(limits.get(name) ?? []), minimum, maximum])
  for (const [key, inner] of Object.entries(schema))
    collect(inner, key === 'properties' || /^(oneOf|anyOf|allOf|\d+)$/.test(key) ? name : key)
})(projectSchema())

type Json = unknown
type Holder = Record<string, Json> | Json[]

/** Every place of a value: what holds it, and under which key. */
function placesIn(json: Json, found: { holder: Holder; key: string }[] = []) {
  if (typeof json !== 'object' || json === null) return found
  for (const key of Object.keys(json)) {
    found.push({ holder: json as Holder, key })
    placesIn((json as Record<string, Json>)[key], found)
  }
  return found
}

const NUMBERS = [
  0,
  1,
  2,
  3,
  4,
  5,
  7,
  10,
  19,
  20,
  40,
  60,
  100,
  200,
  399,
  400,
  500,
  999,
  1000,
  1999,
  2000,
  3000,
  5000,
  100000,
  -1,
  -2000,
  0.5,
  0.001,
  0.1,
  2.5,
  1e9,
  1e308,
  Number.MIN_VALUE,
]
const TEXTS = [
  '',
  'A',
  'Z',
  'tr',
  'dc',
  'sc',
  'hdc',
  'x'.repeat(81),
  '\ud83e',
  'a\u0000b',
  '=1+1',
  'turned',
  'flat',
]
const KINDS = [
  'round-base',
  'oval-base',
  'squares',
  'flat-base',
  'tube',
  'discs',
  'half-round',
  'plain',
  'stripes',
]

type Change = (at: { holder: Holder; key: string }, pick: number) => void
const put = ({ holder, key }: { holder: Holder; key: string }, value: Json) => {
  ;(holder as Record<string, Json>)[key] = value
}
const valueAt = ({ holder, key }: { holder: Holder; key: string }) =>
  (holder as Record<string, Json>)[key]

/** Puts an odd value of the same type in the place of one: what readers are most likely to take. */
const odd: Change = (at, pick) => {
  const value = valueAt(at)
  if (typeof value === 'number') put(at, NUMBERS[pick % NUMBERS.length])
  else if (at.key === 'kind') put(at, KINDS[pick % KINDS.length])
  else if (typeof value === 'string') put(at, TEXTS[pick % TEXTS.length])
  else if (typeof value === 'boolean') put(at, !value)
  else if (Array.isArray(value) && value.length > 0)
    put(
      at,
      Array.from({ length: pick % 70 }, () => structuredClone(value[pick % value.length])),
    )
  else put(at, null)
}
const scale: Change = (at, pick) => {
  const value = valueAt(at)
  if (typeof value === 'number') put(at, Math.round(value * [0, 2, 10, 30, -1][pick % 5]!))
}
/** To the edge of what the field takes, or somewhere between. */
const edge: Change = (at, pick) => {
  const [least, most] = [
    Math.min(...(limits.get(at.key) ?? [])),
    Math.max(...(limits.get(at.key) ?? [])),
  ]
  if (typeof valueAt(at) !== 'number' || !Number.isFinite(least)) return
  const whole = Number.isInteger(valueAt(at))
  const share = [0, 1, 1, 0.5, 0.1, 0.02, 0.9][pick % 7]!
  const value = least + (most - least) * share
  put(at, whole ? Math.round(value) : value)
}
const drop: Change = ({ holder, key }) => {
  if (Array.isArray(holder)) holder.splice(Number(key), 1)
  else delete holder[key]
}
const strange: Change = (at, pick) => {
  put(at, [null, {}, [], 'x', 7, true, { toString: 1 }, [[[]]]][pick % 8])
}
const more: Change = ({ holder }, pick) => {
  if (Array.isArray(holder)) holder.push(structuredClone(holder[pick % holder.length]))
  else (holder as Record<string, Json>)[['hasOwnProperty', 'extra', 'length'][pick % 3]!] = pick
}
const changes: Change[] = [edge, odd, scale, drop, strange, more]

const step = fc.record({
  at: fc.nat(),
  which: fc.nat(),
  pick: fc.nat(),
})
const bag = fc.oneof(
  anyBag,
  fc.constant(tote({ parts: [...partsOf(tote()), stripes({ id: 's' })] })),
  fc.constant(writtenBag()),
)

const mutant = (changes: readonly Change[], most: number) =>
  fc.tuple(bag, fc.array(step, { minLength: 1, maxLength: most })).map(([design, steps]) => {
    const file = structuredClone(documentFile(projectKind, projectOf(design))) as Json
    for (const { at, which, pick } of steps) {
      const change = changes[which % changes.length]!
      const places = placesIn(file).filter(
        (place) => change !== edge || (limits.has(place.key) && typeof valueAt(place) === 'number'),
      )
      if (places.length > 0) change(places[at % places.length]!, pick)
    }
    return file
  })

/**
 * A project file, as data, some of whose values are not as they were: half of them torn in any way, half with figures at the
 * edge of what each field takes by itself.
 */
export const anyMutant: fc.Arbitrary<unknown> = fc.oneof(mutant(changes, 6), mutant([edge], 12))
