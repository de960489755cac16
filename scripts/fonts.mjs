import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { deflateSync } from 'node:zlib'
import { pathToFileURL } from 'node:url'
import subsetFont from 'subset-font'

/*
 * The fonts of what is printed, out of the packages they come in: each cut at its one weight, in files of some signs each, as a PDF holds
 * them. Put together once, and again when a package or this script is another.
 */
const INTO = '.cache/fonts'
/** Families in the order they are asked, and the cuts there are of each. */
const own = [
  { family: 'atkinson-hyperlegible-next', cut: 'text', style: 'normal', weight: 400 },
  { family: 'atkinson-hyperlegible-next', cut: 'bold', style: 'normal', weight: 700 },
  { family: 'atkinson-hyperlegible-next', cut: 'italic', style: 'italic', weight: 400 },
  { family: 'bricolage-grotesque', cut: 'head', style: 'normal', weight: 650 },
]
const others = [
  ...['noto-sans', 'noto-sans-arabic', 'noto-sans-hebrew', 'noto-sans-thai', 'noto-sans-sc'],
  ...['noto-sans-jp', 'noto-sans-kr', 'noto-emoji'],
].map((family) => ({ family, cut: 'text', style: 'normal', weight: 400 }))

const at = (family, path) => `node_modules/@fontsource-variable/${family}/${path}`
const read = (path) => JSON.parse(readFileSync(path, 'utf8'))

/** All signs of a table of ranges: "U+0000-00FF,U+0131". */
function signsOf(ranges) {
  let signs = ''
  for (const range of ranges.split(',')) {
    const [from, to = from] = range.trim().replace(/^U\+/i, '').split('-')
    for (let code = parseInt(from, 16); code <= parseInt(to, 16); code++)
      if (code < 0xd800 || code > 0xdfff) signs += String.fromCodePoint(code)
  }
  return signs
}

/** Reads what is told of all fonts of one cut of a family, and writes its files. */
async function fontsOf({ family, cut, style, weight }) {
  const ranges = read(at(family, 'unicode.json'))
  const files = await Promise.all(
    Object.entries(ranges).map(async ([key, signs]) => {
      const name = key.replace(/[[\]]/g, '')
      const path = at(family, `files/${family}-${name}-wght-${style}.woff2`)
      if (!existsSync(path)) return null
      const font = await subsetFont(readFileSync(path), signsOf(signs), {
        targetFormat: 'sfnt',
        variationAxes: { wght: weight },
      })
      const file = `${family}-${name}-${cut}.ttf.z`
      writeFileSync(`${INTO}/${file}`, deflateSync(font, { level: 9 }))
      return { file, signs }
    }),
  )
  return { family, cut, files: files.filter(Boolean) }
}

/** Puts the fonts together where that is not done yet. */
export default async function fonts() {
  const wanted = [...own, ...others]
  const stamp = JSON.stringify([
    readFileSync(new URL(import.meta.url), 'utf8').length,
    ...new Set(wanted.map(({ family }) => read(at(family, 'package.json')).version)),
  ])
  const done = `${INTO}/stamp.json`
  if (existsSync(done) && readFileSync(done, 'utf8') === stamp) return
  rmSync(INTO, { recursive: true, force: true })
  mkdirSync(INTO, { recursive: true })
  const table = []
  for (const one of wanted) table.push(await fontsOf(one))
  writeFileSync(`${INTO}/table.json`, JSON.stringify(table))
  writeFileSync(done, stamp)
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await fonts()
