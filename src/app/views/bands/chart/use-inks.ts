import { computed, type Ref, ref, shallowRef, watch } from 'vue'
import { type Chart, groundOf, lettersOf } from '@core/chart'
import { type Aid, aids } from '@core/colour'
import type { Yarn } from '@core/design'
import type { Ink } from '@app/parts/chart/ink.ts'
import { type Sign, signs } from '@app/parts/chart/signs.ts'
import { steady } from '@app/parts/page/steady.ts'
import type { Symbols } from '../chart-kinds/chart-kind.ts'

interface Shown {
  readonly yarns: Ref<readonly Yarn[]>
  /** What is painted where that is no yarn. */
  readonly symbols: Ref<Symbols | null>
  /** The chart that is seen, and the band's own. */
  readonly chart: Ref<Chart | null>
  readonly own: Ref<Chart | null>
}

/** What a chart is painted with, and how that is seen: yarns in their colours, or symbols. */
export function useInks({ yarns, symbols, chart, own }: Shown) {
  const yarnLetter = ref('B')
  const symbol = ref('B')
  /** The yarn, or the symbol, that is painted with. */
  const letter = computed({
    get: () => (symbols.value ? symbol : yarnLetter).value,
    set: (chosen) => ((symbols.value ? symbol : yarnLetter).value = chosen),
  })
  watch(
    yarns,
    (now) => {
      if (!now.some((yarn) => yarn.letter === yarnLetter.value))
        yarnLetter.value = now.at(-1)!.letter
    },
    { immediate: true },
  )
  const palette = computed((): readonly Ink[] => symbols.value?.inks ?? yarns.value)
  /** What stands in its cells. */
  const sign = shallowRef<Sign>(signs[0]!)
  /** The yarns in the colours they are seen in. */
  const aid = shallowRef<Aid>(aids[0]!)
  const seen = computed(() =>
    aid.value === aids[0]
      ? yarns.value
      : yarns.value.map((yarn) => ({ ...yarn, colour: aid.value.of(yarn.colour) })),
  )
  /** What the eraser paints with. */
  const ground = computed(() => {
    if (symbols.value) return symbols.value.ground
    const shown = own.value ?? chart.value
    return shown ? groundOf(shown) : 'A'
  })
  const inBand = steady(() => {
    if (symbols.value) return symbols.value.inks.map((one) => one.letter)
    return chart.value ? lettersOf(own.value ?? chart.value) : []
  })
  return { letter, palette, sign, aid, seen, ground, inBand }
}
