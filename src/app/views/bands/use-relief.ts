import { computed, type Ref } from 'vue'
import { type Lies, reliefMisfits, reliefOf, type ReliefPart, reliefs } from '@core/band'
import type { Cell } from '@core/chart'
import type { Yarn } from '@core/design'
import { liesOf, reliefWords } from '@core/snag'
import type { Layer } from '@core/design'
import type { SeenAs } from '@app/parts/chart/views.ts'
import type { Seen } from './use-view.ts'

/** What stands on a ground is painted like yarns: each symbol has a letter, and the ground of the chart is one too. */
export const symbolYarns: readonly Yarn[] = reliefs.map(({ letter, name }) => ({
  ...{ letter, name, colour: letter === 'A' ? '#e6dfcf' : '#cfe0d8' },
  ...{ label: null, inHandGrams: null, yarnClass: null, strands: [] },
}))
const GROUND = reliefs[0]!.letter

/** Symbols on a ground, beside its colours: the layer that is painted, what cannot stand there, and how it looks. */
export function useRelief(seen: Ref<Seen>, view: Ref<SeenAs>) {
  const part = computed((): ReliefPart | null =>
    seen.value.part.kind === 'relief' ? seen.value.part : null,
  )
  /** The symbols are seen and painted, rather than the colours. */
  const onRaised = computed(() => part.value !== null && view.value.as === 'raised')
  const layer = computed((): Layer => (onRaised.value ? 'raised' : 'chart'))
  const lies = computed((): Lies | null => {
    const { design, piece, place } = seen.value
    return part.value && place ? liesOf({ design, piece }, part.value, place) : null
  })
  const misfits = computed(() =>
    part.value && lies.value ? reliefMisfits(part.value, lies.value) : [],
  )
  const whys = computed(
    () => new Map(misfits.value.map(({ column, row, why }) => [`${column},${row}`, why])),
  )
  function whyAt({ column, row }: Cell): string {
    const why = whys.value.get(`${column},${row}`)
    return why ? `This stitch ${reliefWords[why]}.` : ''
  }
  /** The shape of a cell: what stands on it, or its ground. */
  const shapeAt = ({ column, row }: Cell): string => {
    const { raised, stitch } = part.value!
    return reliefOf(raised.colours[row]?.[column] ?? GROUND).stitch ?? stitch
  }
  return { part, onRaised, layer, misfits, whyAt, shapeAt, ground: GROUND }
}
