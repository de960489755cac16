<script setup lang="ts">
import type { Asked } from './asked.ts'

/** What else can be done while one works, a button each. */
defineProps<{ acts: readonly { readonly what: Asked; readonly title: string }[] }>()
const emit = defineEmits<{ ask: [what: Asked] }>()
</script>

<template>
  <button
    v-for="{ what, title } in acts"
    :key="what"
    type="button"
    class="button"
    @click="emit('ask', what)"
  >
    {{ title }}
  </button>
</template>
