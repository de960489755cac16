<script setup lang="ts">
import { computed } from 'vue'
import { mendText, type Snag, snagText } from '@core/snag'
import JoinPicture from './JoinPicture.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** One snag with its mends: pointed at, a mend shows what it would do; clicked, it does it. */
const props = defineProps<{ snag: Snag }>()
const project = useProject()
const workshop = useWorkshop()
const said = computed(() => snagText(props.snag, workshop.words))
const mends = computed(() =>
  props.snag.mends.map((mend) => ({ mend, ...mendText(mend, workshop.words) })),
)
/** A motif that breaks off is shown as it would look, and as a mend pointed at would make it look. */
const broken = computed(() => {
  const { code, where } = props.snag
  if (code !== 'repeat-remainder' || !project.shown || where.part === null) return null
  const there = project.shown.derived.ledger.pieces.some(({ parts }) =>
    parts.some(({ id }) => id === where.part),
  )
  return there ? where.part : null
})
const severityWords = {
  error: 'Does not work out',
  warning: 'Look at this',
  advice: 'Good to know',
}
</script>

<template>
  <section class="snag" :class="snag.severity">
    <p>
      <span class="kind">{{ severityWords[snag.severity] }}: </span>
      <b>{{ said.title }}</b> {{ said.text }}
    </p>
    <JoinPicture
      v-if="broken"
      :derived="project.shown!.derived"
      :yarns="project.shown!.design.yarns"
      :part="broken"
      :hand="workshop.words.hand"
    />
    <ul v-if="mends.length">
      <li v-for="{ mend, label, cost } in mends" :key="label">
        <button
          type="button"
          @click="project.edit(mend.edits)"
          @pointerenter="project.showPreview(mend.edits)"
          @pointerleave="project.endPreview"
          @focus="project.showPreview(mend.edits)"
          @blur="project.endPreview"
        >
          <span>{{ label }}</span><em>{{ cost }}</em>
        </button>
      </li>
    </ul>
  </section>
</template>

<style>
.snag {
  padding: 9px 10px;
  border: 1px solid var(--line);
  border-left: 4px solid var(--warning);
  border-radius: var(--radius);
  background: #fff;
  font-size: 12.8px;
  line-height: 1.36;
}
.snag.error {
  border-left-color: var(--error);
}
.snag.advice {
  border-left-color: var(--advice);
}
.snag .kind {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.snag b {
  font-weight: 650;
}
.snag ul {
  display: grid;
  gap: 4px;
  margin: 7px 0 0;
  padding: 0;
  list-style: none;
}
.snag li button {
  display: grid;
  width: 100%;
  padding: 4px 8px;
  border: 0;
  border-radius: 4px;
  background: var(--mat-tint);
  text-align: left;
  cursor: pointer;
}
.snag li button:hover {
  background: #d2e0d7;
}
.snag li em {
  color: var(--ink-2);
  font-style: normal;
  font-variant-numeric: tabular-nums;
}
</style>
