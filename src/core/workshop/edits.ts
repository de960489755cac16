import { drawers, type Drawer, MOST } from './drawers.ts'
import { emptyWorkshop } from './head.ts'
import type { Settings, Workshop } from './workshop.ts'

/*
 * What can be done to a workshop. An edit is data, and is done to what is stored, whatever that has become meanwhile: what two tabs
 * keep stands side by side.
 */

type Thing<D extends Drawer> = Workshop[D][number]
type Keep = { [D in Drawer]: { readonly do: 'keep'; readonly drawer: D; readonly thing: Thing<D> } }
export type WorkshopEdit =
  | Keep[Drawer]
  | { readonly do: 'remove'; readonly drawer: Drawer; readonly id: string }
  | { readonly do: 'set'; readonly settings: Partial<Settings> }
  /** What another workshop has beside this one's: of things with one id this one's stays. */
  | { readonly do: 'take'; readonly from: Workshop }

/** The things of a drawer with one of them in its place, or at the end; the oldest makes room where there is none. */
function withThing(
  list: readonly { readonly id: string }[],
  thing: { readonly id: string },
  most: number,
) {
  const at = list.findIndex(({ id }) => id === thing.id)
  return at >= 0 ? list.with(at, thing) : [...list, thing].slice(-most)
}

/** A workshop after an edit. Pure. */
export function workshopAfter(workshop: Workshop, edit: WorkshopEdit): Workshop {
  switch (edit.do) {
    case 'keep': {
      const { drawer, thing } = edit
      return { ...workshop, [drawer]: withThing(workshop[drawer], thing, MOST[drawer]) }
    }
    case 'remove': {
      const list: readonly { readonly id: string }[] = workshop[edit.drawer]
      return { ...workshop, [edit.drawer]: list.filter(({ id }) => id !== edit.id) }
    }
    case 'set':
      return { ...workshop, settings: { ...workshop.settings, ...edit.settings } }
    case 'take':
      return drawers.reduce((now, drawer) => {
        const has = new Set(now[drawer].map(({ id }) => id))
        const more = edit.from[drawer].filter(({ id }) => !has.has(id))
        return { ...now, [drawer]: [...now[drawer], ...more].slice(0, MOST[drawer]) }
      }, workshop)
  }
}

/** How many things of another workshop this one does not have. */
export const newIn = (workshop: Workshop, from: Workshop): number =>
  drawers.reduce((sum, drawer) => {
    const has = new Set(workshop[drawer].map(({ id }) => id))
    return sum + from[drawer].filter(({ id }) => !has.has(id)).length
  }, 0)

/** A workshop after edits, one after the other. */
export const workshopWith = (
  edits: readonly WorkshopEdit[],
  workshop: Workshop = emptyWorkshop,
): Workshop => edits.reduce(workshopAfter, workshop)

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** The edits that make one workshop another. */
export function editsTo(from: Workshop, to: Workshop): WorkshopEdit[] {
  const edits: WorkshopEdit[] = same(from.settings, to.settings)
    ? []
    : [{ do: 'set', settings: to.settings }]
  for (const drawer of drawers) {
    const before = new Map<string, unknown>(from[drawer].map((thing) => [thing.id, thing]))
    const after = new Set(to[drawer].map(({ id }) => id))
    for (const { id } of from[drawer]) if (!after.has(id)) edits.push({ do: 'remove', drawer, id })
    for (const thing of to[drawer])
      if (!same(before.get(thing.id), thing))
        edits.push({ do: 'keep', drawer, thing } as WorkshopEdit)
  }
  return edits
}

/** A workshop whose things stand beside those of another: what has an id there, and is another thing, gets one of its own. */
export function besideThose(workshop: Workshop, there: Workshop, idOf: () => string): Workshop {
  const beside = (drawer: Drawer) => {
    const known = new Map<string, unknown>(there[drawer].map((thing) => [thing.id, thing]))
    return workshop[drawer].map((thing) =>
      !known.has(thing.id) || same(known.get(thing.id), thing) ? thing : { ...thing, id: idOf() },
    )
  }
  return { ...workshop, ...Object.fromEntries(drawers.map((drawer) => [drawer, beside(drawer)])) }
}
