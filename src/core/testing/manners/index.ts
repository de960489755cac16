export { held } from './held.ts'
export * from './manner.ts'
import { labels } from './labels.ts'
import { places } from './places.ts'
import { rows } from './rows.ts'
import { stranger } from './stranger.ts'
import { words } from './words.ts'

/** Those the reader was written with. */
export const manners = [...labels, ...places, ...words, ...rows, ...stranger]
