<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { computed } from 'vue'
import type { Lot, Strand } from '@core/design'
import { LIMITS } from '@core/part'
import NameInput from '@app/parts/fields/NameInput.vue'
import SaidWord from '@app/parts/said/SaidWord.vue'
import { word } from '@app/parts/said/said.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import InHandField from './InHandField.vue'
import { handWords } from './saying-amounts.ts'

/** What there is of a yarn, lot by lot: a word that opens it. Balls of one lot and what is left of one are said together, in balls, grams or metres. */
const { strand, most } = defineProps<{
  strand: Strand
  /** Grams of a lot there can be at the most, where it is kept aside of what is in hand. */
  most?: (lot: Lot) => number | undefined
}>()
const emit = defineEmits<{ set: [lots: readonly Lot[]] }>()
const workshop = useWorkshop()
const text = computed(() => handWords(strand, workshop.words.units))
/** One to begin with; what is not typed is not there. */
const lots = computed(() =>
  strand.lots.length > 0 ? strand.lots : [{ lot: null, grams: null, of: null }],
)
const set = (at: number, values: Partial<Lot>) =>
  emit(
    'set',
    lots.value.map((one, i) => ({
      ...one,
      grams: one.grams ?? 0,
      ...(i === at ? values : {}),
    })),
  )
const another = () => emit('set', [...strand.lots, { lot: null, grams: 0, of: null }])
</script>

<template>
  <SaidWord :word="word(`hand-${strand.name}`, text)">
    <div v-for="(one, at) in lots" :key="at" class="lot">
      <InHandField
        :grams="one.grams"
        :label="strand.label"
        :most="one.grams === null ? undefined : most?.({ ...one, grams: one.grams })"
        :of="lots.length > 1 ? `${strand.name}, lot ${at + 1}` : strand.name"
        @set="set(at, { grams: $event })"
      />
      <label class="measure-field"
        >Lot
        <NameInput
          class="plain-input"
          :model-value="one.lot ?? ''"
          may-be-empty
          placeholder="unknown"
          :aria-label="`Dye lot ${at + 1} of ${strand.name}`"
          @update:model-value="set(at, { lot: $event === '' ? null : $event })"
      /></label>
      <button
        v-if="strand.lots.length > 0"
        type="button"
        class="icon-button"
        :aria-label="`Take out lot ${at + 1}`"
        @click="
          emit(
            'set',
            strand.lots.filter((_, i) => i !== at),
          )
        "
      >
        <ElIcon :size="13"><Close /></ElIcon>
      </button>
    </div>
    <button
      v-if="strand.lots.length > 0 && strand.lots.length < LIMITS.lots"
      type="button"
      class="link"
      @click="another"
    >
      Another lot
    </button>
    <slot />
    <p class="note">In balls, grams (“38 g”) or metres (“90 m”): a part ball too.</p>
  </SaidWord>
</template>

<style>
.lot {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 8px;
  align-items: center;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--line);
}
.lot .plain-input {
  width: 100%;
  min-width: 90px;
}
.lot > .measure-field {
  grid-column: 1;
}
</style>
