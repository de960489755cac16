<script setup lang="ts">
import type { Adopted } from '@core/adopt'
import { projectOf } from '@core/project'
import { fileOpen } from 'browser-fs-access'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import OutsidePage from '@app/parts/page/OutsidePage.vue'
import { LIMITS } from '@core/part'
import { cutAt, shortened, writable } from '@core/units'
import { useShelf } from '@app/stores/shelf.ts'
import AdoptedBag from './AdoptedBag.vue'
import CheckRow from './CheckRow.vue'
import KeepRows from './KeepRows.vue'
import { examplePattern } from './example.ts'
import { useCheck } from './use-check.ts'

/** Anyone's written pattern, row by row: what each uses and makes, and what does not add up. */
const { text, isExample, terms, startingChain, report, failed, wrong, toDesign, toPattern } =
  useCheck()
const shelf = useShelf()
const router = useRouter()
const area = useTemplateRef('area')
const problem = ref<string | null>(null)
const onlyWrong = ref(false)
const rows = computed(() =>
  (report.value?.rows ?? []).filter(({ problems }) => !onlyWrong.value || problems.length > 0),
)
/** Rows are shown a sheet at a time: a text of thousands is still read in one go. */
const SHEET = 150
const sheets = ref(1)
watch([text, onlyWrong], () => (sheets.value = 1))
// What was said of a text goes with it.
watch([text, terms, startingChain], () => (problem.value = null))
const shown = computed(() => rows.value.slice(0, SHEET * sheets.value))
const summary = computed(() => {
  const all = report.value?.rows.length ?? 0
  if (all === 0) return 'No row yet. A row begins like “Rnd 4:” or “Row 4:”.'
  const says =
    wrong.value === 0
      ? `All ${all} rows add up.`
      : `${wrong.value} of ${all} rows ${wrong.value === 1 ? 'does' : 'do'} not add up.`
  return isExample.value ? `An example. ${says}` : says
})

const keeping = ref(false)
/** Numbers of its first and last row; null where none has one. */
const numbered = computed((): readonly [number, number] | null => {
  const numbers = (report.value?.rows ?? []).flatMap(({ row }) => row ?? [])
  return numbers.length > 0
    ? [numbers.reduce((a, b) => Math.min(a, b)), numbers.reduce((a, b) => Math.max(a, b))]
    : null
})

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
/** Whatever puts them in: pasted, dropped or typed. */
function insert(event: Event) {
  const { data, dataTransfer, isComposing } = event as InputEvent
  const given = data ?? dataTransfer?.getData('text/plain') ?? ''
  const plain = plainText(given)
  if (plain === given || isComposing) return
  event.preventDefault()
  area.value!.setRangeText(plain, area.value!.selectionStart, area.value!.selectionEnd, 'end')
  text.value = area.value!.value
}
function drop(event: DragEvent) {
  const [file] = event.dataTransfer?.files ?? []
  if (!file) return
  event.preventDefault()
  void take(file)
}

/** Shows a line of the text where it stands. */
async function find(line: number) {
  // A row of the example is found in it: it is hers to try from then on.
  if (isExample.value) text.value = examplePattern
  const lines = text.value.split('\n')
  const from = lines.slice(0, line - 1).reduce((sum, one) => sum + one.length + 1, 0)
  await nextTick()
  area.value!.focus()
  area.value!.setSelectionRange(from, from + (lines[line - 1]?.length ?? 0))
  area.value!.scrollTop = Math.max(0, (line - 6) * 21)
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
      <textarea
        ref="area"
        v-model="text"
        aria-label="The written pattern"
        spellcheck="false"
        :placeholder="examplePattern"
        :maxlength="LIMITS.patternText"
        @beforeinput="insert"
        @drop="drop"
        @dragover.prevent
      />
      <div class="options">
        <span class="note">Terms</span>
        <ChoiceOf
          v-model="terms"
          legend="Terms"
          :options="[
            { value: 'found', label: 'As found' },
            { value: 'us', label: 'US' },
            { value: 'uk', label: 'UK' },
          ]"
        />
        <span class="note">Starting chains</span>
        <ChoiceOf
          v-model="startingChain"
          legend="Starting chains"
          :options="[
            {
              value: 'text',
              label: 'As it says',
              title: 'Where nothing is said, three and more count',
            },
            { value: 'counts', label: 'Count' },
            { value: 'not', label: 'Do not' },
          ]"
        />
      </div>
    </section>
    <section class="card result" aria-live="polite">
      <div class="tools">
        <h2 :class="{ good: wrong === 0 && rows.length }">{{ summary }}</h2>
        <label class="note"><input v-model="onlyWrong" type="checkbox" /> Only what is wrong</label>
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
        is worked: pull its slider to stop in the midst of it, press its name to find it in the
        text.
      </p>
      <KeepRows v-if="numbered && keeping" v-model="keeping" :make="toPattern" :rows="numbered" />
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
        <CheckRow v-for="(row, i) in shown" :key="i" :row="row" @find="find" />
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
.check textarea {
  flex: 1;
  min-height: 120px;
  padding: 10px 12px;
  line-height: 21px;
  resize: none;
}
.check .options {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 6px;
  align-items: center;
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
  .check textarea {
    flex: none;
    height: 260px;
  }
  .check .tools {
    flex-wrap: wrap;
  }
  .check .tools h2 {
    flex: 1 0 100%;
  }
}
</style>
