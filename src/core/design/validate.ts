import { type Fault, fieldFaults } from '../document/index.ts'
import { Design } from './documents.ts'
import { designFaults } from './faults.ts'
import { BODY, partsOf, undecided } from './parts-of.ts'

/** What is wrong with a design, field by field and then as a whole; empty when it can be read back. */
export function faultsOf(design: Design): Fault[] {
  const fields = fieldFaults(Design, design)
  return fields.length > 0 ? fields : designFaults(design)
}

/** The smallest design that is right. It stands in for what an edit has left as it was. */
const HELD: Design = {
  name: 'Bag',
  want: { aroundMm: 600, said: 'around', heightMm: 300, tolerance: 0.05 },
  hookMm: 4,
  yarnClass: 4,
  ...undecided,
  yarns: [
    {
      letter: 'A',
      name: 'Yarn',
      colour: '#808080',
      label: null,
      lots: [],
      yarnClass: null,
      strands: [],
    },
  ],
  pieces: [{ id: BODY, name: null, times: 1, parts: [], joins: [], blocks: [] }],
}

/**
 * What is wrong with a design that came from a right one by an edit; empty when it can be read back. Only what is no longer
 * the same is looked at field by field, so that it costs a small part of a frame whatever the size of the bag.
 */
export function changeFaults(before: Design, after: Design): Fault[] {
  const known = new Set<unknown>([...before.pieces, ...partsOf(before)])
  const isNew = (one: unknown, at: number) => (known.has(one) ? [] : [at])
  const changed = after.pieces.flatMap(isNew)
  const within = changed.map((p) => after.pieces[p]!.parts.flatMap(isNew))
  const probe = Object.fromEntries(
    Object.entries(after).map(([key, value]) => [
      key,
      value === before[key as keyof Design] ? HELD[key as keyof Design] : value,
    ]),
  )
  const looked = changed.map((p, n) => {
    const piece = after.pieces[p]!
    return { ...piece, parts: within[n]!.map((at) => piece.parts[at]) }
  })
  probe['pieces'] = looked.length > 0 ? looked : HELD.pieces
  const fields = fieldFaults(Design, probe).map(({ where, message }) => ({
    where: where.replace(
      /^pieces\[(\d+)\](?:\.parts\[(\d+)\])?/,
      (_, p: string, at?: string) =>
        `pieces[${changed[Number(p)]}]${at === undefined ? '' : `.parts[${within[Number(p)]![Number(at)]}]`}`,
    ),
    message,
  }))
  return fields.length > 0 ? fields : designFaults(after)
}
