import { readFileSync } from 'node:fs'
import { type Project, readProject } from '@core/project'
import { derive, planReport, planText } from '@core/bag'
import type { Words } from '@core/stitch'
import { type Outcome, Refusal } from '../outcome.ts'

function projectIn(path: string): Project {
  let text: string
  try {
    text = readFileSync(path, 'utf8')
  } catch (error) {
    throw new Refusal(`cannot read ${path}: ${(error as NodeJS.ErrnoException).code ?? 'unknown'}`)
  }
  const read = readProject(text)
  if (read.ok) return read.value
  const [first, ...more] = read.problem
  const others = more.length ? ` (and ${more.length} more)` : ''
  throw new Refusal(`${path}: ${first!.where} ${first!.message}${others}`)
}

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
