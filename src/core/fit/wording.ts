import type { BandFit, Fit } from './fit.ts'

/** How a band comes out: "5 × 24", and whether it does so by itself. */
export function bandWords({ repeats, multiple, padded, added, count }: BandFit): {
  readonly text: string
  readonly even: boolean
} {
  const times = `${repeats} × ${multiple + padded}`
  if (padded > 0) return { text: `${times}, padded`, even: false }
  return added === 0
    ? { text: `${times}, even`, even: true }
    : { text: `${times} on ${count}`, even: false }
}

/** What must be done to get there, in one sentence. `nameOf` gives a band's name. */
export function fitSentence(fit: Fit, increase: number, nameOf: (id: string) => string): string {
  const base = fit.base
    ? `${fit.base.rounds} base rounds of + ${increase}${fit.base.last > 0 ? `, + ${fit.base.last} in the last` : ''}`
    : `${fit.count} stitches`
  const bands = fit.bands.flatMap(({ id, padded, added }) => [
    ...(added > 0 ? [`${added} added evenly below ${nameOf(id)}`] : []),
    ...(added < 0 ? [`${-added} taken away evenly below ${nameOf(id)}`] : []),
    ...(padded > 0
      ? [`${nameOf(id)} padded by ${padded} ${padded === 1 ? 'column' : 'columns'}`]
      : []),
  ])
  return [base, ...bands].join('; ')
}
