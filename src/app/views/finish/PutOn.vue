<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed } from 'vue'
import { useProject } from '@app/stores/project.ts'
import type { useFinish } from './use-finish.ts'

/** What of a card is on the bag, chosen and taken off here; and what can be put on. */
const { finish } = defineProps<{ finish: ReturnType<typeof useFinish> }>()
const project = useProject()
const on = computed(() => finish.all.value.filter(({ card }) => card === finish.card.value))
const isChosen = (one: (typeof on.value)[number]) =>
  finish.chosen.value !== null && finish.keyOf(finish.chosen.value) === finish.keyOf(one)
const none = computed(() => finish.ways.value.every(({ edits }) => edits === null))
</script>

<template>
  <div class="put-on">
    <ul v-if="on.length > 0" aria-label="On this bag">
      <li v-for="one in on" :key="finish.keyOf(one)">
        <button
          type="button"
          class="name"
          :aria-pressed="isChosen(one)"
          @click="finish.choose(one)"
        >
          {{ one.name }}
        </button>
        <button
          type="button"
          class="icon-button"
          :aria-label="`Take off ${one.name}`"
          :title="`Take off ${one.name}`"
          @click="finish.takeOut(one)"
        >
          <ElIcon :size="13"><Close /></ElIcon>
        </button>
      </li>
    </ul>
    <h2>{{ on.length > 0 ? 'Put on more' : 'Put on' }}</h2>
    <div class="ways">
      <button
        v-for="{ id, name, hint, edits } in finish.ways.value"
        :key="id"
        type="button"
        class="button"
        :title="edits ? hint : `${hint}. This bag cannot have it.`"
        :disabled="edits === null"
        @click="edits && finish.put(edits)"
        @pointerenter="edits && project.showPreview(edits)"
        @pointerleave="project.endPreview"
        @focus="edits && project.showPreview(edits)"
        @blur="project.endPreview"
      >
        {{ name }}
      </button>
    </div>
    <p v-if="none" class="note">
      This bag cannot have any of these: they want rounds, or more stitches at the rim.
    </p>
  </div>
</template>

<style>
.put-on {
  display: grid;
  flex: none;
  gap: 7px;
}
.put-on h2 {
  color: var(--ink-2);
  font: 600 13px/1 var(--font-head);
}
.put-on ul {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.put-on li {
  display: flex;
  gap: 4px;
}
.put-on .name {
  flex: 1;
  min-height: 30px;
  padding: 3px 9px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: #fff;
  text-align: left;
  cursor: pointer;
}
.put-on .name[aria-pressed='true'] {
  border-color: var(--mat);
  background: var(--mat-tint);
  font-weight: 650;
}
.put-on .ways {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}
.put-on .ways .button {
  padding: 3px 9px;
  font-size: 12.5px;
}
</style>
