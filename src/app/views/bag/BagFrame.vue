<script setup lang="ts">
import { useEventListener, useMediaQuery } from '@vueuse/core'
import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { computed, defineAsyncComponent, onBeforeUnmount, onErrorCaptured, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute } from 'vue-router'
import { useProject } from '@app/stores/project.ts'
import BagBar from './BagBar.vue'
import MakeGlance from './MakeGlance.vue'
import SaveNotice from './SaveNotice.vue'
import { focusChart, useBagActions } from './bag-actions.ts'
import KeySheet from '@app/parts/page/KeySheet.vue'
import SpinePanel from '@app/views/spine/SpinePanel.vue'
import TallyPanel from '@app/parts/bag/TallyPanel.vue'

const MakePanel = defineAsyncComponent(() => import('@app/views/make/MakePanel.vue'))

/** The frame of a bag: the bar above, the spine at the left, the tally at the right, and a place in between. */
const project = useProject()
useBagActions()
const route = useRoute()
const ready = computed(() => project.table !== null)
const narrow = useMediaQuery('(max-width: 1000px)')
const tallyShown = ref(true)
/** Where it is narrow the mat and the tally are shown when they are asked for, one at a time. */
const matAsked = ref(false)
const matShown = computed({
  get: () => (narrow.value ? matAsked.value : null),
  set: (shown) => (matAsked.value = shown === true),
})
const onMat = computed(() => matShown.value ?? true)
watch(narrow, (is) => (tallyShown.value = !is), { immediate: true })
watch(matAsked, (is) => is && narrow.value && (tallyShown.value = false))
watch(tallyShown, (is) => is && (matAsked.value = false))

watch(
  () => route.params.id as string | undefined,
  (id) => {
    if (id && id !== project.id) void project.open(id)
  },
  { immediate: true },
)
onBeforeUnmount(() => project.close())

/** Nobody leaves what could not be stored without a word. */
onBeforeRouteLeave(async () => {
  await project.saving.flush()
  if (!project.saving.unsaved()) return true
  return ElMessageBox.confirm(
    'The last changes of this bag could not be stored. Leave it, and they are lost when the tab is closed; stay, and you can export it to a file or keep it as a copy.',
    'Not stored',
    { confirmButtonText: 'Leave', cancelButtonText: 'Stay', type: 'warning' },
  ).then(
    () => true,
    () => false,
  )
})

/** A place that cannot be drawn says so, and the others can still be gone to. */
const broken = ref<string | null>(null)
onErrorCaptured((error) => {
  broken.value = error.message
  console.error(error)
  return false
})
watch([() => route.name, () => project.table], () => (broken.value = null))

const typing = (event: KeyboardEvent) =>
  (event.target as HTMLElement).closest('input:not([type=radio]), textarea, select') !== null
useEventListener('keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || typing(event)) return
  const key = event.key.toLowerCase()
  if (key !== 'z' && key !== 'y') return
  event.preventDefault()
  if (key === 'y' || event.shiftKey) project.redo()
  else project.undo()
})
</script>

<template>
  <button type="button" class="skip" @click="focusChart">
    {{ route.name === 'bands' ? 'Go to the chart' : 'Go to the page' }}
  </button>
  <KeySheet />
  <div class="frame" :class="{ narrow, 'no-tally': !tallyShown, 'on-mat': onMat }">
    <BagBar v-model:tally-shown="tallyShown" v-model:mat-shown="matShown" />
    <template v-if="project.problem">
      <main class="stage problem">
        <h1>{{ project.problem }}</h1>
        <RouterLink class="button" to="/">To the shelf</RouterLink>
      </main>
    </template>
    <template v-else>
      <SpinePanel v-if="onMat" />
      <main class="stage">
        <SaveNotice />
        <p v-if="broken" class="not-drawn" role="alert">
          This place could not be drawn: {{ broken }}. The bag itself is as it was; go to another
          place, or undo the last change.
        </p>
        <RouterView v-else-if="ready" />
        <MakeGlance v-else-if="route.name === 'make'" :bag="String(route.params['id'])" />
      </main>
      <component :is="route.name === 'make' ? MakePanel : TallyPanel" v-if="tallyShown" />
    </template>
  </div>
</template>

<style>
.frame {
  display: grid;
  grid-template: auto minmax(0, 1fr) / 232px minmax(0, 1fr) 244px;
  height: 100%;
  overflow: hidden;
}
.skip {
  position: fixed;
  z-index: 3000;
  top: 8px;
  left: 8px;
  padding: 9px 14px;
  border: 2px solid var(--mat);
  border-radius: var(--radius);
  background: var(--paper);
  font-weight: 600;
}
.skip:not(:focus) {
  clip-path: inset(50%);
}
.frame.no-tally {
  grid-template-columns: 232px minmax(0, 1fr);
}
.frame.narrow {
  grid-template-columns: minmax(0, 1fr) 244px;
}
.frame.narrow.no-tally {
  grid-template-columns: minmax(0, 1fr);
}
.frame.narrow.on-mat {
  grid-template-columns: 232px minmax(0, 1fr);
}
/* On a phone the tally lies over the place while it is open. */
@media (max-width: 640px) {
  .frame.narrow {
    grid-template-columns: minmax(0, 1fr);
  }
  .frame.narrow.on-mat {
    grid-template-columns: minmax(0, 1fr);
  }
  .frame.narrow.on-mat .stage,
  .frame.narrow:not(.no-tally) .stage {
    display: none;
  }
}
.stage {
  position: relative;
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  overflow: auto;
  background: var(--stage);
}
.stage .not-drawn {
  padding: 24px;
  color: var(--error);
}
.stage.problem {
  grid-column: 1 / -1;
  gap: 16px;
  align-items: center;
  justify-content: center;
}
</style>
