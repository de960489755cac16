<script setup lang="ts">
import { computed, ref, toRef } from 'vue'
import type { OwnDraft } from '@core/texture'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import NameInput from '@app/parts/fields/NameInput.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useCounts } from './use-counts.ts'

/** One's own stitch pattern in shorthand: what begins it, what repeats and what ends it, counted as it is typed. */
const props = defineProps<{ modelValue: OwnDraft }>()
const emit = defineEmits<{ 'update:modelValue': [draft: OwnDraft] }>()
const draft = toRef(props, 'modelValue')
const set = (values: Partial<OwnDraft>) =>
  emit('update:modelValue', { ...props.modelValue, ...values })
const tried = ref(0)
const { said } = useCounts(draft, tried, set)
const ways = computed(() =>
  (['flat', 'round'] as const).map((way) => ({
    way,
    title: way === 'flat' ? 'Rows, worked flat' : 'Rounds',
    text: draft.value[way],
    said: said.value[way],
  })),
)
const typed = (event: Event) => (event.target as HTMLTextAreaElement | HTMLInputElement).value
const passes = computed({
  get: () => String(draft.value.passes),
  set: (value) => set({ passes: value === '2' ? 2 : 1 }),
})
const side = computed({ get: () => draft.value.side, set: (value) => set({ side: value }) })
const texts = [
  { key: 'special', label: 'Special stitches' },
  { key: 'notes', label: 'Notes and cautions' },
] as const
</script>

<template>
  <div class="own-editor">
    <div class="measure-field">
      <label for="own-name">Name</label>
      <div class="box">
        <NameInput
          id="own-name"
          :key="draft.id"
          :model-value="draft.name"
          @update:model-value="set({ name: $event })"
        />
      </div>
    </div>
    <template v-for="one in ways" :key="one.way">
      <label class="note" :for="`own-${one.way}`">{{ one.title }}: one a line, in shorthand</label>
      <textarea
        :id="`own-${one.way}`"
        :value="one.text"
        rows="4"
        spellcheck="false"
        aria-describedby="own-how"
        @input="set({ [one.way]: typed($event).slice(0, 4000) })"
      />
      <template v-if="one.said">
        <p class="note" :class="one.said.good ? 'good' : 'bad'" role="status">
          {{ one.said.text }}
        </p>
        <p v-if="one.said.tried" class="note">{{ one.said.tried }}</p>
      </template>
    </template>
    <p id="own-how" class="note">
      Rows come again from the first to the last. Under a line <b>Set-up:</b> stand those that come
      once, under <b>Repeat:</b> what comes again, under <b>End:</b> how it ends. Before its words a
      row may say <b>(WS)</b>, its side, and <b>with B,</b> its yarn.
    </p>
    <WholeField v-model="tried" label="Try it on" hint="stitches" :min="0" :max="400" />
    <p class="note" aria-hidden="true">Raised rows are worked from, and ways along each row</p>
    <ChoiceOf
      v-model="side"
      legend="The side its raised rows are worked from"
      :options="[
        { value: 'any', label: 'Either' },
        { value: 'RS', label: 'Right side' },
        { value: 'WS', label: 'Wrong side' },
      ]"
    />
    <ChoiceOf
      v-model="passes"
      legend="Ways along each row"
      :options="[
        { value: '1', label: 'One way' },
        { value: '2', label: 'There and back', title: 'Two passes: loops on the hook, and off' },
      ]"
    />
    <div class="measure-field">
      <label for="own-unit">Counted in</label>
      <div class="box">
        <input
          id="own-unit"
          :value="draft.unit ?? ''"
          maxlength="30"
          placeholder="stitches"
          @change="set({ unit: typed($event).trim() || null })"
        />
      </div>
    </div>
    <WholeField
      v-if="draft.unit"
      label="A repeat has"
      :hint="draft.unit"
      :model-value="draft.perRepeat"
      :min="1"
      :max="200"
      @update:model-value="set({ perRepeat: $event })"
    />
    <template v-for="{ key, label } in texts" :key="key">
      <label class="note" :for="`own-${key}`">{{ label }}</label>
      <textarea
        :id="`own-${key}`"
        :value="draft[key]"
        rows="2"
        @input="set({ [key]: typed($event).slice(0, 2000) })"
      />
    </template>
  </div>
</template>

<style>
.own-editor textarea {
  margin: 3px 0;
  padding: 7px 9px;
  resize: vertical;
}
.stitch-drawer .own-editor b {
  margin: 0;
}
.own-editor .choice {
  margin: 6px 0;
}
.own-editor .bad {
  color: var(--error);
}
.own-editor .good {
  color: var(--good);
}
</style>
