<script setup lang="ts">
import { computed } from 'vue'
import type { YarnLabel } from '@core/design'
import { maybeNumber, printNumber, type Result } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'

/** How much of a yarn there is: in balls where its label is known, or in grams; either can be typed. */
const { grams, label, most } = defineProps<{
  grams: number | null
  label: YarnLabel | null
  of: string
  /** Grams there can be at the most. */
  most?: number
}>()
const emit = defineEmits<{ set: [grams: number] }>()
const balls = computed(() => (label && grams !== null ? grams / label.grams : null))
/** In balls where that says it all. */
const inBalls = computed(
  () =>
    label !== null &&
    (balls.value === null || Number.isInteger(Math.round(balls.value * 1e6) / 250000)),
)
const text = computed(() => {
  if (grams === null) return ''
  return inBalls.value ? printNumber(balls.value!, 2) : `${printNumber(grams)} g`
})
const unit = computed(() => (inBalls.value ? (balls.value === 1 ? 'ball' : 'balls') : ''))
function read(typed: string): Result<number> {
  const [, figure = '', said = ''] =
    /^\s*([\d.,/\s¼½¾]+?)\s*(balls?|skeins?|g|m)?\s*$/i.exec(typed) ?? []
  const value = figure ? maybeNumber(figure) : null
  if (value === null) return { ok: false, problem: 'How many balls, or “120 g”?' }
  const word = said.toLowerCase() || (label ? 'balls' : 'g')
  if (word === 'g') return { ok: true, value }
  if (!label) return { ok: false, problem: 'Balls need the label: grams and metres of one.' }
  return {
    ok: true,
    value: word === 'm' ? (value / label.metres) * label.grams : value * label.grams,
  }
}
</script>

<template>
  <MeasureField
    :label="`In hand of ${of}`"
    :text="text"
    :value="grams ?? -1"
    :read="read"
    :min="0"
    :max="most ?? 100000"
    :likely="label ? 'balls' : 'g'"
    :hint="text && unit"
    @change="emit('set', $event)"
  />
</template>
