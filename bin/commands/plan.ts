import { derive, planReport, planText } from '@core/bag'
import type { Words } from '@core/stitch'
import type { Outcome } from '../outcome.ts'
import { projectIn } from './project-in.ts'

export interface PlanOptions {
  readonly json?: boolean
  readonly terms: Words['terms']
  readonly units: Words['units']
  readonly hand: Words['hand']
}

/** The written pattern and the tally of a project, as text or as data. */
export function plan(path: string, { json, terms, units, hand }: PlanOptions): Outcome {
  const words: Words = { terms, units, hand }
  const project = projectIn(path)
  const derived = derive(project, { hand })
  return {
    output: json
      ? JSON.stringify(planReport(project.design, derived, words), null, 1)
      : planText(project.design, derived, words),
    wrong: derived.snags.some(({ severity }) => severity === 'error'),
  }
}
