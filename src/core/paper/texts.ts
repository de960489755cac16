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

function signsOf(block: Block, to: Put): void {
  const { put, said } = to
  const work = (lines: readonly WorkLine[]) => {
    for (const { label, before, text, total, after, ticks } of lines) {
      put(label, 'bold')
      for (const one of before) put(one, 'italic')
      for (const one of [text, total, ...after, ...ticks]) put(one, 'text')
    }
  }
  const figure = ({ drawing, caption = '' }: Figure) => {
    put(caption, 'text')
    for (const { text, bold } of drawing.texts) put(text, bold ? 'bold' : 'text')
  }
  switch (block.is) {
    case 'title':
      put(block.text, 'head')
      return put(block.under, 'text')
    case 'heading':
      put(block.text, 'head')
      // It is said again where it goes on.
      return put(block.text + (block.aside ?? ''), 'text')
    case 'words':
      return said(
        block.said,
        block.tone === 'note' ? 'italic' : block.tone === 'wrong' ? 'bold' : 'text',
      )
    case 'list':
      return block.items.forEach((one) => said(one))
    case 'facts':
      return block.facts.forEach((fact) => {
        put(fact.what, 'text')
        fact.said.forEach((one) => said(one))
      })
    case 'work':
      return work(block.lines)
    case 'figure':
      return figure(block)
    case 'figures':
      return block.figures.forEach(figure)
    case 'beside':
      return block.columns.forEach(({ blocks }) => blocks.forEach((one) => signsOf(one, to)))
    case 'cards':
      return block.cards.forEach(({ title, lines }) => {
        put(title, 'bold')
        work(lines)
      })
    case 'picture':
    case 'page':
  }
}

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
