import { jest } from '@jest/globals'
import { followPointer } from './follow-pointer.ts'

/* A window and an element that only pass events on. */
const page = new EventTarget()
Object.assign(globalThis, { window: page })
const pointer = (kind: string, clientX = 0) =>
  Object.assign(new Event(kind), { pointerId: 7, clientX }) as unknown as PointerEvent
const escape = () => Object.assign(new Event('keydown', { cancelable: true }), { key: 'Escape' })

function dragged() {
  const element = Object.assign(new EventTarget(), { setPointerCapture: jest.fn() })
  const seen: string[] = []
  followPointer(pointer('pointerdown'), element as unknown as Element, {
    move: ({ clientX }) => void seen.push(`at ${clientX}`),
    drop: () => void seen.push('dropped'),
    cancel: () => void seen.push('given up'),
  })
  const tell = (kind: string, x = 0) => void element.dispatchEvent(pointer(kind, x))
  return { element, seen, tell }
}

describe('a drag', () => {
  it('follows the pointer until it is lifted, and no further', () => {
    const { element, seen, tell } = dragged()
    expect(element.setPointerCapture).toHaveBeenCalledWith(7)
    tell('pointermove', 3)
    tell('pointermove', 5)
    tell('pointerup')
    // What the browser still says of a lifted pointer is nothing any more.
    tell('lostpointercapture')
    tell('pointermove', 9)
    page.dispatchEvent(escape())
    expect(seen).toEqual(['at 3', 'at 5', 'dropped'])
  })

  it.each(['pointercancel', 'lostpointercapture'])('is given up by %s', (kind) => {
    const { seen, tell } = dragged()
    tell('pointermove', 3)
    tell(kind)
    tell('pointerup')
    tell('pointermove', 4)
    expect(seen).toEqual(['at 3', 'given up'])
  })

  it('is given up by Escape, which means nothing else then; other keys do not matter', () => {
    const { seen, tell } = dragged()
    page.dispatchEvent(Object.assign(new Event('keydown'), { key: 'a' }))
    const key = escape()
    const stop = jest.spyOn(key, 'stopPropagation')
    page.dispatchEvent(key)
    tell('pointerup')
    expect(seen).toEqual(['given up'])
    expect(stop).toHaveBeenCalled()
  })

  it('is followed also where the pointer cannot be captured, and may do nothing at its end', () => {
    const element = Object.assign(new EventTarget(), {
      setPointerCapture: () => {
        throw new DOMException('gone', 'NotFoundError')
      },
    })
    const move = jest.fn()
    followPointer(pointer('pointerdown'), element as unknown as Element, { move })
    element.dispatchEvent(pointer('pointermove', 2))
    element.dispatchEvent(pointer('pointerup'))
    element.dispatchEvent(pointer('pointermove', 2))
    expect(move).toHaveBeenCalledTimes(1)
  })
})
