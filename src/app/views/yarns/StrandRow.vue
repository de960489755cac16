<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import type { Strand } from '@core/design'
import { cutAt, printNumber } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'

/** A strand that is held together with the yarn above it. */
const props = defineProps<{ strand: Strand; needed: string }>()
const emit = defineEmits<{ set: [values: Partial<Strand>]; remove: [] }>()
function rename(event: Event) {
  const name = cutAt((event.target as HTMLInputElement).value.trim(), 60)
  if (name) emit('set', { name })
}
const setLabel = (values: Partial<{ grams: number; metres: number }>) =>
  emit('set', { label: { grams: 50, metres: 120, ...props.strand.label, ...values } })
</script>

<template>
  <tr class="strand">
    <td />
    <td>
      <div class="who">
        <span class="with" aria-hidden="true">with</span>
        <input
          class="plain-input"
          :value="strand.name"
          :aria-label="`Name of the strand ${strand.name}`"
          maxlength="60"
          @change="rename"
        />
      </div>
    </td>
    <td>
      <MeasureField
        :label="`Grams a ball of the strand ${strand.name}`"
        :text="strand.label ? printNumber(strand.label.grams) : ''"
        :value="strand.label?.grams ?? 0"
        :read="readAmount"
        :min="1"
        :max="5000"
        @change="setLabel({ grams: $event })"
      />
    </td>
    <td>
      <MeasureField
        :label="`Metres a ball of the strand ${strand.name}`"
        :text="strand.label ? printNumber(strand.label.metres) : ''"
        :value="strand.label?.metres ?? 0"
        :read="readAmount"
        :min="1"
        :max="10000"
        @change="setLabel({ metres: $event })"
      />
    </td>
    <td>
      <MeasureField
        :label="`Grams in hand of the strand ${strand.name}`"
        :text="strand.inHandGrams === null ? '' : `${printNumber(strand.inHandGrams)} g`"
        :value="strand.inHandGrams ?? -1"
        :read="readAmount"
        :min="0"
        :max="100000"
        @change="emit('set', { inHandGrams: $event })"
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
