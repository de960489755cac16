/** What a reader of people's input gives back: a value, or words that say what is wrong and what would do. */
export type Result<T, Problem = string> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem }

export const found = <T>(value: T): Result<T, never> => ({ ok: true, value })
export const refused = <Problem>(problem: Problem): Result<never, Problem> => ({
  ok: false,
  problem,
})

/** Thrown when the program broke its own promise; never for people's input. */
export class InvariantError extends Error {
  override name = 'InvariantError'
}
