<script setup lang="ts">
import { computed } from 'vue'
import type { Stride } from '@core/make'
import { rowWord } from '@core/terms'
import { useMaking } from '@app/stores/making.ts'
import { useHold } from './use-hold.ts'
import { larger, strideWords } from './strides.ts'

/** What one does at every stitch, run, repeat and row; the one that is tapped most is large, and held it goes further. */
const { stride, thumb = null } = defineProps<{
  stride: Stride
  /** The thumb of a screen in one hand; null where there is room for all. */
  thumb?: 'right' | 'left' | null
}>()
const emit = defineEmits<{ go: [by: Stride]; back: []; count: [] }>()
const making = useMaking()
const worked = computed(() => making.on?.piece.worked ?? 'rounds')
const row = computed(() => rowWord(worked.value))
const more = computed(() => larger(stride))
const hold = useHold(
  () => emit('go', stride),
  () => emit('go', more.value),
)
const others = computed(() =>
  (['run', 'row'] as const)
    .filter((by) => by !== stride)
    .map((by) => ({ by, ...strideWords(by, worked.value) })),
)
const main = computed(() => strideWords(stride, worked.value))
const planned = computed(() => making.steps.leaves)
</script>

<template>
  <div class="stride-buttons num" :class="thumb && `thumb ${thumb}`">
    <button type="button" class="stride" @click="emit('back')">
      Back<small>{{ thumb ? 'undo it' : 'Backspace' }}</small>
    </button>
    <template v-if="!thumb">
      <button
        v-for="{ by, title, key } in others.slice(0, 1)"
        :key="by"
        type="button"
        class="stride"
        @click="emit('go', by)"
      >
        {{ title }}<small>{{ key }}</small>
      </button>
    </template>
    <button type="button" class="stride go" v-bind="hold">
      {{ thumb ? 'Done' : main.title
      }}<small>{{
        thumb
          ? `the ${stride === 'row' ? row : stride}${more === stride ? '' : ` · hold for the ${more === 'row' ? row : more}`}`
          : 'Space, or a tap anywhere on the chart'
      }}</small>
    </button>
    <template v-if="!thumb">
      <button
        v-for="{ by, title, key } in others.slice(1)"
        :key="by"
        type="button"
        class="stride"
        @click="emit('go', by)"
      >
        {{ title }}<small>{{ key }}</small>
      </button>
      <button type="button" class="stride" @click="emit('count')">
        Count it<small>C, is it {{ planned }}?</small>
      </button>
    </template>
  </div>
</template>

<style>
.stride-buttons {
  display: flex;
  gap: 10px;
}
.stride {
  flex: 1;
  padding: 13px 6px;
  border: 1px solid var(--line-strong);
  border-radius: 10px;
  background: #fff;
  color: var(--ink);
  font: 600 15px/1.2 var(--font-head);
  touch-action: manipulation;
  user-select: none;
}
.stride small {
  display: block;
  margin-top: 4px;
  color: var(--ink-3);
  font: 400 11.5px/1.2 var(--font-text);
}
.stride.go {
  flex: 2.2;
  border-color: var(--mat);
  background: var(--mat);
  color: #fff;
}
.stride.go small {
  color: #d7e6df;
}
.stride-buttons.thumb .stride {
  height: 132px;
  border-radius: 16px;
  font-size: 17px;
}
.stride-buttons.thumb .stride.go {
  flex: 2.4;
  font-size: 24px;
}
.stride-buttons.thumb .stride small {
  font-size: 12.5px;
}
.stride-buttons.thumb.left {
  flex-direction: row-reverse;
}
</style>
