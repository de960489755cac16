import { refDebounced } from '@vueuse/core'
import { computed, reactive, ref, type Ref } from 'vue'
import {
  type Derived,
  derive,
  type InHand,
  maybeLargest,
  type NewBag,
  newDesign,
  proposedFor,
  sizeWords,
} from '@core/bag'
import { isBandOf } from '@core/band'
import { type Design, isBase } from '@core/design'
import { bodyOf } from '@core/ledger'
import { projectOf } from '@core/project'
import {
  baseKinds,
  type BasePart,
  constructionOfKind,
  type Contents,
  isFlat,
  sizeFor,
} from '@core/shape'
import { lengthFigure, printLength, printYarnLength, type System } from '@core/units'

type Kind = BasePart['kind']

/** Those that are asked for most stand first. */
const inOrder: readonly Kind[] = [
  ...(['round-base', 'oval-base', 'rectangle-base', 'tube', 'two-panels'] as const),
  ...(['folded-panel', 'discs', 'half-round', 'flat-base', 'squares'] as const),
]
const kindsInOrder = [...inOrder, ...baseKinds.filter((kind) => !inOrder.includes(kind))]

const firstYarns = [
  { name: 'First yarn', colour: '#7c2f35' },
  { name: 'Second yarn', colour: '#efe9dc' },
  { name: 'Third yarn', colour: '#d39a2d' },
]
/** How long handles are, from rim to rim (common practice). */
const handleWays = {
  none: { many: 0, lengthMm: 0 },
  hand: { many: 2, lengthMm: 380 },
  shoulder: { many: 2, lengthMm: 620 },
  across: { many: 1, lengthMm: 1150 },
} as const

const derivedOf = (design: Design): Derived & { readonly design: Design } => ({
  ...derive(projectOf(design)),
  design,
})

/** The small bags that stand for the constructions, made once. */
let samples: ReadonlyMap<Kind, ReturnType<typeof derivedOf>> | null = null
function sampleOf(kind: Kind) {
  samples ??= new Map(
    kindsInOrder.map((one) => {
      const yarns = firstYarns
      const size = { aroundMm: 560, heightMm: isFlat(one) ? 300 : 230 }
      const bag = newDesign({
        ...{ name: one, said: 'flat', hookMm: 5, yarnClass: 4 },
        ...size,
        yarns,
        kind: one,
      })
      return [one, derivedOf(inBands(bag))] as const
    }),
  )
  return samples.get(kind)!
}
/** In stripes, so that one sees how its rows lie. */
function inBands(design: Design): Design {
  const pieces = design.pieces.map((piece) => ({
    ...piece,
    parts: piece.parts.map((part) =>
      !isBase(part) && isBandOf('plain', part) && part.rounds > 5
        ? {
            ...{ kind: 'stripes' as const, id: part.id, name: part.name, making: part.making },
            ...{ stitch: part.stitch, stripes: stripesOf(part.rounds) },
          }
        : part,
    ),
  }))
  return { ...design, pieces }
}
const stripesOf = (rounds: number) => {
  const each = Math.max(1, Math.round(rounds / 7))
  const all = Math.ceil(rounds / each)
  return Array.from({ length: all }, (_, i) => ({
    yarn: ['A', 'A', 'B', 'C'][i % 4]!,
    rounds: Math.min(each, rounds - i * each),
  }))
}

/** What is asked before a bag is begun, and the bag it would be. */
export function useNewBag(units: Readonly<Ref<System>>) {
  const from = ref<'size' | 'contents' | 'yarn'>('size')
  const name = ref('My bag')
  const contents = ref<Contents>({
    shape: 'box',
    widthMm: 240,
    thicknessMm: 60,
    tallMm: 250,
    easeMm: 20,
  })
  const size = reactive({ aroundMm: 640, heightMm: 270 })
  const yarn = reactive({ hookMm: 4, yarnClass: 3 })
  const handles = ref<keyof typeof handleWays>('none')
  const flapMm = ref(120)
  const yarns = reactive(firstYarns.map((one) => ({ ...one })))
  const hand = ref<readonly InHand[]>(yarns.map(() => ({ grams: 0, metres: 0, balls: 0 })))
  const striped = ref(false)

  /** The construction that was chosen; null: the one that suits. */
  const chosen = ref<Kind | null>(null)
  const proposed = computed(() =>
    from.value === 'contents' ? proposedFor(contents.value) : 'round-base',
  )
  const kind = computed(() => chosen.value ?? proposed.value)
  const sized = (one: Kind) =>
    from.value === 'contents' ? sizeFor(contents.value, isFlat(one)) : { ...size }
  const asked = computed((): NewBag => {
    const { widthMm, thicknessMm, easeMm } = contents.value
    const footprint = { lengthMm: widthMm + easeMm, widthMm: thicknessMm + easeMm }
    return {
      ...{ name: name.value.trim() || 'My bag', said: from.value === 'size' ? 'flat' : 'around' },
      ...{ ...sized(kind.value), ...yarn },
      ...{ kind: kind.value, yarns: yarns.map((one) => ({ ...one })) },
      ...{ handles: handleWays[handles.value], flapMm: flapMm.value },
      ...(from.value === 'contents' ? { footprint } : {}),
    }
  })
  const settled = refDebounced(asked, 160)
  const settledHand = refDebounced(hand, 160)

  /** The largest from the yarn there is; null where there is too little, or it is not asked for. */
  const largestOf = (bag: NewBag, inHand: readonly InHand[]) =>
    from.value === 'yarn' ? maybeLargest(bag, striped.value ? inHand : inHand.slice(0, 1)) : null
  const largest = computed(() => largestOf(settled.value, settledHand.value))
  const none = computed(() =>
    from.value === 'yarn' && !largest.value ? 'There is not enough yarn for a bag yet.' : null,
  )
  const design = computed(() => largest.value?.design ?? newDesign(settled.value))
  /** The bag as it is asked for at this moment, which what is shown follows a little later; null where there is too little yarn. */
  const maybeNow = (): Design | null =>
    from.value === 'yarn'
      ? (largestOf(asked.value, hand.value)?.design ?? null)
      : newDesign(asked.value)
  const derived = computed(() => derivedOf(design.value))
  const kinds = computed(() =>
    kindsInOrder.map((one) => {
      const { flatMm, heightMm } = derivedSize({ ...settled.value, ...sized(one), kind: one })
      return {
        ...{ kind: one, ...sampleOf(one) },
        ...{ name: constructionOfKind(one).name, hint: constructionOfKind(one).hint },
        measures: `${lengthFigure(flatMm, units.value)} × ${printLength(heightMm, units.value)}`,
        suits: from.value === 'contents' && one === proposed.value,
      }
    }),
  )
  const outcome = computed(() => outcomeOf(derived.value, units.value))
  return {
    ...{ from, name, contents, size, yarn, handles, flapMm, yarns, hand, striped },
    ...{ kinds, kind, design, maybeNow, derived, outcome, none },
    choose: (one: Kind) => (chosen.value = one),
    hasFlap: computed(() => 'flapRows' in sampleOf(kind.value).design.pieces[0]!.parts[0]!),
  }
}
/** How large a bag would be, without its handles. */
const derivedSize = (bag: NewBag) =>
  derive(projectOf(newDesign({ ...bag, handles: handleWays.none }))).tally

/** What comes of it, in words: its size, and the work. */
function outcomeOf(made: ReturnType<typeof derivedOf>, units: System) {
  const { tally, gauge, ledger, needs, design } = made
  const { worked } = bodyOf(ledger)
  const metres = needs.reduce((sum, { high }) => sum + high, 0)
  const across = worked === 'rows' ? 'across' : 'around'
  const tells = worked === 'rows' ? 'A swatch' : 'The first rounds of the base'
  return {
    size: sizeWords(design, tally, units),
    work: `${tally.stitches} stitches ${across}, ${tally.rounds} ${worked}, up to ${printYarnLength(metres, units)} of yarn, give or take ${Math.round(gauge.spread * 100)} %: estimated from hook and yarn. ${tells} will tell.`,
  }
}
