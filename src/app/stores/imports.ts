import { defineStore } from 'pinia'
import { nanoid } from 'nanoid'
import { shallowRef } from 'vue'
import type { Project } from '@core/project'
import { shortened } from '@core/units'
import { failureWords, NotDone } from '@app/storage/answered.ts'
import type { RestoreAs, SameWork } from '@app/storage/joining.ts'
import { ask } from '@app/storage/kept.ts'
import { sitting } from '@app/storage/unsaved-note.ts'
import { GIVEN_UP } from '@app/workers/client.ts'
import { paper } from '@app/workers/workers.ts'
import { newIn } from '@core/workshop'
import { useShelf } from './shelf.ts'
import { useWorkshop } from './workshop.ts'

/** A file that was given to the program, and what became of it. */
export interface Import {
  readonly key: string
  readonly file: string
  readonly state: 'reading' | 'asks' | 'taken' | 'refused'
  /** A bag that is here already, to which it can be joined: what it has beyond that. */
  readonly same: SameWork | null
  readonly document: Project | null
  /** The bag it became. */
  readonly bag: { readonly id: string; readonly name: string } | null
  /** Things of a workshop that were taken into this one; null where it was none. */
  readonly workshop: number | null
  readonly problems: readonly { readonly where: string; readonly message: string }[]
}

const MOST_AT_ONCE = 20

type Shelf = ReturnType<typeof useShelf>

/** What becomes of a bag that was read: put on the shelf; where it is there already, as she says. */
function usePutting(
  shelf: Shelf,
  set: (key: string, over: Partial<Import>) => void,
  refuse: (key: string, problems: Import['problems']) => void,
) {
  async function putBeside(key: string, document: Project): Promise<string | null> {
    const id = await shelf.add(document)
    if (id) set(key, { state: 'taken', bag: { id, name: document.design.name } })
    else refuse(key, [{ where: '', message: shelf.refused ?? 'It could not be stored.' }])
    return id
  }

  /** What is asked of a bag that is here already: the logs joined, with this plan or that; or a bag of its own. */
  async function answer({ key, same, document }: Import, as: RestoreAs) {
    if (!same || !document) return
    if (as === 'beside') return void (await putBeside(key, document))
    const { id, name } = same
    try {
      await ask((api) => api.join(id, as, document, sitting))
      set(key, { state: 'taken', bag: { id, name } })
      await shelf.refresh()
    } catch (error) {
      const words = error instanceof NotDone ? failureWords[error.reason] : 'It could not be joined'
      refuse(key, [{ where: '', message: `${words}; the bag here is as it was.` }])
    }
  }

  return { putBeside, answer }
}

/** Bags and workshops given to the program as files, one after the other, each of which is answered. */
export const useImports = defineStore('imports', () => {
  const shelf = useShelf()
  const workshop = useWorkshop()
  const list = shallowRef<readonly Import[]>([])
  let stop = new AbortController()

  const set = (key: string, over: Partial<Import>) => {
    list.value = list.value.map((one) => (one.key === key ? { ...one, ...over } : one))
  }
  const refuse = (key: string, problems: Import['problems']) =>
    set(key, { state: 'refused', problems })
  const { putBeside, answer } = usePutting(shelf, set, refuse)

  /** Takes files; the last bag that came of them. */
  async function take(files: readonly File[]): Promise<string | null> {
    stop = new AbortController()
    const { signal } = stop
    const given = files.map((file): readonly [File, Import] => [
      file,
      {
        key: nanoid(8),
        file: shortened(file.name, 60),
        state: 'reading',
        bag: null,
        same: null,
        document: null,
        workshop: null,
        problems: [],
      },
    ])
    list.value = given.map(([, one]) => one)
    let last: string | null = null
    for (const [i, [file, { key }]] of given.entries()) {
      if (i >= MOST_AT_ONCE || signal.aborted) {
        refuse(key, [
          {
            where: '',
            message: signal.aborted
              ? GIVEN_UP
              : `${MOST_AT_ONCE} files are taken at once; give this one again`,
          },
        ])
        continue
      }
      last = (await takeOne(file, key, signal)) ?? last
    }
    return last
  }

  async function takeOne(file: File, key: string, signal: AbortSignal): Promise<string | null> {
    const answer = await paper.ask((api) => api.read(file), { signal })
    const read = answer.ok ? answer.value : answer
    if (!read.ok) {
      refuse(
        key,
        typeof read.problem === 'string' ? [{ where: '', message: read.problem }] : read.problem,
      )
      return null
    }
    const { kind, document } = read.value
    if (kind === 'workshop') {
      set(key, { state: 'taken', workshop: newIn(workshop.workshop, document) })
      workshop.edit({ do: 'take', from: document })
      return null
    }
    const same = await ask((api) => api.sameWork(document)).catch(() => null)
    if (same) {
      set(key, { state: 'asks', same, document })
      return null
    }
    return await putBeside(key, document)
  }

  return { list, take, answer, stop: () => stop.abort(), clear: () => (list.value = []) }
})
