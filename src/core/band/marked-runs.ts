import type { BandRun } from './band.ts'

/** A run of `total` units of the ground stitch, the marked ones (in ascending places) in other stitches. */
export function markedRuns(
  total: number,
  marks: readonly { readonly place: number; readonly stitch: string }[],
  ground: string,
  yarn: string,
): BandRun[] {
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
  return runs
}
