import { useEventListener } from '@vueuse/core'
import { computed, type Ref, shallowRef, watch } from 'vue'
import type { Chart } from '@core/chart'
import { newYarns } from '@core/design'
import { LIMITS } from '@core/part'
import { useProject } from '@app/stores/project.ts'
import { type Brought, chartIn } from './bring-chart.ts'

/** What a chart that is brought in is put on. */
export interface Onto {
  readonly id: Ref<string>
  readonly own: Ref<Chart | null>
  readonly away: (event: Event) => boolean
  readonly said: Ref<string>
  readonly draw: (chart: Chart, why: string) => void
}

/**
 * Charts that are chosen, dropped or pasted take the place of the one there is. Where they have colours that no yarn is for, what becomes
 * of those is asked first.
 */
export function useBringing({ id, own, away, said, draw }: Onto) {
  const project = useProject()
  const yarns = computed(() => project.design!.yarns)
  /** A chart whose colours are to be decided on. */
  const asked = shallowRef<(Brought & { readonly file: File }) | null>(null)
  const why = 'Bring in a chart'
  watch(id, () => (asked.value = null))
  async function take(file: File | null | undefined) {
    if (!file || !own.value) return
    asked.value = null
    const read = await chartIn(file, yarns.value)
    if (!read.ok) return (said.value = read.problem)
    if (read.value.asks) asked.value = { ...read.value, file }
    else put(read.value)
  }
  function put({ chart, note }: Brought) {
    asked.value = null
    draw(chart, why)
    said.value = note
  }
  async function makeYarns() {
    const { file, asks } = asked.value!
    const fresh = newYarns(
      project.design!,
      asks!.colours.map((colour) => ({ colour })),
    )
    const read = await chartIn(file, [...yarns.value, ...fresh])
    asked.value = null
    if (!read.ok) return (said.value = read.problem)
    const args = { id: id.value, chart: read.value.chart, why }
    project.edit([
      ...fresh.map((yarn) => ({ name: 'addYarn' as const, args: { yarn } })),
      { name: 'drawChart', args },
    ])
    said.value = read.value.note
  }
  /** What can be made of it, each with what it is called. */
  const answers = computed(() => {
    if (!asked.value) return []
    const many = asked.value.asks!.colours.length
    const room = LIMITS.yarns - yarns.value.length
    return [
      ...(many <= room
        ? [
            {
              title: many === 1 ? 'Make a yarn of it' : `Make ${many} yarns of them`,
              run: makeYarns,
            },
          ]
        : []),
      { title: 'Use the nearest yarns', run: () => put(asked.value!) },
      { title: 'Leave it', run: () => (asked.value = null) },
    ]
  })
  useEventListener('paste', (event: ClipboardEvent) => {
    if (!away(event) || !event.clipboardData?.files.length) return
    event.preventDefault()
    void take(event.clipboardData.files[0])
  })
  return { asked, answers, take }
}
