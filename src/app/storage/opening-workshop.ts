import { fieldFaults } from '@core/document'
import { emptyWorkshop, OwnMotif, OwnPattern, Settings, type Workshop } from '@core/workshop'
import { Unreadable } from './answered.ts'
import type { KeptRecord } from './document-store.ts'
import { stores } from './stores.ts'

export interface OpenWorkshop {
  readonly record: KeptRecord
  readonly document: Workshop
}

/**
 * The workshop as it is stored; where there is none yet, what earlier versions of the program kept, or an empty one.
 * @throws when storage refuses or does not answer, or what is there cannot be read: it is then left as it is
 */
export async function openWorkshop(id: string): Promise<OpenWorkshop> {
  const record =
    (await stores.workshop.maybe(id)) ?? (await stores.workshop.keepFirst(id, await keptBefore()))
  const read = stores.workshop.read(record)
  if (read.ok) return { record, document: read.value }
  const [{ where, message } = { where: '', message: '' }] = read.problem
  throw new Unreadable(`${where} ${message}`)
}

/** What versions without a workshop of one piece kept, setting by setting; what of it is not sound is left out. */
async function keptBefore(): Promise<Workshop> {
  const [words, patterns, motifs, brought] = await Promise.all(
    ['words', 'own-stitches', 'own-motifs', 'demo-brought'].map(stores.workshop.maybeRaw),
  )
  const sound = <T extends object>(of: new () => T, list: unknown): T[] =>
    (Array.isArray(list) ? (list as (T | null)[]) : []).filter(
      (one): one is T =>
        typeof one === 'object' && one !== null && fieldFaults(of, one).length === 0,
    )
  const settings = {
    ...emptyWorkshop.settings,
    ...(typeof words === 'object' ? words : {}),
    demoBrought: brought === true,
  } as Settings
  return {
    ...emptyWorkshop,
    settings: fieldFaults(Settings, settings).length === 0 ? settings : emptyWorkshop.settings,
    patterns: sound(OwnPattern, patterns),
    motifs: sound(OwnMotif, motifs),
  }
}
