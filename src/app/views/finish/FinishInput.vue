<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FinishField } from '@core/bag'
import { BODY } from '@core/design'
import { type Spot, spotOn } from '@core/part'
import LengthField from '@app/parts/fields/LengthField.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import { useProject } from '@app/stores/project.ts'
import SpotFields from '@app/parts/fields/SpotFields.vue'

/** Changes one word of a sentence: a length, a number, a choice, a yarn, a place. */
const { field } = defineProps<{ field: FinishField }>()
const project = useProject()
const set = (value: unknown) => project.edit(field.edits(value))
/** A text is hers until she leaves it. */
const draft = ref(String(field.value))
watch(
  () => field.value,
  (value) => (draft.value = String(value)),
)
const spot = computed(() => field.value as Spot | null)
const bounds = computed(() => ({ min: field.min ?? 0, max: field.max ?? 1 }))
const words = { piece: 'the piece', on: 'where on the piece' }
</script>

<template>
  <div class="finish-input">
    <LengthField
      v-if="field.kind === 'length'"
      :label="field.label"
      v-bind="bounds"
      :model-value="Number(field.value)"
      @update:model-value="set"
    />
    <WholeField
      v-else-if="field.kind === 'whole'"
      :label="field.label"
      v-bind="bounds"
      :model-value="Number(field.value)"
      @update:model-value="set"
    />
    <div
      v-else-if="field.kind === 'choice'"
      role="radiogroup"
      :aria-label="field.label"
      class="ways"
    >
      <button
        v-for="option in field.options"
        :key="option.value"
        type="button"
        role="radio"
        class="button"
        :aria-checked="option.value === field.value"
        @click="set(option.value)"
        @pointerenter="project.showPreview(field.edits(option.value))"
        @pointerleave="project.endPreview"
        @focus="project.showPreview(field.edits(option.value))"
        @blur="project.endPreview"
      >
        {{ option.label }}
      </button>
    </div>
    <div v-else-if="field.kind === 'yarn'" class="measure-field">
      <span>{{ field.label }}</span>
      <YarnSelect
        :label="field.label"
        :model-value="String(field.value)"
        @update:model-value="set"
      />
    </div>
    <ElCheckbox
      v-else-if="field.kind === 'flag'"
      :model-value="field.value === true"
      @update:model-value="set"
      >{{ field.label }}</ElCheckbox
    >
    <template v-else-if="field.kind === 'text'">
      <label :for="`finish-${field.key}`">{{ field.label }}</label>
      <ElInput
        :id="`finish-${field.key}`"
        v-model="draft"
        type="textarea"
        :rows="4"
        :maxlength="field.max"
        @change="set(draft)"
      />
    </template>
    <template v-else>
      <ElCheckbox
        v-if="field.kind === 'row'"
        :model-value="spot === null"
        @update:model-value="set($event === true ? null : spotOn(BODY))"
        >When the bag is finished</ElCheckbox
      >
      <fieldset v-if="spot">
        <legend>{{ field.label }}</legend>
        <SpotFields
          :model-value="spot"
          :label="field.label"
          :words="words"
          @update:model-value="set"
        />
      </fieldset>
      <button
        v-else-if="field.kind === 'spot'"
        type="button"
        class="button"
        @click="set(spotOn(BODY))"
      >
        At the rim
      </button>
    </template>
  </div>
</template>

<style>
.finish-input {
  display: grid;
  gap: 8px;
  color: var(--ink);
  font-weight: 400;
  font-size: 13px;
}
.finish-input + .finish-input {
  margin-top: 10px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.finish-input .ways {
  display: grid;
  gap: 4px;
}
.finish-input .ways .button {
  justify-content: flex-start;
  text-align: left;
}
.finish-input .ways [aria-checked='true'] {
  border-color: var(--mat);
  background: var(--mat-tint);
  font-weight: 650;
}
.finish-input fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 0;
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
</style>
