import { BODY, type Design, usualBeginning, usualMaking } from '../design/index.ts'
import { gaugeFor } from '../ledger/index.ts'
import { flatIncrease } from '../shape/index.ts'

/** The little that is asked before a bag is begun. */
export interface NewBag {
  readonly name: string
  readonly aroundMm: number
  readonly said: 'around' | 'flat'
  readonly heightMm: number
  readonly hookMm: number
  readonly yarnClass: number
}

/** Colours of a new bag's first yarns, made up. */
const firstYarns = [
  { letter: 'A', name: 'Main yarn', colour: '#33566b' },
  { letter: 'B', name: 'Second yarn', colour: '#d8a13a' },
] as const

/** A plain bag of the wanted size: a base that lies flat at the nearest whole count, and plain rounds up to the rim. */
export function newDesign({ name, aroundMm, said, heightMm, hookMm, yarnClass }: NewBag): Design {
  const sc = { stitch: 'sc', fabric: 'plain', yarn: null } as const
  const gauge = gaugeFor({ swatches: [], hookMm, yarnClass }, sc)
  const increase = Math.max(3, Math.round(flatIncrease(gauge)))
  const groups = Math.max(1, Math.round(aroundMm / gauge.stitchWidthMm / increase))
  return {
    name,
    want: { aroundMm, said, heightMm, tolerance: 0.05 },
    hookMm,
    yarnClass,
    swatches: [],
    weighed: null,
    unravelled: null,
    making: usualMaking,
    beginning: usualBeginning,
    yarns: firstYarns.map((yarn) => ({ ...yarn, label: null, inHandGrams: null })),
    pieces: [
      {
        id: BODY,
        name: null,
        times: 1,
        joins: [],
        parts: [
          {
            kind: 'round-base',
            id: 'p1',
            name: 'Base',
            making: null,
            yarn: 'A',
            stitch: 'sc',
            increase,
            count: increase * groups,
            stagger: 'staggered',
            plainFrom: null,
            plainRounds: 0,
          },
          {
            kind: 'plain',
            id: 'p2',
            name: 'Plain',
            making: null,
            yarn: 'A',
            stitch: 'sc',
            rounds: Math.max(1, Math.round(heightMm / gauge.rowHeightMm)),
            adjust: 0,
            steps: 1,
          },
        ],
      },
    ],
  }
}
