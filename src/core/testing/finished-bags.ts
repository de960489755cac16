import { finishes, newItem } from '../bag/index.ts'
import type { Design, Edit } from '../design/index.ts'
import type { FittingKind, Item } from '../fitting/index.ts'
import { compile } from '../ledger/index.ts'
import { commit, historyOf, projectOf } from '../project/index.ts'
import { spotOn } from '../part/index.ts'
import { base, baseAs, plain, stripes, swatch, tote } from './tote.ts'

/* Bags of a village brass band that are finished to the last thread, all made up: between them every way to finish one. */

const joined = { ...tote().making, working: 'joined' as const }
const bag = (name: string, parts: readonly object[], over: Partial<Design> = {}): Design => ({
  ...tote({ making: joined, parts: parts as never }),
  swatches: [swatch({ lean: 0 })],
  name,
  ...over,
})

type Step = string | ((design: Design) => readonly Edit[])
const put =
  <K extends FittingKind>(kind: K, over: Partial<Extract<Item, { kind: K }>> = {}): Step =>
  (design) => [
    {
      name: 'addItem',
      args: { item: newItem({ design, ledger: compile(design) }, kind, over) },
    } as Edit,
  ]

/** A bag with ways to finish it, each by its id or by what it does, one after the other. */
export const finishedBag = (design: Design, ...steps: readonly Step[]): Design =>
  steps.reduce((now: Design, step) => {
    const edits =
      typeof step === 'string'
        ? finishes.find(({ id }) => id === step)!.edits({ design: now, ledger: compile(now) })!
        : step(now)
    return edits.reduce((done, edit) => commit(done, edit), historyOf(projectOf(now))).design
  }, design)

export const finishedBags: readonly Design[] = [
  finishedBag(
    bag('Cymbal bag', [base({ count: 144 }), plain({ id: 'body', rounds: 30 })]),
    'handles',
    'lining',
    'plate',
    'fold',
    'ring',
    put('line', {
      name: 'Weigh',
      text: 'Weigh what is left of A.',
      at: spotOn('bag', { on: 'row', row: 'body:20' }),
    }),
  ),
  finishedBag(
    bag('Baton sleeve', [baseAs('tube', { count: 60 } as never), plain({ rounds: 60 })]),
    'zip',
    'wrist',
    'tassel',
  ),
  finishedBag(
    bag('Cornet case', [
      baseAs('rectangle-base', { count: 120, along: 30 } as never),
      plain({ rounds: 34 }),
    ]),
    'flap',
    'buttonhole',
    'strap-tube',
    'lining',
    'magnet',
  ),
  finishedBag(
    bag('Programme pouch', [
      baseAs('oval-base', { count: 96, along: 20 } as never),
      stripes({ id: 's' }),
    ]),
    'draw-eyelets',
    put('drawstring', { name: 'Twisted', make: 'twisted', ends: 'pompom', endMm: 40, wraps: 80 }),
    'top-picot',
    'beads',
    'block',
  ),
  finishedBag(
    bag('Score carrier', [baseAs('two-panels', { count: 60 } as never), plain({ rounds: 40 })]),
    'strap-across',
    'toggle',
    'cord',
  ),
  finishedBag(
    bag('Drum-key bag', [base({ count: 72 }), plain({ rounds: 16 })]),
    'top-level',
    'top-firm',
    'chain-handles',
    'sleeves',
    'straps-two',
    'bead',
    'ties',
    'pompom',
  ),
]
