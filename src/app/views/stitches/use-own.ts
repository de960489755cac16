import { computed } from 'vue'
import { checkPattern, problemText } from '@core/check'
import { type OwnDraft, type StitchPattern, stitchesOf, writtenOver } from '@core/texture'
import { useWorkshop } from '@app/stores/workshop.ts'

/** What does not add up in a pattern, over three of its repeats; empty when all does. */
export function faultsOf(pattern: StitchPattern, way: 'flat' | 'round'): string[] {
  const text = writtenOver(pattern, way, 3)
  if (text === null) return []
  const { rows, unread } = checkPattern(text)
  const own = pattern[way]!.begin.length + pattern[way]!.rows.length
  const faults = rows
    .slice(0, own + 1)
    .flatMap(({ row, problems }) =>
      problems.map((one) => `Row ${row! - 1}: ${problemText(one, 'us').message}`),
    )
  const count = stitchesOf(pattern, 3, way)
  const [, ...worked] = rows
  const end = worked[own - 1]?.makes
  if (faults.length === 0 && end !== undefined && end !== count)
    faults.push(`After its rows ${end} stitches are left of ${count}: it cannot go on from there.`)
  return [...faults, ...unread.map(({ text: line }) => `Could not be read: ${line}`)]
}

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
