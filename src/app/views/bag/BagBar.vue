<script setup lang="ts">
import { Handbag, Operation, RefreshLeft, RefreshRight } from '@element-plus/icons-vue'
import { useIntervalFn, useOnline } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import type { SnagCode } from '@core/snag'
import { cutAt } from '@core/units'
import { places, type PlaceName } from '@app/places.ts'
import { useProject } from '@app/stores/project.ts'
import EarlierVersions from './EarlierVersions.vue'
import ActionSearch from '@app/parts/page/ActionSearch.vue'
import BrandMark from '@app/parts/marks/BrandMark.vue'
import PopUnder from '@app/parts/page/PopUnder.vue'
import { steady } from '@app/parts/page/steady.ts'
import WordsMenu from '@app/parts/page/WordsMenu.vue'

/** The bar of a bag: its name, whether it is saved, its places with what is wrong in each, undo, settings. */
const tallyShown = defineModel<boolean>('tallyShown', { required: true })
/** Whether the mat is shown; null where there is always room for it. */
const matShown = defineModel<boolean | null>('matShown', { required: true })
const project = useProject()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 10_000)

/** Without a net nothing is lost: it is kept here as ever. */
const online = useOnline()
const saved = computed(() => {
  const { state, savedAt } = project.saving
  if (!project.design) return ''
  if (state === 'saving') return 'saving …'
  if (state !== 'saved') return 'not saved'
  if (!online.value) return 'offline, kept here'
  const minutes = Math.floor((now.value - savedAt) / 60_000)
  if (minutes < 1) return 'saved a moment ago'
  if (minutes < 60) return `saved ${minutes} min ago`
  return `saved ${new Date(savedAt).toLocaleDateString()}`
})

/** Where a snag is mended; everything else is a matter of size. */
const placeOf: Partial<Record<SnagCode, PlaceName>> = {
  'repeat-remainder': 'bands',
  'adjust-too-large': 'bands',
  'spot-gone': 'bands',
  'yarn-short': 'yarns',
  'yarn-ends': 'yarns',
}
const wrong = steady(() => {
  const counts: Partial<Record<PlaceName, number>> = {}
  for (const { code, severity } of project.table?.derived.snags ?? []) {
    if (severity === 'advice') continue
    const place = placeOf[code] ?? 'size'
    counts[place] = (counts[place] ?? 0) + 1
  }
  return counts
})

const renaming = ref(false)
const name = ref('')
const field = useTemplateRef<HTMLInputElement>('field')
async function rename() {
  name.value = project.design?.name ?? ''
  renaming.value = true
  await nextTick()
  field.value?.select()
}
function takeName() {
  if (!renaming.value) return
  renaming.value = false
  const wanted = cutAt(name.value.trim(), 80)
  if (wanted && wanted !== project.design?.name)
    project.edit({ name: 'rename', args: { name: wanted } })
}
const bagName = computed(() => project.design?.name ?? '…')
const undoWords = computed(() => project.history?.past.at(-1)?.label)
const redoWords = computed(() => project.history?.future[0]?.label)
</script>

<template>
  <header class="bar">
    <BrandMark />
    <div class="bag-name">
      <input
        v-if="renaming"
        ref="field"
        v-model="name"
        aria-label="Name of the bag"
        maxlength="80"
        @blur="takeName"
        @keydown.enter="takeName"
        @keydown.esc="renaming = false"
      />
      <button v-else type="button" title="Rename" @click="rename">
        {{ bagName }}
      </button>
      <PopUnder :width="290" placement="bottom-start">
        <template #button>
          <button
            type="button"
            class="saved"
            :class="{ bad: saved === 'not saved' }"
            title="Earlier versions"
          >
            <span role="status">{{ saved }}</span>
          </button>
        </template>
        <EarlierVersions />
      </PopUnder>
    </div>
    <nav v-if="project.id" class="places" aria-label="Places">
      <RouterLink
        v-for="place in places"
        :key="place.name"
        :to="{ name: place.name, params: { id: project.id } }"
        active-class="on"
      >
        {{ place.title }}
        <b v-if="wrong[place.name]" :title="`${wrong[place.name]} to look at`"
          >{{ wrong[place.name] }}<span class="hidden-words"> to look at</span></b
        >
      </RouterLink>
    </nav>
    <div class="right">
      <button
        type="button"
        class="icon-button"
        :disabled="!undoWords"
        :title="undoWords ? `Undo: ${undoWords} (Ctrl Z)` : 'Nothing to undo'"
        aria-label="Undo"
        @click="project.undo"
      >
        <ElIcon :size="17"><RefreshLeft /></ElIcon>
      </button>
      <button
        type="button"
        class="icon-button"
        :disabled="!redoWords"
        :title="redoWords ? `Redo: ${redoWords} (Ctrl Y)` : 'Nothing to redo'"
        aria-label="Redo"
        @click="project.redo"
      >
        <ElIcon :size="17"><RefreshRight /></ElIcon>
      </button>
      <ActionSearch />
      <WordsMenu />
      <button
        v-if="matShown !== null"
        type="button"
        class="icon-button"
        :aria-pressed="matShown"
        title="Show or fold the bag on its mat"
        aria-label="The bag"
        @click="matShown = !matShown"
      >
        <ElIcon :size="17"><Handbag /></ElIcon>
      </button>
      <button
        type="button"
        class="icon-button"
        :aria-pressed="tallyShown"
        title="Show or fold the tally"
        aria-label="Tally"
        @click="tallyShown = !tallyShown"
      >
        <ElIcon :size="17"><Operation /></ElIcon>
      </button>
    </div>
  </header>
</template>

<style>
header.bar {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  min-width: 0;
  min-height: 56px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
header.bar .bag-name {
  min-width: 120px;
  max-width: 220px;
  padding: 0 10px 0 10px;
}
header.bar .bag-name button,
header.bar .bag-name input {
  display: block;
  max-width: 100%;
  width: auto;
  overflow: hidden;
  min-height: 24px;
  padding: 0 6px;
  border: 0;
  border-radius: 4px;
  background: none;
  font: 600 16px/1.1 var(--font-head);
  text-overflow: ellipsis;
  white-space: nowrap;
}
header.bar .bag-name input {
  width: 190px;
  background: #fff;
}
header.bar .bag-name button {
  cursor: text;
}
header.bar .bag-name button:hover {
  background: var(--mat-tint);
}
header.bar .bag-name button.saved {
  min-height: 24px;
  font-weight: 400;
  font-family: var(--font-text);
  cursor: pointer;
  color: var(--ink-3);
  font-size: 11.5px;
  line-height: 1;
}
header.bar .bag-name button.saved.bad {
  color: var(--error);
  font-weight: 650;
}
.places {
  display: flex;
  gap: 2px;
  height: 56px;
}
.places a {
  position: relative;
  display: flex;
  align-items: center;
  padding: 0 13px;
  color: var(--ink-2);
  font-size: 14.5px;
  text-decoration: none;
}
.places a:hover {
  background: var(--mat-tint);
}
.places a.on {
  color: var(--ink);
  font-weight: 650;
}
.places a.on::after {
  position: absolute;
  right: 9px;
  bottom: -1px;
  left: 9px;
  height: 7px;
  border-radius: 2px 2px 0 0;
  background:
    repeating-linear-gradient(90deg, var(--tape-ink) 0 1px, transparent 1px 7px) 0 100% / 100% 4px
      no-repeat,
    var(--tape);
  content: '';
}
.places b {
  min-width: 17px;
  height: 17px;
  margin-left: 6px;
  border-radius: 9px;
  background: var(--marker-ink);
  color: #fff;
  font: 650 11px/17px var(--font-text);
  text-align: center;
}
header.bar .right {
  display: flex;
  align-items: center;
  gap: 4px;
  margin-left: auto;
  padding-right: 8px;
}
@media (max-width: 1000px) {
  header.bar .brand {
    width: 56px;
    overflow: hidden;
    color: transparent;
  }
}
/* On a phone the places stand in a row of their own. */
@media (max-width: 640px) {
  header.bar {
    flex-wrap: wrap;
  }
  header.bar .bag-name {
    flex: 1;
    min-width: 0;
  }
  header.bar .places {
    order: 1;
    flex: 1 0 100%;
    height: 40px;
    overflow-x: auto;
    border-top: 1px solid var(--line);
  }
  header.bar .places a {
    flex: 1;
    justify-content: center;
    padding: 0 6px;
  }
}
</style>
