/* What all catalogues of words have in common: things found are plain data, and are put in words where they are read. */

/** A table of words: for each code what is said of its facts, to one who reads `In` (terms, units). */
export type Catalogue<Facts, In, Said> = {
  readonly [Code in keyof Facts]: (facts: Facts[Code], words: In) => Said
}

/** Puts a thing in words by its code. */
export const saidBy =
  <Facts, In, Said>(catalogue: Catalogue<Facts, In, Said>) =>
  (code: keyof Facts, facts: unknown, words: In): Said =>
    (catalogue[code] as (facts: unknown, words: In) => Said)(facts, words)

/** What is worked is called: "row" of flat work, "round" of round. */
export const rowWord = (worked: 'rounds' | 'rows'): 'row' | 'round' =>
  worked === 'rows' ? 'row' : 'round'
