import { fileURLToPath } from 'node:url'
import { createApp } from './app.ts'

/* Serves the built program: on this machine only, unless HOST says otherwise. */

/** A setting that is empty is not set. */
const setting = (name: string) => process.env[name]?.trim() || undefined
const host = setting('HOST') ?? '127.0.0.1'
const port = Number(setting('PORT') ?? 4173)
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`PORT must be a number from 0 to 65535, not “${process.env['PORT']}”.`)
  process.exit(1)
}

/** An address one can open: brackets around one of IPv6, and this machine where all of its addresses are listened on. */
function addressOf(name: string, at: number): string {
  const open = name === '0.0.0.0' ? '127.0.0.1' : name === '::' ? '::1' : name
  return `http://${open.includes(':') ? `[${open}]` : open}:${at}`
}

const server = createApp(fileURLToPath(new URL('../dist', import.meta.url))).listen(
  port,
  host,
  (error) => {
    if (error) fail(error)
    const address = server.address()
    const at = typeof address === 'object' && address ? address.port : port
    console.log(`Ample Motif is ready at ${addressOf(host, at)}`)
  },
)
server.on('error', fail)

function fail(error: NodeJS.ErrnoException | Error): never {
  const taken = 'code' in error && error.code === 'EADDRINUSE'
  console.error(
    taken
      ? `Port ${port} is taken. Stop what uses it, or choose another: PORT=4174 npm run demo`
      : `The server could not start: ${error.message}`,
  )
  process.exit(1)
}

for (const signal of ['SIGTERM', 'SIGINT'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0))
    server.closeIdleConnections()
    setTimeout(() => process.exit(0), 2000).unref()
  })
