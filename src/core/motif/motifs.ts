import { KEEPS, lettersIn, type Patch } from '../chart/index.ts'
import { mosaics } from './mosaics.ts'
import { raised } from './raised.ts'

/** How a motif is used: around as a border, all over as a field, or once as a figure. */
export const motifKinds = {
  border: 'Borders',
  field: 'Fields',
  figure: 'Figures',
  mosaic: 'Mosaic',
  raised: 'Raised',
} as const
export type MotifKind = keyof typeof motifKinds

/** A motif of the drawer: a patch whose letters stand for its colours, B for the first; what it has nothing of is ground. */
export interface Motif extends Patch {
  readonly id: string
  readonly name: string
  readonly kind: MotifKind
  readonly own?: true
}

/** As it is drawn: the top row first. */
const drawn = (kind: MotifKind, id: string, name: string, ...rows: readonly string[]): Motif => ({
  ...{ id, name, kind, width: rows[0]!.length },
  colours: rows.toReversed(),
})

/* All of these were drawn for this program. */
export const motifs: readonly Motif[] = [
  drawn('border', 'teeth', 'Teeth', 'B...', 'BBB.'),
  drawn('border', 'dashes', 'Dashes', 'BBB..', '..CCC'),
  drawn('border', 'steps', 'Steps', 'B.....', 'BB...B', '.BB.BB', '..BBB.'),
  drawn('border', 'waves', 'Waves', '.BB.....', 'B..B...B', '.....B..', 'C...C.CC'),
  drawn(
    'border',
    'beads-on-string',
    'Beads on a string',
    '..B...',
    '.BCB..',
    'BBBBBB',
    '.BCB..',
    '..B...',
  ),
  drawn('border', 'zigzag', 'Zigzag', 'B.....B.', 'BB...BB.', '.BB.BB..', '..BBB...', '...B....'),
  drawn(
    'border',
    'arrowheads',
    'Arrowheads',
    ...['B....C..', 'BB...CC.', 'BBB..CCC', 'BB...CC.', 'B....C..'],
  ),
  drawn(
    'border',
    'crown',
    'Crown',
    ...['B..B..', 'BB.BB.', 'BBBBBB', 'C.CC.C', 'BBBBBB', '..CC..'],
  ),
  drawn('field', 'dots', 'Dots', '....', '.B..', '....', '...B'),
  drawn('field', 'checks', 'Checks', 'BB..', 'BB..', '..BB', '..BB'),
  drawn(
    'field',
    'lattice',
    'Lattice',
    ...['B.....', '.B...B', '..B.B.', '...B..', '..B.B.', '.B...B'],
  ),
  drawn('field', 'scales', 'Scales', '.BBB....', 'B.C.B...', 'C...CBBB', '....B.C.'),
  drawn(
    'field',
    'lozenges',
    'Lozenges',
    '..B...',
    '.BCB..',
    'BC.CB.',
    '.BCB..',
    '..B...',
    '.....B',
  ),
  drawn(
    'field',
    'stairs',
    'Stairs',
    ...['BBB...', '..B...', '..BBB.', '....B.', 'B...BB', 'B.....'],
  ),
  drawn(
    'field',
    'pinwheels',
    'Pinwheels',
    ...[
      'BB..C...',
      '.B..CC..',
      '..BB..C.',
      '..BB....',
      'C...BB..',
      'CC..BB..',
      '.C..B...',
      '....BB..',
    ],
  ),
  drawn(
    'figure',
    'crotchet',
    'Crotchet',
    ...['....B', '....B', '....B', '....B', '....B', '.BBBB', 'BBBBB', 'BBBB.', '.BB..'],
  ),
  drawn(
    'figure',
    'quavers',
    'Pair of quavers',
    ...[
      '..BBBBBBB',
      '..BBBBBBB',
      '..B.....B',
      '..B.....B',
      '..B.....B',
      '..B.....B',
      'BBB...BBB',
      'BBB...BBB',
      '.B.....B.',
    ],
  ),
  drawn(
    'figure',
    'drum',
    'Drum',
    ...[
      '.CC.......CC.',
      '...CC...CC...',
      '.BBBBCCCBBBB.',
      'BBBBBBBBBBBBB',
      'BCC.......CCB',
      'BC.C.....C.CB',
      'BC..C...C..CB',
      'BC...C.C...CB',
      'BC....C....CB',
      'BBBBBBBBBBBBB',
      '.BBBBBBBBBBB.',
    ],
  ),
  drawn(
    'figure',
    'bugle',
    'Bugle',
    ...[
      '..............BB',
      '............BBBB',
      'B.........BBBBBB',
      'BBBBBBBBBBBBBBBB',
      'BB..BB.BB.BBBBBB',
      '....BB.BB...BBBB',
      '....BB.BB.....BB',
      '....CCCCC.......',
      '....CCCCC.......',
    ],
  ),
  drawn(
    'figure',
    'lyre',
    'Lyre',
    ...[
      'BB.......BB',
      '.BB.....BB.',
      '..B.....B..',
      '.BBBBBBBBB.',
      '.B.C.C.C.B.',
      '.B.C.C.C.B.',
      'BB.C.C.C.BB',
      'BB.C.C.C.BB',
      '.BBC.C.CBB.',
      '..BBBBBBB..',
      '....BBB....',
      '...BBBBB...',
    ],
  ),
  drawn(
    'figure',
    'stand',
    'Music stand',
    ...[
      '.BBBBBBBBB.',
      'BCCCCBCCCCB',
      'BCCCCBCCCCB',
      'BCCCCBCCCCB',
      'BBBBBBBBBBB',
      '.....B.....',
      '.....B.....',
      '.....B.....',
      '.....B.....',
      '....BBB....',
      '..BB.B.BB..',
      '.B...B...B.',
    ],
  ),
  drawn(
    'figure',
    'pennant',
    'Pennant',
    ...[
      'B.........',
      'BCCC......',
      'BCCCCCC...',
      'BCCCCCCCCC',
      'BCCCCCC...',
      'BCCC......',
      'B.........',
      'B.........',
      'B.........',
    ],
  ),
  drawn(
    'figure',
    'star',
    'Star',
    ...[
      '....B....',
      '....B....',
      '...BBB...',
      'BBBBCBBBB',
      '.BBCCCBB.',
      '..BBCBB..',
      '..BBBBB..',
      '.BBB.BBB.',
      '.B.....B.',
    ],
  ),
  drawn(
    'figure',
    'beater',
    'Beater',
    ...[
      '........CCC',
      '.......CCCC',
      '.......CCCC',
      '......BCCC.',
      '.....BB....',
      '....BB.....',
      '...BB......',
      '..BB.......',
      '.BB........',
      'BB.........',
    ],
  ),
  drawn(
    'figure',
    'heart',
    'Heart',
    ...[
      '.BBB...BBB.',
      'BBBBB.BBBBB',
      'BBBBBBBBBBB',
      'BBBBBBBBBBB',
      'BBBBBBBBBBB',
      '.BBBBBBBBB.',
      '..BBBBBBB..',
      '...BBBBB...',
      '....BBB....',
      '.....B.....',
    ],
  ),
  ...raised.map(([id, name, ...rows]) => drawn('raised', id, name, ...rows)),
  ...mosaics.map(([id, name, ...rows]) => drawn('mosaic', id, name, ...rows)),
]

/** Colours a motif has beside the ground. */
export const coloursOf = (motif: Patch): number => lettersIn(motif).length

/** The motifs whose name or kind has what is looked for, in any order of its words. */
export function motifsNamed(all: readonly Motif[], wanted: string): Motif[] {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean)
  return all.filter(({ name, kind }) => {
    const text = `${name} ${motifKinds[kind]}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
}

/** A motif in the yarns of a bag: its first colour in the chosen one, the others in those that are next and no ground. */
export function motifYarns(
  motif: Patch,
  chosen: string,
  ground: string,
  letters: readonly string[],
): ReadonlyMap<string, string> {
  const others = letters.filter((letter) => letter !== chosen && letter !== ground)
  const inTurn = [chosen, ...others]
  return new Map(lettersIn(motif).map((letter, i) => [letter, inTurn[i % inTurn.length]!]))
}

/** What was chosen on a chart as a motif of one's own: the ground is left out, the other yarns are its colours. */
export function motifOf(patch: Patch, id: string, name: string, ground: string): Motif {
  const letters = lettersIn(patch).filter((letter) => letter !== ground)
  const colours = patch.colours.map((row) =>
    [...row]
      .map((letter) =>
        letter === ground || letter === KEEPS
          ? KEEPS
          : String.fromCharCode(66 + letters.indexOf(letter)),
      )
      .join(''),
  )
  return { id, name, kind: 'figure', width: patch.width, colours, own: true }
}

/** Whether something that was kept is a motif. */
export function isMotif(value: unknown): value is Motif {
  const one = value as Partial<Motif> | null
  return (
    typeof one === 'object' &&
    one !== null &&
    typeof one.id === 'string' &&
    typeof one.name === 'string' &&
    one.kind !== undefined &&
    one.kind in motifKinds &&
    Array.isArray(one.colours) &&
    one.colours.length > 0 &&
    one.colours.every(
      (row) => typeof row === 'string' && row.length === one.width && /^[A-Z.]+$/.test(row),
    )
  )
}
