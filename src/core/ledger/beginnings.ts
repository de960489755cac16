import type { Making } from '../part/index.ts'
import {
  backwards,
  type Begun,
  begunAt,
  countOf,
  type Laid,
  lay,
  type Program,
  stitches,
} from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import type { PieceBuilder } from './builder.ts'
import { startIsStitch } from './foundation.ts'

interface Row {
  /** It begins its piece, in a ring or chain of its own. */
  readonly isFirst: boolean
  /** It is said as it is written. */
  readonly asSaid: boolean
  /** Its yarn is joined so many places on from where the row below begins; null where it goes on from there. */
  readonly from: number | null
}

/** Places it is led on over before it begins. */
const ledOver = ([first]: Program): number =>
  first?.do === 'pass' && first.for === 'good' && typeof first.times === 'number' ? first.times : 0

/** The last place of a row, however many it has. */
const LAST = -1

/** Whether the first stitch of a round goes into the place where it is begun. */
const beginsOnStart = (making: Making, stitch: string): boolean =>
  // A start that counts is the first stitch; beside another it goes into the same place, or by other schools into the next.
  making.working === 'spiral' ||
  making.first === 'same' ||
  startIsStitch(making, stitchById(stitch))

/**
 * Where the program of the next round begins, counted from where the piece did; how much further on that of each after it; and where in
 * its program the round begins, where that keeps to its plan.
 */
export function beginningOf(
  { count, lastBegin }: Pick<PieceBuilder, 'count' | 'lastBegin'>,
  making: Making,
  stitch: string,
): { readonly place: number; readonly step: number; readonly begins: number } {
  // Turned rounds, and those begun anew elsewhere, keep to the places of their plan.
  if (making.working === 'turned' || making.anew !== null) {
    const on = making.anew === null ? 0 : making.anew - 1
    return { place: 0, step: 0, begins: count > 0 ? (lastBegin + on) % count : 0 }
  }
  const step = beginsOnStart(making, stitch) ? 0 : 1
  return { place: count > 0 ? (lastBegin + step) % count : 0, step, begins: 0 }
}

/**
 * Where the rows of a part begin. Flat rows begin at their edges. Of rounds that are turned each begins at the join, or beside
 * it, and keeps to the places of its plan; of rounds that go on the same way each begins its plan there anew, so that what
 * stands on it moves on with it.
 */
export class Beginnings {
  /** The same program again where it is the same, so that it is laid once. */
  private readonly known = new Map<Program, { readonly key: string; readonly begun: Begun }>()
  private readonly onStart: boolean

  constructor(
    private readonly builder: PieceBuilder,
    private readonly making: Making,
    stitch: string,
  ) {
    this.onStart = beginsOnStart(making, stitch)
  }

  of(program: Program, wrongSide: boolean, { isFirst, asSaid, from }: Row): Begun {
    const { builder } = this
    const { count, lastBegin } = builder
    if (isFirst || builder.rowCount === 0) return { program, begin: 0 }
    const flat = builder.worked === 'rows'
    const along = from ?? (this.onStart || flat ? 0 : wrongSide ? -1 : 1)
    const place = (((lastBegin + along) % count) + count) % count
    if (asSaid) return { program, begin: this.scaled(program, place + ledOver(program)) }
    const anew = from !== null
    const key = `${wrongSide} ${place} ${count} ${anew}`
    const known = this.known.get(program)
    if (known?.key === key) return known.begun
    const begun = this.begin(program, wrongSide, flat ? (wrongSide ? count - 1 : 0) : place, anew)
    this.known.set(program, { key, begun })
    return begun
  }

  private begin(program: Program, wrongSide: boolean, place: number, anew: boolean): Begun {
    // What is begun anew elsewhere keeps to the places of its plan too.
    const turning = this.builder.worked === 'rows' || this.making.working === 'turned' || anew
    // From the last place back is the plan the other way.
    if (turning && wrongSide && place === this.builder.count - 1)
      return { program: backwards(program), begin: LAST }
    if (turning && !wrongSide && place === 0) return { program, begin: 0 }
    if (turning) return begunAt(this.fixed(program), place, wrongSide)
    const begin = this.scaled(program, place)
    if (!wrongSide) return { program, begin }
    const back = this.onStart ? begunAt(this.fixed(program), 0, true).program : backwards(program)
    return { program: back, begin }
  }

  /** A program with its numbers as they are on the row below; as it is where it does not come out. */
  private fixed(program: Program): Program {
    return this.laid(program)?.steps ?? program
  }

  private laid(program: Program): Laid | null {
    const laid = lay(program, [stitches(this.builder.count)], { last: true })
    return laid.ok ? laid.value : null
  }

  /** A place of the row below as one of this row, as far around. */
  private scaled(program: Program, place: number): number {
    if (place === 0) return 0
    const { count } = this.builder
    const laid = this.laid(program)
    const makes = laid ? countOf(laid.made) : count
    return Math.round(((place % count) * makes) / count) % makes
  }
}
