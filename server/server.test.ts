import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdirSync, mkdtempSync, symlinkSync, writeFileSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import type { Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createApp } from './app.ts'

const build = mkdtempSync(join(tmpdir(), 'build-'))
mkdirSync(join(build, 'assets'))
writeFileSync(join(build, 'index.html'), '<!doctype html><title>Ample Motif</title>')
writeFileSync(join(build, 'assets', 'a-1.js'), 'export {}')
const outside = join(mkdtempSync(join(tmpdir(), 'outside-')), 'secret.txt')
writeFileSync(outside, 'secret')
symlinkSync(outside, join(build, 'assets', 'link.txt'))
symlinkSync(outside, join(build, 'top.txt'))
symlinkSync(join(outside, '..'), join(build, 'assets', 'folder'))

let server: Server
let address: string
beforeAll(async () => {
  server = createApp(build).listen(0, '127.0.0.1')
  await once(server, 'listening')
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => void server.close())

const get = (path: string, init: RequestInit = {}) => fetch(address + path, init)

describe('the server', () => {
  it('lets nothing run that is not its own', async () => {
    const { headers } = await get('/')
    const policy = headers.get('content-security-policy')!
    expect(policy).toContain("script-src 'self';")
    expect(policy).toContain("object-src 'none'")
    expect(policy).not.toContain('unsafe')
    expect(headers.get('x-powered-by')).toBeNull()
    expect(headers.get('x-content-type-options')).toBe('nosniff')
  })

  it('keeps named assets for good and asks again for the page', async () => {
    expect((await get('/assets/a-1.js')).headers.get('cache-control')).toContain('immutable')
    expect((await get('/')).headers.get('cache-control')).toBe('no-cache')
  })

  it('knows its pages, and answers 404 to all else', async () => {
    expect((await get('/bag/b1/size')).status).toBe(200)
    const nothing = await get('/nothing/here')
    expect(nothing.status).toBe(404)
    expect(await nothing.text()).toContain('<title>')
    expect((await get('/assets/none.js')).status).toBe(404)
    expect((await get('/%')).status).toBe(400)
    expect((await get('/../package.json')).status).toBe(404)
  })

  it('answers what cannot be answered with what is wrong, not with a fault of its own', async () => {
    const statusOf = async (path: string, init?: RequestInit) => (await get(path, init)).status
    expect(await statusOf('/assets/%ff')).toBe(400)
    expect(await statusOf('/assets/%00')).toBe(400)
    expect(await statusOf('/%2e%2e/%2e%2e/etc/passwd')).toBe(404)
    expect(await statusOf('/assets')).toBe(404)
    const ranged = await get('/assets/a-1.js', { headers: { Range: 'bytes=900-1000' } })
    expect([ranged.status, ranged.headers.get('content-range')]).toEqual([416, 'bytes */9'])
    const posted = await get('/', { method: 'POST', body: 'x' })
    expect([posted.status, posted.headers.get('allow')]).toEqual([405, 'GET, HEAD'])
    expect(await statusOf('/', { method: 'HEAD' })).toBe(200)
  })

  it('follows no link out of the build', async () => {
    for (const path of ['/assets/link.txt', '/top.txt', '/assets/folder/secret.txt']) {
      const answer = await get(path)
      expect([path, answer.status]).toEqual([path, 404])
      expect(await answer.text()).not.toContain('secret')
    }
  })
})

/** The program's own start, with what it said and how it ended. */
function start(port: number | string, host?: string) {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    cwd: new URL('..', import.meta.url).pathname,
    env: {
      ...process.env,
      PORT: String(port),
      NODE_OPTIONS: '',
      ...(host === undefined ? {} : { HOST: host }),
    },
  })
  let said = ''
  child.stdout.on('data', (text) => (said += text))
  child.stderr.on('data', (text) => (said += text))
  const ended = once(child, 'exit').then(([code]) => ({ code: code as number, said }))
  return { child, ended, said: () => said }
}

describe('starting', () => {
  it.each([
    ['', 'http://127.0.0.1:'],
    ['::1', 'http://[::1]:'],
    ['0.0.0.0', 'http://127.0.0.1:'],
  ])('with HOST “%s” prints an address that can be opened', async (host, address) => {
    const { child, ended, said } = start(0, host)
    while (!said().includes('\n')) await new Promise((done) => setTimeout(done, 50))
    const [, at] = /ready at (\S+)/.exec(said()) ?? []
    expect(at).toContain(address)
    expect((await fetch(`${at}/`)).status).toBeLessThan(504)
    child.kill('SIGTERM')
    await ended
  })

  it('says where it is, and stops cleanly when told to', async () => {
    const { child, ended, said } = start(0)
    while (!said().includes('ready at')) await new Promise((done) => setTimeout(done, 50))
    expect(said()).toMatch(/^Ample Motif is ready at http:\/\/127\.0\.0\.1:\d+\n$/)
    child.kill('SIGTERM')
    expect((await ended).code).toBe(0)
  })

  it('says plainly when the port is taken or is none', async () => {
    const other = createServer().listen(0, '127.0.0.1')
    await once(other, 'listening')
    const { port } = other.address() as AddressInfo
    expect(await start(port).ended).toMatchObject({
      code: 1,
      said: expect.stringContaining(`Port ${port} is taken`),
    })
    other.close()
    expect(await start('harbour').ended).toMatchObject({
      code: 1,
      said: expect.stringContaining('PORT must be a number'),
    })
  })
})
