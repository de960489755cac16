<script setup lang="ts">
import { computed } from 'vue'
import { lengthFigure, lengthUnit } from '@core/units'
import { useWorkshop } from '@app/stores/workshop.ts'
import TapeMeasure from '../marks/TapeMeasure.vue'
import type { SpinePart } from './spine-layout.ts'
import { PICTURE, PIECE_GAP, STRIP, WIDTH } from './spine-layout.ts'

/** The tapes and names beside the bag. */
const props = defineProps<{
  parts: readonly SpinePart[]
  sizes: {
    readonly heightMm: number
    readonly flatMm: number
    /** How long the bands are above the base, along the fabric. */
    readonly standMm: number
    readonly footprint: { readonly lengthMm: number; readonly widthMm: number }
  }
  selected: string | null
  /** Index of the piece that holds the bands, and whether its base lies flat under it. */
  bodyAt: number
  lies: boolean
  pictureScale: number
  pxPerMm: number
  foot: number
  height: number
}>()
const workshop = useWorkshop()
/** Where the bands begin to stand: above what lies flat, or at the start of a panel. */
const body = computed(() => props.parts.filter(({ piece }) => piece === props.bodyAt))
const baseTop = computed(() => (props.lies ? body.value[0]?.top : body.value[0]?.bottom) ?? 0)
/** Where one piece ends and the next begins: a row of stitches joins them. */
const joins = computed(() =>
  props.parts.flatMap(({ piece, bottom }, i) =>
    i > 0 && piece !== props.parts[i - 1]!.piece ? [bottom + PIECE_GAP / 2] : [],
  ),
)
/** One line or two, as the margin is narrow. */
const footprint = computed(() => {
  const { lengthMm, widthMm } = props.sizes.footprint
  const [length, width] = [lengthMm, widthMm].map((mm) => lengthFigure(mm, workshop.words.units))
  return lengthMm === widthMm ? [`Ø ${length}`] : [`${length}`, `× ${width}`]
})
const shortened = (name: string) => (name.length > 10 ? `${name.slice(0, 9)}…` : name)
</script>

<template>
  <svg class="rulers" :width="WIDTH" :height="height" aria-hidden="true">
    <TapeMeasure
      direction="up"
      :x="PICTURE.x - 22"
      :y="PICTURE.top + (PICTURE.height + sizes.heightMm * pictureScale) / 2"
      :breadth="15"
      :length-mm="sizes.heightMm"
      :px-per-mm="pictureScale"
    />
    <TapeMeasure
      direction="across"
      :x="PICTURE.x + (PICTURE.width - sizes.flatMm * pictureScale) / 2"
      :y="PICTURE.top + (PICTURE.height + sizes.heightMm * pictureScale) / 2 + 7"
      :breadth="15"
      :length-mm="sizes.flatMm"
      :px-per-mm="pictureScale"
    />
    <TapeMeasure
      direction="up"
      :x="12"
      :y="baseTop"
      :breadth="20"
      :length-mm="sizes.standMm"
      :px-per-mm="pxPerMm"
    />
    <path v-for="y in joins" :key="y" class="join" :d="`M${STRIP.x + 3} ${y}h${STRIP.width - 6}`" />
    <g class="labels">
      <g v-for="part in parts" :key="part.key" :class="{ on: part.id === selected }">
        <line :x1="STRIP.x" :x2="WIDTH - 12" :y1="part.bottom" :y2="part.bottom" />
        <text v-if="part.again > 0" :x="STRIP.x + STRIP.width + 10" :y="part.labelY - 1">
          {{ shortened(part.name) }}
        </text>
        <text
          v-if="part.again > 0"
          class="small"
          :x="STRIP.x + STRIP.width + 10"
          :y="part.labelY + 12"
        >
          {{ part.rounds }} {{ part.rounds === 1 ? part.worked.slice(0, -1) : part.worked
          }}{{ part.times * part.again > 1 ? ` × ${part.times * part.again}` : '' }}
        </text>
      </g>
      <text
        v-for="(line, i) in lies ? [...footprint, lengthUnit(workshop.words.units)] : []"
        :key="i"
        class="small"
        x="23"
        :y="lies ? (foot + baseTop) / 2 - 3 + 13 * i : foot - 16 + 13 * i"
        text-anchor="middle"
      >
        {{ line }}
      </text>
    </g>
    <line class="foot" x1="10" :x2="WIDTH - 10" :y1="foot" :y2="foot" />
  </svg>
</template>

<style>
.spine .rulers {
  inset: 0;
}
.spine .labels line {
  stroke: var(--mat-line);
  stroke-width: 1.2;
}
.spine .labels text {
  fill: var(--mat-ink);
  font-size: 12px;
}
.spine .labels text.small {
  fill: #b5cdc3;
  font-size: 10.5px;
}
.spine .labels .on text:first-of-type {
  fill: #fff;
  font-weight: 650;
}
.spine .join {
  stroke: var(--mat-ink);
  stroke-width: 5;
  stroke-dasharray: 1.4 4;
}
.spine .foot {
  stroke: #0f332c;
  stroke-width: 2;
}
</style>
