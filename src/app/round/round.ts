import { shallowRef } from 'vue'
import type { Derived } from '@core/bag'
import type { Design } from '@core/design'
import { rounder } from '@app/workers/workers.ts'
import type { Hit, View } from './scene.ts'

export type { Hit, View }

/** A bag that is to be seen, in the colours its yarns are seen in. */
export interface Seen {
  readonly design: Design
  readonly ledger: Derived['ledger']
  readonly yarns: Design['yarns']
  readonly hand: 'right' | 'left'
}

/** Pictures that stand still may be off: where it is tried what the program does, they would be in the way. */
const OFF = 'ample-motif-still-pictures'
export const stillsAreOff = (): boolean => {
  try {
    return globalThis.localStorage?.getItem(OFF) === 'off'
  } catch {
    return false
  }
}

/** Whether this browser draws bags in the round: null until that was asked. */
export const able = shallowRef<boolean | null>(null)
let asking: Promise<boolean> | null = null
export function isAble(): Promise<boolean> {
  asking ??= rounder.ask((api) => api.able()).then((answer) => answer.ok && answer.value)
  return asking.then((is) => (able.value = is))
}

let keys = 0
const known = new WeakMap<object, Map<string, string>>()
/** What a bag is known by to the one who draws it: it is another when its rows or its colours are. */
function keyOf({ ledger, yarns, hand }: Seen): { key: string; colours: Record<string, string> } {
  const colours = Object.fromEntries(yarns.map(({ letter, colour }) => [letter, colour]))
  const of = known.get(ledger) ?? new Map<string, string>()
  known.set(ledger, of)
  const seen = JSON.stringify([hand, colours])
  const key = of.get(seen) ?? `bag ${++keys}`
  of.set(seen, key)
  return { key, colours }
}

/** Makes a bag ready to be drawn, if it is not. Its key; null where it cannot be. */
export async function readied(seen: Seen): Promise<string | null> {
  const { key, colours } = keyOf(seen)
  const { design, ledger, hand } = seen
  const answer = await rounder.ask((api) => api.ready(key, { design, ledger, colours, hand }))
  return answer.ok ? key : null
}

/** A picture of a bag as it is seen from somewhere; null where there is none to be had. */
export async function pictureOf(seen: Seen, view: View, mark: Hit | null = null) {
  if (!(await isAble())) return null
  const { key } = keyOf(seen)
  const drawn = async () => {
    const answer = await rounder.ask((api) => api.picture(key, view, mark))
    return answer.ok ? answer.value : null
  }
  return (await drawn()) ?? ((await readied(seen)) ? drawn() : null)
}

/** The place of a bag under a point of its view, seen through a piece that is moved over it. */
export async function placeUnder(
  seen: Seen,
  view: View,
  x: number,
  y: number,
  through: number | null = null,
): Promise<Hit | null> {
  const { key } = keyOf(seen)
  const answer = await rounder.ask((api) => api.pick(key, view, x, y, through))
  return answer.ok ? answer.value : null
}
