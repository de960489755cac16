<script setup lang="ts">
import { computed } from 'vue'
import { bodyOf } from '@core/ledger'
import HookAndYarn from '@app/parts/fields/HookAndYarn.vue'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BaseFields from './BaseFields.vue'
import GaugeFields from './GaugeFields.vue'
import KindField from './KindField.vue'
import { sizeSaid } from './saying-size.ts'
import WantFields from './WantFields.vue'
import WorkingFields from './WorkingFields.vue'

/** What it must be, what the hook makes of it and how it is built, as a sentence: each underlined word opens what changes it. */
const project = useProject()
const workshop = useWorkshop()
const design = computed(() => project.design!)
const said = steady(() => {
  const { ledger, gauge } = project.table!.derived
  const { worked } = bodyOf(ledger)
  return sizeSaid({ design: project.design!, gauge, worked, words: workshop.words })
})
const fields: Readonly<Record<string, unknown>> = {
  want: WantFields,
  gauge: GaugeFields,
  construction: KindField,
  base: BaseFields,
  working: WorkingFields,
}
const set = (args: { hookMm?: number; yarnClass?: number }) =>
  project.edit({ name: 'setDesign', args })
</script>

<template>
  <p class="size-said">
    <template v-for="(one, i) in said" :key="i"
      ><template v-if="typeof one === 'string'">{{ one }}</template
      ><SaidWord v-else :word="one"
        ><HookAndYarn
          v-if="one.id === 'hook'"
          :hook-mm="design.hookMm"
          :yarn-class="design.yarnClass"
          @update:hook-mm="set({ hookMm: $event })"
          @update:yarn-class="set({ yarnClass: $event })" />
        <component :is="fields[one.id]" v-else /></SaidWord
    ></template>
  </p>
</template>

<style>
.size-said {
  flex: 1 0 100%;
  margin: 2px 0 0;
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.75;
}
.size-said .pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 12px;
  align-items: end;
}
.size-said .pair .measure-field {
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
}
.size-said .pair .measure-field > label {
  font-size: 12px;
}
</style>
