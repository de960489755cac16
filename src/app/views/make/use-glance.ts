import { type Ref, watch } from 'vue'
import { type LastSeen, leaveSeen } from '@app/storage/place-note.ts'
import { useProject } from '@app/stores/project.ts'

/** What is seen of the row in hand is noted, so that it is seen again at once when the bag is next opened. */
export function useGlance({
  title,
  about,
  count,
  runs,
}: {
  readonly title: Readonly<Ref<string>>
  readonly about: Readonly<Ref<string>>
  readonly count: Readonly<Ref<{ readonly here: number; readonly of: number }>>
  readonly runs: Readonly<Ref<LastSeen['runs']>>
}): void {
  const project = useProject()
  watch(
    [title, about, count, runs],
    () => {
      if (!project.id || !title.value) return
      const { here, of } = count.value
      const seen = runs.value.map(({ text, colour, is }) => ({ text, colour, is }))
      leaveSeen(project.id, { title: title.value, about: about.value, here, of, runs: seen })
    },
    { flush: 'post', immediate: true },
  )
}
