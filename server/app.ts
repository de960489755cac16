import compression from 'compression'
import express, { type Express } from 'express'
import helmet from 'helmet'
import { existsSync, realpathSync } from 'node:fs'
import { join, sep } from 'node:path'

/** Everything comes from here, nothing runs from a page or a file. */
const policy = {
  'default-src': ["'self'"],
  'script-src': ["'self'"],
  'script-src-attr': ["'none'"],
  'style-src': ["'self'"],
  'style-src-attr': ["'none'"],
  'font-src': ["'self'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'connect-src': ["'self'"],
  'worker-src': ["'self'"],
  'manifest-src': ["'self'"],
  'base-uri': ["'self'"],
  'form-action': ["'self'"],
  'object-src': ["'none'"],
  'frame-ancestors': ["'none'"],
}

/** Addresses that the program itself knows; every other one is not found, and says so. */
const pages = [
  /^\/((check|in-hand|stitches)\/?)?$/,
  /^\/bag\/[\w-]+(\/(size|bands|yarns|finish|pattern|make))?\/?$/,
]

/** What went wrong with a request, in plain words; everything else is ours. */
const answers: Readonly<Record<number, string>> = {
  400: 'That address cannot be read',
  403: 'Not found',
  404: 'Not found',
  405: 'Only GET is answered here',
  412: 'That has changed meanwhile',
  416: 'There is no such part of this file',
}

/** Refuses what lies outside of the build, also where a link in it leads there. */
function withinBuild(build: string): express.RequestHandler {
  const root = realpathSync.native(build)
  return (request, response, next) => {
    let path: string
    try {
      path = join(root, decodeURIComponent(request.path))
    } catch {
      return void response.status(400).type('text').send(answers[400])
    }
    const real = existsSync(path) ? realpathSync.native(path) : path
    if (real === root || real.startsWith(root + sep)) return next()
    response.status(404).type('text').send(answers[404])
  }
}

/** The program's server over a folder with its build. */
export function createApp(build: string): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: policy },
      strictTransportSecurity: false,
    }),
  )
  app.use((request, response, next) => {
    if (request.method === 'GET' || request.method === 'HEAD') return next()
    response.status(405).set('Allow', 'GET, HEAD').type('text').send(answers[405])
  })
  app.use(compression())
  if (existsSync(build)) app.use(withinBuild(build))
  app.use(
    '/assets',
    express.static(join(build, 'assets'), { immutable: true, maxAge: '365d', fallthrough: false }),
  )
  app.use(
    express.static(build, {
      index: false,
      setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
    }),
  )
  app.get('/{*path}', (request, response) => {
    const index = join(build, 'index.html')
    if (!existsSync(index)) {
      response.status(503).type('text').send('The program is not built yet. Run: npm run build')
      return
    }
    // The page itself says what is not found, in the same look.
    response.status(pages.some((page) => page.test(request.path)) ? 200 : 404)
    response.setHeader('Cache-Control', 'no-cache')
    response.sendFile(index)
  })
  app.use(
    (
      error: { status?: number; headers?: Record<string, string> },
      _: express.Request,
      response: express.Response,
      next: express.NextFunction,
    ) => {
      if (response.headersSent) return next(error)
      const said = answers[error.status ?? 0]
      response
        .status(said ? error.status! : 500)
        .set(error.headers ?? {})
        .type('text')
        .send(said ?? 'That did not work')
    },
  )
  return app
}
