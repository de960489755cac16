<script setup lang="ts">
import { computed, ref } from 'vue'
import { type BasePart, parseShapedRows, printShapedRows } from '@core/shape'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'

/** Rows given one by one, and whether each is turned or begun anew. */
const props = defineProps<{ base: Extract<BasePart, { rows: unknown }> }>()
const emit = defineEmits<{ set: [values: Record<string, unknown>] }>()
const problem = ref<string | null>(null)
const typed = computed(() => (props.base.rows ? printShapedRows(props.base.rows) : ''))
function take(event: Event) {
  const text = (event.target as HTMLInputElement).value.trim()
  const read = text === '' ? null : parseShapedRows(text)
  problem.value = read?.ok === false ? read.problem : null
  if (!read) emit('set', { rows: null })
  else if (read.ok) emit('set', { rows: read.value })
}
const way = computed({
  get: () => (props.base.afresh ? 'afresh' : 'turned'),
  set: (value) => emit('set', { afresh: value === 'afresh' }),
})
</script>

<template>
  <div class="row-by-row">
    <div class="measure-field">
      <label for="shaped-rows">Row by row</label>
      <div class="box" :class="{ bad: problem }">
        <input
          id="shaped-rows"
          :value="typed"
          placeholder="91, 99, 99, 108 …"
          autocomplete="off"
          spellcheck="false"
          title="Stitches of each row; “99 at 10 30” says in which stitches it increases. Empty: by the increase above."
          :aria-invalid="problem !== null"
          aria-describedby="shaped-rows-problem"
          @change="take"
        />
      </div>
      <p v-if="problem" id="shaped-rows-problem" class="problem" role="alert">{{ problem }}</p>
    </div>
    <ChoiceOf
      v-model="way"
      legend="Each row"
      :options="[
        { value: 'turned', label: 'Turned' },
        { value: 'afresh', label: 'Begun anew', title: 'Yarn cut, joined at the same edge again' },
      ]"
    />
  </div>
</template>
