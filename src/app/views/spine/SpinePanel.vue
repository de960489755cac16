<script setup lang="ts">
import { computed } from 'vue'
import { lengthFigure, lengthUnit } from '@core/units'
import BagStill from '@app/parts/bag/BagStill.vue'
import TapeMeasure from '@app/parts/marks/TapeMeasure.vue'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import PieceTabs from './PieceTabs.vue'
import SpineStrip from './SpineStrip.vue'

/** The cutting mat: the bag, its pieces as tabs, and the strip of the chosen one, which is the list of its parts. */
const project = useProject()
const workshop = useWorkshop()
const WIDTH = 232
const PICTURE = { width: 150, height: 128, x: 56, top: 12 } as const
/** The few figures the tapes show. */
const sizes = steady(() => {
  const { heightMm = 1, flatMm = 1 } = project.shown?.derived.tally ?? {}
  return { heightMm, flatMm }
})
const scale = computed(() =>
  Math.min(PICTURE.width / sizes.value.flatMm, PICTURE.height / sizes.value.heightMm),
)
const foot = computed(() => PICTURE.top + (PICTURE.height + sizes.value.heightMm * scale.value) / 2)
const label = computed(() => {
  const [wide, tall] = [sizes.value.flatMm, sizes.value.heightMm].map((mm) =>
    lengthFigure(mm, workshop.words.units),
  )
  return `${wide} ${lengthUnit(workshop.words.units)} laid flat, ${tall} tall`
})
</script>

<template>
  <aside class="spine" aria-label="The bag and its parts">
    <template v-if="project.shown">
      <div class="whole">
        <svg class="rulers" :width="WIDTH" height="166" role="img" :aria-label="label">
          <TapeMeasure
            direction="up"
            :x="PICTURE.x - 24"
            :y="foot"
            :breadth="15"
            :length-mm="sizes.heightMm"
            :px-per-mm="scale"
          />
          <TapeMeasure
            direction="across"
            :x="PICTURE.x + (PICTURE.width - sizes.flatMm * scale) / 2"
            :y="foot + 7"
            :breadth="15"
            :length-mm="sizes.flatMm"
            :px-per-mm="scale"
          />
        </svg>
        <BagStill
          class="picture"
          :design="project.shown.design"
          :derived="project.shown.derived"
          :width="PICTURE.width"
          :height="PICTURE.height"
          :style="{ left: `${PICTURE.x}px`, top: `${PICTURE.top}px` }"
        />
      </div>
      <PieceTabs />
      <SpineStrip />
    </template>
  </aside>
</template>

<style>
.spine {
  contain: layout paint;
  display: flex;
  flex-direction: column;
  min-height: 0;
  overflow: hidden;
  color: var(--mat-ink);
  background-color: var(--mat);
  background-image:
    linear-gradient(var(--mat-line) 1px, transparent 1px),
    linear-gradient(90deg, var(--mat-line) 1px, transparent 1px);
  background-size: 22px 22px;
  background-position: -1px -1px;
}
.spine .whole {
  position: relative;
  flex: none;
  height: 168px;
}
.spine .picture {
  position: absolute;
}
.spine :focus-visible {
  outline: 2.5px solid #fff;
  outline-offset: 1px;
}
</style>
