<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { newYarns } from '@core/design'
import { rowWord } from '@core/terms'
import { counted } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import DialogEnd from '@app/parts/page/DialogEnd.vue'
import { shrunkPhoto } from '@app/storage/shrunk-photo.ts'
import { useMaking } from '@app/stores/making.ts'
import { useProject } from '@app/stores/project.ts'
import CutOf from './CutOf.vue'
import FiguresOf from './FiguresOf.vue'
import PaperOf, { type SquaresIn } from './PaperOf.vue'
import PictureFrom from './PictureFrom.vue'
import PictureSeen from './PictureSeen.vue'
import PlacesOf from './PlacesOf.vue'
import RulesOf from './RulesOf.vue'
import SizeOf from './SizeOf.vue'
import YarnRows from './YarnRows.vue'
import type { Depicted, OfBand } from './picture-asked.ts'
import { inks, partOf } from './picture-cells.ts'
import { usePicture } from './use-picture.ts'

/** A photograph or a drawing as the chart of a band, under the rules of the work; seen beside the picture and on the bag before it is taken. */
const props = defineProps<OfBand>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{
  depict: [made: Depicted]
  /** What would be drawn, while it is looked at. */
  would: [made: Depicted | null]
}>()
const project = useProject()
const making = useMaking()
const picture = usePicture(props)
const kinds = [
  { value: 'picture', label: 'A picture' },
  { value: 'paper', label: 'A chart on paper' },
] as const
const kind = ref<'picture' | 'paper'>('picture')
const tabs = [
  { value: 'cut', label: 'Cut and size' },
  { value: 'yarns', label: 'Yarns' },
  { value: 'rules', label: 'Rules' },
  { value: 'places', label: 'Places' },
] as const
const tab = ref<(typeof tabs)[number]['value']>('cut')
const from = useTemplateRef('from')
/** What was read off paper. */
const squares = shallowRef<SquaresIn | null>(null)
/** The cells that are looked at, the picture's alone where it lies in a larger chart: their colours, yarns and doubts. */
const shown = computed(() => {
  const now = kind.value === 'paper' ? squares.value : picture.found
  if (!now) return null
  const { chart, before } = now
  const drawn = inks(chart, picture.yarns)
  const places = new Map(picture.yarns.map(({ letter }, at) => [letter, at]))
  const chosen = Int8Array.from(chart.colours.join(''), (letter) => places.get(letter) ?? -1)
  const doubtful = kind.value === 'paper' ? squares.value!.doubtful : null
  const found = kind.value === 'paper' ? null : picture.found
  if (!found?.onto) return { before, drawn, chosen, doubtful, width: chart.width }
  const cutOut = <T extends Uint8Array | Int8Array>(of: T, each: number) =>
    partOf(of, each, chart.width, found.onto!, found)
  return {
    ...{ before: cutOut(before, 3), drawn: cutOut(drawn, 3), chosen: cutOut(chosen, 1) },
    ...{ doubtful, width: found.wide },
  }
})
const made = computed((): Depicted | null => {
  const chart = kind.value === 'paper' ? squares.value?.chart : picture.found?.chart
  if (!chart) return null
  const come = picture.yarns.filter(({ isNew }) => isNew)
  const used = new Set(chart.colours.join(''))
  return {
    chart,
    isWhole:
      kind.value === 'picture' && (picture.found?.onto?.chart ?? props.chart) !== props.chart,
    yarns: newYarns(project.design!, come).filter(({ letter }) => used.has(letter)),
  }
})
watch(made, (now) => emit('would', now))
onBeforeUnmount(() => emit('would', null))
const row = computed(() => rowWord(project.ledgerPiece!.worked))
const aspect = computed(() => props.gauge.rowHeightMm / props.gauge.stitchWidthMm)
const isMosaic = computed(() => picture.mosaic !== null)
/** The picture is kept only where that is asked for. */
const keeps = ref(false)
const problem = ref<string | null>(null)
async function put() {
  if (!made.value) return
  emit('depict', made.value)
  if (keeps.value && picture.file) {
    const said = `Picture of ${props.part.name}`
    problem.value = await shrunkPhoto(picture.file).then(
      (photo) => making.keepPicture(photo, said),
      (error: Error) => error.message,
    )
  }
  open.value = problem.value !== null
}
</script>

<template>
  <ElDialog v-model="open" title="A chart of a picture" width="1080" align-center append-to-body>
    <div
      class="of-picture"
      :class="{ opened: picture.file !== null }"
      @dragover.prevent
      @drop.prevent="from!.taken($event.dataTransfer?.files)"
      @paste="from!.taken($event.clipboardData?.files)"
    >
      <div class="of-picture-set">
        <div class="of-picture-row">
          <PictureFrom ref="from" :is-there="picture.file !== null" @take="picture.open" />
        </div>
        <p v-if="!picture.file" class="note">
          Or drop a picture here, or paste one. It stays in this browser, and is not kept unless you
          ask for it.
        </p>
        <template v-else>
          <ChoiceOf v-model="kind" legend="What it is" :options="kinds" />
          <ChoiceOf v-if="kind === 'picture'" v-model="tab" legend="What is set" :options="tabs" />
          <CutOf
            v-if="picture.preview && (tab === 'cut' || kind === 'paper')"
            v-model="picture.cut"
            :size="picture.size"
            :preview="picture.preview"
            :corners="picture.corners"
          />
          <PaperOf
            v-if="kind === 'paper'"
            v-model:cut="picture.cut"
            :file="picture.file"
            :corners="picture.corners"
            :yarns="picture.yarns"
            @read="squares = $event"
          />
          <SizeOf v-else-if="tab === 'cut'" />
          <YarnRows
            v-else-if="tab === 'yarns'"
            v-model="picture.yarns"
            :colours="picture.colours"
            :is-mosaic="isMosaic"
            :per-round-words="`At most ${counted(picture.rules.perRound, 'yarn')} a ${row}: said in Rules.`"
          />
          <RulesOf
            v-else-if="tab === 'rules'"
            v-model="picture.rules"
            :technique="picture.technique"
            :row-word="row"
          />
          <PlacesOf
            v-else-if="shown"
            v-model="picture.marks"
            :before="shown.before"
            :drawn="shown.drawn"
            :chosen="shown.chosen"
            :width="shown.width"
            :aspect="aspect"
            :blank="picture.blankMarks"
          />
        </template>
      </div>
      <div class="of-picture-set">
        <p v-if="kind === 'picture'" class="note" role="status">
          <template v-if="picture.stage !== null">{{ picture.stage }} … </template>
          <template v-else-if="picture.found">
            {{ counted(picture.found.wide, 'stitch') }} by {{ counted(picture.found.high, row) }}.
          </template>
          {{ picture.stage === null ? picture.words : '' }}
          <button v-if="picture.stage !== null" type="button" class="button" @click="picture.stop">
            Stop
          </button>
        </p>
        <PictureSeen
          v-if="shown"
          :before="shown.before"
          :drawn="shown.drawn"
          :width="shown.width"
          :doubtful="shown.doubtful"
        />
        <FiguresOf
          v-if="kind === 'picture' && picture.found"
          :mean="picture.found.likeness.mean"
          :worst="picture.found.likeness.worst"
          :work="picture.found.work"
          :costs="picture.costs"
          :turns="isMosaic"
        />
      </div>
    </div>
    <DialogEnd
      does="Put it on the band"
      :disabled="!made"
      leaves="Not now"
      @take="put"
      @leave="open = false"
    >
      <ElCheckbox v-if="picture.file" v-model="keeps" label="Keep the picture in the log" />
      <p v-if="problem" class="note" role="alert">{{ problem }}</p>
    </DialogEnd>
  </ElDialog>
</template>

<style>
.of-picture {
  display: grid;
  grid-template-columns: 430px minmax(0, 1fr);
  gap: 20px;
  overflow: auto;
  min-height: 120px;
  max-height: calc(100vh - 190px);
}
/* What comes and goes beside it moves nothing under the hand. */
.of-picture.opened {
  height: calc(100vh - 190px);
}
.of-picture-set {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}
.of-picture-row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
@media (max-width: 900px) {
  .of-picture {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
