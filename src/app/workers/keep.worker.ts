import { expose } from 'comlink'
import type { Save, SaveResult, StoreName } from '@app/storage/document-store.ts'
import { stores } from '@app/storage/stores.ts'

const api = {
  /** Asked so that the worker is there before it is needed. */
  ready: () => true,
  save: <T>(store: StoreName, save: Save<T>): Promise<SaveResult> =>
    (stores[store].save as (save: Save<T>) => Promise<SaveResult>)(save),
}
export type KeepApi = typeof api

expose(api)
