import type { Design, NewBand, Part } from '../design/index.ts'
import type { BaseRound } from '../shape/index.ts'
import { countedBase, countedOverBag, countedRows, texturedBand } from '../shorthand/index.ts'
import type { StitchPattern } from '../texture/index.ts'
import { tote, written } from './tote.ts'

/* Bags whose rows are typed, counted as the page counts them. */

/** A pattern as a band of so many rows, in yarns A, B, C as far as it takes them. */
export function textured(
  pattern: StitchPattern,
  worked: 'rounds' | 'rows',
  rounds: number,
  letters: readonly string[] = ['A', 'B'],
): NewBand {
  const made = texturedBand(pattern, worked, { letters, rounds })
  if (!made.ok) throw new Error(made.problem)
  return { ...made.value, rounds } as NewBand
}

/** Rounds (or rows) from a ring. */
export function typedRounds(
  texts: readonly string[],
  ground = 'sc',
  worked: 'rounds' | 'rows' = 'rounds',
): readonly BaseRound[] {
  const counted = countedBase(texts, ground, worked)
  if (!counted.ok) throw new Error(counted.problem)
  return counted.value
}

/** The bag with a band of typed rows on top of its body, counted over what lies below them there. */
export function withRows(
  design: Design,
  id: string,
  texts: readonly string[],
  ground = 'dc',
): Design {
  const [body, ...others] = design.pieces
  const rows = { ...written(), id, name: id, stitch: ground } as Part
  const with_ = (part: Part): Design => ({
    ...design,
    pieces: [{ ...body!, parts: [...body!.parts, part] }, ...others],
  })
  const yarns = { ground, yarn: 'A', letterOf: (said: string) => said }
  const base = body!.parts[0] as Part & { readonly count: number }
  const counted =
    countedOverBag(with_(rows), id, texts, yarns) ?? countedRows(texts, base.count, 'rows', yarns)
  if (!counted.ok) throw new Error(counted.problem)
  return with_({ ...rows, rows: counted.value } as Part)
}

/** A bag of these parts, joined rounds unless it is said. */
export const bagOfParts = (parts: readonly unknown[], over: Partial<Design> = {}): Design =>
  tote({
    making: { ...tote().making, working: 'joined' },
    parts: parts as readonly Part[],
    ...over,
  } as never)
