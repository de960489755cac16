<script setup lang="ts">
import { MoreFilled, Plus } from '@element-plus/icons-vue'
import YarnDot from '@app/parts/marks/YarnDot.vue'

/** One part in the list beside the strip: what it is, how much of it there is, and in which yarns; with its plus and its menu. */
export interface PartLineSays {
  readonly id: string
  readonly name: string
  readonly height: number
  readonly base: boolean
  readonly words: string
  readonly dots: readonly { readonly letter: string; readonly colour: string }[]
  /** It does not work out. */
  readonly wrong: boolean
}
defineProps<{ line: PartLineSays; on: boolean }>()
/** Its plus, or its menu, is under the hand or has the focus. */
const emit = defineEmits<{ plus: [button: HTMLElement]; menu: [button: HTMLElement] }>()
const button = (event: Event) => event.currentTarget as HTMLElement
</script>

<template>
  <div class="line" :class="{ on, base: line.base }" :style="{ height: `${line.height}px` }">
    <button
      type="button"
      class="plus"
      aria-haspopup="menu"
      :tabindex="on ? 0 : -1"
      :aria-label="`Add a band above ${line.name}`"
      @pointerenter="emit('plus', button($event))"
      @focus="emit('plus', button($event))"
    >
      <ElIcon :size="11"><Plus /></ElIcon>
    </button>
    <button type="button" class="name" :aria-current="on">
      <b class="called">{{ line.name }}</b><b
        v-if="line.wrong"
        class="wrong"
        title="Does not work out"
        >!<span class="hidden-words"> does not work out</span></b
      >
      <small class="num">{{ line.words }}</small>
    </button>
    <span class="dots"
      ><YarnDot v-for="dot in line.dots" :key="dot.letter" v-bind="dot" :size="16"
    /></span>
    <button
      v-if="!line.base"
      type="button"
      class="menu"
      aria-haspopup="menu"
      :tabindex="on ? 0 : -1"
      :aria-label="`What to do with ${line.name}`"
      @pointerenter="emit('menu', button($event))"
      @focus="emit('menu', button($event))"
    >
      <ElIcon :size="14"><MoreFilled /></ElIcon>
    </button>
  </div>
</template>
