import { spawn } from 'node:child_process'
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import ts from 'typescript'
import { bundleTests, together } from './bundle-tests.mjs'

/*
 * Plants single changes in the core, one at a time, and tells which of them no test notices: `npm run mutate -- [changes] [seed]`.
 * Nothing is written to the sources: a change is made while the tests are put together. Tests of the same folder are tried first.
 */

const [many = 60, seed = 20261129] = process.argv.slice(2).map(Number)
const JEST = 'node_modules/jest/bin/jest.js'
const LIMIT_MS = 150_000

/** What a piece of code becomes; null where nothing of this kind is to be changed in it. */
const swaps = new Map([
  ['<', '<='],
  ['<=', '<'],
  ['>', '>='],
  ['>=', '>'],
  ['===', '!=='],
  ['!==', '==='],
  ['+', '-'],
  ['-', '+'],
  ['*', '/'],
  ['&&', '||'],
  ['||', '&&'],
  ['??', '&&'],
])
function changeOf(node, source) {
  const text = node.getText(source)
  if (ts.isBinaryExpression(node)) {
    const operator = node.operatorToken.getText(source)
    const other = swaps.get(operator)
    const isText = /['`]/.test(text)
    if (other && !(isText && /[+-]/.test(operator)))
      return { from: node.operatorToken.getStart(source), to: node.operatorToken.end, with: other }
  }
  if (ts.isNumericLiteral(node) && !ts.isDecorator(node.parent.parent))
    return {
      from: node.getStart(source),
      to: node.end,
      with: String(Number(text.replaceAll('_', '')) + 1),
    }
  if (ts.isConditionalExpression(node)) {
    const [yes, no] = [node.whenTrue.getText(source), node.whenFalse.getText(source)]
    return { from: node.whenTrue.getStart(source), to: node.whenFalse.end, with: `${no} : ${yes}` }
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return { from: node.getStart(source), to: node.operand.getStart(source), with: '' }
  if (node.kind === ts.SyntaxKind.TrueKeyword)
    return { from: node.getStart(source), to: node.end, with: 'false' }
  if (ts.isExpressionStatement(node) && ts.isCallExpression(node.expression))
    return { from: node.getStart(source), to: node.end, with: ';' }
  return null
}

function changesIn(path) {
  const text = readFileSync(path, 'utf8')
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true)
  const found = []
  const look = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isDecorator(node)) return
    const change = changeOf(node, source)
    if (change)
      found.push({
        path,
        line: source.getLineAndCharacterOfPosition(change.from).line + 1,
        ...change,
      })
    ts.forEachChild(node, look)
  }
  look(source)
  return found
}

let state = seed
const random = () => (state = (state * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
const files = readdirSync('src/core', { recursive: true })
  .map((path) => join('src/core', path))
  .filter(
    (path) => path.endsWith('.ts') && !path.endsWith('.test.ts') && !path.includes('/testing/'),
  )
const all = files.flatMap(changesIn)
const chosen = Array.from({ length: many }, () => all[Math.floor(random() * all.length)])

const changed = ({ path, from, to, with: text }) => {
  const before = readFileSync(path, 'utf8')
  return before.slice(0, from) + text + before.slice(to)
}
const planted = (change) => ({
  name: 'planted',
  setup({ onLoad }) {
    const whole = resolve(change.path)
    const filter = new RegExp(`${whole.replaceAll(/[.\\/]/g, '\\$&')}$`)
    onLoad({ filter }, () => ({ contents: changed(change), loader: 'ts' }))
  },
})

/** Whether these tests pass with the change; what takes too long does not. */
async function passes(change, paths, into) {
  if (paths.length === 0) return true
  try {
    await bundleTests({ into, paths, many: 1, plugins: [planted(change)] })
  } catch {
    return false
  }
  const config = join(into, 'jest.config.json')
  writeFileSync(
    config,
    JSON.stringify({ testMatch: ['<rootDir>/lane-*.mjs'], transform: {}, bail: 1 }),
  )
  return new Promise((done) => {
    const args = [
      '--experimental-vm-modules',
      '--no-warnings',
      JEST,
      '--config',
      config,
      '--silent',
      '--forceExit',
    ]
    const child = spawn(process.execPath, args, { stdio: 'ignore' })
    const timer = setTimeout(() => child.kill('SIGKILL'), LIMIT_MS)
    child.on('close', (code) => {
      clearTimeout(timer)
      done(code === 0)
    })
  })
}

const tests = together().filter((path) => path.startsWith('src/core'))
async function survives(change, into) {
  const folder = dirname(change.path)
  const near = tests.filter((path) => dirname(path) === folder || path.startsWith(`${folder}/`))
  if (!(await passes(change, near, into))) return false
  return passes(
    change,
    tests.filter((path) => !near.includes(path)),
    into,
  )
}

const survivors = []
let next = 0
async function worker(n) {
  const into = `.cache/mutate-${n}`
  while (next < chosen.length) {
    const change = chosen[next++]
    const lives = await survives(change, into)
    const { path, line, from, to, with: text } = change
    const was = readFileSync(path, 'utf8').slice(from, to).replaceAll(/\s+/g, ' ').slice(0, 60)
    const said = `${path}:${line}: ${was} → ${text.replaceAll(/\s+/g, ' ').slice(0, 60) || '(nothing)'}`
    if (lives) survivors.push(said)
    console.log(`${lives ? 'PASSED' : 'killed'} ${said}`)
  }
  rmSync(into, { recursive: true, force: true })
}
await Promise.all([worker(1), worker(2)])
const killed = chosen.length - survivors.length
console.log(
  `\n${killed} of ${chosen.length} killed (${Math.round((100 * killed) / chosen.length)} %)`,
)
for (const one of survivors.sort()) console.log(one)
