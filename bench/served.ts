import { spawn } from 'node:child_process'
import { once } from 'node:events'

/** What pages need so that functions given to them run: the runner names functions with a helper that pages do not have. */
export const NAMES = { content: 'globalThis.__name = (it) => it' }

export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
}

/** Does something while the built program is served on a port of this machine. */
export async function served(
  port: number,
  work: (address: string) => Promise<void>,
): Promise<void> {
  const server = spawn(process.execPath, ['.cache/server.mjs'], {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  try {
    await once(server.stdout!, 'data')
    await work(`http://127.0.0.1:${port}`)
  } finally {
    server.kill()
  }
}
