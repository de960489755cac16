import { computed, ref, type Ref, watch } from 'vue'
import { type Patch, type StandingId, standing } from '@core/chart'
import { LIMITS } from '@core/part'
import { type Corners, type Onto, roundsFor, sizeOf, stitchesFor } from '@core/picture'
import { steady } from '@app/parts/page/steady.ts'
import type { OfBand, Where } from './picture-asked.ts'

/** No yarn: it stands for the picture while its place is looked for. */
const ANY = '?'

/** Where a picture stands on the band, and on how many stitches and rounds: one follows from the other by its shape. */
export function usePlace(
  of: OfBand,
  size: Readonly<Ref<{ readonly width: number; readonly height: number }>>,
  corners: Readonly<Ref<Corners>>,
) {
  const where = ref<Where>('all')
  /** Which of both was said: the other follows. */
  const said = ref<{ readonly by: 'stitches' | 'rounds'; readonly many: number }>({
    by: 'stitches',
    many: of.chart.width,
  })
  const box = computed(() => {
    const [columns, rows] = [of.chosen.map(({ column }) => column), of.chosen.map(({ row }) => row)]
    const [left, low] = [Math.min(...columns), Math.min(...rows)]
    return { left, low, wide: Math.max(...columns) - left + 1, high: Math.max(...rows) - low + 1 }
  })
  const seen = computed(() => sizeOf(size.value, corners.value))
  const stitches = computed({
    get: () =>
      where.value === 'chosen'
        ? box.value.wide
        : said.value.by === 'stitches'
          ? said.value.many
          : Math.min(LIMITS.chartWidth, stitchesFor(seen.value, said.value.many, of.gauge)),
    set: (many) => (said.value = { by: 'stitches', many }),
  })
  const rounds = computed({
    get: () =>
      where.value === 'chosen'
        ? box.value.high
        : said.value.by === 'rounds'
          ? said.value.many
          : roundsFor(seen.value, said.value.many, of.gauge),
    set: (many) => (said.value = { by: 'rounds', many }),
  })
  /** A face of a round is half of it: a picture on it is as wide as most of that. */
  watch(where, (now) => {
    if (now === 'front' || now === 'back')
      said.value = { by: 'stitches', many: Math.max(4, Math.round(of.count * 0.4)) }
    if (now === 'all') said.value = { by: 'stitches', many: of.chart.width }
  })
  // The same while it says the same: what is said of its cells, and the answer to it, stay.
  const place = steady((): Onto | null => {
    if (where.value === 'all') return null
    if (where.value === 'chosen') {
      const { left, low, wide, high } = box.value
      const isOn = left + wide <= of.shown.width && low + high <= of.shown.colours.length
      return isOn ? { chart: of.shown, column: left, row: low } : null
    }
    if (stitches.value > of.count || rounds.value > LIMITS.chartHeight) return null
    return standsOn(of, where.value, stitches.value, rounds.value)
  })
  return { where, stitches, rounds, place }
}

/** A picture's place in the middle of a face, the chart all around it. */
function standsOn(of: OfBand, face: StandingId, wide: number, high: number): Onto | null {
  const all = of.onto()
  const patch: Patch = { width: wide, colours: Array<string>(high).fill(ANY.repeat(wide)) }
  const tall = Math.max(all.colours.length, high)
  const stood = standing(patch, face, of.middles, all, (row) => of.blank(row, tall))
  if (!stood) return null
  const { chart } = stood
  const left = Math.round(of.middles[face === 'back' ? 'back' : 'front'] - wide / 2)
  return {
    chart,
    column: ((left % chart.width) + chart.width) % chart.width,
    row: chart.colours.findIndex((row) => row.includes(ANY)),
  }
}
