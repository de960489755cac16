#!/usr/bin/env node
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

/*
 * The core from a shell. Its many small files are put together once and kept, since loading them one by one takes longer than
 * any command; what was put together is made anew when one of them has changed.
 */

const root = fileURLToPath(new URL('..', import.meta.url))

/** Name, size and time of every file the commands are made of. */
function stateOf(folders) {
  const hash = createHash('sha1').update(process.version)
  const look = (path) => {
    for (const entry of readdirSync(path, { withFileTypes: true })) {
      const inner = join(path, entry.name)
      if (entry.isDirectory()) look(inner)
      else {
        const { mtimeMs, size } = statSync(inner)
        hash.update(`${inner} ${mtimeMs} ${size}\n`)
      }
    }
  }
  for (const folder of folders) look(join(root, folder))
  hash.update(String(statSync(join(root, 'package-lock.json')).mtimeMs))
  return hash.digest('hex').slice(0, 16)
}

async function putTogether(into) {
  const { build } = await import('esbuild')
  const making = `${into}-${process.pid}`
  await build({
    entryPoints: [join(root, 'bin/motif.ts')],
    outdir: making,
    bundle: true,
    splitting: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    outExtension: { '.js': '.mjs' },
    tsconfig: join(root, 'tsconfig.json'),
    // Some packages still ask for others the old way.
    banner: {
      js: "import { createRequire as createRequireHere } from 'node:module'; const require = createRequireHere(import.meta.url);",
    },
    logLevel: 'error',
  })
  try {
    renameSync(making, into)
  } catch (error) {
    // Another run was faster: what it made is the same.
    rmSync(making, { recursive: true, force: true })
    if (!existsSync(into)) throw error
  }
}

function placeFor(state) {
  for (const base of [join(root, '.cache'), join(tmpdir(), 'ample-motif')])
    try {
      mkdirSync(base, { recursive: true })
      for (const old of readdirSync(base))
        if (/^motif-[0-9a-f]{16}$/.test(old) && old !== `motif-${state}`)
          rmSync(join(base, old), { recursive: true, force: true })
      return join(base, `motif-${state}`)
    } catch {
      // It cannot be written there.
    }
  throw new Error('there is no folder to keep the commands in')
}

const kept = placeFor(stateOf(['bin', 'src/core']))
if (!existsSync(kept)) await putTogether(kept)
await import(pathToFileURL(join(kept, 'motif.mjs')).href)
