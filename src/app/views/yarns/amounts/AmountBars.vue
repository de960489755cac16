<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3'
import { computed, useTemplateRef } from 'vue'
import { inkOn } from '@core/colour'
import type { Yarn } from '@core/design'
import { printYarnLength } from '@core/units'
import type { YarnNeed } from '@core/yarn'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type Opened, partsNamed } from './opened.ts'

/**
 * How much of each yarn, as bars that are stacked of their parts, the base first; hatched from what one bag in twenty takes less than to what one takes
 * more than; a line where what is in hand ends. The table says the same, and its figures can be chosen by keyboard.
 */
const { rows, opened } = defineProps<{
  rows: readonly { readonly yarn: Yarn; readonly need: YarnNeed | undefined }[]
  opened: Opened | null
}>()
const emit = defineEmits<{ open: [opened: Opened] }>()
const project = useProject()
const workshop = useWorkshop()
const HIGH = 22
const EACH = 36
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const used = computed(() =>
  rows.flatMap(({ yarn, need }) => (need && need.metres > 0 ? [{ yarn, need }] : [])),
)
const x = computed(() =>
  scaleLinear()
    .domain([0, 1.08 * Math.max(1, ...used.value.map(({ need }) => need.high))])
    .range([30, Math.max(31, width.value - 8)]),
)
const names = computed(
  () =>
    new Map(
      partsNamed(project.table!.design, project.table!.derived.ledger).map(({ id, name }) => [
        id,
        name,
      ]),
    ),
)
const ROOM_A_LETTER = 6.2
const bars = computed(() =>
  used.value.map(({ yarn, need }, i) => {
    let from = 0
    const parts = need.parts.map(({ part, metres }, n) => {
      const [left, right] = [x.value(from), x.value((from += metres))]
      const name = names.value.get(part) ?? part
      return {
        ...{ part, left, wide: Math.max(0.5, right - left - 1), even: n % 2 === 0 },
        title: `${name}: ${printYarnLength(metres, workshop.words.units)}`,
        name: name.length * ROOM_A_LETTER < right - left - 8 ? name : '',
        on: opened?.letter === yarn.letter && opened.part === part,
      }
    })
    return {
      ...{ yarn, parts, top: 6 + i * EACH },
      ...{ low: x.value(need.low), high: x.value(need.high), likely: x.value(need.metres) },
      inHand:
        need.inHandMetres === null ? null : Math.min(x.value(need.inHandMetres), width.value - 3),
    }
  }),
)
const ticks = computed(() => x.value.ticks(6))
const foot = computed(() => used.value.length * EACH + 6)
</script>

<template>
  <div ref="box" class="amount-bars">
    <svg v-if="width > 60" :width="width" :height="foot + 20" aria-hidden="true">
      <defs>
        <pattern
          id="amount-hatch"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="5" height="5" fill="var(--paper)" opacity="0.55" />
          <line x1="0" y1="0" x2="0" y2="5" stroke="var(--ink)" stroke-width="1.6" opacity="0.55" />
        </pattern>
      </defs>
      <g v-for="tick in ticks" :key="tick">
        <line class="grid" :x1="x(tick)" :x2="x(tick)" y1="0" :y2="foot" />
        <text :x="x(tick)" :y="foot + 14" text-anchor="middle">
          {{ printYarnLength(tick, workshop.words.units) }}
        </text>
      </g>
      <g v-for="bar in bars" :key="bar.yarn.letter">
        <text class="letter" x="10" :y="bar.top + 16">{{ bar.yarn.letter }}</text>
        <g
          v-for="one in bar.parts"
          :key="one.part"
          class="piece"
          @click="emit('open', { letter: bar.yarn.letter, part: one.part })"
        >
          <title>{{ one.title }}</title>
          <rect
            :x="one.left"
            :y="bar.top"
            :width="one.wide"
            :height="HIGH"
            :fill="bar.yarn.colour"
            :opacity="one.even ? 1 : 0.78"
            :class="{ on: one.on }"
          />
          <text v-if="one.name" :x="one.left + 6" :y="bar.top + 15" :fill="inkOn(bar.yarn.colour)">
            {{ one.name }}
          </text>
        </g>
        <rect
          :x="bar.low"
          :y="bar.top"
          :width="Math.max(1, bar.high - bar.low)"
          :height="HIGH"
          fill="url(#amount-hatch)"
          class="spread"
        />
        <line
          class="likely"
          :x1="bar.likely"
          :x2="bar.likely"
          :y1="bar.top - 3"
          :y2="bar.top + HIGH + 3"
        />
        <g v-if="bar.inHand !== null" class="hand">
          <line :x1="bar.inHand" :x2="bar.inHand" :y1="bar.top - 4" :y2="bar.top + HIGH + 4" />
          <path :d="`M${bar.inHand - 4} ${bar.top - 5}h8l-4 5z`" />
        </g>
      </g>
    </svg>
    <p class="note">
      stacked from the base up · hatched: from what one bag in twenty takes less than, to what one
      takes more than · wedge: in hand
    </p>
  </div>
</template>

<style>
.amount-bars {
  min-width: 0;
}
.amount-bars svg {
  display: block;
}
.amount-bars text {
  fill: var(--ink-3);
  font: 400 11px/1 var(--font-text);
}
.amount-bars .piece text {
  fill: revert-layer;
  pointer-events: none;
}
.amount-bars .letter {
  fill: var(--ink);
  font-weight: 650;
}
.amount-bars .grid {
  stroke: var(--line);
}
.amount-bars .piece {
  cursor: pointer;
}
.amount-bars .piece rect {
  stroke: rgb(0 0 0 / 20%);
  stroke-width: 0.8;
}
.amount-bars .piece rect.on {
  stroke: var(--marker);
  stroke-width: 2.5;
}
.amount-bars .spread {
  pointer-events: none;
}
.amount-bars .likely {
  stroke: var(--ink);
  stroke-width: 1.6;
}
.amount-bars .hand line {
  stroke: var(--mat);
  stroke-width: 2;
}
.amount-bars .hand path {
  fill: var(--mat);
}
</style>
