import { readFileSync } from 'node:fs'
import { type Project, readProject } from '@core/project'
import { Refusal } from '../outcome.ts'

/** The project in a file. @throws Refusal, in one line, where there is none that can be read */
export function projectIn(path: string): Project {
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
