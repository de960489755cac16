import localforage from 'localforage'
import { answered } from './answered.ts'

/* What lies on the desk: texts one is at, which are no documents. They come back after a reload, and are nothing to lose. */

const desk = localforage.createInstance({ name: 'ample-motif', storeName: 'workshop' })

/** What lies there; null when there is nothing. @throws when the browser does not give it */
export const onDesk = <T>(key: string): Promise<T | null> => answered(desk.getItem<T>(key))

/** Leaves something there; where the browser refuses, only that is lost. */
export const leaveOnDesk = (key: string, value: unknown): Promise<unknown> =>
  answered(desk.setItem(key, value)).catch(() => null)
