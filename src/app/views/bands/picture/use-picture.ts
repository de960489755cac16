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
import { isBandOf } from '@core/band'
import { type Corners, finenessAt, type Marks, unmarked } from '@core/picture'
import { yarnByGauge } from '@core/yarn'
import { useProject } from '@app/stores/project.ts'
import { depicter } from '@app/workers/workers.ts'
import {
  type Cut,
  cornersOf,
  type OfBand,
  questionOf,
  rowOf,
  type Rules,
  usualRules,
  wholeCut,
  type YarnRow,
} from './picture-asked.ts'
import { useAnswers } from './use-answers.ts'
import { usePlace } from './use-place.ts'

/** A picture on its way to a chart: how it is looked at, in which yarns, by which rules, and what comes of it. */
export function usePicture(of: OfBand) {
  const project = useProject()
  /** Mosaic is worked in the two yarns of its rows. */
  const mosaic = computed(() => (isBandOf('mosaic', of.part) ? of.part : null))
  const file = shallowRef<File | null>(null)
  /** Its pixels across and up. */
  const size = ref({ width: 1, height: 1 })
  /** As it is looked at. */
  const preview = shallowRef<ImageBitmap | null>(null)
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
  const taking = yarnByGauge(of.gauge.stitchWidthMm)
  const rowsFor = (high: number) =>
    Array.from({ length: high }, (_, row) => of.blank(row, high)).join('')
  const settings = reactive({
    ...{ file, size, preview, cut, corners, light, rules, yarns, background, marks },
    ...{ place, where, stitches, rounds, technique, flat, taking },
    rowsFor: mosaic.value ? rowsFor : null,
  })
  const question = () => questionOf(settings)
  const { words, found, costs, details, stage, stop, ask } = useAnswers(question)
  const fineness = computed(() => finenessAt(details.value, stitches.value))
  const all = [file, corners, stitches, rounds, place, yarns, rules, marks, background, light]
  watch(all, ask.chart, { deep: true })
  watch([file, corners], ask.details)
  const here = reactive({
    ...toRefs(settings),
    ...{ of, mosaic, words, found, costs, fineness, stage, stop },
    blankMarks: (): Marks => unmarked({ width: stitches.value, height: rounds.value }),
    /** Opens a picture: what is set of it begins anew. One that cannot be read leaves all as it is. */
    async open(one: File): Promise<void> {
      const answer = await depicter.ask((api) => api.open(one))
      if (!answer.ok) return void (words.value = answer.problem)
      const { width, height, preview: seen } = answer.value
      size.value = { width, height }
      preview.value = seen
      cut.value = wholeCut
      file.value = one
    },
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

/** The yarns of the bag; for mosaic those of its rows first, the lowest row's before all, and the others only where they are kept. */
function firstYarns({ part, blank, chart }: OfBand, all: readonly Parameters<typeof rowOf>[0][]) {
  if (!isBandOf('mosaic', part)) return all.map(rowOf)
  const letters = [...new Set([blank(0, chart.colours.length), ...part.rows])]
  const own = letters.flatMap((letter) => all.filter((yarn) => yarn.letter === letter))
  const others = all.filter(({ letter }) => !letters.includes(letter))
  return [...own.map(rowOf), ...others.map((yarn) => ({ ...rowOf(yarn), used: false }))]
}
