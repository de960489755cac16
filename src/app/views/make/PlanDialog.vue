<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue'
import type { Edit } from '@core/design'
import { afterRowOf, planChanges, type PlanChange } from '@core/make'
import { mendText, snagKey, snagText } from '@core/snag'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import AsItWouldBe from './AsItWouldBe.vue'
import MeasuredOnBag from './MeasuredOnBag.vue'
import RowOtherwise from './RowOtherwise.vue'

/** Changes of plan while the work is under way: what is made stays, the rest is planned anew, and is shown before it is taken. */
const open = defineModel<boolean>({ required: true })
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const changes = computed(() => planChanges(project.table!.design, making.on!))
const rounds = computed(() => changes.value.filter(({ key }) => !key.startsWith('yarn')))
const colours = computed(() => changes.value.filter(({ key }) => key.startsWith('yarn')))

const chosen = ref<{ readonly title: string; readonly edits: readonly Edit[] } | null>(null)
function look(change: PlanChange) {
  chosen.value = change
  project.showPreview(change.edits)
}
function lookAt(title: string, edits: readonly Edit[] | null) {
  chosen.value = edits && { title, edits }
  if (edits) project.showPreview(edits)
  else project.endPreview()
}
/** What no longer works out then, with the nearest ways. */
const known = computed(() => new Set(project.table!.derived.snags.map(snagKey)))
const troubles = computed(() =>
  (project.preview?.derived.snags ?? [])
    .filter((snag) => snag.severity === 'error' && !known.value.has(snagKey(snag)))
    .map((snag) => ({
      key: snagKey(snag),
      ...snagText(snag, workshop.words),
      mends: snag.mends.map((mend) => ({ ...mendText(mend, workshop.words), edits: mend.edits })),
    })),
)
function take(more: readonly Edit[] = []) {
  const { title, edits } = chosen.value!
  if (!project.edit([...edits, ...more])) return
  making.note([
    { kind: 'noted', about: 'plan', text: title, ...afterRowOf(making.on!, making.on!.made) },
  ])
  open.value = false
}
onBeforeUnmount(project.endPreview)
</script>

<template>
  <ElDialog v-model="open" title="Change the plan from here" width="680px" append-to-body>
    <div class="plan-dialog">
      <div>
        <p class="note">What is made stays as it is; what comes after is planned on it.</p>
        <div class="plan-list" role="group" aria-label="Rounds">
          <button
            v-for="change in rounds"
            :key="change.key"
            type="button"
            class="button"
            :aria-pressed="chosen?.title === change.title"
            @click="look(change)"
          >
            {{ change.title }}
          </button>
        </div>
        <details v-if="colours.length > 0">
          <summary>Another colour from here</summary>
          <div class="plan-list">
            <button
              v-for="change in colours"
              :key="change.key"
              type="button"
              class="button"
              :aria-pressed="chosen?.title === change.title"
              @click="look(change)"
            >
              {{ change.title }}
            </button>
          </div>
        </details>
        <details>
          <summary>It measures otherwise</summary>
          <MeasuredOnBag @look="lookAt" />
        </details>
        <details v-if="!making.isDone && making.on!.made > 0">
          <summary>This row came out otherwise</summary>
          <RowOtherwise @done="open = false" />
        </details>
      </div>
      <AsItWouldBe :title="chosen?.title ?? null">
        <p v-if="project.cannot" class="would-not" role="alert">{{ project.cannot }}</p>
        <section v-for="trouble in troubles" :key="trouble.key" class="trouble">
          <b>{{ trouble.title }}</b> {{ trouble.text }}
          <button
            v-for="mend in trouble.mends"
            :key="mend.label"
            type="button"
            class="count-mend"
            @click="take(mend.edits)"
          >
            <b>{{ mend.label }}</b><span>{{ mend.cost }}</span>
          </button>
        </section>
        <button
          type="button"
          class="button main"
          :disabled="chosen === null || project.cannot !== null"
          @click="take()"
        >
          {{ troubles.length > 0 ? 'Take it all the same' : 'Take it' }}
        </button>
      </AsItWouldBe>
    </div>
  </ElDialog>
</template>

<style>
.plan-dialog {
  display: grid;
  grid-template-columns: 1fr 230px;
  gap: 20px;
}
.plan-list {
  display: grid;
  gap: 5px;
  margin: 8px 0;
}
.plan-list .button {
  text-align: left;
}
.plan-list .button[aria-pressed='true'] {
  border-color: var(--mat);
  background: var(--mat-tint);
}
.plan-dialog details {
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.plan-dialog summary {
  min-height: 24px;
  font-weight: 600;
  cursor: pointer;
}
.plan-dialog .trouble {
  display: grid;
  gap: 5px;
  padding: 8px 10px;
  border-left: 4px solid var(--error);
  background: #fff;
  font-size: 13px;
}
.plan-dialog .would-not {
  color: var(--error);
}
@media (max-width: 760px) {
  .plan-dialog {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
