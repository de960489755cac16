import {
  meaningOf,
  type Place,
  readWork,
  type ReadWork,
  type StitchWord,
} from '../notation/index.ts'

/** Words that head other lines than definitions. */
const OTHER = /^(?:ch|sc|dc|hdc|tr|st|sts|sl st|gauge|tension|hook|yarn|size|note|notes|materials)$/

/** What is known to take no place and to leave none, however it is made: a picot. */
function standsOff(word: string): boolean {
  const { items, unread } = readWork(word)
  if (unread.length > 0 || items.length !== 1 || items[0]!.kind !== 'stitch') return false
  const { consumes, places } = meaningOf(items, new Array<Place>(4).fill('st'), {
    startingChain: false,
  })
  return consumes === 0 && places?.length === 0
}

/** The stitches a pattern defines for itself, and work read with them. */
export class Glossary {
  readonly specials = new Map<string, StitchWord>()
  /** A row that is worked often is read once. */
  private readonly known = new Map<string, ReadWork>()

  read(work: string): ReadWork {
    const known = this.known.get(work)
    if (known) return known
    const read = readWork(work, this.specials)
    this.known.set(work, read)
    return read
  }

  /** Mostly work, though not all of it could be read. */
  looksLikeWork(whole: string): boolean {
    // What is measured then is not worked.
    if (/^After (?:row|rnd|round) \d+: \d+ /i.test(whole)) return false
    // A sentence that says what something is for explains work that is counted elsewhere.
    const text = whole.replace(/(?<=^|[.] )To (?:step|join|level)\b[^.]*[.]\s*/g, '')
    const { items, unread } = this.read(text)
    const aside = unread.reduce((sum, { from, to }) => sum + to - from, 0)
    // What begins with a stitch is meant as work, however little of it is understood.
    const begins = /^(?:work )?(?:\d+ )?(?:sc|hdc|dc|tr)\b/i.test(text)
    const some = items.some(({ kind }) => kind === 'stitch' || kind === 'group')
    return begins || (some && aside < text.length * 0.6)
  }

  /** "Shell: 5 dc in next st" makes a word of its own. */
  define(text: string): boolean {
    const found = /^([A-Za-z][\w -]{0,30}?)\s*(?:\(([\w -]{1,16})\))?\s*[:=]\s*(.+)$/.exec(text)
    if (!found) return false
    const [, name, short, recipe] = found
    const word = (short ?? name)!.toLowerCase()
    if (OTHER.test(word)) return true
    if (standsOff(word)) return true
    const made = this.recipe(recipe!, word)
    if (!made) return false
    for (const form of [name!.toLowerCase(), word])
      for (const one of [form, `${form}s`]) this.specials.set(one, made)
    this.known.clear()
    return true
  }

  /** What a special stitch takes and leaves: one for one when it is drawn together, else what it is made of. */
  private recipe(recipe: string, word: string): StitchWord | null {
    if (/\byo\b|pull (?:up|through)|draw|insert/i.test(recipe)) return { word, uses: 1, makes: 1 }
    const { items, unread } = this.read(recipe.replace(/\.\s*$/, ''))
    // A chain alone is where the work begins, whatever it is called.
    if (unread.length > 0 || items.every(({ kind }) => kind === 'chain' || kind === 'note'))
      return null
    const { consumes, places } = meaningOf(items, new Array<Place>(60).fill('st'), {
      startingChain: false,
    })
    if (!places) return null
    return { word, uses: Math.max(1, consumes ?? 1), makes: places.length, leaves: places }
  }
}
