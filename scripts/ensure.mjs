import { spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'

/** Warnings of npm about this machine's settings are nobody's concern here. */
const quiet = { npm_config_loglevel: 'error', npm_config_fund: 'false', npm_config_audit: 'false' }

/** Runs a command in the open; true when it went well. */
export const run = (command, args, { env = process.env, ...options } = {}) =>
  spawnSync(command, args, { stdio: 'inherit', env: { ...env, ...quiet }, ...options }).status === 0

/** A command that a package brings. */
export const tool = (name) => `node_modules/.bin/${name}`

/** Installs the packages of the lock file when they are not there or older than it. */
export function ensureInstalled() {
  const done = 'node_modules/.package-lock.json'
  const fresh = existsSync(done) && statSync(done).mtimeMs >= statSync('package-lock.json').mtimeMs
  if (fresh) return
  console.log('Installing packages …')
  if (!run('npm', ['ci'])) {
    console.error('The packages could not be installed; see above.')
    process.exit(1)
  }
}

export const CHROMIUM = '/usr/bin/chromium'

/** Installs Debian's Chromium when it is missing. */
export function ensureChromium() {
  if (existsSync(CHROMIUM)) return
  console.log('Installing Chromium …')
  const quiet = { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } }
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n']
  const apt = (...args) => {
    const [command, ...rest] = [...asRoot, 'apt-get', ...args]
    return run(command, rest, quiet)
  }
  apt('update')
  if (apt('install', '-y', '--no-install-recommends', 'chromium') && existsSync(CHROMIUM)) return
  console.error(
    'Chromium is needed for the end-to-end tests and could not be installed: apt-get install chromium',
  )
  process.exit(1)
}
