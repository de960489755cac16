import { spawn } from 'node:child_process'

/** What pages need so that functions given to them run: the runner names functions with a helper that pages do not have. */
export const NAMES = { content: 'globalThis.__name = (it) => it' }

export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
}

const BEGINS_MS = 2500

/** Does something while the built program is served on a port of this machine. */
export async function served(
  port: number,
  work: (address: string) => Promise<void>,
): Promise<void> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
  })
  try {
    await new Promise((done) => setTimeout(done, BEGINS_MS))
    await work(`http://127.0.0.1:${port}`)
  } finally {
    server.kill()
  }
}
