/** A word in both of the trade's vocabularies. */
export interface Terms {
  readonly us: string
  readonly uk: string
}

/** One stitch of the dictionary. Height and yarn are relative to a sc of the same yarn and hook. */
export interface Stitch {
  readonly id: string
  /** `place`: only takes up or shares a place; `over`: chains over what is passed. */
  readonly family:
    'basic' | 'loop' | 'split' | 'over' | 'raised' | 'looped' | 'place' | 'increase' | 'decrease'
  readonly name: Terms
  readonly abbr: Terms
  /** The plain stitch it is made of; itself for basic stitches. */
  readonly of: string
  /** Places of the row below it takes up, and places it leaves. */
  readonly uses: number
  readonly makes: number
  readonly height: number
  readonly yarn: number
  /** Stitches it is wide, where that is not one: what closes over several places is as wide as those. */
  readonly wide?: number
  /**
   * A loop of chain: one that hangs over what is passed leaves one place, which a later round goes into; one that stands off leaves
   * none. `half`: the next round begins in its middle.
   */
  readonly loop?: { readonly stands: 'over' | 'off'; readonly half?: true }
  /** What it is counted as beside stitches. */
  readonly unit?: string
  /** Rows further down than the next that it is worked into; none unless it says so. */
  readonly reaches?: number
  /** It stands out at the back, and can be pushed out to the front where the work is never turned. */
  readonly pushes?: true
  /** What is worked so from behind, where rows show the wrong side: by its id. */
  readonly fromBehind?: string
  /** Worked the other way along the row below, which is not turned. */
  readonly backward?: true
  /** It hides the rows it passes. */
  readonly covers?: true
  /** How it is worked, in US terms, where that is not a stitch everybody knows. */
  readonly recipe?: string
  /** Chains that bring the hook up to its height at the start of a row. */
  readonly turningChains: number
  /** Drawing of the chart symbol: SVG path data in a box of 20 × 20, base at the bottom. */
  readonly symbol: string
}
