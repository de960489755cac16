import { type Block, type Figure, type Paper, type Said, spansOf, type WorkLine } from './block.ts'
import type { Face } from './lines.ts'
import type { Page } from './pages.ts'

/* All signs of a document, by the cut they are set in: what fonts must have. */

type Signs = Map<Face, Set<string>>

/** Signs that a document writes by itself: numbers of lists, dots, page numbers. */
const OWN = '•0123456789. of()·←→?:,continued'

export function textsOf({ name, blocks }: Paper): Signs {
  const signs: Signs = new Map()
  const put = (text: string, face: Face) => {
    const own = signs.get(face) ?? new Set<string>()
    signs.set(face, own)
    for (const sign of text) own.add(sign)
  }
  put(OWN + name, 'text')
  const said = (one: Said, face: Face = 'text') => {
    for (const { text, bold } of spansOf(one)) put(text, bold ? 'bold' : face)
  }
  for (const block of blocks) signsOf(block, { put, said })
  return signs
}

interface Put {
  readonly put: (text: string, face: Face) => void
  readonly said: (one: Said, face?: Face) => void
}

function work({ put }: Put, lines: readonly WorkLine[]): void {
  for (const { label, before, text, total, after, ticks } of lines) {
    put(label, 'bold')
    for (const one of before) put(one, 'italic')
    for (const one of [text, total, ...after, ...ticks]) put(one, 'text')
  }
}
function figure({ put }: Put, { drawing, caption = '' }: Figure): void {
  put(caption, 'text')
  for (const { text, bold } of drawing.texts) put(text, bold ? 'bold' : 'text')
}
const facesOfTone = { note: 'italic', wrong: 'bold', quiet: 'text' } as const

type Readers = {
  readonly [Is in Block['is']]: (block: Extract<Block, { is: Is }>, to: Put) => void
}
const readers: Readers = {
  title({ text, under }, { put }) {
    put(text, 'head')
    put(under, 'text')
  },
  heading({ text, aside = '' }, { put }) {
    put(text, 'head')
    // It is said again where it goes on.
    put(text + aside, 'text')
  },
  words: ({ said: words, tone }, { said }) => said(words, tone && facesOfTone[tone]),
  list: ({ items }, { said }) => items.forEach((one) => said(one)),
  facts: ({ facts }, { put, said }) =>
    facts.forEach(({ what, said: own }) => {
      put(what, 'text')
      own.forEach((one) => said(one))
    }),
  work: ({ lines }, to) => work(to, lines),
  figure: (block, to) => figure(to, block),
  figures: ({ figures }, to) => figures.forEach((one) => figure(to, one)),
  picture: () => {},
  beside: ({ columns }, to) =>
    columns.forEach(({ blocks }) => blocks.forEach((one) => signsOf(one, to))),
  cards: ({ cards }, to) =>
    cards.forEach(({ title, lines }) => {
      to.put(title, 'bold')
      work(to, lines)
    }),
}
const signsOf = (block: Block, to: Put): void => readers[block.is](block as never, to)

/** The signs of pages that were laid out by hand, as drawings. */
export function textsInPages(pages: readonly Page[]): Signs {
  const signs: Signs = new Map([['text', new Set(OWN)]])
  for (const { groups } of pages)
    for (const { items } of groups)
      for (const item of items)
        if (item.is === 'drawing')
          for (const { text, bold } of item.drawing.texts) {
            const face = bold ? 'bold' : 'text'
            const own = signs.get(face) ?? new Set<string>()
            signs.set(face, own)
            for (const sign of text) own.add(sign)
          }
  return signs
}
