import fc from 'fast-check'
import { readdirSync, readFileSync } from 'node:fs'
import demo from '../../../demo/beater-tote.json' with { type: 'json' }
import { bandKinds, bandOf, type TexturePart, type WrittenPart } from '../band/index.ts'
import { type Design, partsOf } from '../design/index.ts'
import { MOST_BYTES } from '../document/index.ts'
import { compile } from '../ledger/index.ts'
import { baseKinds } from '../shape/index.ts'
import { anyDesign } from '../testing/arbitrary.ts'
import { printProject, projectKind, projectOf, readProject } from './index.ts'
import { tries } from '../testing/tries.ts'

const NEWEST_VERSION = projectKind.version

/** The demo file with one thing in it changed. */
function changed(change: (file: typeof demo & Record<string, never>) => void): string {
  const file = structuredClone(demo) as typeof demo & Record<string, never>
  change(file)
  return JSON.stringify(file)
}
const faults = (text: string) => {
  const read = readProject(text)
  return read.ok ? [] : read.problem.map(({ where, message }) => `${where} ${message}`)
}

describe('readProject', () => {
  it('reads back what it prints', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        expect(readProject(printProject(projectOf(design)))).toEqual({
          ok: true,
          value: projectOf(design),
        })
      }),
      { numRuns: 30 },
    )
  })

  it('names what is wrong at its place', () => {
    const cases: [string, (file: never) => void][] = [
      [
        'design.want.aroundMm must be a number from 20 to 5000, not -3',
        (f) => ((f as typeof demo).design.want.aroundMm = -3),
      ],
      [
        'design.pieces[0].parts[1].rounds must be a whole number from 1 to 1000, not 2.5',
        (f) => ((f as typeof demo).design.pieces[0]!.parts[1]!.rounds = 2.5),
      ],
      [
        `design.pieces[0].parts[0].kind must be one of ${[...baseKinds, ...bandKinds].join(', ')}, not “sock”`,
        (f) => ((f as typeof demo).design.pieces[0]!.parts[0]!.kind = 'sock'),
      ],
      [
        'design.yarns[2].colour must be a colour like #22406b, not “url(javascript:0)”',
        (f) => ((f as typeof demo).design.yarns[2]!.colour = 'url(javascript:0)'),
      ],
      [
        'design.surprise is not known here',
        (f) => ((f as never as { design: Record<string, unknown> }).design.surprise = 1),
      ],
      [
        'design.pieces[0].parts[3] no yarn has the letter C',
        (f) => (f as typeof demo).design.yarns.splice(2, 1),
      ],
      [
        'design.name must be one line of text of 1 to 80 characters, not null',
        (f) => ((f as never as { design: { name: null } }).design.name = null),
      ],
      ['design must be given', (f) => void delete (f as never as { design?: unknown }).design],
    ]
    for (const [message, change] of cases)
      expect(faults(changed(change as never))).toContain(message)
  })

  it('refuses what is broken, foreign, newer or hostile, in words', () => {
    expect(faults('{')[0]).toMatch(/^file is not JSON/)
    expect(faults('[]')).toEqual(['file is not an Ample Motif project'])
    expect(faults('null')).toEqual(['file is not an Ample Motif project'])
    expect(
      faults(changed((f) => void ((f as { version: number }).version = NEWEST_VERSION + 1)))[0],
    ).toMatch(/newer than this program/)
    expect(faults(changed((f) => void ((f as { version: number }).version = 0.5)))[0]).toMatch(
      /^version must/,
    )
    expect(faults(' '.repeat(MOST_BYTES + 1))[0]).toMatch(/larger than 20 MB/)
    expect(faults('{"__proto__": {"polluted": 1}, "format": "ample-motif-project"}')[0]).toMatch(
      /^file.__proto__ is a key/,
    )
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
    expect(faults('['.repeat(5000) + ']'.repeat(5000))[0]).toMatch(/nested deeper/)
    expect(faults(JSON.stringify(Array(300000).fill(0)))[0]).toMatch(/300000 entries/)
    const many = Array(50).fill(Array(5000).fill(0))
    expect(faults(JSON.stringify(many))[0]).toMatch(/more values/)
    const keys = Object.fromEntries(Array.from({ length: 100 }, (_, i) => [`k${i}`, i]))
    expect(faults(JSON.stringify({ design: keys }))[0]).toMatch(/100 entries/)
    for (const key of ['hasOwnProperty', 'toString', '__proto__', 'constructor'])
      expect(faults(`{"design":{"${key}":1}}`)[0]).toMatch(/a key that no project has/)
  })

  it('refuses charts too large or crooked', () => {
    const chart = (width: number, colours: string[]) =>
      faults(
        changed((f) =>
          Object.assign(f.design.pieces[0]!.parts[3] as never, { chart: { width, colours } }),
        ),
      )
    expect(chart(1e9, ['A'])[0]).toMatch(/chart.width must be a whole number from 1 to 1000/)
    expect(chart(3, Array(1001).fill('AAA'))[0]).toMatch(/at most 1000/)
    expect(chart(3, ['AAA', 'AA'])).toEqual([
      'design.pieces[0].parts[3].chart.colours[1] has 2 cells, the chart is 3 wide',
    ])
    expect(chart(3, ['<b>'])[0]).toMatch(/capital letters/)
    expect(chart(3, [])[0]).toMatch(/at least one entry/)
    expect(
      faults(changed((f) => Object.assign(f.design.pieces[0]!.parts[3] as never, { chart: 7 }))),
    ).not.toEqual([])
    expect(
      faults(changed((f) => Object.assign(f.design.pieces[0] as never, { parts: { 0: 1 } }))),
    ).not.toEqual([])
    expect(
      faults(changed((f) => Object.assign(f.design.pieces[0] as never, { parts: [null, 3] }))),
    ).not.toEqual([])
  })

  it('never throws, whatever a value is replaced by', () => {
    const junk = fc.oneof(
      fc.constant(null),
      fc.integer(),
      fc.double(),
      fc.string(),
      fc.constant([]),
      fc.constant({}),
      fc.constant([[]]),
    )
    const keys = fc.array(fc.nat({ max: 60 }), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(keys, junk, (way, value) => {
        const text = changed((file) => {
          let at: Record<string, unknown> = file
          for (const [i, step] of way.entries()) {
            const names = Object.keys(at)
            const key = names[step % names.length]!
            if (i === way.length - 1 || typeof at[key] !== 'object' || at[key] === null) {
              at[key] = value
              return
            }
            at = at[key] as Record<string, unknown>
            if (Object.keys(at).length === 0) return
          }
        })
        const read = readProject(text)
        if (read.ok) expect(() => compile(read.value.design)).not.toThrow()
      }),
      { numRuns: tries(100) },
    )
  })
})

const fixture = (version: number): unknown =>
  JSON.parse(readFileSync(new URL(`../testing/version-${version}.json`, import.meta.url), 'utf8'))
const ofVersion = (version: number): Design => {
  const read = readProject(JSON.stringify(fixture(version)))
  if (!read.ok) throw new Error(JSON.stringify(read.problem))
  return read.value.design
}

describe('files of every version that ever was', () => {
  it('is of the version its migrations lead to', () =>
    expect(NEWEST_VERSION).toBe(projectKind.migrations.length + 1))
  const versions = Array.from({ length: NEWEST_VERSION - 1 }, (_, i) => i + 1)

  it('have one of their own here, and no other', () => {
    const here = readdirSync(new URL('../testing/', import.meta.url)).filter((name) =>
      name.startsWith('version-'),
    )
    expect(here.sort()).toEqual(versions.map((version) => `version-${version}.json`).sort())
    for (const version of versions) expect(fixture(version)).toMatchObject({ version })
  })

  it.each(versions)('are read, worked and kept in the newest (%i)', (version) => {
    const design = ofVersion(version)
    expect(compile(design).pieces[0]!.rows).toBeGreaterThan(5)
    const again = readProject(printProject(projectOf(design)))
    expect(again).toEqual({ ok: true, value: projectOf(design) })
  })
})

describe('older files', () => {
  it('of version 1 make the same bag', () => {
    const design = ofVersion(1)
    const file = fixture(1) as { design: Record<string, unknown> & { swatch: object } }
    expect(design.swatches).toEqual([
      { ...file.design.swatch, ...plainSwatch, hookMm: file.design.hookMm },
    ])
    expect(design.making.working).toBe(file.design.working)
    expect(partsOf(design).every(({ making }) => making === null)).toBe(true)
    const { piece } = only(design)
    expect([piece.rows, piece.columns.makes.at(-1)]).toEqual([80, 120])
    const faulty = { ...file, design: { ...file.design, parts: 'none', swatch: null } }
    expect(faults(JSON.stringify(faulty))).toHaveLength(1)
    expect(faults(JSON.stringify({ ...file, design: 7 }))).toEqual(['design must be given'])
  })

  it('of version 7 have textures with the edges their rows say', () => {
    const design = ofVersion(7)
    const textures = partsOf(design).filter((part) => part.kind === 'texture')
    expect(textures.map(({ edge }) => edge)).toEqual([0, 0])
    expect(compile(design).pieces[0]!.rows).toBe(41)
  })

  it('keep patterns and parts whose ids have an underscore among their letters', () => {
    const design = ofVersion(7)
    const named = JSON.stringify(projectOf(design)).replaceAll(
      /"pattern":"[^"]+"/g,
      '"pattern":"own-a_b-"',
    )
    const kept = printProject(JSON.parse(named.replaceAll(/"id":"p(\d)"/g, '"id":"p_$1"')))
    expect(kept).toContain('own-a_b-')
    expect(faults(kept)).toEqual([])
  })

  it('of version 6 have textures whose rows lie one on the other', () => {
    const design = ofVersion(6)
    const textures = partsOf(design).filter((part) => part.kind === 'texture')
    expect(textures.length).toBeGreaterThan(0)
    for (const { begin, repeat, end, from, passes } of textures as TexturePart[]) {
      expect([end, from, passes]).toEqual([[], 0, 1])
      expect([...begin, ...repeat].every(({ onto }) => onto === 'below')).toBe(true)
    }
    const { rows, columns } = compile(design).pieces[0]!
    expect([...columns.onto]).toEqual(Array.from({ length: rows }, (_, row) => row - 1))
  })

  it('of version 5 have joins at edges alone', () => {
    const design = ofVersion(5)
    expect(design.pieces[1]!.joins).toHaveLength(2)
    expect(design.pieces[1]!.joins.every(({ to }) => to.row === null)).toBe(true)
  })

  it('of version 3 have written rows for their count alone', () => {
    const design = ofVersion(3)
    const mesh = partsOf(design)[1] as WrittenPart
    expect(mesh.rows.map(({ repeat }) => repeat)).toEqual([null, null])
    expect([bandOf(mesh).counts(mesh), bandOf(mesh).standsOn(mesh, 48)]).toEqual([
      { multiple: 0, offset: 48 },
      true,
    ])
    const { piece } = only(design)
    expect([...piece.columns.makes.slice(-3)]).toEqual([48, 48, 48])
    expect(faults(JSON.stringify({ ...(fixture(3) as object), design: null }))).toHaveLength(1)
  })
})
const plainSwatch = {
  fabric: 'plain',
  yarn: null,
  washed: false,
  stretch: null,
  lean: null,
} as const
const only = (design: Parameters<typeof compile>[0]) => ({ piece: compile(design).pieces[0]! })
