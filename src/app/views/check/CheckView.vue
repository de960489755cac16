<script setup lang="ts">
import type { Adopted } from '@core/adopt'
import { countsSaid, foldedRows, maybeRepeated, type Mend, type WordedRow } from '@core/check'
import { projectOf } from '@core/project'
import { fileOpen } from 'browser-fs-access'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import OutsidePage from '@app/parts/page/OutsidePage.vue'
import { LIMITS } from '@core/part'
import { cutAt, shortened, writable } from '@core/units'
import { useShelf } from '@app/stores/shelf.ts'
import AdoptedBag from './AdoptedBag.vue'
import CheckChoices from './CheckChoices.vue'
import CheckRow from './CheckRow.vue'
import { maybePlaceOf } from './editor-marks.ts'
import KeepRows from './KeepRows.vue'
import { examplePattern } from './example.ts'
import PatternEditor from './PatternEditor.vue'
import ReportMenu from './ReportMenu.vue'
import { useCheck } from './use-check.ts'
import { useFaultKeys } from './use-fault-keys.ts'

/** Anyone's written pattern, row by row: what each uses and makes, and what does not add up. */
const { text, isExample, terms, startingChain, size, report, failed, toDesign, toPattern } =
  useCheck()
const shelf = useShelf()
const router = useRouter()
const editor = useTemplateRef('editor')
const problem = ref<string | null>(null)
const onlyWrong = ref(false)
const rows = computed(() =>
  foldedRows(
    (report.value?.rows ?? []).filter(
      ({ state, problems }) =>
        !onlyWrong.value ||
        state !== 'adds-up' ||
        problems.some(({ severity }) => severity !== 'advice'),
    ),
  ),
)
/** Rows are shown a sheet at a time: a text of thousands is still read in one go. */
const SHEET = 150
const sheets = ref(1)
watch([text, onlyWrong], () => (sheets.value = 1))
// What was said of a text goes with it.
watch([text, terms, startingChain, size], () => (problem.value = null))
const shown = computed(() => rows.value.slice(0, SHEET * sheets.value))
const allGood = computed(() => (report.value?.rows ?? []).every(({ ok }) => ok))
const summary = computed(() => {
  const says = countsSaid(report.value?.rows ?? [])
  return isExample.value && report.value?.rows.length ? `An example. ${says}` : says
})
useFaultKeys((by) => editor.value?.step(by))

const keeping = ref(false)
/** Numbers of its first and last row; null where none has one. */
const numbered = computed((): readonly [number, number] | null => {
  const numbers = (report.value?.rows ?? []).flatMap(({ row }) => row ?? [])
  return numbers.length > 0
    ? [numbers.reduce((a, b) => Math.min(a, b)), numbers.reduce((a, b) => Math.max(a, b))]
    : null
})

const again = computed(() => maybeRepeated(report.value?.rows ?? []))

async function open() {
  const file = await fileOpen({ mimeTypes: ['text/plain'], extensions: ['.txt', '.md'] }).catch(
    () => null,
  )
  if (file) await take(file)
}
async function take(file: File) {
  problem.value = null
  if (file.size > LIMITS.patternText)
    problem.value = `“${shortened(file.name, 60)}” is longer than a pattern: 400 kB are read at most.`
  else text.value = plainText(await file.text())
}
/** Marks that are not seen, and make a text field slow, mean nothing in a pattern. */
const plainText = (all: string) =>
  all.slice(0, LIMITS.patternText).replace(/[\p{Cf}\p{Co}\0]/gu, '')
/** Shows a line of the text where it stands. */
async function find(line: number) {
  // A row of the example is found in it: it is hers to try from then on.
  if (isExample.value) text.value = examplePattern
  await nextTick()
  editor.value?.find(line)
}
/** Writes what puts a row right. */
async function mend(row: WordedRow, { from, to, text: written }: Mend) {
  if (isExample.value) text.value = examplePattern
  await nextTick()
  const doc = editor.value?.doc()
  const [at, end] = [from, to].map((place) => (doc ? maybePlaceOf(doc, row, place) : null))
  if (at === null || end === null || at === undefined || end === undefined)
    return void find(row.line)
  editor.value!.put(at, end, written)
}
/** The bag that is made of the text, while what is to be known of it is read. */
const adopted = shallowRef<Adopted | null>(null)
/** A text is called by its first line, where that is none of its rows. */
const nameOfText = computed(() => {
  const lines = text.value.split('\n')
  const at = lines.findIndex((line) => line.trim() !== '')
  const isRow = report.value?.rows.some(({ line }) => line === at + 1)
  const name = isRow ? '' : writable((lines[at] ?? '').slice(0, 400)).replace(/^[#*\s]+/, '')
  return cutAt(name.trim(), 80) || 'A checked pattern'
})
async function makeBag() {
  problem.value = null
  const made = await toDesign({ name: nameOfText.value, hookMm: 3.5, yarnClass: 3 })
  if (!made.ok) {
    problem.value = made.problem
    return
  }
  adopted.value = made.value
}
async function takeBag({ design }: Adopted) {
  adopted.value = null
  const id = await shelf.add(projectOf(design))
  if (id) await router.push({ name: 'bands', params: { id } })
  else problem.value = shelf.refused
}
</script>

<template>
  <OutsidePage
    class="check"
    title="Check"
    about="Paste a written pattern: every row is counted, and what does not add up is said"
    columns="430px minmax(0, 1fr)"
  >
    <section class="card paste">
      <div class="tools">
        <button type="button" class="button" @click="open">Open a text …</button>
        <button type="button" class="button" @click="text = examplePattern">Try the example</button>
      </div>
      <PatternEditor
        ref="editor"
        v-model="text"
        :report="isExample ? null : report"
        :plain="plainText"
        @file="take"
      />
      <CheckChoices
        v-model:terms="terms"
        v-model:starting-chain="startingChain"
        v-model:size="size"
        :sizes="report?.sizes ?? []"
      />
      <p class="note keys">
        <kbd>N</kbd> and <kbd>P</kbd> go to the next and the previous fault, in the text
        <kbd>Alt</kbd> with the arrows.
      </p>
    </section>
    <section class="card result" aria-live="polite">
      <div class="tools">
        <h2 :class="{ good: allGood && rows.length }">{{ summary }}</h2>
        <label class="note"><input v-model="onlyWrong" type="checkbox" /> Only what is wrong</label>
        <ReportMenu v-if="report" :name="nameOfText" :report="report" />
        <button
          type="button"
          class="button"
          :disabled="numbered === null || isExample"
          @click="keeping = true"
        >
          Keep rows …
        </button>
        <button
          type="button"
          class="button"
          :disabled="!report?.rows.length || isExample"
          @click="makeBag"
        >
          Make a bag of it
        </button>
      </div>
      <p v-if="isExample" class="note how">
        Paste or type a pattern at the left, and it stands here instead. Each row is counted as it
        is worked: count through it, press its name to find it in the text, press what would put it
        right to write it there.
      </p>
      <KeepRows
        v-if="numbered && keeping"
        v-model="keeping"
        :make="toPattern"
        :rows="numbered"
        :again="again"
      />
      <AdoptedBag
        v-if="adopted"
        :told="adopted.told"
        :name="nameOfText"
        @take="takeBag(adopted)"
        @leave="adopted = null"
      />
      <p v-if="problem ?? failed" class="bad" role="alert">{{ problem ?? failed }}</p>
      <p v-for="(one, i) in report?.problems" :key="i" class="whole">{{ one.message }}</p>
      <ul v-if="rows.length" class="rows" tabindex="0" aria-label="Rows">
        <CheckRow v-for="(group, i) in shown" :key="i" :group="group" @find="find" @mend="mend" />
        <li v-if="shown.length < rows.length" class="more">
          <button type="button" class="button" @click="sheets++">
            Show more: {{ rows.length - shown.length }} rows follow
          </button>
        </li>
      </ul>
      <div v-if="report?.unread.length" class="unread">
        <h3>Could not be read</h3>
        <p v-for="one in report.unread" :key="one.line" class="note">
          <button type="button" class="link" @click="find(one.line)">Line {{ one.line }}</button>
          {{ one.text }}
        </p>
      </div>
    </section>
  </OutsidePage>
</template>

<style>
.check .card {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
}
.check .tools {
  display: flex;
  gap: 10px;
  align-items: center;
}
.check .tools h2 {
  flex: 1;
  font-weight: 600;
  font-size: 16px;
}
.check .tools h2.good {
  color: var(--good);
}
.check .keys {
  font-size: 12px;
}
.check .keys kbd {
  padding: 0 5px;
  border: 1px solid var(--line-strong);
  border-radius: 4px;
  font: inherit;
}
.check .rows {
  flex: 1;
  overflow: auto;
  min-height: 0;
  margin: 0 -15px -13px;
  padding: 0;
  border-top: 1px solid var(--line);
  list-style: none;
}
.check .whole {
  padding-left: 10px;
  border-left: 4px solid var(--warning);
}
.check .bad {
  color: var(--error);
}
.check .unread {
  overflow: auto;
  max-height: 120px;
}
.check .unread h3 {
  font-weight: 600;
  font-size: 13px;
}
@media (max-width: 900px) {
  .check .card {
    min-height: auto;
  }
  .check .tools {
    flex-wrap: wrap;
  }
  .check .tools h2 {
    flex: 1 0 100%;
  }
}
</style>
