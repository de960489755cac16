<script setup lang="ts">
import { useEventListener, useMediaQuery, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import type { Stride } from '@core/make'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useMaking } from '@app/stores/making.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import BigRun from './BigRun.vue'
import CountDialog from './CountDialog.vue'
import NowCards from './NowCards.vue'
import RowChart from './RowChart.vue'
import RowNow from './RowNow.vue'
import StrideButtons from './StrideButtons.vue'
import { keyAsks } from './strides.ts'
import { useNow } from './use-now.ts'

/** The work-along: the row in hand, large, with what comes next; one tap, key or pedal goes on. */
const making = useMaking()
const workshop = useWorkshop()
const now = useNow()
const narrow = useMediaQuery('(max-width: 760px)')
const sees = ref<'work' | 'log'>('work')
const stride = computed(() => workshop.atWork.stride)
const counting = ref(false)

const go = (by: Stride) => making.forward(by)
const back = () => making.back(stride.value)

/** The whole page takes the keys, but for fields, dialogs and what is a button. */
const isElsewhere = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest(
    'input, textarea, select, button, a, summary, [role=dialog], [contenteditable]',
  ) !== null
useEventListener('keydown', (event: KeyboardEvent) => {
  if (
    sees.value !== 'work' ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    isElsewhere(event.target)
  )
    return
  const asks = keyAsks(event.key)
  if (asks === null) return
  event.preventDefault()
  if (event.repeat && asks !== 'back') return
  if (asks === 'count') counting.value = true
  else if (asks === 'back') back()
  else go(asks === 'tap' ? stride.value : asks)
})

/** The screen stays awake while one works; work is laid down when one leaves. */
const wake = useWakeLock()
const view = useTemplateRef<HTMLDivElement>('view')
onMounted(() => {
  view.value?.focus({ preventScroll: true })
  void wake.request('screen').catch(() => {})
})
useEventListener(document, 'visibilitychange', () => document.hidden && making.pause())
onBeforeRouteLeave(() => making.pause())
</script>

<template>
  <div
    ref="view"
    class="make-view"
    tabindex="-1"
    :class="[workshop.atWork.light, { narrow, large: workshop.atWork.large }]"
  >
    <div v-if="!narrow" class="make-bar">
      <ChoiceOf
        v-model="sees"
        legend="What is seen"
        :options="[
          { value: 'work', label: 'Work along' },
          { value: 'log', label: 'Log' },
        ]"
      />
    </div>
    <template v-if="sees === 'work' && now.at.value">
      <section class="card">
        <RowNow :now="now" :narrow="narrow" />
      </section>
      <section class="card chart-card"><RowChart @tap="go(stride)" /></section>
      <BigRun v-if="narrow" :now="now" />
      <NowCards v-else :now="now" :mind="null" />
      <StrideButtons
        :stride="stride"
        :thumb="narrow ? workshop.atWork.thumb : null"
        @go="go"
        @back="back"
        @count="counting = true"
      />
    </template>
    <CountDialog v-if="counting" v-model="counting" />
  </div>
</template>

<style>
.make-view {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 12px;
  padding: 12px 16px 16px;
}
.make-view .card {
  padding: 14px 18px;
}
.make-view .chart-card {
  padding: 8px 14px;
}
</style>
