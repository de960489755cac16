<script setup lang="ts">
import { computed, ref } from 'vue'
import { bandsIn, blockOf, type DesignPiece, lettersIn, MOST_TIMES, shortOf } from '@core/design'
import WholeField from '@app/parts/fields/WholeField.vue'
import YarnPicks from '@app/parts/yarn/YarnPicks.vue'
import { useProject } from '@app/stores/project.ts'
import DialogEnd from '@app/parts/page/DialogEnd.vue'

/** Bands that are worked together several times: from which to which, how often, in which yarns by turns, how the last time ends. */
const props = defineProps<{
  piece: DesignPiece
  /** The band it begins with. */
  from: string
  /** The block whose ways are changed; null where one is begun. */
  block: number | null
}>()
const open = defineModel<boolean>({ required: true })
const project = useProject()
const known = props.block === null ? null : props.piece.blocks[props.block]!
/** Bands it can go up to: from its first on, as far as none is of a block. */
const upTo = computed(() => {
  const bands = bandsIn(props.piece)
  if (known) return bands.filter(({ id }) => known.times[0]!.bands.includes(id))
  const above = bands.slice(bands.findIndex(({ id }) => id === props.from))
  const end = above.findIndex(({ id }) => blockOf(props.piece, id) !== null)
  return end < 0 ? above : above.slice(0, end)
})
const to = ref(upTo.value.at(known ? -1 : Math.min(1, upTo.value.length - 1))!.id)
const bands = computed(() =>
  upTo.value.slice(0, upTo.value.findIndex(({ id }) => id === to.value) + 1),
)
const times = ref(known?.times.length ?? 3)
/** Yarns that work in it; those that are chosen take turns. */
const yarns = computed(() => [...new Set(bands.value.flatMap((band) => lettersIn(band)))])
const turns = ref<readonly string[]>([...(known?.yarns ?? [])])
const last = ref(bands.value.at(-1 - (known ? shortOf(known) : 0))!.id)
const short = computed(() => {
  const at = bands.value.findIndex(({ id }) => id === last.value)
  return at < 0 ? 0 : bands.value.length - 1 - at
})
function take() {
  const ways = { times: times.value, yarns: [...turns.value].sort(), short: short.value }
  const did =
    props.block === null
      ? project.edit({ name: 'repeatParts', args: { from: props.from, to: to.value, ...ways } })
      : project.edit({
          name: 'setBlock',
          args: { piece: props.piece.id, at: props.block, ways },
        })
  if (did) open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Worked several times" width="420" append-to-body>
    <form class="repeat-parts" @submit.prevent="take">
      <label v-if="!known" class="field">
        <span>Up to</span>
        <ElSelect v-model="to" aria-label="The highest band of the block">
          <ElOption v-for="band in upTo" :key="band.id" :value="band.id" :label="band.name" />
        </ElSelect>
      </label>
      <WholeField v-model="times" label="Times" :min="2" :max="MOST_TIMES" />
      <label class="field">
        <span>The last time up to</span>
        <ElSelect v-model="last" aria-label="The band the last time ends with">
          <ElOption v-for="band in bands" :key="band.id" :value="band.id" :label="band.name" />
        </ElSelect>
      </label>
      <YarnPicks v-model="turns" :yarns="project.design!.yarns" legend="Yarns by turns" />
      <p class="note">
        {{ bands.map(({ name }) => name).join(', ') }}, in {{ yarns.join(', ') }}.
        <template v-if="turns.length > 1">
          Each time every yarn that is chosen gives its place to the next.
        </template>
        <template v-else>It is the same each time.</template>
        What is changed in one time is changed in all; unfolded, each is a band of its own.
      </p>
      <DialogEnd
        :does="known ? 'Change it' : 'Repeat them'"
        leaves="Not now"
        @leave="open = false"
      />
    </form>
  </ElDialog>
</template>

<style>
.repeat-parts {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
