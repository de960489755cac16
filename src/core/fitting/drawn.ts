/** Colours of what is no yarn. */
export const MATERIALS = {
  wood: '#a9825a',
  metal: '#b4b8ba',
  shell: '#efe6d2',
  leather: '#8a5f3c',
} as const

/** What a thing is drawn in: the letter of its yarn, or a colour like #a9825a. */
export type DrawnInk = string

/** A shape on the bag. Its `spot` is the place of that spot among those of its item; lengths in mm. */
export type Drawn =
  /** From one spot to another, as long as it is: it stands up from the rim. */
  | {
      readonly shape: 'arch'
      readonly from: number
      readonly to: number
      readonly lengthMm: number
      readonly thickMm: number
      readonly ink: DrawnInk
    }
  /** A handle that stands up over a spot, its ends so far apart. */
  | {
      readonly shape: 'bow'
      readonly spot: number
      readonly wideMm: number
      readonly lengthMm: number
      readonly thickMm: number
      readonly ink: DrawnInk
    }
  /** Along the row of a spot, out over so many stitches and in under so many, and down from it at both ends. */
  | {
      readonly shape: 'threaded'
      readonly spot: number
      readonly over: number
      readonly under: number
      readonly hangMm: number
      /** Begun so far around, as a share of the way. */
      readonly from: number
      readonly thickMm: number
      readonly ink: DrawnInk
    }
  /** A ball, so far below the spot. */
  | {
      readonly shape: 'ball'
      readonly spot: number
      readonly radiusMm: number
      readonly downMm: number
      readonly ink: DrawnInk
      /** So far around from its spot, as a share of the way. */
      readonly on?: number
    }
  /** Strands that hang down from so far below the spot. */
  | {
      readonly shape: 'tassel'
      readonly spot: number
      readonly lengthMm: number
      readonly downMm: number
      readonly ink: DrawnInk
      readonly on?: number
    }
  /** A cord that hangs down from the spot. */
  | {
      readonly shape: 'strand'
      readonly spot: number
      readonly lengthMm: number
      readonly thickMm: number
      readonly ink: DrawnInk
      readonly on?: number
    }
  /** A ring that stands on the spot. */
  | {
      readonly shape: 'ring'
      readonly spot: number
      readonly radiusMm: number
      readonly thickMm: number
      readonly ink: DrawnInk
      readonly on?: number
      /** It hangs from the spot. */
      readonly hangs?: true
    }
  /** A disc on the fabric. */
  | {
      readonly shape: 'disc'
      readonly spot: number
      readonly radiusMm: number
      readonly thickMm: number
      readonly ink: DrawnInk
    }
