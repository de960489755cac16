<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import type { Strand } from '@core/design'
import type { StrandNeed } from '@core/yarn'
import NameInput from '@app/parts/fields/NameInput.vue'
import BallWord from '@app/parts/yarn/BallWord.vue'
import BuyWord from './BuyWord.vue'
import HandWord from '@app/parts/yarn/HandWord.vue'

/** A strand that is held together with the yarn above it. */
defineProps<{ strand: Strand; need: StrandNeed | undefined; needed: string }>()
const emit = defineEmits<{ set: [values: Partial<Strand>]; remove: [] }>()
</script>

<template>
  <tr class="strand">
    <td class="colour" />
    <td class="named">
      <div class="who">
        <span class="with" aria-hidden="true">with</span>
        <NameInput
          class="plain-input"
          :model-value="strand.name"
          :aria-label="`Name of the strand ${strand.name}`"
          @update:model-value="emit('set', { name: $event })"
        />
      </div>
    </td>
    <td class="label">
      <BallWord :strand="strand" @set="({ label }) => emit('set', { label: label ?? null })" />
    </td>
    <td class="hand">
      <HandWord :strand="strand" @set="emit('set', { lots: $event })" />
    </td>
    <td class="need">
      <span class="note">as many metres; {{ needed }}</span>
    </td>
    <td class="buy"><BuyWord v-if="need" :need="need" /></td>
    <td class="ends">
      <button
        type="button"
        class="icon-button"
        title="Take the strand out"
        :aria-label="`Take out the strand ${strand.name}`"
        @click="emit('remove')"
      >
        <ElIcon :size="14"><Close /></ElIcon>
      </button>
    </td>
  </tr>
</template>

<style>
.amounts .strand .with {
  padding-left: 22px;
  color: var(--ink-2);
  font-size: 12.5px;
}
.amounts .ends {
  white-space: nowrap;
}
.amounts .ends .icon-button {
  display: inline-grid;
}
</style>
