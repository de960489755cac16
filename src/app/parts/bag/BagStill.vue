<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { Derived } from '@core/bag'
import type { Design } from '@core/design'
import { stillOf } from '@app/round/stills.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BagPicture from './BagPicture.vue'

/** A bag as it will be, as a picture that stands still; laid flat until that is there, and where it cannot be. */
const props = defineProps<{
  design: Design
  derived: Derived
  width: number
  height: number
  /** Laid flat at first: else nothing is there until the picture is. */
  flat?: boolean
}>()
const workshop = useWorkshop()
const picture = ref<string | null>(null)
/** Of which bag the picture is: an older one stays until the new one is there. */
const seen = computed(() => ({
  design: props.design,
  ledger: props.derived.ledger,
  yarns: props.design.yarns,
  hand: workshop.words.hand,
}))
let gone = false
onBeforeUnmount(() => (gone = true))
watch(
  [seen, () => props.width, () => props.height],
  async () => {
    const of = seen.value
    const { width, height } = props
    const still = await stillOf(of, { width, height }, () => !gone && of === seen.value)
    if (of === seen.value) picture.value = still ?? picture.value
  },
  { immediate: true },
)
</script>

<template>
  <img
    v-if="picture"
    class="bag-still"
    :src="picture"
    :width="width"
    :height="height"
    :alt="`${design.name}, as it will be`"
  />
  <BagPicture
    v-else
    :name="design.name"
    :yarns="design.yarns"
    :derived="derived"
    :width="width"
    :height="height"
  />
</template>

<style>
.bag-still {
  display: block;
}
</style>
