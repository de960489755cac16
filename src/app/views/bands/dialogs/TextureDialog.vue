<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { TextureOn } from '@core/shorthand'
import { nearestCounts, type TexturePart } from '@core/band'
import type { Edit, NewBand } from '@core/design'
import { countsWords } from '@core/fit'
import type { DrawnPattern, Family } from '@core/texture'
import PatternTile from '@app/views/stitches/PatternTile.vue'
import { useProject } from '@app/stores/project.ts'
import { useOwn } from '@app/views/stitches/use-own.ts'
import { checker } from '@app/workers/workers.ts'

/** The stitch drawer over the band that is selected: what fits the count comes first, and pointing shows it on the bag. */
const props = defineProps<{
  /** Stitches it would stand on, and how they are worked. */
  count: number
  worked: 'rounds' | 'rows'
  /** Where it would go. */
  at: number
  /** The texture it takes the place of, whose rounds and yarns it keeps; else it is put in. */
  instead?: TexturePart
}>()
const open = defineModel<boolean>({ required: true })
const project = useProject()
const { own } = useOwn()
const patterns = shallowRef<readonly DrawnPattern[]>([])
const problem = ref<string | null>(null)
const family = ref<Family | 'all'>('all')
watch([open, patterns], ([isOpen, all]) => {
  const now = all.find(({ id }) => id === props.instead?.pattern)
  if (isOpen && now) family.value = now.family
})
watch(
  () => [open.value, props.worked, own.value] as const,
  async ([isOpen, worked]) => {
    if (!isOpen) return project.endPreview()
    const answer = await checker.ask((api) => api.textures(worked, own.value))
    if (answer.ok) patterns.value = answer.value
    else problem.value = answer.problem
  },
  { immediate: true },
)

const countsOf = ({ multiple, offset }: DrawnPattern) => ({
  multiple,
  offset: props.worked === 'rows' ? offset : 0,
})
/** Whether it comes out on the stitches there are. */
const fits = (pattern: DrawnPattern) => {
  const { multiple, offset } = countsOf(pattern)
  return props.count >= multiple + offset && (props.count - offset) % multiple === 0
}
const families = computed(() => [
  { value: 'all' as const, title: 'All' },
  ...[...new Map(patterns.value.map((one) => [one.family, one.title]))].map(([value, title]) => ({
    value,
    title,
  })),
])
const shown = computed(() =>
  patterns.value
    .filter((one) => family.value === 'all' || one.family === family.value)
    .map((pattern) => {
      const { multiple, offset } = countsOf(pattern)
      const near = nearestCounts({ multiple, offset }, props.count).sort((a, b) => a - b)
      const note = fits(pattern)
        ? `${(props.count - offset) / multiple} × ${multiple}${offset > 0 ? ` + ${offset}` : ''}`
        : `on ${near.join(' or ')}`
      return { pattern, fits: fits(pattern), note, counts: countsWords(multiple, offset) }
    })
    .sort((a, b) => Number(b.fits) - Number(a.fits)),
)
const yarns = computed(() => {
  const [first, second = first] = project.design!.yarns
  return [first!.colour, second!.colour] as const
})

/** Yarns for a new texture: those of the one before it first. */
function lettersFor(many: number): string[] {
  const before = props.instead?.yarns.map(({ yarn }) => yarn) ?? []
  const all = project.design!.yarns.map(({ letter }) => letter)
  const letters = [...new Set([...before, ...all])]
  return letters.slice(0, many === 1 ? Math.max(1, new Set(before).size) : many)
}

/** Bands of patterns that were counted, by their id. */
const counted = new Map<string, Promise<NewBand | null>>()
function bandFor({ id, rows, yarns: many }: DrawnPattern): Promise<NewBand | null> {
  const on: TextureOn = {
    letters: lettersFor(many),
    rounds: props.instead?.rounds ?? Math.max(4, Math.ceil(4 / rows) * rows),
  }
  const key = `${id} ${props.worked} ${props.instead?.id ?? ''} ${on.letters.join()} ${on.rounds}`
  const known =
    counted.get(key) ??
    checker
      .ask((api) => api.texture(id, props.worked, on, own.value))
      .then((answer) => {
        const band = answer.ok ? answer.value : answer
        problem.value = band.ok ? null : band.problem
        return band.ok ? band.value : null
      })
  counted.set(key, known)
  return known
}
let pointed: string | null = null
async function point(pattern: DrawnPattern | null) {
  pointed = pattern?.id ?? null
  if (!pattern) return project.endPreview()
  const band = await bandFor(pattern)
  if (!band || pointed !== pattern.id || !open.value) return
  project.showPreview([editOf(band)])
}
const editOf = (band: NewBand): Edit =>
  props.instead
    ? { name: 'setPart', args: { id: props.instead.id, values: { ...band } } }
    : { name: 'addPart', args: { part: band, at: props.at, piece: project.selectedPiece } }
async function take(pattern: DrawnPattern) {
  const band = await bandFor(pattern)
  if (!band) return
  open.value = false
  if (props.instead) project.edit(editOf(band))
  else project.addBand(band, props.at)
}
</script>

<template>
  <ElDialog
    v-model="open"
    :title="instead ? 'Another texture' : 'Add a texture'"
    width="760"
    class="textures"
    append-to-body
  >
    <div class="families" role="group" aria-label="How they look">
      <button
        v-for="one in families"
        :key="one.value"
        type="button"
        class="button"
        :aria-pressed="family === one.value"
        @click="family = one.value"
      >
        {{ one.title }}
      </button>
    </div>
    <p class="note" role="status">
      {{
        problem ??
        (patterns.length === 0
          ? 'The patterns are being drawn …'
          : `On ${count} stitches. Those that come out stand first; pointing shows them on the bag.`)
      }}
    </p>
    <ul class="patterns">
      <li v-for="one in shown" :key="one.pattern.id">
        <PatternTile
          :name="one.pattern.name"
          :note="one.fits ? one.note : `wants ${one.counts}: ${one.note}`"
          :chart="one.pattern.chart"
          :yarns="yarns"
          :off="!one.fits"
          @pointerenter="point(one.pattern)"
          @pointerleave="point(null)"
          @focus="point(one.pattern)"
          @blur="point(null)"
          @click="take(one.pattern)"
        />
      </li>
    </ul>
  </ElDialog>
</template>

<style>
.textures .families {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 8px;
}
.textures .families [aria-pressed='true'] {
  border-color: var(--mat);
  background: var(--mat);
  color: #fff;
}
.textures .patterns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 10px;
  max-height: 56vh;
  overflow: auto;
  margin: 10px 0 0;
  padding: 2px;
  list-style: none;
}
</style>
