<script setup lang="ts">
import { computed } from 'vue'
import type { Strand, Yarn } from '@core/design'
import { LIMITS } from '@core/part'
import { printNumber } from '@core/units'
import MeasureField from '@app/parts/fields/MeasureField.vue'
import { readAmount } from '@app/parts/fields/read-typed.ts'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BallFields from './BallFields.vue'
import ClassField from './ClassField.vue'
import RunFields from './RunFields.vue'
import { ballWords } from './saying-amounts.ts'

/** What a ball of a yarn is, by its label: a word that opens its fields; of a yarn of its own also its class and the colours it places. */
const { strand, yarn = null } = defineProps<{
  strand: Strand
  yarn?: Pick<Yarn, 'letter' | 'name' | 'colour' | 'yarnClass' | 'run'> | null
}>()
const emit = defineEmits<{ set: [values: Partial<Pick<Yarn, 'label' | 'yarnClass' | 'run'>>] }>()
const workshop = useWorkshop()
const text = computed(() => ballWords(strand, workshop.words.units))
const setPrice = (price: number) => emit('set', { label: { ...strand.label!, price } })
const run = computed(() => yarn?.run ?? [])
</script>

<template>
  <SaidWord :word="word(`ball-${strand.name}`, text)">
    <div class="ball-word">
      <BallFields :label="strand.label" :of="strand.name" @set="emit('set', { label: $event })" />
      <MeasureField
        v-if="strand.label"
        :label="`Price a ball of ${strand.name}`"
        :text="strand.label.price === undefined ? '' : printNumber(strand.label.price, 2)"
        :value="strand.label.price ?? -1"
        :read="readAmount"
        :min="0"
        :max="1_000_000"
        likely="4.50"
        @change="setPrice"
      />
      <template v-if="yarn">
        <ClassField
          label="Class, all strands together"
          :of="`Weight class of ${yarn.name}, all strands together`"
          :none="yarn.letter.length === 1 ? 'as the bag' : 'not said'"
          :model-value="yarn.yarnClass"
          @update:model-value="emit('set', { yarnClass: $event })"
        />
        <RunFields
          :run="run"
          :colour="yarn.colour"
          :name="yarn.name"
          :most="LIMITS.run"
          @set="emit('set', { run: $event })"
        />
      </template>
    </div>
  </SaidWord>
</template>
