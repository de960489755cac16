<script setup lang="ts">
import { type Aid, aids } from '@core/colour'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { type Sign, signs } from '@app/parts/chart/signs.ts'
import type { SeenAs } from '@app/parts/chart/views.ts'
import { computed } from 'vue'
import ToolButton from './ToolButton.vue'
import ToolChoice from './ToolChoice.vue'

/** How the chart is seen: one switch of views, and what lies over any of them. */
const { all, leans } = defineProps<{
  all: readonly SeenAs[]
  /** How it leans, in words; empty where it does not. */
  leans: string
}>()
const view = defineModel<SeenAs>('view', { required: true })
const sign = defineModel<Sign>('sign', { required: true })
const lean = defineModel<boolean>('lean', { required: true })
const aid = defineModel<Aid>('aid', { required: true })
const emit = defineEmits<{ zoom: [factor: number]; fit: [] }>()
const id = computed({
  get: () => view.value.id,
  set: (wanted) => (view.value = all.find((one) => one.id === wanted)!),
})
/** Whether it is a chart of cells. */
const cells = computed(() => view.value.shows === 'repeat' || view.value.shows === 'whole')
const zooms = [
  { title: 'Larger', key: '+', picture: 'M12 6v12M6 12h12', run: () => emit('zoom', 1.25) },
  { title: 'Smaller', key: '−', picture: 'M6 12h12', run: () => emit('zoom', 0.8) },
  {
    title: 'All of it',
    key: '0',
    picture: 'M5 9V5h4M15 5h4v4M19 15v4h-4M9 19H5v-4',
    run: () => emit('fit'),
  },
]
</script>

<template>
  <div class="view-bar" role="toolbar" aria-label="View">
    <ChoiceOf
      v-if="all.length > 1"
      v-model="id"
      legend="View (V for the next)"
      :options="all.map((one) => ({ value: one.id, label: one.title, title: `${one.about} (V)` }))"
    />
    <span class="room" />
    <ToolButton
      v-if="leans && view.shows !== 'own'"
      label="As it leans"
      :title="`As it leans: ${leans}`"
      picture="M7 20 11 4M12 20 16 4M4 20h13"
      :on="lean"
      :aria-pressed="lean"
      @click="lean = !lean"
    />
    <ToolChoice
      v-if="cells"
      v-model="sign"
      :all="signs"
      label="Without colour"
      picture="M6 19 12 5l6 14M8.3 14h7.4"
    />
    <ToolChoice
      v-model="aid"
      :all="aids"
      label="How it is seen"
      picture="M3 12c4-6 14-6 18 0c-4 6-14 6-18 0M12 9.500a2.500 2.500 0 1 0 .1 0"
    />
    <ToolButton
      v-for="zoom in cells ? zooms : []"
      :key="zoom.title"
      :label="zoom.title"
      :title="`${zoom.title} (${zoom.key})`"
      :picture="zoom.picture"
      @click="zoom.run"
    />
  </div>
</template>

<style>
.view-bar {
  display: flex;
  flex: none;
  gap: 2px;
  align-items: center;
  min-height: 36px;
}
.view-bar .tool-button {
  width: 30px;
}
.view-bar .choice {
  flex: 0 1 auto;
  min-width: 0;
}
.view-bar .choice span {
  overflow: hidden;
  padding-inline: 9px;
  text-overflow: ellipsis;
}
.view-bar .room {
  flex: 1;
}
@media (min-width: 1001px) and (max-width: 1100px) {
  .view-bar .choice span {
    padding-inline: 5px;
    font-size: 12px;
  }
}
@media (max-width: 640px) {
  .view-bar {
    flex-wrap: wrap;
  }
  .view-bar .choice {
    flex: 1 0 100%;
  }
}
</style>
