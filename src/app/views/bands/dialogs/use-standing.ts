import { computed, type Ref } from 'vue'
import { type Chart, type Patch, standing, standingsIn, type Stood } from '@core/chart'
import { rowWord } from '@core/terms'
import { counted, listed } from '@core/units'

/** A motif and the chart it may stand on. */
interface MayStand {
  readonly open: Ref<boolean>
  readonly patch: Ref<Patch | null>
  readonly count: () => number
  readonly worked: () => 'rounds' | 'rows'
  readonly middles: () => { readonly front: number; readonly back: number }
  /** The chart there is, all along the round; and the letter of a row that is added to it. */
  readonly onto: () => Chart
  readonly blank: (row: number, height: number) => string
}

/** A motif on one side: what comes of it, in a few words before it is done and in a sentence after. */
export interface Standing {
  readonly id: string
  readonly title: string
  readonly stands: Stood | null
  readonly words: string
  readonly said: string
}

/** Where a motif can stand, on the front, the back or both, and what that changes of the chart that is there. */
export function useStanding(of: MayStand) {
  const word = computed(() => rowWord(of.worked()))
  /** The chart it would be laid on: looked at while the dialog is open. */
  const there = computed(() => (of.open.value && of.count() > 0 ? of.onto() : null))
  function changeOf({ covers, more }: Stood): string {
    const said = [
      ...(covers > 0 ? [`covers ${counted(covers, 'painted stitch')}`] : []),
      ...(more > 0 ? [`adds ${counted(more, word.value)}`] : []),
    ]
    return said.length > 0 ? listed(said) : 'the rest stays'
  }
  return computed((): readonly Standing[] => {
    const [what, chart] = [of.patch.value, there.value]
    return standingsIn(of.worked()).map(({ id, title }) => {
      const none = { id, title, stands: null, words: '', said: '' }
      if (!what || !chart) return none
      const high = Math.max(chart.colours.length, what.colours.length)
      const stands = standing(what, id, of.middles(), chart, (row) => of.blank(row, high))
      if (!stands) return { ...none, words: 'wider than there is room' }
      const changed = stands.covers + stands.more > 0 ? ` It ${changeOf(stands)}.` : ''
      const rest = `The chart is now the whole ${word.value}, ${counted(chart.width, 'stitch')}; all beside the motif is as it was.`
      return { id, title, stands, words: changeOf(stands), said: `${title}. ${rest}${changed}` }
    })
  })
}
