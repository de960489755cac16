<script setup lang="ts">
import { computed } from 'vue'
import { fittingOf, type Item } from '@core/fitting'
import { itemText } from '@core/pattern'
import LengthField from '@app/parts/fields/LengthField.vue'
import NameInput from '@app/parts/fields/NameInput.vue'
import WholeField from '@app/parts/fields/WholeField.vue'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import SpotFields from '../said/SpotFields.vue'
import YarnSelect from '@app/parts/fields/YarnSelect.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** A thing beside the pieces: what it is made of, how long it is, where it is tied, and what that comes to. */
const id = defineModel<string | null>({ required: true })
const project = useProject()
const workshop = useWorkshop()
const ledger = computed(() => project.table!.derived.ledger)
/** As it came out; null while it is worked out, and when there is none. */
const made = computed(() => ledger.value.items.find(({ item }) => item.id === id.value) ?? null)
const item = computed(() => made.value?.item ?? null)
const set = (values: Partial<Item>) =>
  project.edit({ name: 'setItem', args: { id: id.value!, values } })
function takeOut() {
  const gone = id.value!
  id.value = null
  project.edit({ name: 'removeItem', args: { id: gone } })
}
const ends = [
  { end: 'from', title: 'One end' },
  { end: 'to', title: 'The other end' },
] as const
</script>

<template>
  <ElDialog
    :model-value="id !== null"
    :title="item?.name ?? 'Fitting'"
    width="440"
    append-to-body
    @close="id = null"
  >
    <div v-if="item" class="fitting-fields">
      <p class="said">{{ itemText(ledger, item.id, workshop.words) }}</p>
      <div class="measure-field">
        <label for="fitting-name">Name</label>
        <div class="box">
          <NameInput
            id="fitting-name"
            :model-value="item.name"
            @update:model-value="set({ name: $event })"
          />
        </div>
      </div>
      <div class="yarn">
        <span>Yarn</span>
        <YarnSelect
          label="Yarn of the cord"
          :model-value="item.yarn"
          @update:model-value="set({ yarn: $event })"
        />
      </div>
      <WholeField
        label="Strands"
        :model-value="item.strands"
        :min="1"
        :max="3"
        @update:model-value="set({ strands: $event })"
      />
      <LengthField
        label="Length"
        :min="20"
        :max="20000"
        :model-value="item.lengthMm"
        @update:model-value="set({ lengthMm: $event })"
      />
      <fieldset v-for="{ end, title } in ends" :key="end">
        <legend>{{ title }}</legend>
        <SpotFields
          :model-value="item[end]"
          :label="title"
          :words="{ piece: 'the piece', on: 'where on the piece' }"
          @update:model-value="set({ [end]: $event })"
        />
      </fieldset>
      <p v-for="caution in fittingOf(item).cautions" :key="caution" class="note">{{ caution }}</p>
      <DialogEnd does="Done" @take="id = null">
        <button type="button" class="button" @click="takeOut">Take it out</button>
      </DialogEnd>
    </div>
  </ElDialog>
</template>

<style>
.fitting-fields {
  display: grid;
  gap: 10px;
}
.fitting-fields .said {
  padding: 8px 10px;
  border-radius: var(--radius);
  background: var(--mat-tint);
  color: var(--ink);
}
.fitting-fields .measure-field,
.fitting-fields .yarn {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 8px;
  align-items: center;
}
.fitting-fields fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 0;
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
</style>
