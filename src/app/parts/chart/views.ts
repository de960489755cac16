/** A way in which the chart of a band is seen. */
export interface SeenAs {
  readonly id: string
  readonly title: string
  /** Also on a narrow screen. */
  readonly about: string
  /** The repeat with its neighbours, the whole band as it goes around, the bag, or what only one kind of band has. */
  readonly shows: 'repeat' | 'whole' | 'bag' | 'own'
  /** Squares, each a stitch; what is worked rather than what is seen, or what stands on it; symbols; or the stitches themselves. */
  readonly as: 'squares' | 'worked' | 'raised' | 'symbols' | 'stitches'
}

/** Every view there is, in the order of the switch. One is added here and nowhere else. */
export const views: readonly SeenAs[] = [
  {
    id: 'repeat',
    title: 'One repeat',
    about: 'One repeat, with its neighbours',
    ...{ shows: 'repeat', as: 'squares' },
  },
  {
    id: 'whole',
    title: 'Unrolled',
    about: 'All of it, from where a row begins to where it ends',
    ...{ shows: 'whole', as: 'squares' },
  },
  {
    id: 'stitched',
    title: 'Stitched',
    about: 'As fabric, stitch by stitch',
    ...{ shows: 'repeat', as: 'stitches' },
  },
  {
    id: 'bag',
    title: 'On the bag',
    about: 'The bag from all sides: turned by dragging',
    ...{ shows: 'bag', as: 'stitches' },
  },
]

/** The view after this one. */
export const nextView = (view: SeenAs, by: 1 | -1, among: readonly SeenAs[]): SeenAs =>
  among[(among.indexOf(view) + by + among.length) % among.length]!
