#!/usr/bin/env -S npx tsx
import { Command, CommanderError, Option } from 'commander'
import { readFileSync } from 'node:fs'
import type { Design } from '@core/design'
import { readProject } from '@core/file'
import { derive, planReport, planText } from '@core/plan'
import type { Words } from '@core/stitch'

/* The core from a shell. 0: done, nothing wrong; 1: done, and something is wrong; 2: could not be read, or wrong use. */

/** What a command ends with: what is printed, and whether something is wrong. */
interface Outcome {
  readonly output: string
  readonly wrong: boolean
}

/** Cannot go on; the message is the one line that is said. */
class Refusal extends Error {}

function readFile(path: string): string {
  try {
    return readFileSync(path, 'utf8')
  } catch (error) {
    throw new Refusal(`cannot read ${path}: ${(error as NodeJS.ErrnoException).code ?? 'unknown'}`)
  }
}

function readDesign(path: string): Design {
  const read = readProject(readFile(path))
  if (read.ok) return read.value
  const [first, ...more] = read.problem
  throw new Refusal(
    `${path}: ${first!.where} ${first!.message}${more.length ? ` (and ${more.length} more)` : ''}`,
  )
}

interface PlanOptions {
  readonly json?: boolean
  readonly terms: Words['terms']
  readonly units: Words['units']
}

function plan(path: string, { json, terms, units }: PlanOptions): Outcome {
  const words: Words = { terms, units, hand: 'right' }
  const design = readDesign(path)
  const derived = derive(design)
  return {
    output: json
      ? JSON.stringify(planReport(derived, words), null, 1)
      : planText(design, derived, words),
    wrong: derived.snags.some(({ severity }) => severity === 'error'),
  }
}

function end({ output, wrong }: Outcome): void {
  process.stdout.write(output + '\n')
  process.exitCode = wrong ? 1 : 0
}

const program = new Command('motif')
  .description('Ample Motif from a shell')
  .exitOverride()
  .configureOutput({ outputError: (text, write) => write(text.split('\n')[0] + '\n') })

program
  .command('plan')
  .description('the written pattern and the tally of a project')
  .argument('<file>', 'a project file')
  .option('--json', 'as data')
  .addOption(new Option('--terms <terms>').choices(['us', 'uk']).default('us'))
  .addOption(new Option('--units <units>').choices(['metric', 'imperial']).default('metric'))
  .action((file: string, options: PlanOptions) => end(plan(file, options)))

try {
  program.parse()
} catch (error) {
  if (error instanceof CommanderError) process.exitCode = error.exitCode === 0 ? 0 : 2
  else {
    const line =
      error instanceof Refusal ? error.message : `unexpected: ${(error as Error).message}`
    process.stderr.write(`motif: ${line}\n`)
    process.exitCode = 2
  }
}
