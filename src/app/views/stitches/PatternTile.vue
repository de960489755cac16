<script setup lang="ts">
import type { StitchChart } from '@core/texture'
import FabricPicture from './FabricPicture.vue'

/** A stitch pattern on the wall: a piece of its fabric, its name, and what is said of it. */
defineProps<{
  name: string
  note: string
  /** Null where it cannot be drawn, not there as long as it is not. */
  chart: StitchChart | null | undefined
  yarns: readonly string[]
  /** It is the one shown; it does not come out. */
  on?: boolean
  off?: boolean
}>()
</script>

<template>
  <button type="button" class="pattern-tile" :class="{ on, off }">
    <b>{{ name }}</b>
    <small class="num">{{ note }}</small>
    <FabricPicture v-if="chart" :chart="chart" :yarns="yarns" />
    <span v-else class="no-fabric">{{
      chart === null ? 'does not add up yet' : 'being drawn …'
    }}</span>
  </button>
</template>

<style>
.pattern-tile {
  display: flex;
  flex-direction: column;
  width: 100%;
  height: 100%;
  padding: 5px 5px 6px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  text-align: left;
  cursor: pointer;
}
.pattern-tile:hover {
  border-color: var(--mat);
}
.pattern-tile.on {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 2px var(--mat);
  outline: 2px solid transparent;
  outline-offset: -2px;
}
@media (forced-colors: active) {
  .pattern-tile.on,
  .pattern-tile.on :is(b, small) {
    background: Highlight;
    color: HighlightText;
  }
}
.pattern-tile :is(.fabric-picture, .no-fabric) {
  order: -1;
}
.pattern-tile b {
  margin: 5px 3px 0;
  font-weight: 600;
  font-size: 13.5px;
  line-height: 1.25;
}
.pattern-tile small {
  margin: 0 3px;
  color: var(--ink-2);
  font-size: 12px;
}
.pattern-tile.off .fabric-picture {
  opacity: 0.45;
}
.pattern-tile .no-fabric {
  display: grid;
  place-items: center;
  aspect-ratio: 150 / 92;
  border-radius: 4px;
  background: var(--mat-tint);
  color: var(--ink-2);
  font-size: 12px;
}
</style>
