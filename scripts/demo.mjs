import { spawn } from 'node:child_process'
import { ensureInstalled, run, tool } from './ensure.mjs'

/* Installs, builds and serves the program, and prints its address. */
ensureInstalled()
if (!run(tool('vite'), ['build', '--logLevel', 'warn'])) process.exit(1)
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
