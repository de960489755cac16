<script setup lang="ts">
import { HANDLE_LIMITS, type HandlesPart } from '@core/band'
import { LIMITS } from '@core/part'
import WholeField from '@app/parts/fields/WholeField.vue'

/** What is decided about handles in the edge. */
defineProps<{ part: HandlesPart; rows: boolean; show: string }>()
const emit = defineEmits<{ set: [values: Partial<HandlesPart>] }>()
const set = (values: Partial<HandlesPart>) => emit('set', values)
</script>

<template>
  <template v-if="show === 'gap' || show === 'chain'">
    <WholeField
      :label="show === 'gap' ? 'Stitches passed over' : 'Chains of each'"
      :model-value="part[show] ?? (show === 'gap' ? 20 : 50)"
      :min="1"
      :max="show === 'gap' ? LIMITS.count : HANDLE_LIMITS.chain"
      @update:model-value="set({ [show]: $event })"
    />
    <button v-if="part[show] !== null" type="button" class="button" @click="set({ [show]: null })">
      {{ show === 'gap' ? 'A fifth of the round' : 'Two and a half times the gap' }}
    </button>
  </template>
  <WholeField
    v-else-if="show === 'over'"
    label="Rounds over them"
    :model-value="part.over"
    :min="0"
    :max="HANDLE_LIMITS.over"
    @update:model-value="set({ over: $event })"
  />
  <ElCheckbox
    v-else-if="show === 'together'"
    :model-value="part.together"
    @update:model-value="set({ together: $event === true })"
    >Close the corners: two together where edge and chain meet</ElCheckbox
  >
</template>
