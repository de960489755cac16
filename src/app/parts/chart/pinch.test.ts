import { pinchOf } from './pinch.ts'

it('tells how far apart two fingers went, and where their middle is', () => {
  expect(pinchOf({ x: 10, y: 0 }, { x: 20, y: 0 }, { x: 0, y: 0 })).toEqual({
    ...{ dx: 5, dy: 0, x: 10, y: 0, factor: 2 },
  })
  // Both in one place are one pixel apart.
  expect(pinchOf({ x: 0, y: 0 }, { x: 0, y: 6 }, { x: 0, y: 0 }).factor).toBe(6)
})
