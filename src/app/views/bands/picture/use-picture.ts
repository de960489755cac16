import {
  computed,
  inject,
  type InjectionKey,
  provide,
  reactive,
  ref,
  shallowRef,
  toRefs,
  watch,
} from 'vue'
import { type BandPart, isBandOf } from '@core/band'
import type { Cell, Chart } from '@core/chart'
import { type Corners, finenessAt, type Marks, unmarked } from '@core/picture'
import { yarnByGauge } from '@core/yarn'
import { useProject } from '@app/stores/project.ts'
import { depicter } from '@app/workers/workers.ts'
import {
  type Cut,
  cornersOf,
  questionOf,
  rowOf,
  type Rules,
  usualRules,
  wholeCut,
  type YarnRow,
} from './picture-asked.ts'
import { useAnswers } from './use-answers.ts'
import { usePlace } from './use-place.ts'

/** The band a picture is made into, and the chart that is there. */
export interface OfBand {
  readonly part: BandPart
  readonly chart: Chart
  /** The chart as it is shown, its own or all of a round; and what is chosen on it. */
  readonly shown: Chart
  readonly chosen: readonly Cell[]
  /** All of a round as one chart. */
  readonly onto: () => Chart
  readonly count: number
  readonly middles: { readonly front: number; readonly back: number }
  readonly blank: (row: number, height: number) => string
  readonly gauge: { readonly stitchWidthMm: number; readonly rowHeightMm: number }
}

/** A picture on its way to a chart: how it is looked at, in which yarns, by which rules, and what comes of it. */
export function usePicture(of: OfBand) {
  const project = useProject()
  /** Mosaic is worked in the two yarns of its rows. */
  const mosaic = computed(() => (isBandOf('mosaic', of.part) ? of.part : null))
  const file = shallowRef<File | null>(null)
  /** Its pixels across and up. */
  const size = ref({ width: 1, height: 1 })
  const cut = shallowRef<Cut>(wholeCut)
  const corners = computed((): Corners => cornersOf(cut.value, size.value))
  const light = reactive({ light: 0, contrast: 0 })
  const rules = ref<Rules>({
    ...usualRules,
    perRound: isBandOf('tapestry', of.part) ? Math.max(2, of.part.carried) : 2,
  })
  const yarns = shallowRef<readonly YarnRow[]>(firstYarns(of, project.design!.yarns))
  const background = ref<{ on: boolean; most: number; letter: string }>({
    ...{ on: false, most: 12, letter: yarns.value[0]?.letter ?? 'A' },
  })
  const { place, where, stitches, rounds } = usePlace(of, size, corners)
  /** Said of single cells; a yarn by its place among all of them. */
  const marks = shallowRef<Marks | null>(null)
  watch([stitches, rounds, place], () => (marks.value = null))

  const technique = computed(() => mosaic.value?.school ?? 'tapestry')
  const flat = computed(() => project.ledgerPiece!.worked === 'rows')
  const settings = reactive({
    ...{ file, size, cut, corners, light, rules, yarns, background, marks },
    ...{
      place,
      where,
      stitches,
      rounds,
      technique,
      flat,
      taking: yarnByGauge(of.gauge.stitchWidthMm),
    },
  })
  const question = () => questionOf(settings)
  const { words, found, costs, details, busy, stop, ask } = useAnswers(question)
  const fineness = computed(() => finenessAt(details.value, stitches.value))
  const all = [file, corners, stitches, rounds, place, yarns, rules, marks, background, light]
  watch(all, ask.chart, { deep: true })
  watch([file, corners], ask.details)
  const here = reactive({
    ...toRefs(settings),
    ...{ of, mosaic, words, found, costs, fineness, busy, stop },
    blankMarks: (): Marks => unmarked({ width: stitches.value, height: rounds.value }),
    /** So many colours of it, as it is looked at. */
    async colours(many: number): Promise<readonly string[]> {
      const one = question()
      if (typeof one === 'string') return []
      const meets = { around: false, up: false }
      const answer = await depicter.ask((api) =>
        api.colours(one.file, { ...one.looked, meets }, many),
      )
      return answer.ok ? answer.value : []
    },
  })
  provide(PICTURE, here)
  return here
}
export type OnPicture = ReturnType<typeof usePicture>
const PICTURE: InjectionKey<OnPicture> = Symbol('the picture')
/** The picture of the dialog this stands in. */
export const usePictureHere = (): OnPicture => inject(PICTURE)!

/** The yarns of the bag; for mosaic only the two of its rows, the lowest row's first. */
function firstYarns({ part, blank, chart }: OfBand, all: readonly Parameters<typeof rowOf>[0][]) {
  if (!isBandOf('mosaic', part)) return all.map(rowOf)
  const letters = [...new Set([blank(0, chart.colours.length), ...part.rows])]
  return letters.flatMap((letter) => all.filter((yarn) => yarn.letter === letter).map(rowOf))
}
