<script setup lang="ts">
import { Delete } from '@element-plus/icons-vue'
import { computed, ref, shallowRef } from 'vue'
import { halfTurned, inLetters, onGround, type Patch, type Chart } from '@core/chart'
import type { Ink } from '@app/parts/chart/ink.ts'
import {
  coloursOf,
  lettered,
  type LetterSize,
  missingIn,
  MOST_LETTERS,
  type Motif,
  motifKinds,
  motifs,
  motifsNamed,
  motifYarns,
  sizes,
} from '@core/motif'
import { printLength } from '@core/units'
import ChoiceOf from '@app/parts/fields/ChoiceOf.vue'
import { useWorkshop } from '@app/stores/workshop.ts'
import PatchPicture from '../chart/PatchPicture.vue'
import { useMotifs } from '../chart/use-motifs.ts'
import { type Standing, useStanding } from './use-standing.ts'
import { useMotifFiles } from './use-motif-files.ts'

/** The motif drawer, and letters: what is laid on a chart, put in the middle of a side, or made its repeat. */
const {
  yarns,
  letter,
  ground,
  count,
  stitchWidthMm,
  rowHeightMm,
  selected,
  hangs,
  worked,
  middles,
  onto,
  blank,
} = defineProps<{
  yarns: readonly Ink[]
  /** The yarn that is painted with, and the ground. */
  letter: string
  ground: string
  /** Stitches of the round or row. */
  count: number
  stitchWidthMm: number
  rowHeightMm: number
  /** What is chosen on the chart, to be kept. */
  selected: Patch | null
  /** The rows of the band hang upside down on the bag. */
  hangs: boolean
  worked: 'rounds' | 'rows'
  /** Columns over which the middles of front and back lie. */
  middles: { readonly front: number; readonly back: number }
  /** The chart there is, all along the round; and the letter of a row that is added to it. */
  onto: () => Chart
  blank: (row: number, height: number) => string
}>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{
  lay: [patch: Patch]
  /** A whole chart in place of the one there is. */
  make: [chart: { readonly width: number; readonly colours: readonly string[] }, why: string]
  /** The chart of a whole round with the motif on it, and what is to be said of that. */
  stand: [chart: Chart, words: string]
}>()
const workshop = useWorkshop()
const { own, remove } = useMotifs()
const wanted = ref('')
const all = computed(() => motifsNamed([...own.value, ...motifs], wanted.value))
const groups = computed(() => [
  { title: 'Your own', list: all.value.filter((one) => one.own) },
  ...Object.entries(motifKinds).map(([kind, title]) => ({
    title,
    list: all.value.filter((one) => one.kind === kind && !one.own),
  })),
])
const chosen = shallowRef<Motif | null>(motifs[0]!)
const from = ref<'drawer' | 'letters'>('drawer')
const text = ref('')
const size = ref<LetterSize>('small')
const missing = computed(() => missingIn(text.value))

const colourOf = computed(() => new Map(yarns.map((yarn) => [yarn.letter, yarn.colour])))
const onGroundStyle = computed(() => ({ background: colourOf.value.get(ground) }))
const yarnLetters = computed(() => yarns.map((yarn) => yarn.letter))
/** A motif in the yarns it would be laid in. */
function inYarns(motif: Patch): Patch {
  const to = motifYarns(motif, letter, ground, yarnLetters.value)
  return inLetters(motif, (one) => to.get(one) ?? letter)
}
const turned = ref(true)
/** As it stands on the bag, and as it is laid on a chart that hangs upside down there. */
const upright = computed((): Patch | null =>
  from.value === 'letters'
    ? lettered(text.value, size.value, letter)
    : chosen.value && inYarns(chosen.value),
)
const patch = computed(() =>
  upright.value && hangs && turned.value ? halfTurned(upright.value) : upright.value,
)
const sizeWords = computed(() => {
  if (!patch.value) return ''
  const { units } = workshop.words
  const { width, colours } = patch.value
  const [wide, high] = [width * stitchWidthMm, colours.length * rowHeightMm]
  const over = width > count ? `: wider than the ${count} there are` : ` of ${count}`
  return `${width} stitches${over}, ${printLength(wide, units)} across; ${colours.length} rows, ${printLength(high, units)} tall.`
})
const stood = useStanding({
  ...{ open, patch, count: () => count, worked: () => worked, middles: () => middles },
  ...{ onto: () => onto(), blank: (row, height) => blank(row, height) },
})
function lay() {
  if (!patch.value) return
  emit('lay', patch.value)
  open.value = false
}
function stand({ stands, said }: Standing) {
  if (!stands) return
  emit('stand', stands.chart, said)
  open.value = false
}
function asRepeat() {
  if (!patch.value) return
  emit('make', onGround(patch.value, ground), 'Make it the repeat')
  open.value = false
}

const { name, note, keepSelected, bring, give } = useMotifFiles({
  ...{ chosen, wanted, upright, colourOf },
  yarns: () => yarns,
  ground: () => ground,
  selected: () => selected,
  called: () => (from.value === 'letters' ? text.value : (chosen.value?.name ?? 'motif')),
})
</script>

<template>
  <ElDialog v-model="open" title="Motifs and letters" width="820">
    <div class="motif-dialog">
      <div class="choices">
        <ChoiceOf
          v-model="from"
          legend="What is laid down"
          :options="[
            { value: 'drawer', label: 'From the drawer' },
            { value: 'letters', label: 'Letters' },
          ]"
        />
        <template v-if="from === 'drawer'">
          <ElInput
            v-model="wanted"
            placeholder="Search motifs"
            aria-label="Search motifs"
            clearable
          />
          <div class="drawer" tabindex="0" role="region" aria-label="Motifs">
            <template v-for="group in groups" :key="group.title">
              <h3 v-if="group.list.length > 0">{{ group.title }}</h3>
              <div v-if="group.list.length > 0" class="list">
                <button
                  v-for="one in group.list"
                  :key="one.id"
                  type="button"
                  class="motif"
                  :aria-pressed="one.id === chosen?.id"
                  @click="chosen = one"
                >
                  <span class="picture" :style="onGroundStyle">
                    <PatchPicture :patch="inYarns(one)" :colours="colourOf" :size="52" />
                  </span>
                  <span>{{ one.name }}</span>
                  <small class="num">
                    {{ one.width }} × {{ one.colours.length }}, {{ coloursOf(one) }}
                    {{ coloursOf(one) === 1 ? 'colour' : 'colours' }}
                  </small>
                </button>
              </div>
            </template>
            <p v-if="all.length === 0" class="note">No motif of that name.</p>
          </div>
        </template>
        <template v-else>
          <ElInput
            v-model="text"
            placeholder="Text, such as BAND"
            aria-label="Text in stitches"
            :maxlength="MOST_LETTERS"
          />
          <ChoiceOf
            v-model="size"
            legend="Size of the letters"
            :options="sizes.map(({ id, title }) => ({ value: id, label: title }))"
          />
          <p v-if="missing.length > 0" class="note">
            Not in this typeface, and left out: {{ missing.join(' ') }}
          </p>
        </template>
      </div>
      <div class="one">
        <div v-if="patch" class="large" :style="onGroundStyle">
          <PatchPicture :patch="patch" :colours="colourOf" :size="230" />
        </div>
        <p v-if="patch" class="note num">{{ sizeWords }}</p>
        <ElCheckbox v-if="hangs" v-model="turned" label="Turned, to be upright where it hangs" />
        <button type="button" class="button main" :disabled="!patch" @click="lay">
          Lay it on the chart
        </button>
        <button
          v-for="one in stood"
          :key="one.id"
          type="button"
          class="button"
          :disabled="!one.stands"
          @click="stand(one)"
        >
          {{ one.title }} <small class="num">{{ one.words }}</small>
        </button>
        <button type="button" class="button" :disabled="!patch" @click="asRepeat">
          Make it the repeat <small class="num">replaces this chart</small>
        </button>
        <div class="pair">
          <button type="button" class="button" :disabled="!patch" @click="give('csv')">
            As CSV
          </button>
          <button type="button" class="button" :disabled="!patch" @click="give('png')">
            As PNG
          </button>
          <button
            v-if="from === 'drawer' && chosen?.own"
            type="button"
            class="icon-button"
            :aria-label="`Take ${chosen.name} out of the drawer`"
            @click="remove(chosen.id)"
          >
            <ElIcon><Delete /></ElIcon>
          </button>
        </div>
        <hr />
        <div v-if="selected" class="pair">
          <ElInput v-model="name" placeholder="Its name" aria-label="Name of the motif" />
          <button type="button" class="button" @click="keepSelected">Keep what is chosen</button>
        </div>
        <p v-else class="note">Choose cells on the chart (S or W) to keep them here.</p>
        <button type="button" class="button" @click="bring">Bring in a CSV or PNG …</button>
        <p v-if="note" class="note" role="status">{{ note }}</p>
      </div>
    </div>
  </ElDialog>
</template>

<style>
.motif-dialog {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 270px;
  gap: 18px;
}
.motif-dialog .choices {
  height: min(600px, 74vh);
}
.motif-dialog .choices,
.motif-dialog .one {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
}
.motif-dialog .drawer {
  flex: 1;
  overflow: auto;
  min-height: 0;
}
.motif-dialog h3 {
  margin: 10px 0 6px;
  font: 650 14px/1.2 var(--font-head);
}
.motif-dialog .list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 8px;
}
.motif-dialog .motif {
  display: flex;
  flex-direction: column;
  gap: 3px;
  align-items: center;
  padding: 8px 4px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: #fff;
  color: var(--ink);
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}
.motif-dialog .motif[aria-pressed='true'] {
  border-color: var(--mat);
  box-shadow: inset 0 0 0 1px var(--mat);
}
.motif-dialog .picture {
  display: grid;
  padding: 6px;
  border-radius: 4px;
}
.motif-dialog small {
  color: var(--ink-2);
}
.motif-dialog .large {
  display: grid;
  place-items: center;
  height: 240px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--mat-tint);
}
.motif-dialog .one hr {
  width: 100%;
  margin: 2px 0;
  border: 0;
  border-top: 1px solid var(--line);
}
.motif-dialog .pair {
  display: flex;
  gap: 6px;
}
</style>
