import { shallowRef, toRaw } from 'vue'
import { isMotif, type Motif } from '@core/motif'
import { keepSetting, readSetting } from '@app/storage/workshop-store.ts'

const MOST = 400
const own = shallowRef<readonly Motif[]>([])
let loaded: Promise<unknown> | null = null

/** Motifs of one's own, kept in the workshop for every bag. */
export function useMotifs() {
  loaded ??= readSetting<Motif[]>('own-motifs').then((kept) => {
    own.value = (Array.isArray(kept) ? kept : []).filter(isMotif)
  })
  async function set(list: readonly Motif[]) {
    own.value = list.slice(-MOST)
    await keepSetting('own-motifs', toRaw([...own.value]))
  }
  return {
    own,
    async keep(motif: Motif) {
      await loaded
      await set([...own.value.filter(({ id }) => id !== motif.id), motif])
    },
    remove: (id: string) => set(own.value.filter((one) => one.id !== id)),
  }
}
