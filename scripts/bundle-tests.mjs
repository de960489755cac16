import { build } from 'esbuild'
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { join, relative, resolve } from 'node:path'
import { pathToFileURL } from 'node:url'

/*
 * Puts the unit tests together in a few lanes, each with the core loaded once: by itself every file of tests loads some three hundred
 * small modules anew, which takes longer than the tests. Those that put other modules in the place of ours, or say so, stay by themselves, and
 * those that start the program.
 */

const FOLDER = '.cache/tests'
/** Whether a file of tests stays by itself. */
export const isAlone = (path) =>
  /\bjest\.(?:unstable_)?mock|=\s+await import\(|^\/\* By itself: /m.test(
    readFileSync(path, 'utf8'),
  )

/** Files of tests that can be put together, the largest first. */
export const together = () =>
  readdirSync('src', { recursive: true })
    .filter((path) => path.endsWith('.test.ts'))
    .map((path) => join('src', path))
    .filter((path) => !isAlone(path))
    .sort((a, b) => statSync(b).size - statSync(a).size)

/** Each file in the lane that has the least so far. */
function inLanes(paths, many) {
  const lanes = Array.from({ length: Math.min(many, paths.length) }, () => ({ size: 0, paths: [] }))
  for (const path of paths) {
    const lane = lanes.reduce((least, one) => (one.size < least.size ? one : least))
    lane.paths.push(path)
    lane.size += statSync(path).size
  }
  return lanes
}

/**
 * A file of tests as one group by its name, so that what it does before each of its tests is done before no others; and what it reads
 * beside itself is found where it is.
 */
function grouped(path) {
  const text = readFileSync(path, 'utf8').replaceAll(
    'import.meta.url',
    JSON.stringify(pathToFileURL(path).href),
  )
  const imports = [...text.matchAll(/^import (?:[^;]*?from )?'[^']+'(?: with \{[^}]*\})?\n/gm)]
  const last = imports.at(-1)
  const body = last ? last.index + last[0].length : 0
  const name = JSON.stringify(relative('src', path))
  return `${text.slice(0, body)}describe(${name}, () => {${text.slice(body)}})\n`
}
const inPlace = {
  name: 'in-place',
  setup({ onLoad }) {
    onLoad({ filter: /\.test\.ts$/ }, ({ path }) => ({ contents: grouped(path), loader: 'ts' }))
  },
}

/** Puts files of tests together, so many lanes of them, into a folder. */
export async function bundleTests({
  into = FOLDER,
  paths = together(),
  many = 3 * Math.max(2, cpus().length),
  plugins = [],
} = {}) {
  rmSync(into, { recursive: true, force: true })
  mkdirSync(into, { recursive: true })
  const entries = inLanes(paths, many).map(({ paths: files }, i) => {
    const entry = join(into, `lane-${i + 1}.ts`)
    const imports = [
      ...['setup', 'asserts'].map((name) => resolve(`src/core/testing/${name}.ts`)),
      ...files.map((path) => resolve(path)),
    ]
    writeFileSync(
      entry,
      imports.map((path) => `import '${relative(resolve(into), path)}'\n`).join(''),
    )
    return entry
  })
  await build({
    entryPoints: entries,
    outdir: into,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    // What is marked as without effects is for the page: here a file is brought for what it does.
    ignoreAnnotations: true,
    splitting: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    tsconfig: resolve('tsconfig.json'),
    sourcemap: 'inline',
    logLevel: 'warning',
    plugins: [...plugins, inPlace],
  })
}
if (process.argv[1] === import.meta.filename) await bundleTests()
