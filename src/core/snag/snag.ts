import type { Design, Edit } from '../design/index.ts'
import type { WhyNot } from '../band/index.ts'
import type { Why } from '../mosaic/index.ts'
import type { Severity } from '../units/index.ts'

/** Where a snag is: a part, and a round (its printed number) when it is at one. */
export interface Place {
  readonly part: string | null
  readonly round: number | null
  /** Which of several it is about: a yarn by its letter, a thing beside the pieces by its id, a join by its place in the ledger. */
  readonly of?: string
}

/** What each kind of snag is about. Lengths in mm, yarn in metres, shares as 0.1 = 10 %. */
export interface SnagFacts {
  /** `rows` lie between it and the base's last row, where the count could still be changed. */
  'repeat-remainder': {
    name: string
    count: number
    multiple: number
    left: number
    rows: number
    worked?: 'rounds' | 'rows'
  }
  /** A written band that stands on another count than the one it was counted on. */
  'written-misfit': {
    name: string
    count: number
    multiple: number
    offset: number
    /** Stitches of one of two like halves of its repeat, and how many of those the count has; null where it has no such halves. */
    halves: { of: number; count: number } | null
  }
  /** It stops so many rows after whole repeats, though it has an end of its own. */
  'stops-midway': { name: string; beyond: number; repeat: number; worked: 'rounds' | 'rows' }
  /** A piece ends on a row whose stitches stand out, and none plain after it; `uneven`: one row more would leave its faces unequal. */
  'ends-raised': { name: string; worked: 'rounds' | 'rows'; uneven: boolean }
  /** Two faces that are to be sewn together and come out of unlike size, in mm. */
  'faces-differ': {
    front: { widthMm: number; heightMm: number }
    back: { widthMm: number; heightMm: number }
  }
  /** Loops of chain that hang free for a while, or for good. */
  'loops-catch': { names: readonly string[] }
  /** Rounds of a spiral that end in chains: they lead up, and every round begins further on. */
  'spiral-drifts': { name: string; chains: number }
  /** Raised rows that are worked from the other side than they want, so that they stand out inside. */
  'raised-inside': { name: string; side: 'RS' | 'WS'; worked: 'spiral' | 'rounds' | 'rows' }
  'adjust-too-large': {
    name: string
    adjust: number
    count: number
    made: number
    worked?: 'rounds' | 'rows'
  }
  'halves-unequal': { one: number; other: number }
  'sides-unequal': { one: number; other: number }
  'faces-unequal': { one: number; other: number }
  /** A side that is sewn to another: what it has, the room there is, and both lengths in mm. */
  'join-uneven': {
    name: string
    onto: string
    one: number
    other: number
    lengthMm: number
    reachMm: number
  }
  /** Stitches picked up along row ends, and as many as would lie flat along them. */
  'picked-uneven': { name: string; onto: string; stitches: number; ends: number; flat: number }
  /** A thing, or a piece that is sewn on, whose place is not there any more. */
  'spot-gone': { name: string }
  'opening-small': { one: number; other: number }
  flare: { name: string; below: number; here: number }
  'outside-class': { sc: number; few: number; many: number; yarnClass: number }
  'gauge-derived': { names: readonly string[] }
  'size-off': {
    made: number
    wanted: number
    said: 'around' | 'flat'
    tolerance: number
    /** What would make it the wanted size on the stitches there are; null where no gauge of theirs does. */
    gauge: { count: number; stitchWidthMm: number; hookMm: number; ownHookMm: number } | null
  }
  /** The way around that goes with the wanted height, where the one follows from the other; else null. */
  'height-off': { made: number; wanted: number; goesWithMm: number | null }
  /** `spread`: how far that is off where it rests on an estimate; null where it was measured. */
  'base-cups': { average: number; flat: number; flatness: number; spread: number | null }
  /** A piece that lies and grows too slowly: how far its rows reach, and the radius its edge has. */
  'piece-cups': { name: string; reachMm: number; radiusMm: number }
  'base-ruffles': { average: number; flat: number; flatness: number; spread: number | null }
  /** `ring`: it begins in rounds, which can be measured as they lie. */
  'gauge-estimated': { spread: number; hookMm: number; yarnClass: number; ring?: boolean }
  /** `apart` is how far both look from one another (CIEDE2000). */
  'carry-shows': {
    name: string
    carried: string
    over: string
    stitches: number
    apart: number
  }
  'lone-stitches': { name: string; stitches: number }
  'many-strands': {
    name: string
    rows: number
    yarns: number
    carried: number
    worked: 'rounds' | 'rows'
  }
  /** Cells of a mosaic that cannot be as they are drawn, and why the first of them cannot. */
  'mosaic-misfits': { name: string; cells: number; why: Why }
  /** A mosaic on stitches that its drops are no taller than. */
  'mosaic-ground': { name: string; stitch: string }
  /** A texture whose rounds are given for the right side, in a bag that turns every round. */
  'keeps-its-side': { name: string }
  /** Ends to hide where the yarn is cut after every row. */
  'mosaic-ends': { name: string; ends: number }
  /** Symbols that cannot be worked where they stand, why the first cannot, and rows (printed numbers) it could stand in. */
  'relief-misfits': { name: string; cells: number; why: WhyNot; rows: readonly number[] }
  /** Clusters draw a row in by such a share. */
  'relief-draws-in': { name: string; clusters: number; of: number; by: number }
  /** Posts and crossed stitches draw a band in by such a share, give or take as much again. */
  'posts-draw-in': { name: string; by: number }
  'carry-long': { name: string; stitches: number; floats: boolean }
  /** Stripes worked flat over an odd number of rows, so that a yarn is at the other edge when it is wanted: so often it is cut for that. */
  'odd-stripes': { name: string; gaps: number }
  /** Its last stripe has fewer rows than the others of it. */
  'half-stripe': { name: string; rows: number; others: number }
  'yarn-short': { name: string; needed: number; inHand: number }
  /** By what was weighed a yarn ends before the work does: whole rounds it still gives, those planned, the last at which one can change course. */
  'yarn-ends': {
    name: string
    part: string
    roundsLeft: number
    planned: number
    lastTurn: number
    /** It is that round now. */
    now: boolean
    worked: 'rounds' | 'rows'
  }
  /** Handles in the edge for which the round has no room, or within which it begins. */
  'handles-misfit': { name: string; count: number; gap: number }
  /** A cord over and under stitches by such a period, with so many left where it comes out. */
  'threads-unevenly': { name: string; count: number; period: number; left: number }
  /** Handles that lie beside the middles of front and back, by so many stitches; above 0 further on. */
  'handles-beside': { name: string; front: number; back: number; count: number }
  'label-missing': { names: readonly string[] }
}
export type SnagCode = keyof SnagFacts

/** What each kind of mend does, for its wording. */
export interface MendFacts {
  count: { count: number; sizeMm: number; errorMm: number; changed: boolean }
  pad: { columns: number; multiple: number; repeats: number }
  adjust: { by: number; count: number; sizeMm: number }
  rounds: { name: string; by: number; madeMm: number; worked: 'rounds' | 'rows' }
  increase: { increase: number; rounds: number }
  /** Nothing is mended: it is meant so. */
  meant: Record<string, never>
  flap: { rows: number; side: number }
  /** To the edge of the piece instead. */
  edge: Record<string, never>
  close: { by: number; half: number }
  picked: { count: number; by: number }
  'join-rounds': Record<string, never>
  /** Joined, and not turned. */
  'no-turning': Record<string, never>
  'in-sc': Record<string, never>
  'row-below': Record<string, never>
  rows: { by: number; worked: 'rounds' | 'rows' }
  /** So many stitches of a chart in other yarns. */
  absorb: { stitches: number }
  'join-up': { stitches: number }
  recolour: { stitches: number }
  catch: { stitches: number }
  /** Stripes of an even number of rows each. */
  'even-stripes': { by: number }
  'whole-stripe': { by: number }
  'catch-floats': { every: number }
  /** The yarns of a band are led otherwise: so many ends more (below 0 fewer); its rounds are turned for it. */
  lead: { how: 'float' | 'snip' | 'bobbin'; ends: number; turn: boolean; worked: 'rounds' | 'rows' }
  'carry-more': { carried: number }
  'other-yarn': { from: string; to: string }
  workable: Record<string, never>
  /** Worked in inset, in so many rows. */
  inset: { rows: number }
  /** Over and under so many stitches each. */
  thread: { step: number; passes: number }
  /** Gaps of so many stitches under handles; null: the usual. */
  gap: { gap: number | null; chain: number | null }
  edges: { name: string; stitches: number; fewer: boolean }
}
export type MendKind = keyof MendFacts

/** One click that mends it: the edits it makes, and the facts of what it costs. */
export type Mend = {
  [Kind in MendKind]: {
    readonly kind: Kind
    readonly facts: Readonly<MendFacts[Kind]>
    readonly edits: readonly Edit[]
  }
}[MendKind]

/** What a snag is known by, among all of one bag. */
export const snagKey = ({ code, where }: Pick<Snag, 'code' | 'where'>): string =>
  [code, where.part, where.of].join(' ')

/** It may be what she wants, as a bowl or a frill is: then it is not told again. */
export const asMeant = (design: Design, snag: Parameters<typeof snagKey>[0]): Mend => ({
  kind: 'meant',
  facts: {},
  edits: [{ name: 'setDesign', args: { meant: [...design.meant, snagKey(snag)] } }],
})

/** Something that does not work out. Plain data: it is found in a worker and worded where it is read. */
export type Snag = {
  [Code in SnagCode]: {
    readonly code: Code
    readonly severity: Severity
    readonly where: Place
    readonly facts: Readonly<SnagFacts[Code]>
    readonly mends: readonly Mend[]
  }
}[SnagCode]
