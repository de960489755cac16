import { abbrOf, stitchById, type Words } from '../stitch/index.ts'
import { countsWords, hookWords } from '../fit/index.ts'
import {
  counted,
  FOUR_INCHES,
  printLength,
  printNumber,
  printYarnLength,
  TEN_CM,
} from '../units/index.ts'
import type { WhyNot } from '../band/index.ts'
import type { Why } from '../mosaic/index.ts'
import { rowWord, saidBy } from '../terms/index.ts'
import type { Mend, MendFacts, Snag, SnagFacts } from './snag.ts'

/* The wording catalogue: what each snag and each mend says. A title ends with a full stop; the text goes on from it. */

export interface SnagText {
  readonly title: string
  readonly text: string
}
export interface MendText {
  readonly label: string
  readonly cost: string
}

const percent = (share: number) => `${printNumber(share * 100, 0)} %`
const signed = (mm: number, words: Words) =>
  Math.abs(mm) < 0.5
    ? 'as wanted'
    : `${mm > 0 ? '+' : '−'}${printLength(Math.abs(mm), words.units)}`
const gaugeWords = (stitchWidthMm: number, units: Words['units']) =>
  units === 'metric'
    ? `${printNumber(TEN_CM / stitchWidthMm)} stitches over 10 cm`
    : `${printNumber(FOUR_INCHES / stitchWidthMm)} stitches over 4 in`
const stitches = (n: number) => counted(n, 'stitch')
const giveOrTake = (spread: number | null): string =>
  spread === null
    ? ''
    : ` From an estimate, give or take ${percent(spread)}: the first rounds will tell.`
const rounds = (n: number) => counted(n, 'round')
/** "2 rows more", "1 round fewer". */
const rowsOf = (worked: 'rounds' | 'rows', by: number) =>
  `${counted(Math.abs(by), rowWord(worked))} ${by > 0 ? 'more' : 'fewer'}`

/** Why a stitch cannot stand on its ground where it is: "it …". */
export const reliefWords: Readonly<Record<WhyNot, string>> = {
  side: 'would be worked from the other side than it wants',
  beside: 'stands beside another cluster, which leaves no room for it',
  reach: 'would reach below the first row',
  over: 'would reach over what stands below it',
  post: 'has no post to go around',
  edge: 'stands where rows begin and end',
  ground: 'is a single crochet drawn up, which would pull taller stitches down',
}

/** Why a cell of a mosaic cannot be: "it …". */
export const whyWords: Readonly<Record<Why, string>> = {
  yarn: 'is in a yarn that neither its row nor the next one has',
  end: 'would be borrowed in the first or last row',
  edge: 'would be borrowed at the edge',
  stacked: 'would be borrowed above one that is borrowed too',
  run: 'is one too many to be passed over side by side',
}

const snagSaid = saidBy<SnagFacts, Words, SnagText>({
  'repeat-remainder': ({ name, count, multiple, left, rows, worked = 'rounds' }) => {
    const short = Math.min(left, multiple - left)
    const fault =
      short <= 2
        ? `${stitches(short)} more or fewer put it right, and in a plain ${rowWord(worked)} nobody sees it.`
        : `The picture breaks off at the ${worked === 'rows' ? 'edge' : 'join'}${rows > 0 ? `; a change below would cost ${counted(rows, rowWord(worked))}` : ''}.`
    return {
      title: `${name} does not come out even.`,
      text:
        count < multiple
          ? `${count} stitches are fewer than one repeat of ${multiple}.`
          : `${count} stitches hold ${counted(Math.floor(count / multiple), 'repeat')} of ${multiple} and leave ${left}. ${fault}`,
    }
  },
  'halves-unequal': ({ one, other }) => ({
    title: 'The bottom does not close evenly.',
    text: `The halves have ${one} and ${other} stitches; sewn front to back they must be equal.`,
  }),
  'sides-unequal': ({ one, other }) => ({
    title: 'Front and back are not equal.',
    text: `The side seams would join ${one} row ends to ${other}.`,
  }),
  'faces-unequal': ({ one, other }) => ({
    title: 'The two faces are not equal.',
    text: `The front has ${one} and the back ${other} where they are sewn together; they must be equal.`,
  }),
  'join-uneven': ({ name, onto, one, other, lengthMm, reachMm }, { units }) => ({
    title: `${name} does not meet ${onto} evenly.`,
    text:
      other < one
        ? `It is ${one} long where it is sewn on, and there is room for ${other}.`
        : `One to one it is ${printLength(lengthMm, units)} long, on ${printLength(reachMm, units)}: it would pucker or pull.`,
  }),
  'picked-uneven': ({ name, onto, stitches: n, ends, flat }) => ({
    title: `${name} ${n < flat ? 'draws in' : 'ruffles'} along ${onto}.`,
    text: `${stitches(n)} along ${counted(ends, 'row end')}: about ${flat} would lie flat, so its edge is ${percent(Math.abs(n / flat - 1))} ${n < flat ? 'shorter' : 'longer'}.`,
  }),
  'spot-gone': ({ name }) => ({
    title: `${name} has lost its place.`,
    text: 'The row it was at is not there any more, so that it is tied or sewn to nothing.',
  }),
  'opening-small': ({ one, other }) => ({
    title: 'The strip leaves no way in.',
    text: `It has ${counted(one, 'row')}, the edge of the disc ${stitches(other)}: sew one row to one stitch and leave the rest open. Fewer rows, or larger discs.`,
  }),
  flare: ({ name, below, here }, { units }) => ({
    title: `${name} ${here > below ? 'flares' : 'draws in'}.`,
    text: `Its own gauge makes the same stitches ${printLength(here, units)} wide, on ${printLength(below, units)} below it.`,
  }),
  'outside-class': ({ sc, few, many, yarnClass }) => ({
    title: 'An unusual gauge.',
    text: `${printNumber(sc)} sc over 4 in; class ${yarnClass} has ${few} to ${many}. That may be just what a firm bag wants, or the class is another.`,
  }),
  'gauge-derived': ({ names }) => ({
    title: 'Some sizes are derived.',
    text: `${names.join(', ')}: no swatch of just that, so the size follows from another one. A swatch of it will tell.`,
  }),
  'written-misfit': ({ name, count, multiple, offset, halves }) => ({
    title: `${name} does not come out on ${count} stitches.`,
    text: `${halves ? `They are ${halves.count} halves of ${halves.of}, an odd number: two alike would meet at the join. ` : ''}Its rows want ${countsWords(multiple, offset)}. Until then they are worked plain; they can also be written and counted anew, under Bands.`,
  }),
  'stops-midway': ({ name, beyond, repeat, worked }) => ({
    title: `${name} stops in the midst.`,
    text: `It is ${beyond} of ${repeat} ${worked} past its last whole repeat, so the ${worked} that finish it are left out: loops stay uncaught, or a last plain one is missing.`,
  }),
  'ends-raised': ({ name, worked, uneven }) => ({
    title: `${name} ends on a raised ${rowWord(worked)}.`,
    text: `End on a plain ${rowWord(worked)}: an edge of raised stitches is ragged, and does not sew well.${uneven ? ' One row more or fewer alone would leave front and back unequal; the flap takes it.' : ''}`,
  }),
  'faces-differ': ({ front, back }, { units }) => {
    const size = ({ widthMm, heightMm }: typeof front) =>
      `${printLength(widthMm, units)} × ${printLength(heightMm, units)}`
    const apart = (a: number, b: number) => printLength(Math.abs(a - b), units)
    return {
      title: 'Front and back are not of one size.',
      text: `The front is ${size(front)}, the back ${size(back)}: ${apart(front.widthMm, back.widthMm)} apart in width, ${apart(front.heightMm, back.heightMm)} in height. Sewn together the larger one puckers.`,
    }
  },
  'loops-catch': ({ names }) => ({
    title: 'Loops catch small fingers.',
    text: `${names.join(', ')}: loops of chain hang free, at least while it is made. Not for small children; the safety rules where it is used or sold come first.`,
  }),
  'spiral-drifts': ({ name, chains }) => ({
    title: `${name} moves on by one every round.`,
    text: `Its rounds end in ${chains} ${chains === 1 ? 'chain' : 'chains'}, which lead up into the next in a spiral: each round begins that much further along and passes over its first stitch. A plain round after it finds as many fewer: put as many more into the last space. Move the marker with it, and count before the edge.`,
  }),
  'raised-inside': ({ name, side, worked }) => {
    const why = {
      spiral: 'A spiral is never turned.',
      rounds: 'Its rounds face the other way.',
      rows: 'Its rows begin on the other side.',
    }
    return {
      title: `${name} would stand out on the inside.`,
      text: `Its raised ${worked === 'rows' ? 'rows' : 'rounds'} want the ${side === 'RS' ? 'right' : 'wrong'} side facing. ${why[worked]}`,
    }
  },
  'adjust-too-large': ({ name, adjust, count, made, worked = 'rounds' }) => ({
    title: `${name} cannot change that much in one ${rowWord(worked)}.`,
    text: `It is to ${adjust > 0 ? 'add' : 'take away'} ${stitches(Math.abs(adjust))} on ${count}; one ${rowWord(worked)} has room for ${Math.abs(made)}.`,
  }),
  'size-off': ({ made, wanted, said, tolerance, gauge }, { units }) => {
    const half = said === 'flat' ? 2 : 1
    const way = said === 'flat' ? 'laid flat' : 'around'
    return {
      title: `It comes out ${made > wanted ? 'wider' : 'narrower'} than wanted.`,
      text: `${printLength(made / half, units)} ${way} instead of ${printLength(wanted / half, units)} (± ${percent(tolerance)} is all right).${gauge ? ` On the ${gauge.count} stitches there are it takes ${gaugeWords(gauge.stitchWidthMm, units)}, ${hookWords(gauge.hookMm, gauge.ownHookMm)}.` : ''}`,
    }
  },
  'height-off': ({ made, wanted, goesWithMm }, { units }) => ({
    title: `It comes out ${made > wanted ? 'taller' : 'lower'} than wanted.`,
    text: `${printLength(made, units)} instead of ${printLength(wanted, units)}.${
      goesWithMm === null
        ? ''
        : ` Its height goes with its width: with ${printLength(wanted, units)} go ${printLength(goesWithMm, units)} around.`
    }`,
  }),
  'base-cups': ({ average, flat, flatness, spread }) => ({
    title: 'The base will cup.',
    text: `${printNumber(average)} a round on average; ${printNumber(flat)} would lie flat. It grows ${percent(1 - flatness)} too slowly and turns up into a bowl.${giveOrTake(spread)}`,
  }),
  'piece-cups': ({ name, reachMm, radiusMm }, { units }) => ({
    title: `${name} will not lie flat.`,
    text: `Its rounds reach ${printLength(reachMm, units)} from the middle, its edge lies flat at ${printLength(radiusMm, units)}: what does not grow stands up as a wall.`,
  }),
  'base-ruffles': ({ average, flat, flatness, spread }) => ({
    title: 'The base will ruffle.',
    text: `${printNumber(average)} a round on average; ${printNumber(flat)} would lie flat. It grows ${percent(flatness - 1)} too fast and waves at the edge.${giveOrTake(spread)}`,
  }),
  'gauge-estimated': ({ spread, hookMm, yarnClass, ring = true }) => ({
    title: 'Sizes rest on an estimate.',
    text: `From a ${printNumber(hookMm, 2)} mm hook and class ${yarnClass} yarn, ± ${percent(spread)}. A swatch${ring ? ', or the first rounds of the base,' : ''} will tell.`,
  }),
  'carry-shows': ({ carried, over, stitches: n, apart }) => ({
    title: `${carried} may show through ${over}.`,
    text: `It is carried inside ${stitches(n)} of the lighter yarn and can shine through: the two colours are ${printNumber(Math.round(apart))} apart, and from 10 on they look unlike.`,
  }),
  'lone-stitches': ({ name, stitches: n }) => ({
    title: n === 1 ? `A stitch of ${name} stands alone.` : `${n} stitches of ${name} stand alone.`,
    text: 'They touch none of their own yarn: each reads as a speck, and is two changes. Where that is meant, leave it.',
  }),
  'many-strands': ({ name, rows, yarns, carried, worked }) => ({
    title: `${name} has more yarns in a ${rowWord(worked)} than wanted.`,
    text: `${counted(rows, rowWord(worked))} with up to ${yarns}: ${yarns - 1} strands would lie inside, ${carried} are wanted.`,
  }),
  'mosaic-misfits': ({ name, cells, why }) => ({
    title: `${name} cannot be worked quite as it is drawn.`,
    text: `${cells === 1 ? 'One cell is' : `${cells} cells are`} worked in the yarn of ${cells === 1 ? 'its' : 'their'} row instead. The first of them ${whyWords[why]}.`,
  }),
  'mosaic-ground': ({ name, stitch }, words) => ({
    title: `${name} cannot be worked in ${abbrOf(stitchById(stitch), words)}.`,
    text: `Its drops are ${abbrOf(stitchById('dc'), words)}, as tall as the rows of ${abbrOf(stitchById('sc'), words)} they reach over; over taller rows they would pull the fabric together.`,
  }),
  'keeps-its-side': ({ name }) => ({
    title: `${name} is not turned.`,
    text: 'The bag is turned after every round; the rounds of this band are given for the right side and keep it, so its join moves on as in any bag that is not turned.',
  }),
  'mosaic-ends': ({ name, ends }) => ({
    title: `${name} leaves ${ends} ends.`,
    text: 'Worked flat in overlay the yarn is cut after every row, two ends each. Hide them in a double edge of two rows that close over them, or knot them into a fringe; joined rounds, or inset, leave next to none.',
  }),
  'relief-misfits': ({ name, cells, why, rows }) => ({
    title: `${name} has ${counted(cells, 'stitch')} that cannot stand there.`,
    text: `The first of them ${reliefWords[why]}.${rows.length > 0 ? ` It could stand in ${rows.join(', ')}.` : ''}`,
  }),
  'relief-draws-in': ({ name, clusters, of, by }) => ({
    title: `${name} draws in.`,
    text: `Up to ${clusters} of ${of} stitches in a row are drawn together from several; such a row is about ${percent(by)} narrower. A swatch of it will tell.`,
  }),
  'posts-draw-in': ({ name, by }) => ({
    title: `${name} draws in.`,
    text: `Posts and crossings pull a band together, this one by about ${percent(by)} (from memory, and half or twice as much with another hand). Its sizes do not have that in them; a swatch of it will.`,
  }),
  'carry-long': ({ stitches: n, floats }) => ({
    title: floats ? 'A long float.' : 'A long carry.',
    text: floats
      ? `A strand lies loosely behind ${stitches(n)} before it is used again: it catches on what is in the bag.`
      : `A strand lies inside ${stitches(n)} before it is used again. Give it a tug every few stitches, so that the fabric does not draw in.`,
  }),
  'odd-stripes': ({ name, gaps }) => ({
    title: `${name} has stripes of an odd number of rows.`,
    text: `Worked flat, a yarn then hangs at the other edge when it is wanted again, and is cut: ${counted(gaps, 'time')}, ${counted(2 * gaps, 'end')}. After an even number of rows it is where it was left.`,
  }),
  'half-stripe': ({ name, rows, others }) => ({
    title: `${name} ends in part of a stripe.`,
    text: `Its last stripe has ${counted(rows, 'row')}, the others ${others}.`,
  }),
  'yarn-short': ({ name, needed, inHand }, { units }) => ({
    title: `${name} may run short.`,
    text: `Up to ${printYarnLength(needed, units)} needed, ${printYarnLength(inHand, units)} in hand.`,
  }),
  'yarn-ends': ({ name, part, roundsLeft, planned, lastTurn, now, worked }) => {
    const row = rowWord(worked)
    const gives = roundsLeft === 0 ? `no more ${row}s` : counted(roundsLeft, row)
    return {
      title: `${name} does not last.`,
      text: `By what was weighed it gives ${gives} more of ${part}, of ${planned} planned, with what follows kept back. ${
        now
          ? `Change course now, after ${row} ${lastTurn}: fewer ${row}s, another yarn, or more of this one.`
          : `After ${row} ${lastTurn} at the latest change course: fewer ${row}s, another yarn, or more of this one.`
      }`,
    }
  },
  'handles-misfit': ({ name, count, gap }) => ({
    title: `${name} do not fit.`,
    text: `Two gaps of ${gap} on ${count} stitches, in the middles of front and back, leave no edge between them, the round begins within one or beside it, or a chain is shorter than what it passes over. Its rounds are plain until they fit.`,
  }),
  'threads-unevenly': ({ name, count, period, left }) => ({
    title: `${name} does not come out evenly.`,
    text: `${count} stitches are no multiple of ${period}: where it comes out ${counted(left, 'stitch')} ${left === 1 ? 'is' : 'are'} left, and it does not close evenly there.`,
  }),
  'handles-beside': ({ name, front, back, count }) => ({
    title: `${name} lie beside the middle.`,
    text: `${count % 2 === 1 ? `On ${count} stitches, an odd number, both cannot lie exactly opposite. ` : ''}${(
      [
        ['front', front],
        ['back', back],
      ] as const
    )
      .map(([on, by]) =>
        by === 0
          ? `The one on the ${on} lies on its middle.`
          : `The one on the ${on} lies ${printNumber(Math.abs(by), 2)} ${Math.abs(by) === 1 ? 'stitch' : 'stitches'} ${by > 0 ? 'after' : 'before'} its middle.`,
      )
      .join(' ')}`,
  }),
  'label-missing': ({ names }) => ({
    title: 'No grams and balls yet.',
    text: `The label of ${names.join(' and ')} is not known: grams and metres a ball are needed.`,
  }),
})

const mendSaid = saidBy<MendFacts, Words, MendText>({
  count: ({ count, errorMm, changed }, words) => ({
    label: `Work on ${count} stitches${changed ? ', with changes' : ''}`,
    cost: signed(errorMm, words),
  }),
  pad: ({ columns, multiple, repeats }) => ({
    label: `Pad the motif by ${columns} ${columns === 1 ? 'column' : 'columns'}`,
    cost: `${repeats} × ${multiple}`,
  }),
  adjust: ({ by, count }) => ({
    label: `${by > 0 ? 'Add' : 'Take away'} ${Math.abs(by)} evenly below it`,
    cost: `on ${count}`,
  }),
  rounds: ({ name, by, madeMm, worked }, { units }) => ({
    label: `${rowsOf(worked, by)} of ${name}`,
    cost: printLength(madeMm, units),
  }),
  flap: ({ rows, side }) => ({
    label: `A flap of ${rows} rows`,
    cost: `${side} + ${side}`,
  }),
  edge: () => ({ label: 'To the edge instead', cost: 'at its last row' }),
  close: ({ by, half }) => ({
    label: `Take away ${by} before it is sewn`,
    cost: `${half} + ${half}`,
  }),
  picked: ({ count, by }) => ({
    label: `Pick up ${count}`,
    cost: `${stitches(Math.abs(by))} ${by > 0 ? 'more' : 'fewer'}`,
  }),
  'join-rounds': () => ({ label: 'Join its rounds and turn for it', cost: 'a join a round' }),
  meant: () => ({ label: 'As I want it', cost: 'not told again' }),
  'no-turning': () => ({ label: 'Join it without turning', cost: 'said for this band' }),
  'in-sc': (_, words) => ({
    label: `Work it in ${abbrOf(stitchById('sc'), words)}`,
    cost: 'lower rows: look at the height',
  }),
  rows: ({ by, worked }) => ({
    label: rowsOf(worked, by),
    cost: 'it ends as it should',
  }),
  absorb: ({ stitches: n }) => ({ label: 'Give them the yarn around them', cost: stitches(n) }),
  'join-up': ({ stitches: n }) => ({ label: 'Move them beside their own', cost: stitches(n) }),
  recolour: ({ stitches: n }) => ({ label: 'The nearest yarn there instead', cost: stitches(n) }),
  catch: ({ stitches: n }) => ({
    label: 'A stitch of the carried yarn between',
    cost: stitches(n),
  }),
  'even-stripes': ({ by }) => ({
    label: 'An even number of rows each',
    cost: `${counted(by, 'row')} more`,
  }),
  'whole-stripe': ({ by }) => ({ label: 'A whole stripe', cost: `${counted(by, 'row')} more` }),
  'catch-floats': ({ every }) => ({
    label: `Catch floats after every ${every} stitches`,
    cost: 'in all of the bag',
  }),
  lead: ({ how, ends, turn, worked }) => ({
    label: {
      float: 'Float it loosely behind',
      snip: `Cut it after its last stitch of each ${rowWord(worked)}`,
      bobbin: turn ? 'Turn its rounds, a bobbin for each field' : 'A bobbin for each field',
    }[how],
    cost:
      ends === 0
        ? 'no more ends'
        : `${counted(Math.abs(ends), 'end')} ${ends > 0 ? 'more' : 'fewer'}`,
  }),
  'carry-more': ({ carried }) => ({
    label: `Carry ${carried}`,
    cost: 'a thicker fabric',
  }),
  'other-yarn': ({ from, to }) => ({ label: `${to} for ${from}`, cost: 'in all of the band' }),
  workable: () => ({ label: 'The nearest that can be', cost: 'few cells' }),
  inset: ({ rows }) => ({ label: 'Work it in inset', cost: `${rows} rows, both yarns carried up` }),
  thread: ({ step, passes }) => ({
    label: `Over ${step} and under ${step}`,
    cost: `${passes} passes`,
  }),
  gap: ({ gap, chain }) => ({
    label: gap === null ? 'The usual gaps' : `Gaps of ${gap}`,
    cost: chain === null ? 'a fifth of the round' : `chains of ${chain}`,
  }),
  edges: ({ stitches: many, fewer }) => ({
    label:
      many === 0
        ? 'No more stitches at its edges'
        : `${many} more ${many === 1 ? 'stitch' : 'stitches'} at each edge`,
    cost: fewer ? 'fewer than now' : 'plain in every row',
  }),
  'row-below': () => ({ label: 'One plain row below it', cost: '1 row' }),
  increase: ({ increase, rounds: n }) => ({
    label: `Increase by ${increase} a round`,
    cost: rounds(n),
  }),
})

/** What a snag says. */
export const snagText = ({ code, facts }: Snag, words: Words): SnagText =>
  snagSaid(code, facts, words)

/** What a mend says it does, and what that costs. */
export const mendText = ({ kind, facts }: Mend, words: Words): MendText =>
  mendSaid(kind, facts, words)
