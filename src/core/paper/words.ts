import {
  type Block,
  type Figure,
  type Paper,
  plainOf,
  type Said,
  spansOf,
  type WorkLine,
} from './block.ts'

/* A document in words alone: as Markdown, with boxes to tick; and as plain text, in which nothing is drawn with signs, for one who hears it. */

/** How one of the two writes what it can. */
interface Manner {
  readonly heading: (level: number, text: string) => string
  readonly said: (said: Said) => string
  readonly line: (line: WorkLine) => string[]
  readonly item: (text: string, by: 'number' | 'dot' | 'box', i: number) => string
  /** Several lines that belong together. */
  readonly group: (lines: readonly string[]) => string
  readonly words: (text: string) => string
}

/** Signs that Markdown would take for its own. */
const plainInMarkdown = (text: string): string => text.replace(/[\\`*_[\]<>#]/g, '\\$&')

const markdown: Manner = {
  heading: (level, text) => `${'#'.repeat(level + 1)} ${plainInMarkdown(text)}`,
  said: (said) =>
    spansOf(said)
      .map(({ text, bold }) => {
        const words = plainInMarkdown(text)
        // What is bold ends before its space.
        return bold && words.trim() !== ''
          ? words.replace(/^(\s*)(.*?)(\s*)$/s, '$1**$2**$3')
          : words
      })
      .join(''),
  line: ({ label, before, text, total, after, ticks }) => [
    ...before.map((words) => `- ${plainInMarkdown(words)}`),
    `- ${ticks.length > 0 ? '[ ] ' : ''}**${label}:** ${plainInMarkdown(text)} (${plainInMarkdown(total)})`,
    ...after.map((words) => `- ${plainInMarkdown(words)}`),
  ],
  item: (text, by, i) =>
    by === 'number' ? `${i + 1}. ${text}` : `- ${by === 'box' ? '[ ] ' : ''}${text}`,
  group: (lines) => lines.join('\n'),
  words: (text) => plainInMarkdown(text),
}

const plain: Manner = {
  heading: (level, text) => (level <= 1 ? text.toUpperCase() : text),
  said: plainOf,
  line: ({ label, before, text, total, after }) => [
    ...before,
    `${label}: ${text} (${total})`,
    ...after,
  ],
  item: (text, by, i) => (by === 'number' ? `${i + 1}. ${text}` : text),
  group: (lines) => lines.join('\n'),
  words: (text) => text,
}

/** What a drawing shows, in words. */
const figureWords = ({ alt, caption }: Figure, { words }: Manner): string =>
  words(caption && !caption.startsWith(alt) ? `${alt}. ${caption}` : (caption ?? `${alt}.`))

type Writers = {
  readonly [Is in Block['is']]: (block: Extract<Block, { is: Is }>, manner: Manner) => string[]
}

const writers: Writers = {
  title: ({ text, under }, { heading, words }) => [
    heading(0, text),
    ...(under ? [words(under)] : []),
  ],
  heading: ({ level, text, aside }, { heading, words }) => [
    `${heading(level, text)}${aside ? ` · ${words(aside)}` : ''}`,
  ],
  words: ({ said }, manner) => [manner.said(said)],
  list: ({ items, by }, { item, said, group }) => [
    group(items.map((one, i) => item(said(one), by, i))),
  ],
  facts: ({ facts }, { item, said, words, group }) => [
    group(
      facts.map(({ what, said: own }, i) =>
        item(`${what ? `${words(what)}: ` : ''}${own.map(said).join('; ')}`, 'dot', i),
      ),
    ),
  ],
  work: ({ lines }, { line, group }) => [group(lines.flatMap(line))],
  figure: (figure, manner) => [figureWords(figure, manner)],
  figures: ({ figures }, manner) => [
    manner.group(
      figures.map(({ caption, alt }, i) => manner.item(manner.words(caption ?? alt), 'dot', i)),
    ),
  ],
  picture: () => [],
  beside: ({ columns }, manner) => columns.flatMap(({ blocks }) => wordsIn(blocks, manner)),
  cards: ({ cards }, { heading, line, group }) =>
    cards.flatMap(({ title, lines }) => [heading(2, title), group(lines.flatMap(line))]),
}

const wordsIn = (blocks: readonly Block[], manner: Manner): string[] =>
  blocks.flatMap((block) => writers[block.is](block as never, manner)).filter(Boolean)

const written =
  (manner: Manner) =>
  ({ blocks }: Paper): string =>
    `${wordsIn(blocks, manner).join('\n\n')}\n`

export const markdownOf = written(markdown)
export const plainTextOf = written(plain)
