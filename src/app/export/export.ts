import { bandOf } from '@core/band'
import { bandsOf, type Design } from '@core/design'
import type { Derived } from '@core/bag'
import type { Choices } from '@core/booklet'
import type { Project } from '@core/project'
import type { Words } from '@core/stitch'
import type { FontShelf } from './fonts.ts'

/** A bag on its way out: the project, all that follows from it, and the words it is said in. */
export interface Outgoing extends Project {
  readonly derived: Derived
  readonly words: Words
  /** The bag in the round as PNG, from the front and from the back; none where this browser draws none. */
  readonly pictures: ReadonlyMap<string, Blob>
  /** How its pattern is printed. */
  readonly choices: Choices
  readonly fontShelf: FontShelf
  /** What its files are called, without an ending. */
  readonly file: string
  /** Says how far it is. */
  readonly tell: (stage: string) => void
}

export interface OutFile {
  readonly name: string
  readonly type: string
  readonly content: Blob | string
}

/** What comes of it: files, and what must be said of them. */
export interface Made {
  readonly files: readonly OutFile[]
  readonly notes?: readonly string[]
}

/** One way a bag leaves the program, as it is offered. */
export interface Way {
  readonly id: string
  readonly title: string
  readonly about: string
}

/** How it is made: in a worker, bringing what it needs only then. */
export interface Export extends Way {
  readonly offered: (design: Design) => boolean
  readonly make: (bag: Outgoing) => Promise<Made> | Made
}

export const always = (): boolean => true
export const hasChart = (design: Design): boolean =>
  bandsOf(design).some((part) => bandOf(part).chart(part) !== null)
