import { readdirSync, readFileSync } from 'node:fs'
import { dirname, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('../', import.meta.url))
const components = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((path) => path.endsWith('.vue'))
  .map((path) => {
    const text = readFileSync(`${root}${path}`, 'utf8')
    const block = (name: string) =>
      new RegExp(`\\n<${name}[^>]*>([^]*)</${name}>`).exec(`\n${text}`)?.[1] ?? ''
    const css = block('style').replaceAll(/\/\*[^]*?\*\//g, '')
    const selectors = [...css.matchAll(/([^{}]+)\{/g)]
      .map(([, selector]) => selector!.trim())
      .filter((selector) => !selector.startsWith('@'))
      .flatMap((selector) => selector.split(/,\s*(?![^(]*\))/))
    return {
      path: relative('.', path),
      folder: dirname(path),
      own: path
        .slice(path.lastIndexOf('/') + 1, -'.vue'.length)
        .replaceAll(/\B[A-Z]/g, (letter) => `-${letter}`)
        .toLowerCase(),
      /** What a rule begins with. */
      begins: selectors.map(
        (selector) => /^(?:[a-z]+)?\.([\w-]+)/.exec(selector)?.[0].replace(/^\./, '') ?? selector,
      ),
      used: new Set(
        [...block('template').matchAll(/(?<!:)class="([^"]*)"/g)].flatMap(([, names]) =>
          names!.split(/\s+/),
        ),
      ),
    }
  })

describe('styles of components', () => {
  it('begin with a class, so that they hold in one place', () => {
    expect(components.length).toBeGreaterThan(60)
    for (const { path, begins } of components)
      expect([path, begins.filter((name) => !/^[\w.-]+$/.test(name))]).toEqual([path, []])
  })

  // Styles of a place stay when one goes on to another.
  it('begin with a class that no other folder uses, unless it is the component’s own name', () => {
    const meets = components.flatMap(({ path, folder, begins, own }) =>
      [...new Set(begins)]
        .filter((name) => name !== own)
        .flatMap((name) =>
          components
            .filter((other) => other.folder !== folder && other.used.has(name))
            .map((other) => `.${name} of ${path} is used in ${other.path}`),
        ),
    )
    expect(meets).toEqual([])
  })
})
