import { ALL, AROUND, dotted, type Given, of, rows, SPIKE } from './recipes.ts'

const patterns = [
  {
    id: 'spike-4',
    unit: 'spike',
    name: 'Spikes, every fourth',
    ...dotted('spike', 3),
    special: SPIKE,
    side: 'RS',
    notes: 'Best in stripes, where it shows its colour in the row below.',
  },
  {
    id: 'spike-2',
    unit: 'spike',
    name: 'Spikes, every second',
    ...dotted('spike', 1),
    special: SPIKE,
    side: 'RS',
  },
  {
    id: 'spike-blocks',
    name: 'Spike blocks',
    multiple: 6,
    offset: 3,
    special: SPIKE,
    side: 'RS',
    flat: rows('sc in next 3 sts, *spike in next 3 sts, sc in next 3 sts; rep from * across', ALL),
    round: rows('*sc in next 3 sts, spike in next 3 sts; rep from * around', AROUND),
  },
] satisfies Given[]

export const spikes = patterns.map(of('spike'))
