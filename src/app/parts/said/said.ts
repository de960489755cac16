import type { Design } from '@core/design'
import type { Making } from '@core/part'
import { rowWord } from '@core/terms'

/** A word of a sentence that opens what changes it. */
export interface Word {
  readonly id: string
  readonly text: string
  /** It does not work out so. */
  readonly bad?: boolean
}
/** What is decided about a thing, in words: some of them can be opened. */
export type Said = string | Word

export const word = (id: string, text: string, bad = false): Word => ({ id, text, bad })

/** What a sentence about a band goes by. */
export interface About {
  readonly design: Design
  /** How its piece is worked, and stitches the band stands on. */
  readonly worked: 'rounds' | 'rows'
  readonly count: number
}

/** "once", "twice", "5 times". */
export const oftenWords = (times: number): string =>
  ['never', 'once', 'twice'][times] ?? `${times} times`

const workingNames: Readonly<Record<Making['working'], string>> = {
  spiral: 'in a spiral',
  joined: 'joined',
  turned: 'joined and turned',
  'turn-once': 'joined, turned once',
}
/** How rounds or rows are worked. */
export const makingWords = (making: Making, worked: 'rounds' | 'rows'): string => {
  const goes = worked === 'rows' ? 'turned' : workingNames[making.working]
  return making.anew === null ? goes : `${goes}, begun anew`
}

/** Rows from one, counted from 0, up to another: "rounds 32–57", "round 9"; empty where there are none. */
export const rowsSaid = ({
  rows: [from, to],
  worked,
}: {
  readonly rows: readonly [from: number, to: number]
  readonly worked: 'rounds' | 'rows'
}): string =>
  to === from ? '' : to - from === 1 ? `${rowWord(worked)} ${to}` : `${worked} ${from + 1}–${to}`

/** A sentence as it is read out. */
export const readOut = (all: readonly Said[]): string =>
  all.map((one) => (typeof one === 'string' ? one : one.text)).join('')
