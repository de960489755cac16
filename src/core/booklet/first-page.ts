import { gaugeStitch } from '../bag/index.ts'
import { bodyOf } from '../ledger/index.ts'
import type { Block, Said } from '../paper/index.ts'
import { needsOf } from '../pattern/index.ts'
import { abbrOf, stitchById } from '../stitch/index.ts'
import { counted, listed, printLength, printMasses } from '../units/index.ts'
import { compiledOf, type Printed } from './bag.ts'
import { largerBy } from './choices.ts'
import { sizeDrawing } from './size-drawing.ts'
import { FRONT, sketchOf } from './sketch.ts'
import { hoursOf, hoursWords } from '../make/index.ts'

/* What one has to know before one begins: what it will be, how large, what is needed. */

/** Names of the pictures of the bag in the round. */
const FRONT_PICTURE = 'front'
const BACK_PICTURE = 'back'

const PICTURE = { width: 236, height: 236 } as const

export function firstPage(printed: Printed): Block[] {
  const { design, derived, sheet } = printed
  return [
    { is: 'title', text: sheet.name, under: madeWords(printed) },
    ...(sheet.errors > 0
      ? [{ is: 'words' as const, said: sheet.unfinished, tone: 'wrong' as const }]
      : []),
    {
      is: 'beside',
      columns: [
        { share: 1, blocks: [sideOf(printed, FRONT_PICTURE)] },
        { share: 1, blocks: [sideOf(printed, BACK_PICTURE)] },
      ],
    },
    {
      is: 'beside',
      columns: [
        {
          share: 1,
          blocks: [
            {
              is: 'figure',
              ...{
                drawing: sizeDrawing(design, derived, printed.words, largerBy(printed.choices)),
                scale: 0.85,
              },
              alt: `How large it is: ${sheet.size}`,
            },
          ],
        },
        { share: 1.15, blocks: [facts(printed)] },
      ],
    },
    { is: 'heading', level: 2, text: 'What you need' },
    { is: 'facts', facts: yarns(printed) },
    { is: 'list', by: 'box', items: needed(printed) },
    {
      is: 'heading',
      level: 2,
      text: printed.words.terms === 'uk' ? 'Tension swatch' : 'Gauge swatch',
    },
    { is: 'words', said: swatch(printed) },
  ]
}

/** "A bag with stripes and tapestry, worked in rounds." */
function madeWords({ derived: { madeOf, ledger } }: Printed): string {
  // What is only done and not seen is no part of it.
  const done = new Set(
    ledger.items
      .filter(({ drawn, cut }) => drawn.length + cut.length === 0)
      .map(({ item }) => item.name.toLowerCase()),
  )
  const seen = madeOf.filter((name) => !done.has(name.toLowerCase()))
  const made = seen.length > 0 ? `with ${listed(seen)}` : 'in plain stitches'
  return `A bag ${made}, worked in ${bodyOf(ledger).worked}.`
}

/** The bag in the round from one side; in lines, where there is no picture of it or little ink is to be used. */
function sideOf(printed: Printed, side: typeof FRONT_PICTURE | typeof BACK_PICTURE): Block {
  const alt = `The bag from the ${side}`
  if (printed.pictures.has(side)) return { is: 'picture', image: side, ...PICTURE, alt }
  const turn = side === 'front' ? FRONT.turn : FRONT.turn + Math.PI
  const { width, height, paths } = sketchOf(compiledOf(printed), {
    ...{ hand: printed.words.hand, from: { ...FRONT, turn }, most: 190 },
  })
  return {
    ...{ is: 'figure', alt, scale: 1, caption: alt },
    drawing: { width, height, title: alt, paths, texts: [] },
  }
}

function facts(printed: Printed): Block {
  const { derived, sheet } = printed
  const { tally } = derived
  const hours = hoursWords(hoursOf(compiledOf(printed), tally))
  return {
    is: 'facts',
    facts: [
      ...sheet.facts.map(({ what, is }) => ({ what, said: [is] })),
      {
        what: 'Work',
        said: [
          `${counted(tally.totalStitches, 'stitch')}, ${counted(tally.ends, 'end')}`,
          `about ${hours}; every hand is different`,
        ],
      },
    ],
  }
}

/** Every yarn: how much, of which balls and lots. */
function yarns({ sheet, design, words: { units } }: Printed) {
  return sheet.yarns.map(({ letter, name, colour, amount }) => {
    const { lots } = design.yarns.find((yarn) => yarn.letter === letter)!
    const have = lots.map(
      ({ lot, grams }) => `${printMasses(grams, grams, units)}${lot ? ` of lot ${lot}` : ''}`,
    )
    return {
      what: '',
      swatch: { colour, letter },
      said: [
        [{ text: `${letter} ${name}: `, bold: true as const }, { text: amount }],
        ...(have.length > 0
          ? [[{ text: `In hand: ${have.join(', ')}`, quiet: true as const }]]
          : []),
      ] satisfies Said[],
    }
  })
}

/** Tools, and what else must be there. */
function needed({ derived, words, sheet }: Printed): string[] {
  return [
    `${sheet.hook} hook`,
    'Stitch markers, a tapestry needle, scissors and a tape measure',
    ...needsOf(derived.ledger, words),
  ]
}

/** Sides of a swatch, in mm: it is measured over 10 cm in its middle. */
const SWATCH_MM = { metric: 140, imperial: 152.4 } as const

/** What is made before the bag, so that it comes out as large as it says. */
function swatch({ design, derived, words, sheet }: Printed): Said {
  const { gauge, ledger } = derived
  const mm = SWATCH_MM[words.units]
  const stitch = abbrOf(stitchById(gaugeStitch(design)), words)
  const [across, up] = [Math.ceil(mm / gauge.stitchWidthMm), Math.ceil(mm / gauge.rowHeightMm)]
  const { worked } = bodyOf(ledger)
  const how =
    worked === 'rounds'
      ? `Work it as the bag is worked, always with the right side facing: either a tube of ${2 * across} ${stitch}, or rows that are each begun anew at the right, their yarn cut or brought loosely across the back`
      : `Turn after every row, as for the bag`
  return [
    { text: `${sheet.gauge}. `, bold: true },
    {
      text: `With the ${sheet.hook} hook work ${across} ${stitch} across for ${counted(up, worked === 'rounds' ? 'round' : 'row')}, about ${printLength(mm, words.units)} each way. ${how}. Wash it and let it dry as you will the bag; measure in the middle. More stitches than that: take a larger hook. Fewer: a smaller one.${gauge.source === 'estimate' ? ' This gauge is estimated, and nobody has measured it yet: your swatch comes first.' : ''}`,
    },
  ]
}
