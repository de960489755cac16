import { onScopeDispose, ref, shallowRef, type Ref, watch } from 'vue'
import type { Choices } from '@core/booklet'
import type { Words } from '@core/stitch'
import { stillsAreOff } from '@app/round/round.ts'
import { SIDES, stillOf } from '@app/round/stills.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { latestOnly } from '@app/workers/client.ts'
import type { Paired, Pages } from '@app/workers/paper.worker.ts'
import { paper } from '@app/workers/workers.ts'

/** On its pages, or as one text. */
export type Reads = 'pages' | 'text'

interface Asked {
  readonly bag: Paired
  readonly words: Words
  readonly choices: Choices
  readonly pictures: ReadonlyMap<string, string>
  readonly as: Reads
}

const SIZE = { width: 236, height: 236, ratio: 2 } as const

/** The bag in the round from both sides, by their names; none where this browser draws none. */
async function picturesOf(seen: Parameters<typeof stillOf>[0], wanted: () => boolean) {
  const pictures = new Map<string, string>()
  if (stillsAreOff()) return pictures
  for (const [name, turn] of Object.entries(SIDES)) {
    const still = await stillOf(seen, { ...SIZE, turn }, wanted)
    if (still) pictures.set(name, still)
  }
  return pictures
}

/** The pages of the pattern of the bag on the table, which a worker sets; the last ones stay until the next are there. */
export function useBooklet(choices: Ref<Choices>, reads: Ref<Reads>) {
  const project = useProject()
  const workshop = useWorkshop()
  const booklet = shallowRef<Pages | null>(null)
  const images = shallowRef<ReadonlyMap<string, string>>(new Map())
  const failed = ref<string | null>(null)
  /** It was asked on pages, and there are none. */
  const noPages = ref(false)
  const setting = latestOnly(
    ({ bag, words, choices: how, pictures, as }: Asked) =>
      paper.ask((api) => api.booklet(bag, words, how, pictures, as)),
    (answer, { pictures, as }) => {
      failed.value = answer.ok ? null : answer.problem
      if (!answer.ok) return
      booklet.value = answer.value
      images.value = pictures
      noPages.value = as === 'pages' && answer.value.pages === null
    },
  )
  let gone = false
  watch(
    [() => project.table, () => workshop.words, choices, reads] as const,
    async ([table, words, how, as]) => {
      // Of the other hand it is derived anew, and comes again.
      if (!table || table.hand !== words.hand) return
      const { design, log, derived } = table
      const now = () => !gone && project.table === table
      const ask = (pictures: ReadonlyMap<string, string>) =>
        setting.ask({
          bag: { design, log, derived },
          words: { ...words },
          choices: { ...how },
          pictures,
          as,
        })
      // In lines until the pictures are there.
      ask(images.value.size > 0 && how.colour ? images.value : new Map())
      if (!how.colour) return
      const seen = { design, ledger: derived.ledger, yarns: design.yarns, hand: words.hand }
      const pictures = await picturesOf(seen, now)
      if (pictures.size > 0 && now() && choices.value === how) ask(pictures)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    gone = true
    setting.drop()
  })
  return { booklet, failed, noPages }
}
