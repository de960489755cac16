#!/usr/bin/env -S npx tsx
import { Command, CommanderError, Option } from 'commander'
import type { CheckCommandOptions } from './commands/check.ts'
import type { FitOptions } from './commands/fit.ts'
import type { HandlesOptions } from './commands/handles.ts'
import type { LastsOptions } from './commands/lasts.ts'
import type { MendOptions } from './commands/mend.ts'
import type { PictureOptions } from './commands/picture.ts'
import type { PlanOptions } from './commands/plan.ts'
import type { StitchesOptions } from './commands/stitches.ts'
import { type Outcome, Refusal } from './outcome.ts'

/* The core from a shell. 0: done, nothing wrong; 1: done, and something is wrong; 2: could not be read, or wrong use. */

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
  .addOption(new Option('--hand <hand>').choices(['right', 'left']).default('right'))
  .action(async (file: string, options: PlanOptions) =>
    end((await import('./commands/plan.ts')).plan(file, options)),
  )

program
  .command('fit')
  .description('counts at which everything comes out even')
  .option('--around <length>', 'wanted way around: 600mm, 60cm, 24in')
  .option('--width <length>', 'wanted width of a flat panel')
  .option('--count <n>', 'this many are on the hook')
  .requiredOption('--stitches <gauge>', 'stitches over a length: 20/100mm')
  .requiredOption('--rows <gauge>', 'rows over a length: 22/100mm')
  .option('--tolerance <share>', 'how far off is still right', '5%')
  .option('--repeats <list>', 'stitches of each band’s repeat, from below: 4,6,8')
  .option('--offsets <list>', 'stitches beside the repeats of a flat panel: 0,0,1')
  .option('--flat', 'worked flat: offsets count')
  .option('--base <base>', 'round:8, oval:34:3:6, rect:38 or none', 'none')
  .option('--json', 'as data')
  .action(async (options: FitOptions) => end((await import('./commands/fit.ts')).fit(options)))

program
  .command('check')
  .description('checks a written pattern: what each row uses and makes, and what does not add up')
  .argument('<file>', 'a text')
  .addOption(new Option('--terms <terms>', 'found from its words by itself').choices(['us', 'uk']))
  .addOption(
    new Option('--starting-chain <how>', 'whether starting chains count')
      .choices(['text', 'counts', 'not'])
      .default('text'),
  )
  .option('--json', 'as data')
  .action(async (file: string, options: CheckCommandOptions) =>
    end((await import('./commands/check.ts')).check(file, options)),
  )

program
  .command('stitches')
  .description('the stitch drawer, or one pattern written over a count')
  .argument('[id]', 'a pattern of the drawer')
  .option('--count <n>', 'stitches it is worked on')
  .option('--flat', 'in rows')
  .option('--rows <n>', 'rows of the pattern')
  .addOption(new Option('--terms <terms>').choices(['us', 'uk']).default('us'))
  .option('--json', 'as data')
  .action(async (id: string | undefined, options: StitchesOptions) =>
    end((await import('./commands/stitches.ts')).stitches(id, options)),
  )

program
  .command('handles')
  .description('two handles chained in the edge, centred on front and back')
  .requiredOption('--count <n>', 'stitches of the round')
  .option('--gap <n>', 'stitches each passes over; a fifth by itself')
  .option('--chain <n>', 'chains of each; two and a half times the gap by itself')
  .option('--start <n>', 'the middle of a side lies so many stitches after the start of the round')
  .option('--json', 'as data')
  .action(async (options: HandlesOptions) =>
    end((await import('./commands/handles.ts')).handles(options)),
  )

/** Each time it is given one more. */
const several = (text: string, before: readonly string[] = []) => [...before, text]

program
  .command('lasts')
  .description('whether yarns last, by what was weighed on the way')
  .argument('<file>', 'a project file')
  .option(
    '--weighed <what>',
    '62 g of B left after round 30: B:62g@30; as often as weighed, beside what the log has',
    several,
    [],
  )
  .option(
    '--in-hand <what>',
    'what there was before the first stitch: B:100g, or B:2balls',
    several,
  )
  .addOption(new Option('--units <units>').choices(['metric', 'imperial']).default('metric'))
  .option('--json', 'as data')
  .action(async (file: string, options: LastsOptions) =>
    end((await import('./commands/lasts.ts')).lasts(file, options)),
  )

program
  .command('mend')
  .description('the nearest mosaic chart that can be worked')
  .argument('<chart>', 'CSV of yarn letters, the top row first')
  .addOption(
    new Option('--technique <technique>').choices(['overlay', 'inset']).makeOptionMandatory(),
  )
  .option('--first <letter>', 'yarn of the lowest row; by itself the commonest letter there')
  .option('--flat', 'in rows: nothing is borrowed at the edges')
  .option('--run <n>', 'borrowed cells side by side in a row of inset, at the most', '3')
  .option('--json', 'what changed, as data')
  .action(async (chart: string, options: MendOptions) =>
    end((await import('./commands/mend.ts')).mend(chart, options)),
  )

program
  .command('picture')
  .description('a picture as a chart that can be worked, in the yarns there are')
  .argument('<file>', 'a PNG')
  .requiredOption('--stitches <n>', 'stitches the picture is wide')
  .requiredOption('--gauge-stitches <gauge>', 'stitches over a length: 20/100mm')
  .requiredOption('--gauge-rows <gauge>', 'rows over a length: 22/100mm')
  .option('--yarns <colours>', 'of the yarns, A first: "#112233,#ddeeff"')
  .option('--find <n>', 'so many colours found in the picture, instead')
  .option('--per-round <n>', 'yarns in one round of tapestry, at the most; all by itself')
  .option('--shortest <n>', 'cells of a run of tapestry, at least')
  .option('--together <n>', 'rounds that are worked in the same yarns')
  .option('--longest <n>', 'stitches a yarn is carried through, at the most')
  .option('--no-lone', 'no stitch that touches none of its own yarn')
  .option('--mirrored', 'left like right')
  .option('--meets', 'its edges meet around and up')
  .addOption(
    new Option('--mixing <how>', 'colours there is no yarn of, out of two')
      .choices(['none', 'ordered', 'diffused'])
      .default('none'),
  )
  .addOption(
    new Option('--technique <technique>')
      .choices(['tapestry', 'overlay', 'inset'])
      .default('tapestry'),
  )
  .option(
    '--max-yarn <what>',
    'there is only so much of a colour: "#ddeeff:30g" or "#ddeeff:60m"; as often as needed',
    several,
  )
  .option('--json', 'what it is made of, as data; its rounds the lowest first')
  .action(async (file: string, options: PictureOptions) =>
    end((await import('./commands/picture.ts')).picture(file, options)),
  )

try {
  // Each command brings what it needs, and no other.
  await program.parseAsync()
} catch (error) {
  if (error instanceof CommanderError) process.exitCode = error.exitCode === 0 ? 0 : 2
  else {
    const line =
      error instanceof Refusal ? error.message : `unexpected: ${(error as Error).message}`
    process.stderr.write(`motif: ${line}\n`)
    process.exitCode = 2
  }
}
