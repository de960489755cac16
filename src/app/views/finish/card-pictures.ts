import type { FinishCard } from '@core/bag'

/** A shape of a small drawing: the SVG element it is, and its attributes. */
export interface CardShape {
  readonly is: 'path' | 'rect' | 'circle'
  readonly as: Readonly<Record<string, string | number>>
}
/** The colours it is drawn in: of the body, its rim, and two more. */
export interface CardInks {
  readonly body: string
  readonly rim: string
  readonly second: string
  readonly third: string
}

const rect = (
  x: number,
  y: number,
  width: number,
  height: number,
  fill: string,
  rx = 0,
): CardShape => ({
  is: 'rect',
  as: { x, y, width, height, fill, rx },
})
const line = (d: string, stroke: string, width: number): CardShape => ({
  is: 'path',
  as: { d, stroke, 'stroke-width': width, fill: 'none', 'stroke-linecap': 'round' },
})
const dot = (cx: number, cy: number, r: number, fill: string): CardShape => ({
  is: 'circle',
  as: { cx, cy, r, fill },
})

const PAPER = '#ffffff'
const WOOD = '#a9825a'
/** The upper part of a bag, from so far down. */
const bag = ({ body, rim }: CardInks, top = 26): CardShape[] => [
  rect(12, top, 51, 52 - top, body),
  rect(12, top, 51, 5, rim),
]

/** What each card shows, in the yarns of the bag. */
const pictures: Readonly<Record<FinishCard, (inks: CardInks) => readonly CardShape[]>> = {
  'in-edge': (inks) => [
    ...bag(inks),
    rect(26, 25.5, 23, 3, PAPER),
    line('M26 28 C27 2 48 2 49 28', inks.rim, 4.4),
  ],
  'on-edge': (inks) => [...bag(inks), line('M25 26 C27 -2 48 -2 50 26', inks.second, 2.4)],
  sewn: (inks) => [
    ...bag(inks),
    line('M26 39 L26 22 C27 0 48 0 49 22 L49 39', inks.third, 4.6),
    line('M24.6 37.5 l2.8 2.8 m0 -2.8 l-2.8 2.8 M47.6 37.5 l2.8 2.8 m0 -2.8 l-2.8 2.8', PAPER, 0.9),
  ],
  bought: (inks) => [
    ...bag(inks),
    line('M27 22 C28 2 47 2 48 22', WOOD, 3.4),
    rect(25, 20, 25, 11, inks.third, 1.5),
  ],
  drawstring: (inks) => [
    ...bag(inks),
    ...Array.from({ length: 8 }, (_, i) => line(`M${15 + i * 6} 36 h3`, inks.second, 1.8)),
    line('M35 36 C29 42 28 47 31 51', inks.second, 1.8),
    line('M40 36 C46 42 47 47 44 51', inks.second, 1.8),
  ],
  closure: (inks) => [
    ...bag(inks, 22),
    { is: 'path', as: { d: 'M12 20 H63 L56 41 H19 Z', fill: inks.second } },
    line('M37.5 41 C33 46 42 46 37.5 41', inks.third, 1.4),
    dot(37.5, 43.5, 2.6, WOOD),
  ],
  top: (inks) => [
    rect(12, 26, 51, 26, inks.body),
    line('M12 26 ' + Array.from({ length: 8 }, () => 'q3.2 -8 6.4 0').join(' '), inks.rim, 3),
  ],
  inside: (inks) => [
    ...bag(inks),
    {
      is: 'path',
      as: {
        d: 'M16 24 H59 L56 16 H19 Z',
        fill: inks.third,
        stroke: '#8f988f',
        'stroke-width': 0.8,
      },
    },
    line('M18 21.5 H57', '#6b756d', 0.8),
  ],
  more: (inks) => [
    ...bag(inks),
    line('M37.5 31 V34', inks.second, 1.6),
    { is: 'path', as: { d: 'M35 35 q2.5 -3 5 0 l1.6 13 h-8.2 z', fill: inks.second } },
    dot(24, 44, 4.2, inks.third),
    line('M50 40 h9 M50 44 h9 M50 48 h6', PAPER, 1.2),
  ],
}

export const cardPicture = (card: FinishCard, inks: CardInks): readonly CardShape[] =>
  pictures[card](inks)
