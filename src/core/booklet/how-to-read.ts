import { stitchById, type Words } from '../stitch/index.ts'
import type { Block, Figure } from '../paper/index.ts'
import { inUkTerms } from '../terms/index.ts'
import type { Printed } from './bag.ts'
import { stepDrawing, stepsOf } from './stitch-drawing.ts'

/** How a pattern is read: its words, its special stitches, what its boxes are for, and what was noted. */
export function howToRead(printed: Printed): Block[] {
  const { sheet, words, choices, design } = printed
  const special = sheet.abbreviations.filter((one) => one.special)
  return [
    { is: 'heading', level: 1, text: 'How to read it' },
    { is: 'words', said: termsWords(words, choices.ticks !== 'none') },
    ...(design.notes
      ? [
          { is: 'heading' as const, level: 3 as const, text: 'A note from the maker' },
          ...design.notes
            .split('\n')
            .filter((line) => line.trim())
            .map((said): Block => ({ is: 'words', said, tone: 'note' })),
        ]
      : []),
    { is: 'heading', level: 2, text: 'Short for' },
    {
      is: 'facts',
      facts: sheet.abbreviations.map(({ short, long }) => ({
        what: short,
        // What is called by its whole name needs it once.
        said: [long.startsWith(`${short}: `) ? long.slice(short.length + 2) : long],
      })),
    },
    ...(special.length > 0
      ? [
          { is: 'heading' as const, level: 2 as const, text: 'Special stitches' },
          ...special.map((one) => specialStitch(one.short, one.special!, words)),
        ]
      : []),
  ]
}

function termsWords({ terms, hand }: Words, boxes: boolean): string {
  const way = hand === 'right' ? 'right to left' : 'left to right'
  return [
    `${terms === 'uk' ? 'UK' : 'US'} terms, for the ${hand} hand: on the right side the work goes from ${way}.`,
    'What stands in brackets at the end of a line is the count when it is done.',
    ...(boxes ? ['Tick a box when its row or round is done.'] : []),
    'What stands in a broken frame is a place to stop, count and measure.',
  ].join(' ')
}

/** A special stitch, step by step. */
function specialStitch(short: string, id: string, words: Words): Block {
  const say = (text: string) => (words.terms === 'uk' ? inUkTerms(text) : text)
  const steps = stepsOf(stitchById(id).recipe!)
  return {
    is: 'figures',
    figures: steps.map((step, i): Figure => {
      const said = `${short}${steps.length > 1 ? ` ${i + 1}` : ''}: ${say(step)}`
      return {
        ...{ drawing: stepDrawing(id, i, steps.length, words), scale: 1.15 },
        ...{ caption: said, alt: said },
      }
    }),
  }
}
