import localforage from 'localforage'
import { answered } from './answered.ts'

/** Settings shared by all bags. */
const workshop = localforage.createInstance({ name: 'ample-motif', storeName: 'workshop' })

/** A setting; null when there is none, or the browser does not give it. */
export const readSetting = <T>(key: string): Promise<T | null> =>
  answered(workshop.getItem<T>(key)).catch(() => null)

/** Keeps a setting; a browser that refuses loses only the setting. */
export const keepSetting = (key: string, value: unknown): Promise<unknown> =>
  answered(workshop.setItem(key, value)).catch(() => null)
