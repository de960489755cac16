import { run, tool } from './ensure.mjs'
import fonts from './fonts.mjs'

/* Builds the program: what the browser gets into dist/, and its server beside it, as JavaScript that node runs as it is. */
const server = [
  ...['server/main.ts', '--bundle', '--packages=external', '--platform=node', '--format=esm'],
  ...['--outfile=.cache/server.mjs', '--log-level=warning'],
]
await fonts()
const built = run(tool('vite'), ['build', '--logLevel', 'warn']) && run(tool('esbuild'), server)
process.exit(built ? 0 : 1)
