import { expose } from 'comlink'
import { saveBag } from '@app/storage/bag-store.ts'

const api = {
  /** Asked so that the worker is there before it is needed. */
  ready: () => true,
  save: saveBag,
}
export type KeepApi = typeof api

expose(api)
