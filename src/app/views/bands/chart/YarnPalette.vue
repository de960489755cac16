<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import type { Ink } from '@app/parts/chart/ink.ts'
import { markOf, symbolFor } from '@app/parts/chart/signs.ts'
import YarnDot from '@app/parts/marks/YarnDot.vue'

/** The yarn, or the symbol, to paint with; those the band has not yet are quieter. Where cells show marks, theirs stand here too. */
defineProps<{
  yarns: readonly Ink[]
  inBand: readonly string[]
  marked?: boolean
  symbols?: boolean
}>()
const letter = defineModel<string>({ required: true })
const emit = defineEmits<{ add: [] }>()
</script>

<template>
  <div class="yarn-palette">
    <div
      class="palette"
      role="radiogroup"
      :aria-label="symbols ? 'Stitch to paint with' : 'Yarn to paint with'"
    >
      <button
        v-for="(yarn, i) in yarns"
        :key="yarn.letter"
        type="button"
        role="radio"
        class="yarn-chip"
        :aria-checked="yarn.letter === letter"
        :class="{ on: yarn.letter === letter, out: !inBand.includes(yarn.letter) }"
        :title="i < 9 ? `${yarn.name} (${i + 1})` : yarn.name"
        @click="letter = yarn.letter"
      >
        <svg v-if="symbols" width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
          <path class="mark" :d="symbolFor(yarn.letter) || 'M4 4h12v12H4z'" />
        </svg>
        <YarnDot v-else :letter="yarn.letter" :colour="yarn.colour" :size="20" />{{ yarn.name }}
        <svg v-if="marked" width="16" height="16" viewBox="-5 -5 10 10" aria-hidden="true">
          <path class="mark" :d="markOf(yarn.letter)" />
        </svg>
      </button>
    </div>
    <button
      v-if="!symbols"
      type="button"
      class="yarn-chip more"
      title="Another yarn, in a colour unlike those there are"
      @click="emit('add')"
    >
      <ElIcon :size="14"><Plus /></ElIcon>Yarn
    </button>
  </div>
</template>

<style>
.yarn-palette,
.palette {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.yarn-palette {
  padding: 6px 0 8px;
}
.yarn-chip {
  display: flex;
  gap: 7px;
  align-items: center;
  padding: 3px 11px 3px 4px;
  border: 1px solid var(--line-strong);
  border-radius: 20px;
  background: #fff;
  font-size: 13px;
  cursor: pointer;
}
.yarn-chip .mark {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.2;
}
.yarn-chip.more {
  padding-left: 8px;
  border-style: dashed;
  background: none;
}
.yarn-chip.out {
  color: var(--ink-2);
}
.yarn-chip.on {
  border-color: var(--mat);
  box-shadow: 0 0 0 1px var(--mat);
  color: var(--ink);
}
</style>
