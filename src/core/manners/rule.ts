import type { Becomes } from './mapped.ts'

/** One way something is said (global), and how the shorthand says it. */
export type Rule = readonly [pattern: RegExp, becomes: Becomes]

/** Parts of patterns: stitches, what is counted, "2nd" with its number. */
export const S = '(?:sl st|ss|sc|hdc|htr|dc|tr|dtr|trtr)'
export const UNIT = '(?:stitch(?:es)?|sts?|chains?|chs?|spaces?|sps?|loops?)'
export const NTH = '(\\d+)(?:st|nd|rd|th)'
