/*
 * What is pressed while the bag is still being worked out: taken in order once it is there. A pedal does not wait for a page.
 */
const MOST = 50
let early: string[] = []

export function keepEarly(key: string): void {
  if (early.length < MOST) early.push(key)
}

/** All of it, once. */
export function takeEarly(): readonly string[] {
  const keys = early
  early = []
  return keys
}
