<script setup lang="ts">
import { computed, ref } from 'vue'
import type { WordedRow } from '@core/check'

/** One row: what it uses and makes, its faults underlined at their place, and how far one is after so many repeats. */
const props = defineProps<{ row: WordedRow }>()
const emit = defineEmits<{ find: [line: number] }>()

const name = computed(() => {
  const kind = props.row.kind === 'round' ? 'Round' : 'Row'
  return props.row.row === null ? `Line ${props.row.line}` : `${kind} ${props.row.row}`
})
/** The text in pieces: plain, and what is at fault. */
const pieces = computed(() => {
  const { text, problems } = props.row
  const cuts = [...new Set([0, text.length, ...problems.flatMap(({ from, to }) => [from, to])])]
    .filter((cut) => cut >= 0 && cut <= text.length)
    .sort((a, b) => a - b)
  return cuts.slice(0, -1).map((from, i) => {
    const to = cuts[i + 1]!
    const at = problems.filter((problem) => problem.from < to && problem.to > from)
    // A fault of the whole row is not underlined all along.
    const near = at.find((problem) => problem.to - problem.from < text.length)
    return { key: from, text: text.slice(from, to), fault: near?.severity ?? null }
  })
})
const shown = (n: number | null) => n ?? '?'
const figures = computed(() => {
  const { available, consumes, makes, stated } = props.row
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
  const { uses, leaves, yarns } = props.row
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
const at = computed(() => props.row.through[Math.min(after.value, props.row.through.length) - 1])
</script>

<template>
  <li class="check-row" :class="row.ok ? 'ok' : 'off'">
    <button type="button" class="link who" @click="emit('find', row.line)">{{ name }}</button>
    <p class="said">
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
        <b>{{ problem.severity === 'error' ? 'Does not add up:' : 'Look at this:' }}</b>
        {{ problem.message }}
        <span v-if="problem.mends.length" class="mends"
          >Perhaps {{ problem.mends.join(', or ') }}.</span
        >
      </li>
    </ul>
    <p v-if="kinds" class="kinds note num">{{ kinds }}</p>
    <div v-if="row.through.length > 1 && at" class="through">
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
