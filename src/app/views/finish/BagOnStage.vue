<script setup lang="ts">
import { computed } from 'vue'
import { BODY, type Edit } from '@core/design'
import { fittingOf, type Item, saidOf } from '@core/fitting'
import { maybeSpotUnder } from '@core/form'
import type { LedgerItem } from '@core/ledger'
import RoundBag from '@app/parts/bag/RoundBag.vue'
import { useDragged } from '@app/parts/bag/use-dragged.ts'
import type { Hit } from '@app/round/round.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** The bag with what it is finished with; a thing is put where the bag is clicked, straps and flaps are dragged. */
const { item } = defineProps<{ item: LedgerItem | null }>()
const project = useProject()
const workshop = useWorkshop()
const { movable, move } = useDragged()
const places = computed(() => {
  if (!item) return []
  const { fields } = saidOf(item.item)
  return fields.filter(({ kind }) => kind === 'spot')
})
/** The end of a thing that is nearest to where the bag was clicked goes there. */
function choose(place: Hit) {
  const { ledger } = project.table!.derived
  if (!item || places.value.length === 0) return
  const fitting = fittingOf(item.item)
  const spots = fitting.spots(item.item)
  const found = maybeSpotUnder(
    ledger,
    place,
    spots.slice(0, places.value.length),
    workshop.words.hand,
  )
  if (!found) return
  const moved = spots.map((spot, i) => (i === found.which ? found.spot : spot))
  const values = fitting.withSpots(item.item, moved) as Partial<Item>
  const edit: Edit = { name: 'setItem', args: { id: item.item.id, values } }
  project.edit(edit)
}
const hint = computed(() =>
  places.value.length > 0 && item
    ? `Click the bag to put ${item.item.name} there, or move its markers along the rim.`
    : project.design!.pieces.some(({ id }) => id !== BODY)
      ? 'Straps and flaps can be dragged over the bag.'
      : '',
)
</script>

<template>
  <div class="bag-on-stage">
    <RoundBag
      v-if="project.shown"
      :design="project.shown.design"
      :derived="project.shown.derived"
      :yarns="project.shown.design.yarns"
      :leaning="false"
      :movable="movable"
      @choose="choose"
      @move="move"
    />
    <p v-if="hint" class="note">{{ hint }}</p>
  </div>
</template>

<style>
.bag-on-stage {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.bag-on-stage > .note {
  text-align: center;
}
</style>
