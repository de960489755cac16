import { expose } from 'comlink'
import { type AboutBag, designFromPattern } from '@core/adopt'
import type { Design } from '@core/design'
import {
  countedBase,
  countedOverBag,
  countedRows,
  countsFound,
  patternOfRows,
  type RowsWanted,
  type RowYarns,
  texturedBand,
  type TextureOn,
  whyNotOn,
} from '@core/shorthand'
import {
  drawer,
  drawnPatterns,
  type OwnDraft,
  patternOf,
  stitchChart,
  type StitchPattern,
} from '@core/texture'
import { refused } from '@core/units'
import { compile } from '@core/ledger'
import { type FreeRound, freeWays, maybeWorkAt, roundMore, rowTyped, worksOf } from '@core/make'
import { madeIn, type Project } from '@core/project'
import { checkPattern, type CheckOptions, wordedReport } from '@core/check'

/** Counts that were found of a pattern's rows and of its rounds; null of what it does not have. */
export type FoundCounts = Readonly<Record<'flat' | 'round', ReturnType<typeof countsFound> | null>>

const api = {
  check: (text: string, options: CheckOptions) => wordedReport(checkPattern(text, options)),
  toDesign: (text: string, options: CheckOptions, about: AboutBag) =>
    designFromPattern(text, options, about),
  /** Rows of a text as a stitch pattern of one's own. */
  patternOfRows: (text: string, options: CheckOptions, wanted: RowsWanted) =>
    patternOfRows(checkPattern(text, { ...options, keepMade: true }).rows, wanted),
  /** On which counts a pattern of one's own comes out, and why not on another where it does not. */
  countsOf: (draft: OwnDraft, count: number) => {
    const pattern = patternOf(draft)
    const of = <T>(find: (way: 'flat' | 'round') => T) => ({
      flat: pattern.flat ? find('flat') : null,
      round: pattern.round ? find('round') : null,
    })
    const found: FoundCounts = of((way) => countsFound(pattern, way))
    return { found, why: of((way) => (count > 0 ? whyNotOn(pattern, way, count) : null)) }
  },
  countBase: (texts: readonly string[], ground: string, worked: 'rounds' | 'rows') =>
    countedBase(texts, ground, worked),
  /** The patterns of the drawer, drawn; and one of them as a band. */
  textures: (worked: 'rounds' | 'rows', own: readonly OwnDraft[]) =>
    drawnPatterns(worked === 'rows' ? 'flat' : 'round', own.map(patternOf)),
  texture: (id: string, worked: 'rounds' | 'rows', on: TextureOn, own: readonly OwnDraft[]) => {
    const pattern = [...drawer, ...own.map(patternOf)].find((one) => one.id === id)
    return pattern ? texturedBand(pattern, worked, on) : refused('There is no such pattern.')
  },
  /** A pattern in symbols, over so many repeats and rows of it. */
  chart: (pattern: StitchPattern, way: 'flat' | 'round', repeats: number, rows: number) =>
    stitchChart(pattern, way, repeats, rows),
  /** Over what lies below them on the bag. `letters` are those of its yarns; another one is the ground yarn. */
  countRows: (
    texts: readonly string[],
    count: number,
    worked: 'rounds' | 'rows',
    { letters, ...yarns }: Omit<RowYarns, 'letterOf'> & { readonly letters: readonly string[] },
    { design, id }: { readonly design: Design; readonly id: string },
  ) => {
    const letterOf = (said: string) => (letters.includes(said) ? said : yarns.yarn)
    const all = { ...yarns, letterOf }
    return countedOverBag(design, id, texts, all) ?? countedRows(texts, count, worked, all)
  },
  /** The row in hand of a copy, as it was typed. */
  rowTyped: (
    { design, log }: Project,
    on: { readonly piece: string; readonly copy: number },
    text: string,
  ) => {
    const ledger = compile(design, { made: madeIn(log) })
    const work = maybeWorkAt(worksOf(ledger, log), on)
    return work
      ? rowTyped(design, ledger, log, work, text)
      : refused('This piece is not there any more.')
  },
  /** What can be tapped next of a bag that is written as it is worked; and one round more of it. */
  freeWays: ({ design, log }: Project) => freeWays(design, compile(design, { made: madeIn(log) })),
  roundMore: ({ design, log }: Project, round: FreeRound) =>
    roundMore(design, compile(design, { made: madeIn(log) }), round),
}
export type CheckApi = typeof api

expose(api)
