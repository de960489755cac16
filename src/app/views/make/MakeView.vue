<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef, watch, watchEffect } from 'vue'
import { isFree } from '@core/make'
import HandOver from '@app/parts/codes/HandOver.vue'
import { amidWork } from '@app/offline.ts'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import type { Asked } from './asked.ts'
import BigRun from './BigRun.vue'
import CheckCard from './CheckCard.vue'
import CountDialog from './CountDialog.vue'
import DoneCard from './DoneCard.vue'
import FreeRows from './FreeRows.vue'
import LogView from './LogView.vue'
import MakeBar from './MakeBar.vue'
import NoteDialog from './NoteDialog.vue'
import NowCards from './NowCards.vue'
import PlanDialog from './PlanDialog.vue'
import RipDialog from './RipDialog.vue'
import RowChart from './RowChart.vue'
import RowNow from './RowNow.vue'
import StrideButtons from './StrideButtons.vue'
import { useAloud } from './use-aloud.ts'
import { useMakeKeys } from './use-make-keys.ts'
import { useNow } from './use-now.ts'
import { useSpineFollows } from './use-spine-follows.ts'
import { useWakeful } from './use-wakeful.ts'
import WeighDialog from './WeighDialog.vue'

/** The work-along: the row in hand, large, with what comes next; one tap, key or pedal goes on. */
const making = useMaking()
const project = useProject()
const workshop = useWorkshop()
const now = useNow()
const narrow = useMediaQuery('(max-width: 760px)')
const sees = ref<'work' | 'log'>('work')
const stride = computed(() => workshop.atWork.stride)
/** Without a plan each round is said after the first. */
const free = computed(() => isFree(project.table!.design) && making.on!.made > 0)

const asked = ref<Asked | null>(null)
const dialogs = {
  count: CountDialog,
  rip: RipDialog,
  plan: PlanDialog,
  weigh: WeighDialog,
  note: NoteDialog,
  hand: HandOver,
}
const isOpen = computed({
  get: () => asked.value !== null,
  set: (open) => {
    if (!open) asked.value = null
  },
})
const back = () => making.back(stride.value)
/** Before the first stitch there is nothing to count. */
function askCount() {
  if (making.on!.made > 0 || making.done > 0) asked.value = 'count'
}
useMakeKeys(() => sees.value === 'work' && asked.value === null && !free.value, {
  go: making.forward,
  tap: () => making.forward(stride.value),
  back,
  count: askCount,
})
useWakeful(making.pause)
useAloud(now)

/** Nothing is offered amid a round. */
watchEffect(() => (amidWork.value = making.done > 0))
onBeforeUnmount(() => (amidWork.value = false))

/** The page takes the keys, again after a dialog, which gives the focus back at its own time. */
const view = useTemplateRef<HTMLDivElement>('view')
const takeKeys = () => view.value?.focus({ preventScroll: true })
const takeKeysAgain = () => setTimeout(takeKeys, 60)
onMounted(takeKeys)
watch(asked, (now) => now === null && takeKeysAgain())
useSpineFollows()
</script>

<template>
  <div
    ref="view"
    class="make-view"
    tabindex="-1"
    :class="[`in-${workshop.atWork.light}`, { narrow, large: workshop.atWork.large }]"
  >
    <MakeBar v-model:sees="sees" :narrow="narrow" @ask="asked = $event" @went="takeKeysAgain" />
    <LogView v-if="sees === 'log'" />
    <FreeRows v-else-if="free" />
    <DoneCard v-else-if="making.isDone" />
    <template v-else-if="now.at.value">
      <CheckCard :now="now" @count="askCount" />
      <section class="card"><RowNow :now="now" :narrow="narrow" /></section>
      <section class="card chart-card">
        <RowChart :rows="narrow ? 7 : 9" @tap="making.forward(stride)" />
      </section>
      <BigRun v-if="narrow" :now="now" />
      <NowCards v-else :now="now" />
      <StrideButtons
        :stride="stride"
        :thumb="narrow ? workshop.atWork.thumb : null"
        @go="making.forward"
        @back="back"
        @count="askCount"
      />
    </template>
    <component :is="dialogs[asked]" v-if="asked" v-model="isOpen" />
  </div>
</template>

<style>
.make-view {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 12px;
  padding: 12px 16px 16px;
  outline: none;
}
.make-view .card {
  padding: 14px 18px;
}
.make-view .chart-card {
  padding: 8px 14px;
}
.make-view.narrow {
  gap: 8px;
  padding: 8px 10px 10px;
}
.make-view.narrow .card {
  padding: 9px 13px;
}
.make-view.narrow .stride-buttons {
  position: sticky;
  bottom: 8px;
  margin-top: auto;
}
.make-view.large {
  zoom: 1.18;
}
/* Bright sun: black on white, no pale greys. A lamp in the evening: dark, and warm. */
.make-view.in-sun {
  --ink-2: #000;
  --ink-3: #1a1a1a;
  --line: #555;
  --line-strong: #000;
  background: #fff;
  color: #000;
}
.make-view.in-lamp {
  --stage: #17130d;
  --ink: #f3e3c6;
  --ink-2: #dcc9a6;
  --ink-3: #c8b48f;
  --line: #4a4030;
  --line-strong: #7d6d51;
  --mat-tint: #3a3122;
  background: #17130d;
  color: var(--ink);
}
.make-view.in-lamp .card,
.make-view.in-lamp .stride:not(.go),
.make-view.in-lamp .check-card,
.make-view.in-lamp .aside,
.make-view.in-lamp .choice :not(:checked) + span,
.make-view.in-lamp .button:not(.main) {
  background: #241d13;
  color: var(--ink);
}
</style>
