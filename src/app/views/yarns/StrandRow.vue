<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import type { Strand } from '@core/design'
import NameInput from '@app/parts/fields/NameInput.vue'
import BallFields from './BallFields.vue'
import InHandField from './InHandField.vue'

/** A strand that is held together with the yarn above it. */
defineProps<{ strand: Strand; needed: string }>()
const emit = defineEmits<{ set: [values: Partial<Strand>]; remove: [] }>()
</script>

<template>
  <tr class="strand">
    <td class="colour" />
    <td class="named" colspan="2">
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
      <div class="ball">
        <BallFields :label="strand.label" :of="strand.name" @set="emit('set', { label: $event })" />
      </div>
    </td>
    <td class="hand">
      <InHandField
        :grams="strand.inHandGrams"
        :label="strand.label"
        :of="strand.name"
        @set="emit('set', { inHandGrams: $event })"
      />
    </td>
    <td class="need">
      <span class="note">as many metres; {{ needed }}</span>
    </td>
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
.yarns-view .strand .with {
  padding-left: 22px;
  color: var(--ink-2);
  font-size: 12.5px;
}
.yarns-view .ends {
  white-space: nowrap;
}
.yarns-view .ends .icon-button {
  display: inline-grid;
}
</style>
