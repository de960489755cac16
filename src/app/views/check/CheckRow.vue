<script setup lang="ts">
import { computed, ref } from 'vue'
import { groupName, type Mend, type WordedRow } from '@core/check'

/** A row, or several that say the same: what it uses and makes, its faults underlined at their place, and how far one is after so many repeats. */
const props = defineProps<{ group: readonly WordedRow[] }>()
const emit = defineEmits<{ find: [line: number]; mend: [row: WordedRow, edit: Mend] }>()

const row = computed(() => props.group[0]!)
const name = computed(() => groupName(props.group))
/** What is said of a problem before its words. */
const lead = (code: string, severity: string) =>
  code === 'unread'
    ? 'Not understood:'
    : severity === 'error'
      ? 'Does not add up:'
      : severity === 'warning'
        ? 'Look at this:'
        : 'Beside:'
/** What may put it right, but for what a press does. */
const otherMends = (mends: readonly string[], edits: readonly Mend[] = []) =>
  mends.filter((mend) => !edits.some(({ label }) => label === mend))
const counts = ref(false)
/** The text in pieces: plain, and what is at fault. */
const pieces = computed(() => {
  const { text, problems } = row.value
  const cuts = [...new Set([0, text.length, ...problems.flatMap(({ from, to }) => [from, to])])]
    .filter((cut) => cut >= 0 && cut <= text.length)
    .sort((a, b) => a - b)
  return cuts.slice(0, -1).map((from, i) => {
    const to = cuts[i + 1]!
    const at = problems.filter((problem) => problem.from < to && problem.to > from)
    // A fault of the whole row is not underlined all along.
    const near = at.find((problem) => problem.to - problem.from < text.length)
    const fault = near?.code === 'unread' ? 'unknown' : (near?.severity ?? null)
    return { key: from, text: text.slice(from, to), fault }
  })
})
const shown = (n: number | null) => n ?? '?'
const figures = computed(() => {
  const { available, consumes, makes, stated } = row.value
  const left = available === null || consumes === null ? null : available - consumes
  return [
    { what: 'there', is: shown(available), off: false },
    { what: 'used', is: shown(consumes), off: false },
    { what: 'left', is: shown(left), off: left !== null && left !== 0 },
    { what: 'made', is: shown(makes), off: stated !== null && makes !== null && makes !== stated },
    ...(stated === null
      ? []
      : [{ what: 'stated', is: stated, off: makes !== null && makes !== stated }]),
  ]
})
const KINDS = {
  st: ['stitch', 'stitches'],
  ch: ['chain', 'chains'],
  sp: ['chain space', 'chain spaces'],
  gap: ['gap', 'gaps'],
  post: ['post', 'posts'],
  down: ['place further down', 'places further down'],
  ring: ['ring', 'rings'],
  skipped: ['skipped', 'skipped'],
} as const
/** What it goes into and leaves, where that is more than stitches into stitches. */
const kinds = computed(() => {
  const { uses, leaves, yarns } = row.value
  const used = Object.entries(KINDS).flatMap(([kind, [one, many]]) => {
    const count = uses?.[kind as keyof typeof KINDS] ?? 0
    if (count === 0) return []
    return [kind === 'ring' ? 'a ring' : `${count} ${count === 1 ? one : many}`]
  })
  const plain = used.length < 2 && (uses?.st ?? 0) > 0 && !leaves?.chains
  return [
    ...(plain || used.length === 0 ? [] : [`Into ${used.join(', ')}`]),
    ...(leaves?.chains ? [`leaves ${leaves.stitches} stitches and ${leaves.chains} chains`] : []),
    ...(yarns.length > 0 ? [`in ${yarns.join(', ')}`] : []),
  ].join('; ')
})
const after = ref(1)
const at = computed(() => row.value.through[Math.min(after.value, row.value.through.length) - 1])
</script>

<template>
  <li class="check-row" :class="[row.state, { off: row.state === 'wrong' }]">
    <button type="button" class="link who" @click="emit('find', row.line)">{{ name }}</button>
    <p class="said">
      <span v-if="group.length > 1" class="note">{{ group.length }} alike: </span>
      <span
        v-for="piece in pieces"
        :key="piece.key"
        :class="piece.fault && ['fault', piece.fault]"
        >{{ piece.text }}</span
      >
    </p>
    <dl class="figures num">
      <div v-for="one in figures" :key="one.what" :class="{ off: one.off }">
        <dd>{{ one.is }}</dd>
        <dt>{{ one.what }}</dt>
      </div>
    </dl>
    <ul v-if="row.problems.length" class="problems">
      <li v-for="(problem, i) in row.problems" :key="i" :class="problem.severity">
        <b>{{ lead(problem.code, problem.severity) }}</b>
        {{ problem.message }}
        <button
          v-for="edit in problem.edits"
          :key="`${edit.from} ${edit.text}`"
          type="button"
          class="button mend"
          @click="emit('mend', row, edit)"
        >
          Write {{ edit.label }}
        </button>
        <span v-if="otherMends(problem.mends, problem.edits).length" class="mends"
          >Perhaps {{ otherMends(problem.mends, problem.edits).join(', or ') }}.</span
        >
      </li>
    </ul>
    <p v-if="kinds" class="kinds note num">{{ kinds }}</p>
    <button
      v-if="row.through.length > 1 && !counts"
      type="button"
      class="link count-through"
      :aria-label="`Count through ${name}`"
      @click="counts = true"
    >
      Count through
    </button>
    <div v-if="counts && row.through.length > 1 && at" class="through">
      <input
        v-model.number="after"
        type="range"
        min="1"
        :max="row.through.length"
        :aria-label="`Count through ${name}: after so many repeats`"
      />
      <span class="note num" aria-live="polite"
        >after {{ at.repeat }} of {{ at.of }} repeats: {{ at.done }} done, {{ at.left }} left</span
      >
    </div>
  </li>
</template>

<style>
.check-row {
  display: grid;
  grid-template-columns: 78px 1fr auto;
  gap: 2px 12px;
  padding: 8px 12px;
  border-bottom: 1px solid var(--line);
  border-left: 4px solid transparent;
}
@media (max-width: 640px) {
  .check-row {
    grid-template-columns: 62px minmax(0, 1fr);
  }
  .check-row .figures {
    grid-column: 2 / -1;
  }
}
.check-row.off {
  border-left-color: var(--error);
  background: #fdf7f5;
}
.check-row.not-understood {
  border-left: 4px dashed #8a6a1c;
  background: #faf5e8;
}
.check-row.not-known {
  color: var(--ink-3);
}
.check-row .mend {
  margin: 2px 6px 2px 0;
  padding: 1px 9px;
  font-size: 13px;
}
.check-row .count-through {
  grid-column: 2 / -1;
  justify-self: start;
  font-size: 12.5px;
}
.check-row .advice b {
  color: var(--ink-2);
}
.check-row.not-understood b {
  color: #6b4a00;
}
.check-row .who {
  align-self: start;
  font-weight: 600;
  text-align: left;
}
.check-row .fault {
  text-decoration: underline wavy 1.5px var(--warning);
  text-underline-offset: 3px;
}
.check-row .fault.error {
  text-decoration-color: var(--error);
  background: #fbe6e1;
}
.check-row .fault.unknown {
  text-decoration: underline dashed 1.5px #6b4a00;
  background: #f7efd9;
}
.check-row .fault.advice {
  text-decoration: none;
}
.check-row .figures {
  display: flex;
  gap: 12px;
  margin: 0;
}
.check-row .figures div {
  min-width: 34px;
  text-align: right;
}
.check-row .figures dd {
  margin: 0;
  font-weight: 600;
}
.check-row .figures dt {
  color: var(--ink-3);
  font-size: 11.5px;
  line-height: 1.1;
}
.check-row .figures .off dd {
  color: var(--error);
}
.check-row .problems {
  grid-column: 2 / -1;
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
  font-size: 13.5px;
}
.check-row .kinds {
  grid-column: 2 / -1;
  margin: 0;
}
.check-row .problems b {
  color: var(--error);
}
.check-row .warning b {
  color: var(--warning);
}
.check-row .mends {
  color: var(--ink-2);
}
.check-row .through {
  display: flex;
  grid-column: 2 / -1;
  gap: 10px;
  align-items: center;
}
.check-row input[type='range'] {
  width: 150px;
  height: 24px;
  accent-color: var(--mat);
}
</style>
