<script setup lang="ts">
import { computed } from 'vue'
import { cutWords } from '@core/fitting'
import { cuttingPlan } from '@core/file'
import type { LedgerItem } from '@core/ledger'
import { useGiving } from '@app/stores/giving.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What is cut of cloth or board, to scale, and the plan in full size to take along. */
const { item } = defineProps<{ item: LedgerItem }>()
const workshop = useWorkshop()
const giving = useGiving()
const plan = computed(() => cuttingPlan(item.cut, workshop.words.units))
const lines = computed(() => item.cut.map((one) => cutWords(one, workshop.words.units)))
const ways = computed(() => giving.ways.filter(({ id }) => id.startsWith('cutting-')))
</script>

<template>
  <div class="cut-plan">
    <svg
      :viewBox="`0 0 ${plan.widthMm} ${plan.heightMm}`"
      role="img"
      :aria-label="`Cutting plan: ${lines.join('; ')}`"
    >
      <g v-for="one in plan.pieces" :key="one.name" :transform="`translate(${one.x} ${one.y})`">
        <path :d="one.piece.cut" class="cut" />
        <path :d="one.piece.seam" class="seam" />
        <line
          v-for="fold in one.piece.folds"
          :key="fold.y"
          :x1="fold.fromX"
          :x2="fold.toX"
          :y1="fold.y"
          :y2="fold.y"
          class="fold"
        />
        <circle
          v-for="(hole, i) in one.piece.holes"
          :key="i"
          :cx="hole.x"
          :cy="hole.y"
          r="1.5"
          class="hole"
        />
        <text :x="one.piece.widthMm / 2" :y="one.piece.heightMm / 2" :font-size="plan.textMm">
          {{ one.label }}
        </text>
      </g>
    </svg>
    <ul class="num">
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
    <p class="note">
      The full line is cut, the broken one sewn, the dotted one folded. Sizes are of the bag washed
      and not stretched, as its swatch has them.
    </p>
    <p class="ways">
      <button
        v-for="one in ways"
        :key="one.id"
        type="button"
        class="button"
        :disabled="giving.making !== null"
        :title="one.about"
        @click="giving.give(one)"
      >
        {{ one.title }}
      </button>
      <span v-if="giving.said" :role="giving.said.wrong ? 'alert' : 'status'" class="note">{{
        giving.said.text
      }}</span>
    </p>
  </div>
</template>

<style>
.cut-plan {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  overflow: auto;
}
.cut-plan svg {
  flex: 1;
  width: 100%;
  min-height: 180px;
}
.cut-plan .cut {
  fill: #fbfaf4;
  stroke: var(--ink);
  stroke-width: 1.6;
  vector-effect: non-scaling-stroke;
}
.cut-plan .seam {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 6 4;
  vector-effect: non-scaling-stroke;
}
.cut-plan .fold {
  stroke: var(--mat);
  stroke-width: 1.6;
  stroke-dasharray: 1.5 4;
  vector-effect: non-scaling-stroke;
}
.cut-plan .hole {
  fill: #fff;
  stroke: var(--ink);
  vector-effect: non-scaling-stroke;
}
.cut-plan text {
  fill: var(--ink);
  font-family: var(--font-text);
  text-anchor: middle;
}
.cut-plan ul {
  margin: 0;
  padding-left: 18px;
  font-size: 13px;
}
.cut-plan .ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
