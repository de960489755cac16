<script setup lang="ts">
import { saveRecord } from '@app/export/save.ts'
import type { ShelfBag } from '@app/stores/shelf.ts'

/** A bag that cannot be opened here: what is wrong, and every way to keep what is in it. */
defineProps<{ bag: ShelfBag }>()
const emit = defineEmits<{ remove: []; recover: [] }>()
</script>

<template>
  <div class="unread">
    <h2>{{ bag.name }}</h2>
    <p class="note">{{ bag.problem }}</p>
    <button v-if="bag.lastGood" type="button" class="button main" @click="emit('recover')">
      Open its last good version
    </button>
    <button type="button" class="button" @click="saveRecord(bag.name, bag.raw)">
      Export it as it is
    </button>
    <button type="button" class="button" @click="emit('remove')">Delete</button>
  </div>
</template>
