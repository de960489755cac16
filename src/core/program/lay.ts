import { found, refused, type Result } from '../units/index.ts'
import { Misfit } from './cursor.ts'
import type { Laid, Origin } from './laid.ts'
import { Laying } from './laying.ts'
import {
  countOf,
  type Places,
  PlacesBuilder,
  partOf,
  reversed,
  turnedTo,
  widthOf,
} from './places.ts'
import { maybePlainRow } from './plain.ts'
import type { Program } from './program.ts'

/** A spiral's last chains lead up into the next round. */
function leadingUp(made: Places): Places {
  const last = made.at(-1)?.motif.at(-1)
  if (last?.kind !== 'chain') return made
  const count = countOf(made)
  const trailing = made.at(-1)!.motif.length === 1 ? made.at(-1)!.times : last.count
  const led = new PlacesBuilder()
  led.addAll(partOf(made, 0, count - trailing))
  led.add({ ...last, count: trailing, step: true })
  return led.done()
}

/**
 * Lays a row over the rows below it: the row it stands on, then any other it takes from. Pure.
 * @returns the row as it comes out; or, when it does not, the places that are missing (above 0) or left over (below 0)
 */
export function lay(
  program: Program,
  below: readonly Places[],
  { place = 0, turned, row = 1, spiral, last }: Origin = {},
): Result<Laid, number> {
  const plain = last && below.length === 1 ? maybePlainRow(program, below[0]!) : null
  if (plain) return found(plain)
  const [first, ...others] = below
  const way = (places: Places) => (turned ? reversed(places) : places)
  const from = first ? turnedTo(way(first), place) : undefined
  const laying = new Laying([...(from ? [from] : []), ...others.map(way)], row, !last)
  try {
    const { steps, made, hanging, rests, uses, units } = laying.all(program)
    const all = made.done()
    const places = laying.endsHalf ? turnedTo(all, -1) : all
    return found({
      ...{ steps, uses, units, width: widthOf(places) },
      made: spiral ? leadingUp(places) : places,
      hanging: hanging.done(),
      rest: rests.map((rest, i) => way(i === 0 ? turnedTo(rest.done(), -place) : rest.done())),
    })
  } catch (error) {
    if (error instanceof Misfit) return refused(error.places)
    throw error
  }
}
