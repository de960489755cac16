import type { Drawing } from './drawing.ts'

/** Words in one manner. */
export interface Span {
  readonly text: string
  readonly bold?: true
  readonly quiet?: true
}
export type Said = string | readonly Span[]

/** A colour beside its name. */
export interface Swatch {
  readonly colour: string
  readonly letter: string
}

/** A line of work: a row, or several that are alike. */
export interface WorkLine {
  readonly label: string
  /** What is done before it. */
  readonly before: readonly string[]
  readonly text: string
  readonly total: string
  /** What is looked at or measured when it is done. */
  readonly after: readonly string[]
  /** A box to tick for each: what stands in it. */
  readonly ticks: readonly string[]
}

/** A drawing as it stands in a document. */
export interface Figure {
  readonly drawing: Drawing
  /** Points of the page for each of its units, and at the least; where it does not fit, smaller than that. */
  readonly scale: number
  readonly least?: number
  /** What is seen, in words. */
  readonly alt: string
  readonly caption?: string
}

/** What a document says, whatever it is set in. */
export type Block =
  | { readonly is: 'title'; readonly text: string; readonly under: string }
  /** `id`: what it is of, by which it is found. `part`: it begins a part that may be printed alone. */
  | {
      readonly is: 'heading'
      readonly level: 1 | 2 | 3
      readonly text: string
      readonly aside?: string
      readonly id?: string
    }
  | {
      readonly is: 'words'
      readonly said: Said
      readonly tone?: 'quiet' | 'wrong' | 'note'
      /** Not parted from what follows. */
      readonly leads?: true
    }
  | { readonly is: 'list'; readonly items: readonly Said[]; readonly by: 'number' | 'dot' | 'box' }
  /** What something is, line by line. */
  | {
      readonly is: 'facts'
      readonly facts: readonly {
        readonly what: string
        readonly said: readonly Said[]
        readonly swatch?: Swatch
      }[]
    }
  | { readonly is: 'work'; readonly lines: readonly WorkLine[] }
  | ({ readonly is: 'figure'; readonly leads?: true } & Figure)
  /** Small drawings with words below each, side by side. */
  | { readonly is: 'figures'; readonly figures: readonly Figure[] }
  | {
      readonly is: 'picture'
      readonly image: string
      readonly width: number
      readonly height: number
      readonly alt: string
    }
  /** Blocks side by side, each in its share of the width. */
  | {
      readonly is: 'beside'
      readonly columns: readonly { readonly share: number; readonly blocks: readonly Block[] }[]
      readonly leads?: true
    }
  /** Lines of work to cut out, each card with its own heading. */
  | {
      readonly is: 'cards'
      readonly cards: readonly {
        readonly title: string
        readonly lines: readonly WorkLine[]
      }[]
    }

/** A document: its name, and all that it says, in order. */
export interface Paper {
  readonly name: string
  readonly blocks: readonly Block[]
}

export const spansOf = (said: Said): readonly Span[] =>
  typeof said === 'string' ? [{ text: said }] : said
export const plainOf = (said: Said): string =>
  typeof said === 'string' ? said : said.map(({ text }) => text).join('')
