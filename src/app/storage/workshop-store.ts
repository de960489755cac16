import localforage from 'localforage'

/** Settings shared by all bags. */
const workshop = localforage.createInstance({ name: 'ample-motif', storeName: 'workshop' })

export const readSetting = <T>(key: string): Promise<T | null> => workshop.getItem<T>(key)

/** Keeps a setting; a browser that refuses loses only the setting. */
export const keepSetting = (key: string, value: unknown): Promise<unknown> =>
  workshop.setItem(key, value).catch(() => null)
