import { pictureOf, type Seen, stillsAreOff, type View } from './round.ts'

/*
 * Pictures that stand still: each is made once for what it shows, one at a time, when the hand has rested.
 */

const REST_MS = 1000
let lastMoved = 0
const moved = () => (lastMoved = performance.now())
for (const kind of ['pointerdown', 'pointermove', 'keydown', 'wheel'])
  globalThis.addEventListener?.(kind, moved, { capture: true, passive: true })

const rested = async (): Promise<void> => {
  for (;;) {
    const left = lastMoved + REST_MS - performance.now()
    if (left <= 0) return
    await new Promise((done) => setTimeout(done, left))
  }
}

/** A picture, made or on its way, and whoever still wants it. */
interface Still {
  readonly answer: Promise<string | null>
  readonly wants: (() => boolean)[]
}
const made = new WeakMap<object, Map<string, Still>>()
let queue: Promise<unknown> = Promise.resolve()

/** From the front, a little from the left and from above. */
export const STILL = { turn: 0.42, tilt: 0.3, near: 1, still: true } as const

/** The address of a picture of a bag; null where none can be made. `wanted` says whether it still is, when its turn comes. */
export function stillOf(
  seen: Seen,
  size: Pick<View, 'width' | 'height'> & Partial<View>,
  wanted: () => boolean = () => true,
): Promise<string | null> {
  if (stillsAreOff()) return Promise.resolve(null)
  const view: View = { ...STILL, ratio: Math.min(2, globalThis.devicePixelRatio || 1), ...size }
  const of = made.get(seen.ledger) ?? new Map<string, Still>()
  made.set(seen.ledger, of)
  const key = JSON.stringify([seen.yarns.map(({ colour }) => colour), seen.hand, view])
  const known = of.get(key)
  if (known) {
    known.wants.push(wanted)
    return known.answer
  }
  const wants = [wanted]
  const next = queue
    .then(rested)
    .then(() => (wants.some((one) => one()) ? drawn(seen, view) : undefined))
    .catch(() => null)
  queue = next
  const answer = next.then((url) => {
    // What was not wanted any more may be again.
    if (url === undefined) of.delete(key)
    return url ?? null
  })
  of.set(key, { answer, wants })
  return answer
}

async function drawn(seen: Seen, view: View): Promise<string | null> {
  const bitmap = await pictureOf(seen, view)
  return bitmap && URL.createObjectURL(await blobOf(bitmap))
}

/** A picture as PNG. */
export async function blobOf(bitmap: ImageBitmap): Promise<Blob> {
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  canvas.getContext('bitmaprenderer')!.transferFromImageBitmap(bitmap)
  return canvas.convertToBlob({ type: 'image/png' })
}

/** From where a bag is shown on paper: from the front, and from the back. */
export const SIDES = { front: STILL.turn, back: STILL.turn + Math.PI } as const

/** The bag as it goes out: pictures of both sides, larger than on any screen. None where none is drawn. `tell` hears which is drawn. */
export async function portraitsOf(
  seen: Seen,
  tell: (stage: string) => void,
): Promise<Map<string, Blob>> {
  const portraits = new Map<string, Blob>()
  for (const [name, turn] of Object.entries(SIDES)) {
    tell(`drawing the bag from the ${name}`)
    const view = { ...STILL, turn, width: 1200, height: 1200, ratio: 1 }
    const bitmap = await pictureOf(seen, view)
    if (bitmap) portraits.set(name, await blobOf(bitmap))
  }
  return portraits
}
