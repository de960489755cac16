import type { PlaceRun, Places, Program, Step } from '../program/index.ts'

/** Places one by one. */
export const oneByOne = (places: Places): Omit<PlaceRun, 'count'>[] =>
  places.flatMap(({ motif, times }) =>
    Array.from({ length: times }, () =>
      motif.flatMap(({ count, ...run }) => Array.from({ length: count }, () => run)),
    ).flat(),
  )

/** A program that was laid, with every group written out. */
export const writtenOut = (steps: Program): Step[] =>
  steps.flatMap((step) =>
    step.do === 'group'
      ? Array.from({ length: step.times as number }, () => writtenOut(step.steps)).flat()
      : [step],
  )

/** The yarn of every stitch and chain of a program that was laid, in working order. */
export const yarnsOf = (steps: Program): string =>
  writtenOut(steps)
    .map((step) => {
      if (step.do === 'cells')
        return step.from === 'left' ? step.letters : [...step.letters].reverse().join('')
      return 'yarn' in step ? step.yarn!.repeat(step.times as number) : ''
    })
    .join('')
