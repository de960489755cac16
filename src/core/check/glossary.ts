import { COSTS } from './best-reading.ts'
import { found, type Problem } from './problem.ts'
import { inShorthand, type Mapped, replaced } from '../manners/index.ts'
import {
  isKnown,
  meaningOf,
  type Place,
  readWork,
  type ReadWork,
  type StitchWord,
  vocabulary,
} from '../notation/index.ts'

/** Words that head other lines than definitions: nothing of them is work. */
const OTHER =
  /^(?:ch|sc|dc|hdc|tr|st|sts|sl st|gauge|tension|hook|yarn|sizes?|notes?|materials|colou?rs?|terms|finished.*|approx.*)$/
/** Words that head work. */
const PARTS = /^(?:foundation.*|start|base|body|.* chain|rows?.*|rnds?.*|rounds?.*)$/
/** What may stand before a definition. */
const LEAD =
  /^\s*(?:[-*•·]\s*)?(?:\((?:UK|US)[^()]*\)\s*)?(?:(?:special(?: stitch(?:es)?)?|abbreviations?|stitch guide|note|key|legend|where|here|in this pattern)\s*:?,?\s+)?/i
const NAME = "[A-Za-z][\\w'-]{0,14}(?: [\\w'-]{1,14}){0,3}"
const DEFINED = new RegExp(
  `^(?:the |an? )?(${NAME}?)\\s*(?:\\(([\\w -]{1,16})\\))?\\s*(?::|=|[–—]|\\s-\\s|\\s(?:is|means|stands for)\\s|\\.{2,}|→)\\s*(.+)$`,
  'i',
)
/** A letter and what it is, with a blank between. */
const BARE = /^\(?([A-Z][A-Z0-9]{0,2}|[b-wyz])\)?\s+([a-z0-9][\w ]{1,40})\.?$/
/** A name that would be taken for something else: "X", "PC", "M2". */
const LETTERS = /^(?:[A-Z][A-Z0-9]{0,2}|[b-wyz])$/

/** What is known to take no place and to leave none, however it is made: a picot. */
function standsOff(word: string): boolean {
  const { items, unread } = readWork(word)
  if (unread.length > 0 || items.length !== 1 || items[0]!.kind !== 'stitch') return false
  const { consumes, places } = meaningOf(items, new Array<Place>(4).fill('st'), {
    startingChain: false,
  })
  return consumes === 0 && places?.length === 0
}

/** A way to read a row's work, and what it costs beside the plain one. */
export interface SaidWork {
  readonly read: ReadWork
  readonly cost: number
  /** What is told where it is read so. */
  readonly says?: Problem
}

/** "2 sc, inc around": a list without stars, all of which may be meant around. */
const LISTED =
  /^((?:\s*(?:ch(?:ain)? \d+|\d+ ?ch|turn|with [\w -]+|yarn-\w+|\([A-Z]\)|[A-Z]|join[^,;]*)\s*[,;])*\s*)(?![^]*\b(?:hook|ring)\b)(?!\s*(?:ch(?:ain)? \d|\d+ ?ch|turn|with|yarn-|[A-Z]\s*,|join|sl st))(?![^.]*\b(?:each|every|same|last|first)\b[^.]*\s(?:around|across|to end))([^*()[\]{}]+[,;][^*()[\]{}]+?)(\s+(?:around|across|to end)\b(?!.*\brep))/i
const asRepeat = (said: Mapped): Mapped | null => {
  const list = LISTED.test(said.text)
  return list ? replaced(said, new RegExp(LISTED, 'gi'), '$1[$2]$3') : null
}

/** A stitch and no more: "dc in back loops". */
const ALONE =
  /^\s*(?:ch \d+[,.;] ?|turn[,.;] ?)*(?:sc|hdc|htr|dc|tr)(?: (?:blo|flo))?(?: in (?:the )?(?:back|front|both) loops?(?: only)?)?\s*[.;]?\s*$/i
/** Two clauses or more with a way to change the count, and no word of how far: "2 sc, inc". */
const OPEN_LIST =
  /^((?:\s*(?:ch(?:ain)? \d+|\d+ ?ch|turn|with [\w-]+|yarn-\w+|join[^,;]*)\s*[,;])*\s*)(?![^]*(?:[*()[\]{}]|\b(?:each|every|all|around|across|end|rep(?:eat)?|times|ring|hook|last|first|same|twice|x \d)\b))([^,;]+[,;]\s*(?:\d+ \w+ in next st|(?:1 )?(?:inc|dec)(?: 1)?|\w+2tog))(?=\s*[.;]?\s*$)/i
const ENDS_IN_SLIP =
  /[,.;]\s*(?:then |and )?(?:sl st|ss)(?: in(?:to)? (?:the )?next (?:st|sc|hdc|dc))?(?=\s*[.;]?\s*(?:[,.;]?\s*(?:and )?(?:fasten off|cut|break)[^,;]*)?$)/i
/** Said once more in brackets at the end: "increase in each stitch [6 inc]". */
const AGAIN = /\s*(?:\([^()]*(?:\([^()]*\)[^()]*)?\)|\[[^[\]]*\])(?=\s*[.;]?\s*$)/

/** A corner with no word of what it is; as long as what it may stand for. */
const CORNER = /\bcorner(s)?\b(?!\s*(?:ch|sps?|spaces?|sts?|stitch|loops?|\d))/i

/** The stitches a pattern defines for itself, and work read with them. */
export class Glossary {
  readonly specials = new Map<string, StitchWord>()
  /** A row that is worked often is read once. */
  private readonly known = new Map<string, readonly SaidWork[]>()
  /** Names in letters alone, and the words they are read as. */
  private readonly letters = new Map<string, string>()

  /** `worked`: what the pattern's rows say, in which its own words are used. */
  constructor(
    private readonly worked = '',
    private readonly yarns: readonly string[] = [],
  ) {}

  /** The plainest way to read it. */
  read(work: string): ReadWork {
    return this.readings(work)[0]!.read
  }

  /** Read word by word, nothing of it put otherwise. */
  asItStands(text: string): ReadWork {
    return readWork(text, this.specials)
  }

  /** Every way to read it, the plainest first. */
  readings(work: string): readonly SaidWork[] {
    const known = this.known.get(work)
    if (known) return known
    const readings = this.readAnew(work)
    this.known.set(work, readings)
    return readings
  }

  /** A corner is a stitch, or the space that was made in one. */
  private readAnew(work: string): SaidWork[] {
    const readings = this.inOneWay(work)
    if (!CORNER.test(work)) return readings
    const spaces = work.replace(new RegExp(CORNER, 'gi'), (_, many) =>
      many ? 'ch-sps ' : 'ch-sp ',
    )
    const others = this.inOneWay(spaces).map((one) => ({ ...one, cost: one.cost + COSTS.below }))
    return [...readings, ...others]
  }

  private inOneWay(work: string): SaidWork[] {
    const said = inShorthand(work, {
      letters: this.letters,
      isOwn: (word) => this.isOwn(word),
      yarns: this.yarns,
    })
    const { text } = said
    const at = said
    const read = readWork(text, this.specials, { at })
    const readings: SaidWork[] = [{ read, cost: 0 }]
    const list = asRepeat(said)
    const one = list && readWork(list.text, this.specials, { at: list })
    if (one?.unread.length === 0) {
      // "2 sc, inc around": whoever means one and then all says “in each”.
      const likely = !/\b(?:each|every|next)\b/i.test(/[^,;]*$/.exec(list!.text)![0])
      readings.push({ read: one, cost: likely ? 0 : 1 })
      if (likely) readings.reverse()
    }
    if (ALONE.test(text)) {
      const around = replaced(said, /(?=\s*[.;]?\s*$)/g, ' around')
      readings.push({ read: readWork(around.text, this.specials, { at: around }), cost: 1 })
    }
    if (OPEN_LIST.test(text)) {
      const around = replaced(said, new RegExp(OPEN_LIST, 'gi'), '$1[$2] around')
      const says = found('read-around', null, { from: 0, to: work.length })
      readings.push({
        read: readWork(around.text, this.specials, { at: around }),
        ...{ cost: COSTS.odd, says },
      })
    }
    // "…, ss.": what ends a round is its join.
    if (ENDS_IN_SLIP.test(text)) {
      const joined = replaced(said, new RegExp(ENDS_IN_SLIP, 'gi'), ', join')
      readings.push({ read: readWork(joined.text, this.specials, { at: joined }), cost: 1 })
    }
    const again = AGAIN.exec(text)
    if (again && again.index > 0 && /[a-z]{2}/i.test(again[0])) {
      const rest = text.slice(0, again.index)
      const once = readWork(rest, this.specials, { at: said })
      const last = again.index + again[0].length - 1
      const span = { from: said.from[again.index]!, to: said.to[last]! }
      readings.push({ read: { ...once, past: [...once.past, span] }, cost: COSTS.odd })
    }
    if (read.unread.length > 0) {
      const islands = readWork(text, this.specials, { at, past: true })
      if (islands.items.length > 0)
        readings.push({ read: islands, cost: 1 + 0.25 * islands.past.length })
    }
    return readings
  }

  private isOwn = (word: string): boolean => this.specials.has(word)

  /** Mostly work, though not all of it could be read. */
  looksLikeWork(whole: string): boolean {
    // What is measured then is not worked.
    if (/^(?:After (?:row|rnd|round) \d+: \d+ |Look )/i.test(whole)) return false
    // A sentence that says what something is for explains work that is counted elsewhere.
    const text = whole.replace(/(?<=^|[.] )To (?:step|join|level)\b[^.]*[.]\s*/g, '')
    const { items, unread } = this.asItStands(text)
    const aside = unread.reduce((sum, { from, to }) => sum + to - from, 0)
    // What begins with a stitch is meant as work, however little of it is understood.
    const begins = /^(?:work )?(?:\d+ )?(?:sc|hdc|dc|tr)\b/i.test(text)
    const some = items.some(({ kind }) => kind === 'stitch' || kind === 'group')
    const counted = text.match(/\b\d+ ?(?:sc|hdc|htr|dc|tr|inc|dec)\b/gi)?.length ?? 0
    return begins || counted > 1 || (some && aside < text.length * 0.6)
  }

  /** "Shell: 5 dc in next st", "X = sc / V = inc", "eye is (hdc, ch 2, hdc) in one st": words of its own. */
  define(line: string): boolean {
    const text = line
      .replace(LEAD, '')
      .replace(/\(e?s\)/g, '')
      .replace(/(?<=\b\w{1,4})\.(?=\s*[=:])/g, '')
    const several = [/\s*[/;]\s*/, /\s*,\s*/].map((by) => text.split(by))
    const list = several.find(
      (parts) => parts.length > 1 && parts.every((part) => DEFINED.test(part)),
    )
    if (list) return list.map((part) => this.defineOne(part)).some(Boolean)
    if (this.defineOne(text) || this.bareLetters(text)) return true
    // "A space is ch 1, skip 1, dc in next." after another sentence.
    const rest =
      /[.:]\s+((?:[Aa]n? \w+(?: \w+)? (?:is|means)\b|[A-Z][\w-]*(?: [\w-]+)? ?=).*)$/.exec(
        text,
      )?.[1]
    return rest !== undefined && this.define(rest)
  }

  /** "O dc / Y inc / Z dec", and "X  sc" alone: letters that rows are written in, with nothing between. */
  private bareLetters(text: string): boolean {
    const parts = text.split(/\s*[/;,]\s*/)
    const found = parts.map((part) => BARE.exec(part))
    const isLegend = found.every((one) => one !== null && this.isUsed(one[1]!))
    if (!isLegend) return false
    const made = found.map((one) => this.recipeOf(one![2]!, one![1]!.toLowerCase()))
    if (made.some((one) => one === null)) return false
    made.forEach((one, i) => this.keep(found[i]![1]!, one!))
    this.known.clear()
    return true
  }

  private defineOne(text: string): boolean {
    const found = DEFINED.exec(text)
    if (!found) return false
    const [, name, short, recipe] = found as unknown as [string, string, string | undefined, string]
    const word = (short ?? name).toLowerCase()
    if (OTHER.test(word)) return true
    if (PARTS.test(word)) return false
    if (standsOff(word)) return true
    const same = vocabulary.get(
      /^[\w -]+?(?=\s*[:;(])/
        .exec(recipe.replace(/^(?:make|work) (?:an? )?/i, ''))?.[0]
        .trim()
        .toLowerCase() ?? '',
    )
    const made =
      (isKnown(word) ? null : same) ??
      this.recipe(recipe, word) ??
      this.unknown(short ?? name, word)
    // What is a stitch already is told how it is made, and stays what it is.
    if (!made) return vocabulary.has(word) || /^[^:–—-]*=/.test(text)
    for (const form of [name, short ?? name]) this.keep(form, made)
    this.known.clear()
    return true
  }

  private keep(form: string, made: StitchWord): void {
    const low = form.toLowerCase()
    if (LETTERS.test(form) || /^[a-z]+\d$/i.test(form)) {
      // Read as a word that is no other: of one that is written as it is it is told by its hyphen, and no number is in it.
      const own = `own-${low.replace(/\d/g, (digit) => 'abcdefghij'[Number(digit)]!)}`
      this.letters.set(form, own)
      this.specials.set(own, made)
      if (form.length === 1) return
    }
    for (const one of [low, `${low}s`]) this.specials.set(one, made)
  }

  /** What a special stitch takes and leaves: one for one when it is drawn together, else what it is made of. */
  private recipe(recipe: string, word: string): StitchWord | null {
    if (/\byo\b|pull (?:up|through)|draw|insert/i.test(recipe)) return { word, uses: 1, makes: 1 }
    const whole = recipe.replace(/\.\s*$/, '')
    return this.recipeOf(whole, word) ?? this.recipeOf(whole.split(/[:;.–—]|,\s(?=work)/)[0]!, word)
  }

  private recipeOf(recipe: string, word: string): StitchWord | null {
    const several =
      /^(?:work )?(\d+|two|three|four|five)(?: \w+)? (?:in(?:to)? (?:one|1|the same|a)\b|(tog))/i.exec(
        recipe,
      )
    const { text } = inShorthand(recipe, { letters: this.letters, isOwn: (one) => this.isOwn(one) })
    const { items, unread } = readWork(text, this.specials)
    const works = items.filter(({ kind }) => kind !== 'note')
    // A chain alone is where the work begins, whatever it is called, unless rows are worked with it.
    const [first] = works
    if (works.length === 1 && first?.kind === 'chain' && unread.length === 0)
      return this.isUsed(word) ? loopOf(word, first.count) : null
    const isWork =
      unread.length === 0 && works.some(({ kind }) => kind !== 'chain' && kind !== 'skip')
    const { consumes, places } = isWork
      ? meaningOf(items, new Array<Place>(60).fill('st'), { startingChain: false })
      : { consumes: null, places: null }
    if (places && (consumes ?? 0) <= MOST_TAKEN)
      return { word, uses: Math.max(1, consumes ?? 1), makes: places.length, leaves: places }
    if (!several) return null
    const many = WORDS[several[1]!.toLowerCase()] ?? Number(several[1])
    return several[2] ? { word, uses: many, makes: 1 } : { word, uses: 1, makes: many }
  }

  /** Whether rows use a name. */
  private isUsed(name: string): boolean {
    const written = name.replace(/[^\w\s]/g, '\\$&')
    const flags = LETTERS.test(name) ? '' : 'i'
    return new RegExp(`(?<![a-z-])${written}s?(?![a-z])`, flags).test(this.worked)
  }

  /** A name whose making is not understood, and which rows use: it takes one and leaves one, until rows say otherwise. */
  private unknown(name: string, word: string): StitchWord | null {
    if (isKnown(word)) return null
    return this.isUsed(name) ? { word, uses: 1, makes: 1 } : null
  }
}

/** A loop of so many chains, which takes no place. */
const loopOf = (word: string, chains: number): StitchWord => ({
  ...{ word, uses: 0, makes: chains },
  leaves: new Array<Place>(Math.min(chains, MOST_TAKEN)).fill('ch'),
})
const WORDS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5 }
/** No special stitch goes over more places. */
const MOST_TAKEN = 16
