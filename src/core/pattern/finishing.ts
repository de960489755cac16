import { type Caution, cautionWords, fittingOf } from '../fitting/index.ts'
import type { Ledger, LedgerItem } from '../ledger/index.ts'
import type { Words } from '../stitch/index.ts'
import { listed } from '../units/index.ts'
import { endsWords } from './finish.ts'
import { itemText } from './items.ts'

/* What is done when all rows are worked, in the order one chooses, and what to mind. */

/** Steps that are no thing of the bag. */
export const ENDS = 'ends'
export const SEW = 'sew'

export interface FinishingStep {
  /** `ends`, `sew`, or the id of a thing. */
  readonly key: string
  readonly name: string
  readonly text: string
}

/** A caution, and what of the bag it is about. */
export type SaidCaution = ReturnType<typeof cautionWords>[number]

export interface Finishing {
  readonly steps: readonly FinishingStep[]
  readonly cautions: readonly SaidCaution[]
}

/** Pieces that are sewn on by her joins. */
function sewnOn({ joins, pieces }: Ledger): string[] {
  const ids = new Set(
    joins
      .filter(({ kind, how }) => kind === 'sew-on' && how !== null)
      .map(({ sides }) => sides[0].piece),
  )
  return [...new Set(pieces.filter(({ id }) => ids.has(id)).map(({ name }) => name))]
}

/** A strap longer than this may catch, in mm (from memory). */
const LONG_STRAP = 400
/** A handle that is carried by, and is narrower than this for its length, is a strap. */
const NARROW = 0.25

/** What of its rows is to be minded: loops of chain that are handles, and long straps. */
function ofRows({ pieces, joins }: Ledger): { readonly caution: Caution; readonly of: string }[] {
  return pieces.flatMap(({ id, name, columns, rows, parts }) => {
    const over = columns.handle.indexOf(1)
    const part = over > 0 ? parts[columns.part[over]!]! : null
    const long = columns.alongMm[rows - 1]!
    const both = ['first', 'last'].every((edge) =>
      joins.some(
        ({ sides: [own], how }) => how !== null && own.piece === id && own.spot.on === edge,
      ),
    )
    const strap = both && columns.widthMm[0]! < long * NARROW
    return [
      ...(part ? (['trap', 'load'] as const).map((caution) => ({ caution, of: part.name })) : []),
      ...(strap ? [{ caution: 'load' as const, of: name }] : []),
      ...(strap && long > LONG_STRAP ? [{ caution: 'strangle' as const, of: name }] : []),
    ]
  })
}

/** All that is to be minded of a bag, each caution once. */
export function cautionsOf(ledger: Ledger): readonly SaidCaution[] {
  const things = ledger.items.flatMap(({ item }) =>
    fittingOf(item)
      .cautions(item)
      .map((caution) => ({ caution, of: item.name })),
  )
  return cautionWords([...ofRows(ledger), ...things])
}

/** The keys of the steps, in her order; those it does not name where they usually come: ends, sewing, then things as they were put on. */
export function orderOf(ledger: Ledger): string[] {
  const things = ledger.items.filter((one) => !isBeforeRow(one))
  const keys = [
    ENDS,
    ...(sewnOn(ledger).length > 0 ? [SEW] : []),
    ...things.map(({ item }) => item.id),
  ]
  const known = ledger.order.filter((key) => keys.includes(key))
  return [...known, ...keys.filter((key) => !known.includes(key))]
}

/** What is printed before a row is no step; where that row is gone it is one again. */
const isBeforeRow = ({ item, places }: LedgerItem): boolean =>
  fittingOf(item).beforeRow(item) && places[0] != null

/** The steps that finish a bag. @param ends that are to be woven in */
export function finishingOf(ledger: Ledger, words: Words, ends: number): Finishing {
  const sewn = sewnOn(ledger)
  const steps = orderOf(ledger).map((key): FinishingStep => {
    if (key === ENDS) return { key, name: 'Ends', text: endsWords(ends) }
    if (key === SEW)
      return {
        key,
        name: 'Sew',
        text: `Sew on ${listed(sewn)}, as is said with ${sewn.length > 1 ? 'each' : 'it'}.`,
      }
    const { name } = ledger.items.find(({ item }) => item.id === key)!.item
    return { key, name, text: itemText(ledger, key, words) }
  })
  return { steps, cautions: cautionsOf(ledger) }
}

/** What is to be done before a row, in her own words. */
export const linesBefore = (ledger: Ledger, piece: string, row: number, words: Words): string[] =>
  ledger.items.flatMap((one) => {
    const [place] = one.places
    return isBeforeRow(one) && place!.piece === piece && place!.row === row
      ? [itemText(ledger, one.item.id, words)].filter(Boolean)
      : []
  })
