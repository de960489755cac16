<script setup lang="ts">
import { computed } from 'vue'
import type { Design } from '@core/design'
import type { Derived } from '@core/bag'
import { constructionOf } from '@core/shape'
import { runsOfRow, yarnAt } from '@core/ledger'
import { stitchById } from '@core/stitch'
import { baseOf } from '@core/design'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { type BaseGeometry, ringPath, ringPoint } from './base-geometry.ts'

/** The base from above, to scale: its rounds, where it increases, the start of the round, and a tape across. */
const props = defineProps<{ design: Design; derived: Derived; width: number; height: number }>()
const base = computed(() => baseOf(props.design))
const colourOf = (letter: string) =>
  props.design.yarns.find((yarn) => yarn.letter === letter)!.colour
const colour = computed(() => colourOf(base.value.yarn))
/** What faces one in a bag that stands on its edge is seen whole, not from above. */
const footprint = computed(() => {
  const { footprint: from, flatMm } = props.derived.tally
  const faces = constructionOf(base.value).front?.(base.value, 0).kind === 'arc'
  return faces ? { lengthMm: flatMm, widthMm: flatMm } : from
})
const pxPerMm = computed(() =>
  Math.min(
    (props.width - 28) / footprint.value.lengthMm,
    (props.height - 34) / footprint.value.widthMm,
  ),
)
const piece = computed(() => props.derived.ledger.pieces[0]!)
const geometry = computed<BaseGeometry>(() => ({
  outline: constructionOf(base.value).plan ?? 'round',
  halfChainMm:
    'along' in base.value
      ? ((base.value.along - 1) * piece.value.parts[0]!.gauge.stitchWidthMm) / 2
      : 0,
}))
/** Worked in rows: lines one above the other instead of rings. */
const flat = computed(() => geometry.value.outline === 'rows')
/** Where each ring begins and ends, from the middle outward, so that the last is the footprint's edge; none where the bands begin at once. */
const rings = computed(() => {
  const { endRow } = piece.value.parts[0]!
  const { alongMm } = piece.value.columns
  const scale = footprint.value.widthMm / (flat.value ? 1 : 2) / alongMm[endRow - 1]!
  return Array.from({ length: endRow }, (_, row) => ({
    row,
    colour: colourOf(props.derived.ledger.yarns[yarnAt(piece.value, row, 'first')]!),
    inner: row > 0 ? alongMm[row - 1]! * scale : 0,
    outer: alongMm[row]! * scale,
  }))
})
const inYarns = computed(() => new Set(rings.value.map((ring) => ring.colour)).size > 1)
/**
 * Where each round takes several stitches in one, as shares of the way around from the upper left, and the share its first
 * stitch stands at: around a chain the first stitches belong to the end they began in, which grows.
 */
const turns = computed(() => {
  const { ledger } = props.derived
  const [piece] = ledger.pieces
  const { columns } = piece!
  let head = 1
  return rings.value.map(({ row }) => {
    const makes = columns.makes[row]!
    const marks: { readonly at: number; readonly takes: number }[] = []
    let at = 0
    for (const { stitch: id, count } of runsOfRow(ledger, piece!, row)) {
      const stitch = stitchById(id)
      for (let n = 0; n < count && stitch.makes > 1; n++)
        marks.push({ at: at + (n + 0.5) * stitch.makes, takes: stitch.makes })
      at += count * stitch.makes
    }
    if (row > 0) for (const mark of marks) if (mark.at < head + 1) head += mark.takes - 1
    const corner = marks[0]?.at ?? 0
    const from = { round: 0, rows: 0, oval: head, rectangle: row > 0 ? corner : 0.5 }[
      geometry.value.outline
    ]
    const share = (place: number) => (((place - from) / makes) % 1) + (place < from ? 1 : 0)
    return { marks: row > 0 ? marks.map((mark) => share(mark.at)) : [], start: share(0) }
  })
})
const increases = computed(() =>
  rings.value.flatMap(({ row, inner, outer }) =>
    turns.value[row]!.marks.map((share, i) => ({
      ...ringPoint(geometry.value, (inner + outer) / 2, share),
      key: `${row}-${i}`,
    })),
  ),
)
const edge = computed(() => rings.value.at(-1)?.outer ?? 0)
const long = computed(() => footprint.value.lengthMm * pxPerMm.value)
const high = computed(() => footprint.value.widthMm * pxPerMm.value)
const cy = computed(() => (props.height - 22) / 2)
const start = computed(() =>
  ringPoint(geometry.value, edge.value, (turns.value.at(-1)?.start ?? 0) % 1),
)
const dotMm = computed(
  () =>
    Math.max(
      0.9,
      Math.min(2.2, (edge.value * pxPerMm.value) / Math.max(1, rings.value.length) / 3),
    ) / pxPerMm.value,
)
</script>

<template>
  <svg
    class="base-plan"
    :width="width"
    :height="height"
    role="group"
    :aria-label="`The base from above: ${rings.length} ${piece.worked}`"
  >
    <g v-if="flat" :transform="`translate(${width / 2} ${cy + high / 2}) scale(${pxPerMm})`">
      <rect
        :x="-footprint.lengthMm / 2"
        :y="-footprint.widthMm"
        :width="footprint.lengthMm"
        :height="footprint.widthMm"
        :fill="colour"
      />
      <rect
        v-for="ring in rings"
        :key="`${ring.row} yarn`"
        :x="-footprint.lengthMm / 2"
        :y="-ring.outer"
        :width="footprint.lengthMm"
        :height="ring.outer - ring.inner"
        :fill="ring.colour"
      />
      <path
        v-for="ring in rings.slice(0, -1)"
        :key="ring.row"
        class="ring"
        :d="`M${-footprint.lengthMm / 2} ${-ring.outer}h${footprint.lengthMm}`"
      />
    </g>
    <g v-else :transform="`translate(${width / 2} ${cy}) scale(${pxPerMm})`">
      <path :d="ringPath(geometry, edge)" :fill="rings.at(-1)?.colour ?? colour" />
      <template v-if="inYarns">
        <path
          v-for="ring in rings.slice(0, -1).toReversed()"
          :key="`${ring.row} yarn`"
          :d="ringPath(geometry, ring.outer)"
          :fill="ring.colour"
        />
      </template>
      <path
        v-for="ring in rings.slice(0, -1)"
        :key="ring.row"
        :d="ringPath(geometry, ring.outer)"
        class="ring"
      />
      <circle
        v-for="mark in increases"
        :key="mark.key"
        :cx="mark.x"
        :cy="mark.y"
        :r="dotMm"
        class="increase"
      />
    </g>
    <g
      v-if="!flat"
      class="start"
      :transform="`translate(${width / 2 + start.x * pxPerMm} ${cy + start.y * pxPerMm - 6})`"
    >
      <path d="M-4 2C-5.5 10 -3.5 14 0 14C3.5 14 5.5 10 4 2L4 -1C4 -6 -4 -6 -4 -1Z" />
      <path d="M-4 4L-1.4 6.6" />
    </g>
    <TapeMeasure
      direction="across"
      :x="(width - long) / 2"
      :y="Math.min(height - 20, cy + high / 2 + 6)"
      :length-mm="footprint.lengthMm"
      :px-per-mm="pxPerMm"
    />
    <slot
      :x="width / 2 + long / 2"
      :y="Math.min(height - 20, cy + high / 2 + 6) + 9"
      :middle="width / 2"
      :px-per-mm="pxPerMm"
    />
  </svg>
</template>

<style>
.base-plan .ring {
  fill: none;
  stroke: #fff;
  stroke-opacity: 0.26;
  vector-effect: non-scaling-stroke;
}
.base-plan .increase {
  fill: #fffaf0;
  stroke: rgb(0 0 0 / 35%);
  stroke-width: 0.5;
  vector-effect: non-scaling-stroke;
}
.base-plan .start {
  fill: none;
  stroke: var(--marker);
  stroke-width: 2;
  stroke-linecap: round;
}
</style>
