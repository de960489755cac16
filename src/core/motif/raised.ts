/*
 * Figures to be painted on a ground in puffs, bobbles, posts or whatever is chosen. No two stand side by side, none at the edge of the
 * repeat, and every other row is plain, so that flat work can have them too. All of these were drawn for this program; the top row first.
 */
export const raised: readonly (readonly [id: string, name: string, ...rows: readonly string[]])[] =
  [
    ['raised-studs', 'Studs', '....', '.B..'],
    ['raised-pearls', 'Pearls', '......', '...B..', '......', '.B....'],
    [
      'raised-chevron',
      'Chevron of knobs',
      ...['.........', '....B....', '.........', '..B...B..', '.........', '.B.....B.'],
    ],
    [
      'raised-lozenge',
      'Lozenge of knobs',
      '.........',
      '....B....',
      '.........',
      '..B...B..',
      '.........',
      '.B.....B.',
      '.........',
      '..B...B..',
      '.........',
      '....B....',
    ],
    [
      'raised-ring',
      'Ring of knobs',
      '...........',
      '...B.B.B...',
      '...........',
      '.B.......B.',
      '...........',
      '.B...B...B.',
      '...........',
      '.B.......B.',
      '...........',
      '...B.B.B...',
    ],
    [
      'raised-ladder',
      'Steps of knobs',
      ...['..........', '.B.B......', '..........', '...B.B....', '..........', '.....B.B..'],
    ],
  ]
