import type { Making } from '../part/index.ts'

/** Rounds of inset go there and back: where the bag goes on the same way, this part is turned. */
export const turnedFor = (
  kind: string,
  worked: 'rounds' | 'rows',
  now: Making,
  own: Making | null,
): Making | null =>
  kind === 'inset' && worked === 'rounds' && now.working !== 'turned'
    ? { ...now, working: 'turned' }
    : own
