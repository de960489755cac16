import { computed } from 'vue'
import type { Motif } from '@core/motif'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Motifs of one's own, kept in the workshop for every bag. */
export function useMotifs() {
  const workshop = useWorkshop()
  return {
    own: computed((): readonly Motif[] => workshop.workshop.motifs),
    keep: ({ id, name, kind, width, colours }: Motif) =>
      workshop.edit({
        do: 'keep',
        drawer: 'motifs',
        thing: { id, name, kind, width, colours, own: true },
      }),
    remove: (id: string) => workshop.edit({ do: 'remove', drawer: 'motifs', id }),
  }
}
