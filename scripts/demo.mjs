import { spawn } from 'node:child_process'
import { ensureInstalled, run } from './ensure.mjs'

/* Installs, builds and serves the program, and prints its address. */
ensureInstalled()
if (!run(process.execPath, ['scripts/build.mjs'])) process.exit(1)
const server = spawn(process.execPath, ['.cache/server.mjs'], { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
