<script setup lang="ts">
import { onBeforeUnmount, onMounted, shallowRef, useTemplateRef, watch } from 'vue'
import type { SeenPage } from '@app/workers/paper.worker.ts'

/** The pages as they are printed. Those that are looked at are drawn at once, others when there is time, and of very many only those. */
const props = defineProps<{
  pages: readonly SeenPage[]
  /** What the part that is selected is headed by. */
  here: string | null
}>()
const MOST_DRAWN = 24
const drawn = shallowRef<readonly (string | null)[]>([])
const frame = useTemplateRef('frame')
let turn = 0

const utf8 = new TextDecoder()
function draw(at: number) {
  const page = props.pages[at]
  if (page && drawn.value[at] == null) drawn.value = drawn.value.with(at, utf8.decode(page.svg))
}
const rest = (work: () => void) =>
  'requestIdleCallback' in globalThis
    ? requestIdleCallback(work, { timeout: 500 })
    : setTimeout(work, 16)

/** Draws one after the other, so that the page never stands still. */
function drawInTurn(at: number, own: number) {
  if (own !== turn || at >= Math.min(MOST_DRAWN, props.pages.length)) return
  draw(at)
  rest(() => drawInTurn(at + 1, own))
}
watch(
  () => props.pages,
  (pages, before) => {
    turn++
    // What was drawn stays so, as it is now.
    const same = before?.length === pages.length
    drawn.value = pages.map(({ svg }, i) => (same && drawn.value[i] ? utf8.decode(svg) : null))
    drawInTurn(0, turn)
  },
  { immediate: true },
)

let watching: IntersectionObserver | null = null
const seeAll = () => {
  watching?.disconnect()
  frame.value?.querySelectorAll('.sheet').forEach((one) => watching?.observe(one))
}
onMounted(() => {
  watching = new IntersectionObserver(
    (seen) => {
      for (const { target, isIntersecting } of seen)
        if (isIntersecting) draw(Number((target as HTMLElement).dataset['page']))
    },
    { rootMargin: '400px' },
  )
  seeAll()
})
watch(() => props.pages.length, seeAll, { flush: 'post' })
onBeforeUnmount(() => {
  turn++
  watching?.disconnect()
})

/** Where the part that is selected begins, in shares of its page. */
const markOn = ({ marks, height }: SeenPage) => {
  const mark = marks.find(({ id }) => id !== null && id === props.here)
  return mark ? { top: `${((100 * mark.y) / height).toFixed(2)}%` } : null
}
</script>

<template>
  <div ref="frame" class="pages">
    <section
      v-for="(page, i) in pages"
      :key="i"
      class="sheet"
      :data-page="i"
      :aria-label="`Page ${i + 1} of ${pages.length}`"
      :style="{ aspectRatio: `${page.width} / ${page.height}` }"
    >
      <!-- eslint-disable-next-line vue/no-v-html -- written by pageSvg, in which every text is escaped -->
      <div v-if="drawn[i]" v-html="drawn[i]" />
      <span v-if="markOn(page)" class="here" :style="markOn(page)!" aria-hidden="true" />
    </section>
  </div>
</template>

<style>
.pages {
  display: grid;
  gap: 14px;
}
.pages .sheet {
  position: relative;
  content-visibility: auto;
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: #fff;
  box-shadow: var(--shadow);
}
.pages .sheet svg {
  display: block;
  width: 100%;
  height: 100%;
}
.pages .sheet .text {
  font-family: var(--font-text);
}
.pages .sheet .head {
  font-family: var(--font-head);
}
.pages .here {
  position: absolute;
  left: 0;
  width: 4px;
  height: 34px;
  border-radius: 0 2px 2px 0;
  background: var(--marker);
}
</style>
