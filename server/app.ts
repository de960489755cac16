import compression from 'compression'
import express, { type Express } from 'express'
import helmet from 'helmet'
import { existsSync } from 'node:fs'
import { join } from 'node:path'

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
const pages = [/^\/((check|stitches)\/?)?$/, /^\/bag\/[\w-]+(\/(size|bands|yarns|pattern))?\/?$/]

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
  app.use(compression())
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
      error: { status?: number },
      _: express.Request,
      response: express.Response,
      next: express.NextFunction,
    ) => {
      if (response.headersSent) return next(error)
      const status = error.status === 404 || error.status === 400 ? error.status : 500
      response
        .status(status)
        .type('text')
        .send(status === 404 ? 'Not found' : 'That did not work')
    },
  )
  return app
}
