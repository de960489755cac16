import { expose } from 'comlink'
import {
  type AboutBag,
  countedBase,
  countedRows,
  designFromPattern,
  type RowYarns,
  texturedBand,
  type TextureOn,
} from '@core/adopt'
import { drawer, drawnPatterns, type OwnDraft, patternOf } from '@core/texture'
import { refused } from '@core/units'
import { checkPattern, type CheckOptions, wordedReport } from '@core/check'

const api = {
  check: (text: string, options: CheckOptions) => wordedReport(checkPattern(text, options)),
  toDesign: (text: string, options: CheckOptions, about: AboutBag) =>
    designFromPattern(text, options, about),
  countBase: (texts: readonly string[], ground: string) => countedBase(texts, ground),
  /** The patterns of the drawer, drawn; and one of them as a band. */
  textures: (worked: 'rounds' | 'rows', own: readonly OwnDraft[]) =>
    drawnPatterns(worked === 'rows' ? 'flat' : 'round', own.map(patternOf)),
  texture: (id: string, worked: 'rounds' | 'rows', on: TextureOn, own: readonly OwnDraft[]) => {
    const pattern = [...drawer, ...own.map(patternOf)].find((one) => one.id === id)
    return pattern ? texturedBand(pattern, worked, on) : refused('There is no such pattern.')
  },
  /** `letters` are those of the bag's yarns; another one is the ground yarn. */
  countRows: (
    texts: readonly string[],
    count: number,
    worked: 'rounds' | 'rows',
    { letters, ...yarns }: Omit<RowYarns, 'letterOf'> & { readonly letters: readonly string[] },
  ) => {
    const letterOf = (said: string) => (letters.includes(said) ? said : yarns.yarn)
    return countedRows(texts, count, worked, { ...yarns, letterOf })
  },
}
export type CheckApi = typeof api

expose(api)
