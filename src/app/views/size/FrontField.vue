<script setup lang="ts">
import { computed } from 'vue'
import { bodyOf, maybeMiddlesCounted } from '@core/ledger'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'

/** Where the middle of the front lies in the last round of the base, where a bag has a front that can be chosen. */
const project = useProject()
const body = computed(() => bodyOf(project.shown!.derived.ledger))
const row = computed(() => Math.max(0, body.value.parts[0]!.endRow - 1))
const front = computed(() => maybeMiddlesCounted(body.value, row.value)?.front ?? null)
const count = computed(() => body.value.columns.makes[row.value]!)
const chosen = computed(() => project.design!.frontAfter !== null)
const set = (frontAfter: number | null) => project.edit({ name: 'setDesign', args: { frontAfter } })
</script>

<template>
  <template v-if="front !== null">
    <WholeField
      label="Front after"
      :model-value="Math.round(front)"
      :min="0"
      :max="count"
      @update:model-value="set($event)"
    />
    <button v-if="chosen" type="button" class="link" @click="set(null)">
      Front as the base has it
    </button>
  </template>
</template>
