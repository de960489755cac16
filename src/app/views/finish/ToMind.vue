<script setup lang="ts">
import { computed } from 'vue'
import { cautionsOf } from '@core/pattern'
import { listed } from '@core/units'
import { useProject } from '@app/stores/project.ts'

/** The usual cautions, each where it applies. */
const project = useProject()
const cautions = computed(() => cautionsOf(project.table!.derived.ledger))
</script>

<template>
  <div class="to-mind">
    <p v-for="one in cautions" :key="one.caution">
      <b>{{ one.title }}</b> {{ one.text }} <span class="note">({{ listed(one.of) }})</span>
    </p>
    <p v-if="cautions.length === 0" class="note">
      Nothing of this bag is to be minded more than any bag.
    </p>
    <p v-else class="note">They are printed with the pattern.</p>
  </div>
</template>

<style>
.to-mind {
  display: grid;
  gap: 8px;
  font-size: 13px;
}
.to-mind > p:not(.note) {
  padding: 8px 10px;
  border-left: 4px solid var(--line-strong);
  border-radius: var(--radius);
  background: var(--mat-tint);
}
</style>
