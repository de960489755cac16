import { computed } from 'vue'
import type { OwnDraft } from '@core/texture'
import { useWorkshop } from '@app/stores/workshop.ts'

/** One's own stitch patterns, kept in the workshop. */
export function useOwn() {
  const workshop = useWorkshop()
  const keep = (thing: OwnDraft) => workshop.edit({ do: 'keep', drawer: 'patterns', thing })
  return {
    own: computed((): readonly OwnDraft[] => workshop.workshop.patterns),
    keep,
    remove: (id: string) => workshop.edit({ do: 'remove', drawer: 'patterns', id }),
    take: (drafts: readonly OwnDraft[]) => drafts.forEach(keep),
  }
}
