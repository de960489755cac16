<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { cutAt } from '@core/units'

/** A name that is typed and taken when the field is left: what is half typed stays, whatever is drawn anew meanwhile; none is no name. */
const { longest = 60, mayBeEmpty = false } = defineProps<{
  longest?: number
  mayBeEmpty?: boolean
}>()
const name = defineModel<string>({ required: true })
const text = ref(name.value)
const typing = ref(false)
watch(name, (now) => {
  if (!typing.value) text.value = now
})
async function take() {
  typing.value = false
  const wanted = cutAt(text.value.trim(), longest)
  if ((wanted || mayBeEmpty) && wanted !== name.value) name.value = wanted
  // It may be refused.
  await nextTick()
  text.value = name.value
}
</script>

<template>
  <input
    v-model="text"
    :maxlength="longest"
    @input="typing = true"
    @change="take"
    @keydown.enter="($event.target as HTMLInputElement).blur()"
  />
</template>
