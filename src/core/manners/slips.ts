import damerau from 'damerau-levenshtein'
import { phraseWords, vocabulary } from '../notation/index.ts'

/* Slips of typing: a word that is none, and is nearly one. No word becomes another stitch, nor a stitch that is written short. */

/** Words a row is written with, beside its stitches. */
const WORDS =
  'around across each every next repeat rep from last first chain chains stitch stitches turn join skip miss ring magic round rounds row rows times more work single double half treble crochet slip back front loop loops only remaining corner space spaces same through place marker fasten continue increase decrease cluster puff bobble popcorn shell between beginning starting following into with until then using twice once'.split(
    ' ',
  )
const known = new Set([
  ...WORDS,
  ...phraseWords,
  ...[...vocabulary.keys()].flatMap((form) => form.split(/[^a-z]+/)),
  ...'standing stacked starting started joined joining turned turning worked working skipped missed repeated repeating counts counted missing form that this there them their here other end ends ending begin finish make made hook yarn count over under the and for not you your now see edge side sides top bottom base foot colour color change changing'.split(
    ' ',
  ),
])
const LEAST = 4
/** What is written short by many. */
const SHORT: Readonly<Record<string, string>> = {
  ...{ nxt: 'next', nx: 'next', rpt: 'repeat', foll: 'next', follow: 'next', folls: 'next' },
  ...{ rem: 'remaining', remain: 'remaining', evry: 'every', ech: 'each', incl: 'including' },
  ...{ arnd: 'around', rond: 'round', stich: 'stitch', stich2: 'stitch', sts2: 'sts' },
}

/** The one word a slip is nearest to; null where it is none, or there are two. */
export function meantBy(word: string): string | null {
  const low = word.toLowerCase()
  if (known.has(low)) return null
  if (SHORT[low]) return SHORT[low]
  if (low.length < LEAST || !/^[a-z]+$/.test(low)) return null
  const far = low.length < 7 ? 1 : 2
  const letters = [...low].sort().join('')
  let best: string | null = null
  let steps = far + 1
  let twice = false
  for (const one of WORDS) {
    // Who slips seldom does so at the first letter; of short words only two letters may have changed places.
    if (one[0] !== low[0] || Math.abs(one.length - low.length) > far || one.length < LEAST) continue
    if (low.length === LEAST && [...one].sort().join('') !== letters) continue
    const { steps: away } = damerau(low, one)
    if (away < steps) [best, steps, twice] = [one, away, false]
    else if (away === steps && one !== best) twice = true
  }
  return twice ? null : best
}
