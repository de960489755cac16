import { type Ref, reactive, watch } from 'vue'
import type { Project } from '@core/project'
import { copyName } from '@core/units'
import { kept } from '@app/storage/kept.ts'
import { whenLeaving } from './leaving.ts'
import { Saver } from './saver.ts'

export type { SaveState } from './saver.ts'

/** A bag under the name of a copy. */
export const asCopy = ({ design, ...rest }: Project): Project => ({
  ...rest,
  design: { ...design, name: copyName(design.name) },
})

/** Saves the bag on the table by itself, from its first change to the end of the tab. */
export function useSaving(
  project: Readonly<Ref<Project | null>>,
  reload: () => Promise<void>,
  beside?: () => unknown,
) {
  const saver = new Saver(kept.bags, project, reload, beside)
  watch(project, saver.changed, { flush: 'sync' })
  whenLeaving({ unsaved: saver.losing, hide: saver.flush, leave: saver.note })
  const { state, savedAt, previous, ...rest } = saver
  const { begin, end, flush, unsaved, heardSave, takeTheirs, putBack } = rest
  /** Keeps this tab's bag beside the other's, under an id that is given back. @throws when it cannot be stored */
  const keepAsCopy = () => saver.keepAs(asCopy(project.value!))
  return reactive({
    ...{ state, savedAt, previous },
    ...{ begin, end, flush, unsaved, heardSave, takeTheirs, keepAsCopy, putBack },
  })
}
