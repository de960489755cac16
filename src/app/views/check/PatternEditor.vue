<script setup lang="ts">
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands'
import { EditorState, Transaction } from '@codemirror/state'
import { EditorView, keymap, lineNumbers, placeholder } from '@codemirror/view'
import { onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import { LIMITS } from '@core/part'
import type { WordedReport } from '@core/check'
import { examplePattern } from './example.ts'
import { faultsIn, markings, marksOf, putMarks } from './editor-marks.ts'
import { editorStyle } from './editor-style.ts'

/** The text of a pattern, its lines numbered and what was found marked in it. It stands in a root of its own, so that its style needs no leave. */
const text = defineModel<string>({ required: true })
const { report, plain } = defineProps<{
  report: WordedReport | null
  plain: (given: string) => string
}>()
const emit = defineEmits<{ file: [file: File] }>()
const host = useTemplateRef('host')
let view: EditorView | null = null

/** Goes to the next fault, or the one before; around from the last to the first. */
function step(by: 1 | -1): boolean {
  if (!view) return false
  const faults = faultsIn(view.state)
  const { from } = view.state.selection.main
  const next =
    by > 0
      ? (faults.find((one) => one.from > from) ?? faults[0])
      : (faults.findLast((one) => one.from < from) ?? faults.at(-1))
  if (next) select(next.from, next.to)
  return next !== undefined
}
function select(from: number, to: number) {
  view?.dispatch({
    selection: { anchor: from, head: to },
    effects: EditorView.scrollIntoView(from, { y: 'center' }),
  })
  view?.focus()
}
/** Shows a line of the text where it stands. */
function find(line: number) {
  if (!view || line > view.state.doc.lines) return
  const { from, to } = view.state.doc.line(line)
  select(from, to)
}
/** Writes something else there; it can be undone. */
function put(from: number, to: number, insert: string) {
  view?.dispatch({ changes: { from, to, insert }, userEvent: 'input.mend' })
  select(from, from + insert.length)
}
defineExpose({ step, find, put, doc: () => view?.state.doc ?? null })

onMounted(() => {
  const root = host.value!.attachShadow({ mode: 'open' })
  const state = EditorState.create({
    doc: text.value,
    extensions: [
      lineNumbers(),
      history(),
      markings,
      editorStyle,
      EditorView.lineWrapping,
      placeholder(examplePattern),
      keymap.of([
        { key: 'Alt-ArrowDown', run: () => step(1) },
        { key: 'Alt-ArrowUp', run: () => step(-1) },
        ...historyKeymap,
        ...defaultKeymap,
      ]),
      EditorState.changeFilter.of(({ newDoc }) => newDoc.length <= LIMITS.patternText),
      EditorView.clipboardInputFilter.of(plain),
      EditorView.contentAttributes.of({
        'aria-label': 'The written pattern',
        spellcheck: 'false',
        tabindex: '0',
      }),
      EditorView.domEventHandlers({
        drop(event) {
          const [file] = event.dataTransfer?.files ?? []
          if (file) emit('file', file)
          return file !== undefined
        },
      }),
      EditorView.updateListener.of(({ docChanged, state: now }) => {
        if (docChanged) text.value = now.doc.toString()
      }),
    ],
  })
  view = new EditorView({ state, parent: root, root })
  mark()
})
onBeforeUnmount(() => view?.destroy())

function mark() {
  if (view && report) view.dispatch({ effects: putMarks.of(marksOf(view.state.doc, report)) })
}
watch(() => report, mark)
watch(text, (now) => {
  if (!view || now === view.state.doc.toString()) return
  const changes = { from: 0, to: view.state.doc.length, insert: now }
  view.dispatch({ changes, annotations: Transaction.addToHistory.of(true) })
})
</script>

<template>
  <div ref="host" class="pattern-editor" />
</template>

<style>
.pattern-editor {
  display: flex;
  flex: 1;
  min-height: 120px;
  overflow: hidden;
  border: 1px solid var(--line-strong, #b9c2bc);
  border-radius: var(--radius);
  background: #fff;
}
@media (max-width: 900px) {
  .pattern-editor {
    flex: none;
    height: 260px;
  }
}
</style>
