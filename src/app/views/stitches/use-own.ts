import { shallowRef } from 'vue'
import { checkPattern, problemText } from '@core/check'
import { isDraft, type OwnDraft, type StitchPattern, stitchesOf, writtenOver } from '@core/texture'
import { keepSetting, readSetting } from '@app/storage/workshop-store.ts'

const MOST = 200
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
  const own = shallowRef<readonly OwnDraft[]>([])
  const loaded = readSetting<OwnDraft[]>('own-stitches')
    .then((kept) => (own.value = (kept ?? []).filter(isDraft)))
    .catch(() => {})
  /** Answers once it is stored, so that whoever looks next finds it. */
  async function set(list: readonly OwnDraft[]) {
    own.value = list.slice(0, MOST)
    await keepSetting('own-stitches', [...own.value]).catch(() => {})
  }
  return {
    own,
    /** Puts it beside those that are kept already. */
    async keep(draft: OwnDraft) {
      await loaded
      const there = own.value.some(({ id }) => id === draft.id)
      await set(
        there ? own.value.map((one) => (one.id === draft.id ? draft : one)) : [...own.value, draft],
      )
    },
    remove: (id: string) => set(own.value.filter((one) => one.id !== id)),
    take: (drafts: readonly OwnDraft[]) =>
      set([...own.value.filter(({ id }) => !drafts.some((one) => one.id === id)), ...drafts]),
  }
}
