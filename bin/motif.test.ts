import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { printProject } from '../src/core/file/index.ts'
import { base, tote } from '../src/core/testing/tote.ts'

const root = new URL('..', import.meta.url).pathname
const motif = (...words: string[]) => {
  const run = spawnSync('npm', ['run', '-s', 'motif', '--', ...words], {
    cwd: root,
    encoding: 'utf8',
  })
  const said = run.stderr.split('\n').filter((line) => line && !line.startsWith('npm warn'))
  return { exit: run.status, output: run.stdout, said }
}
const folder = mkdtempSync(join(tmpdir(), 'motif-'))
const fileWith = (text: string) => {
  const path = join(folder, `${Math.abs(text.length)}.json`)
  writeFileSync(path, text)
  return path
}

describe('motif plan', () => {
  it('writes the pattern, in the chosen terms and units', () => {
    const { exit, output, said } = motif(
      'plan',
      'demo/beater-tote.json',
      '--terms',
      'uk',
      '--units',
      'imperial',
    )
    expect(exit).toBe(0)
    expect(said).toEqual([])
    expect(output).toContain('Rounds 21–25: dc in each st around, in A (120)')
    expect(output).toContain('23.6 in around')
  })

  it('ends with 1 when something is wrong, and still gives the plan as data', () => {
    const uneven = tote({ parts: [base({ count: 50 }), ...tote().parts.slice(1)] })
    const { exit, output } = motif('plan', fileWith(printProject(uneven)), '--json')
    expect(exit).toBe(1)
    const plan = JSON.parse(output) as { format: number; snags: { code: string }[] }
    expect(plan.format).toBe(1)
    expect(plan.snags[0]!.code).toBe('repeat-remainder')
  })

  it.each([
    ['a file that is not there', ['plan', 'nowhere.json']],
    ['a file that is no project', ['plan', 'package.json']],
    ['wrong use', ['plan']],
    ['an unknown command', ['knit']],
  ])('ends with 2 and one line for %s', (_, words) => {
    const { exit, output, said } = motif(...words)
    expect([exit, output, said.length]).toEqual([2, '', 1])
  })
})
