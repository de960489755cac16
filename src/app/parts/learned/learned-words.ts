import { abbrOf, stitchById, type Words } from '@core/stitch'
import { counted, printLength, printNumber } from '@core/units'
import type { Learned, LearnedKind } from '@core/workshop'

type Said = Omit<Learned, 'id'>

const kinds: Readonly<Record<LearnedKind, (one: Said, stitch: string, words: Words) => string>> = {
  'stitch-width': ({ value }, stitch, { units }) =>
    units === 'metric'
      ? `${printNumber(100 / value)} ${stitch} over 10 cm`
      : `${printNumber(101.6 / value)} ${stitch} over 4 in`,
  'row-height': ({ value }, stitch, { units }) =>
    units === 'metric'
      ? `${printNumber(100 / value)} rows of ${stitch} over 10 cm`
      : `${printNumber(101.6 / value)} rows of ${stitch} over 4 in`,
  'yarn-of-stitch': ({ value }, stitch, { units }) =>
    `${printLength(value * 1000, units)} of yarn in a ${stitch}`,
  'minutes-of-stitch': ({ value }, stitch) =>
    `${printNumber(value * 100, 1)} minutes for 100 ${stitch}`,
  stretch: ({ value }, stitch) =>
    `${stitch} hangs ${printNumber(100 * value, 1)} % longer with what it carries`,
  lean: ({ value }, stitch) => `rounds of ${stitch} lean by ${printNumber(value, 2)} of a stitch`,
}
const times: Readonly<Record<LearnedKind, string>> = {
  ...{ 'stitch-width': 'measurement', 'row-height': 'measurement' },
  ...{ stretch: 'measurement', lean: 'measurement' },
  ...{ 'yarn-of-stitch': 'weighing', 'minutes-of-stitch': 'timed row' },
}

/** What was learned, and what that rests on. */
export function learnedWords(
  one: Said,
  words: Words,
): { readonly what: string; readonly rests: string } {
  const stitch = abbrOf(stitchById(one.stitch), words)
  return {
    what: kinds[one.of](one, stitch, words),
    rests: [
      counted(one.times, times[one.of]),
      ...(one.yarn ? [one.yarn] : []),
      `hook ${printNumber(one.hookMm, 2)} mm`,
      `${one.hand} hand`,
      one.from,
    ].join(' · '),
  }
}
