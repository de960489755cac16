/** A sound pattern in a manner of its own: what each of its rows leaves, counted by hand; “?” where a hand would not say. */
export interface Manner {
  readonly name: string
  readonly text: string
  /** "6 12 18x3": rows in the order they are worked, alike ones at once. */
  readonly makes: string
  /** Lines beside its rows that cannot be counted: how an edge is joined. */
  readonly beside?: number
}

/** The counts row by row. */
export const madeBy = ({ makes }: Manner): (number | null)[] =>
  makes.split(' ').flatMap((one) => {
    const [count, times = '1'] = one.split('x')
    return new Array<number | null>(Number(times)).fill(count === '?' ? null : Number(count))
  })
