import { useEventListener } from '@vueuse/core'
import { computed, type Ref, shallowRef } from 'vue'
import type { Chart } from '@core/chart'
import { newYarns } from '@core/design'
import { useProject } from '@app/stores/project.ts'
import { chartIn } from './bring-chart.ts'

/** What a chart that is brought in is put on. */
export interface Onto {
  readonly id: Ref<string>
  readonly own: Ref<Chart | null>
  readonly away: (event: Event) => boolean
  readonly said: Ref<string>
  readonly draw: (chart: Chart, why: string) => void
}

/** Charts that are chosen, dropped or pasted take the place of the one there is; colours like no yarn become yarns by a click. */
export function useBringing({ id, own, away, said, draw }: Onto) {
  const project = useProject()
  const yarns = computed(() => project.design!.yarns)
  /** A picture whose colours look like no yarn of the bag. */
  const strange = shallowRef<{ readonly file: File; readonly far: readonly string[] } | null>(null)
  async function take(file: File | null | undefined) {
    if (!file || !own.value) return
    const read = await chartIn(file, yarns.value)
    said.value = read.ok ? read.value.note : read.problem
    strange.value = read.ok && read.value.far.length > 0 ? { file, far: read.value.far } : null
    if (read.ok) draw(read.value.chart, 'Bring in a chart')
  }
  async function makeYarns() {
    const { file, far } = strange.value!
    const fresh = newYarns(
      project.design!,
      far.map((colour) => ({ colour })),
    )
    const read = await chartIn(file, [...yarns.value, ...fresh])
    strange.value = null
    if (!read.ok) return (said.value = read.problem)
    said.value = read.value.note
    const args = { id: id.value, chart: read.value.chart, why: 'Bring in a chart' }
    project.edit([
      ...fresh.map((yarn) => ({ name: 'addYarn' as const, args: { yarn } })),
      { name: 'drawChart', args },
    ])
  }
  useEventListener('paste', (event: ClipboardEvent) => {
    if (!away(event) || !event.clipboardData?.files.length) return
    event.preventDefault()
    void take(event.clipboardData.files[0])
  })
  return { strange, take, makeYarns }
}
