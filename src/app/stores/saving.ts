import { type Ref, reactive, watch } from 'vue'
import type { Design } from '@core/design'
import { whenLeaving } from './leaving.ts'
import { Saver } from './saver.ts'

export type { SaveState } from './saver.ts'

/** Saves the bag on the table by itself, from its first change to the end of the tab. */
export function useSaving(design: Readonly<Ref<Design | null>>, reload: () => Promise<void>) {
  const saver = new Saver(design, reload)
  watch(design, saver.changed, { flush: 'sync' })
  whenLeaving({ unsaved: saver.losing, hide: saver.flush, leave: saver.note })
  const { state, savedAt, previous, ...rest } = saver
  const { begin, end, flush, unsaved, heardSave, takeTheirs, keepAsCopy, putBack } = rest
  return reactive({
    ...{ state, savedAt, previous },
    ...{ begin, end, flush, unsaved, heardSave, takeTheirs, keepAsCopy, putBack },
  })
}
