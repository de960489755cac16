import { expose, transfer } from 'comlink'
import type { Design } from '@core/design'
import { formOf } from '@core/form'
import { type Ledger, runsIn } from '@core/ledger'
import { yarnPaths } from '@core/paths'
import { maybeStriped } from '@core/yarn'
import { cordMaps, type Maps, mapsOf } from '@app/round/maps.ts'
import { type Hit, type Model, modelOf, RoundScene, type View } from '@app/round/scene.ts'

/** A bag to draw: what it is, and the colours of its yarns as they are seen. */
export interface Drawn {
  readonly design: Design
  readonly ledger: Ledger
  readonly colours: Readonly<Record<string, string>>
  readonly hand: 'right' | 'left'
}

/** How long it took to make it ready, in ms: its meshes, and its fabric. */
export interface MadeReady {
  readonly form: number
  readonly maps: number
}

const models = new Map<string, Model>()
const KEPT = 6

function ready(key: string, { design, ledger, colours, hand }: Drawn): MadeReady {
  if (models.has(key)) return { form: 0, maps: 0 }
  const began = performance.now()
  const form = formOf({ design, ledger }, { hand, soft: true })
  const formed = performance.now()
  const known = new Map<number, Maps>()
  const runs = runsIn(ledger.yarns, design.yarns).colours
  const paths = () => ledger.pieces.map((piece) => yarnPaths(ledger, piece))
  const striped = runs.length > 0 ? maybeStriped(design, ledger, paths(), hand) : null
  const inOrder = [
    ...ledger.yarns.map((letter) => colours[letter] ?? '#888888'),
    ...runs.map(({ colour }) => colour),
  ]
  const maps = (piece: number): Maps => {
    const found = known.get(piece) ?? mapsOf(ledger, piece, hand, inOrder, striped?.[piece]?.around)
    known.set(piece, found)
    return found
  }
  const inks = new Map<string, Maps>()
  const inked = (ink: string): Maps => {
    const found = inks.get(ink) ?? cordMaps(ink.startsWith('#') ? ink : (colours[ink] ?? '#888888'))
    inks.set(ink, found)
    return found
  }
  const model = modelOf(
    form,
    ({ piece }) => (piece < 0 ? 4 : ledger.pieces[piece]!.rows),
    ({ piece, ink }) => (piece < 0 ? inked(ink!) : maps(piece)),
  )
  models.set(key, model)
  for (const [old, one] of models) {
    if (models.size <= KEPT) break
    if (old === key) continue
    one.dispose()
    models.delete(old)
  }
  return { form: formed - began, maps: performance.now() - formed }
}

/** All pictures are drawn on one canvas, which is begun when the first is asked for. */
let scene: RoundScene | null = null

const api = {
  /** Whether bags can be drawn here at all. */
  able(): boolean {
    try {
      scene ??= new RoundScene(new OffscreenCanvas(64, 64))
      return true
    } catch {
      return false
    }
  },
  ready,
  /** A picture of a bag that is ready, with a place on it marked; null where it is not ready. */
  picture(key: string, view: View, mark: Hit | null = null): ImageBitmap | null {
    const model = models.get(key)
    if (!model || !scene) return null
    scene.show(model)
    scene.markAt(mark)
    scene.draw(view)
    const bitmap = scene.canvas.transferToImageBitmap()
    return transfer(bitmap, [bitmap])
  },
  /** What of a bag lies under a place of its view. */
  pick(key: string, view: View, x: number, y: number, through: number | null): Hit | null {
    const model = models.get(key)
    if (!model || !scene) return null
    scene.show(model)
    scene.look(view)
    return scene.pick(x, y, view, through)
  },
}
export type RoundApi = typeof api

expose(api)
