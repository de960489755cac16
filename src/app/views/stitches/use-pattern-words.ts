import { computed, type Ref } from 'vue'
import { ontoOf } from '@core/program'
import { patternMeasures } from '@core/shorthand'
import { inUkTerms, ontoWords } from '@core/terms'
import { type Begun, type Foundation, type StitchPattern, stitchesOf } from '@core/texture'
import { printNumber } from '@core/units'

const sides = {
  RS: 'From the right side',
  WS: 'From the wrong side',
  any: 'From either side',
} as const

interface Asked {
  readonly pattern: Readonly<Ref<StitchPattern>>
  readonly way: Readonly<Ref<'round' | 'flat'>>
  readonly begun: Readonly<Ref<Begun>>
  readonly foundation: Readonly<Ref<Foundation | null>>
  readonly terms: () => 'us' | 'uk'
}

/** Rows worked before those of the program: one of sc, unless they are begun in the chain. */
const BEFORE: Readonly<Record<Begun, number>> = { row: 1, chain: 0 }

interface Worked {
  readonly way: 'round' | 'flat'
  readonly begun: Begun
  readonly foundation: Foundation | null
}
/** The rows of a pattern in words, each with its label. */
function rowsOf(pattern: StitchPattern, { way, begun, foundation }: Worked) {
  const program = pattern[way]
  if (!program) return []
  const name = way === 'flat' ? 'Row' : 'Round'
  const stack = [...program.begin, ...program.rows]
  // Where a row goes that is not worked into the one below, by the numbers that stand here.
  const into = (i: number) =>
    stack[i]!.onto === 'below'
      ? ''
      : ontoWords(
          way === 'flat' ? 'Row' : 'Rnd',
          ontoOf(stack, i).map((at) => at + 1 + BEFORE[begun]),
        )
  const inTurns = stack.some(({ yarn }) => yarn !== 'A')
  const texts = stack.map(
    ({ text, yarn, side }, i) =>
      `${side ? `(${side}) ` : ''}${inTurns ? `with ${yarn}, ` : ''}${into(i)}${text}`,
  )
  const [first, ...others] = texts
  // Begun in the chain the first row is said so; where it is one that repeats, it comes again as it is.
  const comes = program.begin.length === 0 && first !== undefined ? [first] : []
  const list = begun === 'row' ? texts : [foundation?.work ?? '', ...others, ...comes]
  return list.map((text, i) => ({ label: `${name} ${i + 1 + BEFORE[begun]}`, text }))
}

/** What is said of a stitch pattern: its facts, how it starts, its rows, and what is repeated. */
export function usePatternWords({ pattern, way, begun, foundation, terms }: Asked) {
  const said = (text: string) => (terms() === 'uk' ? inUkTerms(text) : text)
  const measures = computed(() =>
    patternMeasures(pattern.value, way.value === 'flat' ? 'rows' : 'rounds'),
  )
  const facts = computed(() => {
    const { multiple, side } = pattern.value
    const offset = stitchesOf(pattern.value, 0, way.value)
    const count = stitchesOf(pattern.value, 5, way.value)
    const more = foundation.value?.more ?? 0
    return [
      {
        what: 'Multiple',
        is: offset > 0 ? `${multiple}, and ${offset}` : String(multiple),
      },
      {
        what: 'Foundation',
        is: foundation.value
          ? `a multiple of ${multiple}, and ${offset + more}: ch ${count + more} for ${count}`
          : `ch ${count} for ${count}: a ring keeps its count`,
      },
      { what: 'Raised', is: sides[side] },
      ...(measures.value
        ? [
            {
              what: 'Height',
              is: `${printNumber(measures.value.height)} rows of ${said('sc')} a repeat, by its stitches`,
            },
            {
              what: 'Yarn',
              is: `${printNumber(measures.value.yarn, 2)} × as many ${said('sc')}, by its stitches${measures.value.reaches ? ', and what reaches down' : ''}`,
            },
          ]
        : []),
    ]
  })
  const before = computed(() => BEFORE[begun.value])
  const rows = computed(() =>
    rowsOf(pattern.value, { way: way.value, begun: begun.value, foundation: foundation.value }),
  )
  const again = computed(() => {
    const program = pattern.value[way.value]
    if (!program) return ''
    const last = rows.value.length + before.value
    const first = last - program.rows.length + 1
    const what = way.value === 'flat' ? 'row' : 'round'
    const repeat =
      last === first ? `Repeat ${what} ${first}.` : `Repeat ${what}s ${first} to ${last}.`
    const ends = program.end.map(({ text }) => said(text))
    return ends.length > 0 ? `${repeat} End with: ${ends.join('; then ')}.` : repeat
  })
  const starts = computed(() => {
    const { value } = begun
    if (way.value === 'round')
      return `On a first round of ${said('sc')}. A round that begins with no chain of its own begins with ch 1; join with a slip stitch.`
    const on = value === 'row' ? `On a first row of ${said('sc')}. ` : ''
    return `${on}Turn before every row; a row that begins with no chain of its own begins with ch 1.`
  })
  return { said, facts, rows, again, starts }
}
