<script setup lang="ts">
import { computed } from 'vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import type { OwnDraft } from '@core/texture'
import { patternOf } from '@core/texture'
import { faultsOf } from './use-own.ts'

/** One's own stitch pattern in shorthand, checked as it is typed. */
const draft = defineModel<OwnDraft>({ required: true })
const set = (values: Partial<OwnDraft>) => (draft.value = { ...draft.value, ...values })
const ways = computed(() => {
  const pattern = patternOf(draft.value)
  return (['flat', 'round'] as const).map((way) => ({
    way,
    title: way === 'flat' ? 'Rows, worked flat' : 'Rounds',
    text: draft.value[way],
    faults: faultsOf(pattern, way),
    is: pattern[way] !== null,
  }))
})
const typed = (event: Event) => (event.target as HTMLTextAreaElement).value
</script>

<template>
  <div class="own-editor">
    <div class="measure-field">
      <label for="own-name">Name</label>
      <div class="box">
        <input
          id="own-name"
          :value="draft.name"
          maxlength="60"
          @change="set({ name: typed($event).trim() || draft.name })"
        />
      </div>
    </div>
    <WholeField
      label="Multiple"
      :model-value="draft.multiple"
      :min="1"
      :max="100"
      @update:model-value="set({ multiple: $event })"
    />
    <WholeField
      label="And, flat"
      hint="stitches"
      :model-value="draft.offset"
      :min="0"
      :max="100"
      @update:model-value="set({ offset: $event })"
    />
    <template v-for="one in ways" :key="one.way">
      <label class="note" :for="`own-${one.way}`">{{ one.title }}: one a line, in shorthand</label>
      <textarea
        :id="`own-${one.way}`"
        :value="one.text"
        rows="3"
        spellcheck="false"
        @input="set({ [one.way]: typed($event).slice(0, 4000) })"
      />
      <ul v-if="one.faults.length" class="faults" role="status">
        <li v-for="fault in one.faults.slice(0, 3)" :key="fault">{{ fault }}</li>
      </ul>
      <p v-else-if="one.is" class="note good">Adds up.</p>
    </template>
  </div>
</template>

<style>
.own-editor textarea {
  margin: 3px 0;
  padding: 7px 9px;
  resize: vertical;
}
.own-editor .faults {
  margin: 0 0 6px;
  padding-left: 18px;
  color: var(--error);
  font-size: 13px;
}
.own-editor .good {
  color: var(--good);
}
</style>
