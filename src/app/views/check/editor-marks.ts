import {
  type EditorState,
  type Extension,
  RangeSet,
  StateEffect,
  StateField,
  type Text,
} from '@codemirror/state'
import {
  Decoration,
  type DecorationSet,
  EditorView,
  gutter,
  GutterMarker,
  hoverTooltip,
} from '@codemirror/view'
import type { RowState, WordedReport, WordedRow } from '@core/check'

/* What was found, in the text it was found in: a sign beside each row, faults underlined at their place, and said where one points. */

export interface Mark {
  readonly from: number
  readonly to: number
  readonly kind: 'error' | 'warning' | 'unknown'
  readonly message: string
}
interface Marks {
  readonly marks: readonly Mark[]
  /** The state of the rows of each line, the worst of them. */
  readonly states: ReadonlyMap<number, RowState>
}

/** Where an offset of a row's text stands in the document; null where its text is not there as it was read. */
export function maybePlaceOf(doc: Text, row: WordedRow, at: number): number | null {
  if (row.line > doc.lines) return null
  const line = doc.line(row.line)
  const stands = line.text.length >= row.column + row.text.length
  const same = line.text.slice(row.column, row.column + 4) === row.text.slice(0, 4)
  return stands && (same || row.text.startsWith(' ')) ? line.from + row.column + at : null
}

const WORST: readonly RowState[] = ['wrong', 'not-understood', 'not-known', 'adds-up']

export function marksOf(doc: Text, report: WordedReport): Marks {
  const states = new Map<number, RowState>()
  const marks = report.rows.flatMap((row) => {
    const before = states.get(row.line) ?? 'adds-up'
    states.set(
      row.line,
      WORST.find((one) => one === before || one === row.state)!,
    )
    return row.problems.flatMap((problem): Mark[] => {
      if (row.line > doc.lines) return []
      const line = doc.line(row.line)
      const [from, to] = [problem.from, problem.to].map((at) => maybePlaceOf(doc, row, at))
      const kind =
        problem.code === 'unread' ? 'unknown' : problem.severity === 'error' ? 'error' : 'warning'
      const place =
        from === null || to === null
          ? { from: line.from, to: line.to }
          : { from: from!, to: Math.min(to!, line.to) }
      return place.to > place.from ? [{ ...place, kind, message: problem.message }] : []
    })
  })
  return { marks: marks.sort((a, b) => a.from - b.from || a.to - b.to), states }
}

const NONE: Marks = { marks: [], states: new Map() }
export const putMarks = StateEffect.define<Marks>()
const marksField = StateField.define<Marks>({
  create: () => NONE,
  update(now, { effects, changes, docChanged }) {
    for (const effect of effects) if (effect.is(putMarks)) return effect.value
    if (!docChanged) return now
    // Until it is counted again they stand where their words went.
    const marks = now.marks
      .map((mark) => ({
        ...mark,
        from: changes.mapPos(mark.from, 1),
        to: changes.mapPos(mark.to, -1),
      }))
      .filter(({ from, to }) => to > from)
    return { marks, states: now.states }
  },
  provide: (field) =>
    EditorView.decorations.from(field, ({ marks }): DecorationSet =>
      RangeSet.of(
        marks.map(({ from, to, kind }) =>
          Decoration.mark({ class: `mark ${kind}` }).range(from, to),
        ),
        true,
      ),
    ),
})

const SIGNS: Readonly<Record<RowState, readonly [sign: string, said: string]>> = {
  'adds-up': ['✓', 'adds up'],
  wrong: ['✗', 'does not add up'],
  'not-understood': ['?', 'not understood'],
  'not-known': ['·', 'stands on what is not known'],
}
class StateMark extends GutterMarker {
  constructor(private readonly state: RowState) {
    super()
  }
  override eq(other: StateMark): boolean {
    return other.state === this.state
  }
  override toDOM(): Node {
    const sign = document.createElement('span')
    const [text, said] = SIGNS[this.state]
    sign.className = `state ${this.state}`
    sign.textContent = text
    sign.title = said
    return sign
  }
}

/** The places of faults, one after the other. */
export const faultsIn = (state: EditorState): readonly Mark[] => state.field(marksField).marks

export const markings: Extension = [
  marksField,
  gutter({
    class: 'states',
    lineMarker(view, { from }) {
      const state = view.state.field(marksField).states.get(view.state.doc.lineAt(from).number)
      return state ? new StateMark(state) : null
    },
    lineMarkerChange: ({ transactions }) =>
      transactions.some(({ effects }) => effects.some((effect) => effect.is(putMarks))),
  }),
  hoverTooltip(({ state }, at) => {
    const here = faultsIn(state).filter(({ from, to }) => from <= at && at <= to)
    if (here.length === 0) return null
    const dom = document.createElement('div')
    dom.className = 'hint'
    dom.textContent = [...new Set(here.map(({ message }) => message))].join(' ')
    return { pos: here[0]!.from, end: here[0]!.to, create: () => ({ dom }) }
  }),
]
