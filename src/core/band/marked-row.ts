import { chain, IN_SAME, pass, type Program, type Step, work } from '../program/index.ts'
import { stitchById } from '../stitch/index.ts'
import type { BandRun } from './band.ts'

/** A row of `total` units of the ground stitch, the marked ones (in ascending places) in other stitches. */
export function markedRow(
  total: number,
  marks: readonly { readonly place: number; readonly stitch: string }[],
  ground: string,
  yarn: string,
): Program {
  const runs: BandRun[] = []
  const push = (stitch: string, count: number) => {
    const last = runs.at(-1)
    if (last?.stitch === stitch) runs[runs.length - 1] = { ...last, count: last.count + count }
    else if (count > 0) runs.push({ stitch, yarn, count })
  }
  let from = 0
  for (const { place, stitch } of marks) {
    push(ground, place - from)
    push(stitch, 1)
    from = place + 1
  }
  push(ground, total - from)
  return programOf(runs)
}

/** A row that was counted run by run as a program. */
export const programOf = (runs: readonly BandRun[]): Program =>
  runs.map(({ stitch, yarn, count }): Step => {
    if (stitch === 'skip') return pass(count)
    if (stitch === 'ch') return chain(count, 'over', { yarn })
    const { family, unit } = stitchById(stitch)
    const beside = family === 'place' ? { into: IN_SAME } : {}
    return work(stitch, count, { yarn, ...beside, ...(unit === undefined ? {} : { unit }) })
  })
