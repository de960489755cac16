import { computed, type ComputedRef, type Ref, ref, watch } from 'vue'
import {
  type FinishCard,
  type Finished,
  finishCards,
  finishedWith,
  finishes,
  finishSaid,
  fieldsBeside,
  maybeDrop,
  rimOf,
} from '@core/bag'
import { BODY, type Edit } from '@core/design'
import { type Compiled, compiled } from '@core/ledger'
import { itemText, joinWords, maybeSection, type PatternSection } from '@core/pattern'
import { listed, printYarnLength } from '@core/units'
import { steady } from '@app/parts/page/steady.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

const keyOf = ({ of, id }: Pick<Finished, 'of' | 'id'>): string => `${of} ${id}`

/** What the bag is finished with, card by card, and the one that is looked at. */
export function useFinish() {
  const project = useProject()
  const workshop = useWorkshop()
  const all = steady(() => finishedWith(project.design!))
  const card = ref<FinishCard>(all.value[0]?.card ?? 'in-edge')
  /** The thing that was chosen on the spine, or added here; else the first under the card. */
  const chosen = computed(() => {
    const under = all.value.filter((one) => one.card === card.value)
    return under.find((one) => keyOf(one) === project.selectedThing) ?? under[0] ?? null
  })
  watch(
    () => project.selectedThing,
    (key) => {
      const found = all.value.find((one) => keyOf(one) === key)
      if (found) card.value = found.card
    },
    { immediate: true },
  )
  const choose = (one: Finished) => (project.selectedThing = keyOf(one))

  /** The bag as it is now: what was derived may be a step behind, and edits are made of what is. */
  const bag = computed(() => {
    const { design, derived, log } = project.table!
    return design === project.design
      ? { design, ledger: derived.ledger }
      : compiled({ design: project.design!, log })
  })
  const there = computed(() => {
    const one = chosen.value
    return one && finishedWith(bag.value.design).some((found) => keyOf(found) === keyOf(one))
      ? one
      : null
  })
  const said = computed(() =>
    there.value ? finishSaid(bag.value, there.value, workshop.words) : [],
  )
  const beside = computed(() =>
    there.value?.of === 'item' ? fieldsBeside(bag.value, there.value.id, said.value) : [],
  )
  const drop = computed(() => there.value && maybeDrop(bag.value, there.value))
  /** While something is held the rim is as it would be. */
  const rim = computed(() => {
    const { design, derived } = project.shown!
    const one = there.value
    const here =
      one && finishedWith(design).some((found) => keyOf(found) === keyOf(one)) ? one : null
    return rimOf({ design, ledger: derived.ledger }, here)
  })
  const item = computed(() => {
    const one = there.value
    return one?.of === 'item'
      ? (bag.value.ledger.items.find(({ item }) => item.id === one.id) ?? null)
      : null
  })

  const putting = usePutting(bag, card, all, choose)
  const title = computed(() => finishCards[card.value].name)
  return {
    ...{ all, card, chosen, choose, there, said, beside, drop, rim, item, ...putting },
    ...{ ...useWordsOf(bag, there), title, keyOf },
  }
}

/** What can be put on the bag under a card, and what takes it off. */
function usePutting(
  bag: ComputedRef<Compiled>,
  card: Ref<FinishCard>,
  all: ComputedRef<readonly Finished[]>,
  choose: (one: Finished) => void,
) {
  const project = useProject()
  /** Ways of a card, each with what it would do to this bag. */
  const ways = computed(() =>
    finishes
      .filter((one) => one.card === card.value)
      .map(({ id, name, hint, edits }) => ({ id, name, hint, edits: edits(bag.value) })),
  )
  function put(edits: readonly Edit[]) {
    const before = new Set(all.value.map(keyOf))
    if (!project.edit(edits)) return
    const added = finishedWith(project.design!).filter((one) => !before.has(keyOf(one)))
    const own = added.find((one) => one.card === card.value) ?? added[0]
    if (own) choose(own)
  }
  function takeOut({ of, id }: Finished) {
    const edit: Readonly<Record<Finished['of'], Edit>> = {
      part: { name: 'removePart', args: { id } },
      piece: { name: 'removePiece', args: { id } },
      item: { name: 'removeItem', args: { id } },
    }
    project.edit(edit[of])
  }

  return { ways, put, takeOut }
}

/** What is done for one thing, in words: rows and sentences. */
function useWordsOf(bag: ComputedRef<Compiled>, there: ComputedRef<Finished | null>) {
  const workshop = useWorkshop()
  const project = useProject()
  const words = computed(
    (): { readonly sections: readonly PatternSection[]; readonly texts: readonly string[] } => {
      const one = there.value
      if (!one) return { sections: [], texts: [] }
      const { ledger } = bag.value
      if (one.of === 'item')
        return { sections: [], texts: [itemText(ledger, one.id, workshop.words)] }
      const sections = (piece: string, parts: readonly string[]) =>
        parts.flatMap((part) => maybeSection(ledger, piece, part, workshop.words) ?? [])
      if (one.of === 'part') return { sections: sections(BODY, [one.id]), texts: [] }
      const piece = ledger.pieces.find(({ id }) => id === one.id)
      const joins = ledger.joins.filter(
        ({ sides: [own], how }) => own.piece === one.id && how !== null,
      )
      return {
        sections: sections(one.id, piece?.parts.map(({ id }) => id) ?? []),
        texts: joins
          .filter(({ kind }) => kind !== 'pick-up')
          .map((join) => joinWords(join, ledger, workshop.words)),
      }
    },
  )
  /** Yarn it takes, by the yarn's name. */
  const takes = computed(() => {
    const one = there.value
    if (!one) return ''
    const piece = bag.value.ledger.pieces.find(({ id }) => id === one.id)
    const of = new Set(one.of === 'piece' ? piece?.parts.map(({ id }) => id) : [one.id])
    const each = project.table!.derived.needs.flatMap(({ name, parts }) => {
      const metres = parts
        .filter(({ part }) => of.has(part))
        .reduce((sum, part) => sum + part.metres, 0)
      return metres > 0 ? [`${printYarnLength(metres, workshop.words.units)} of ${name}`] : []
    })
    return each.length > 0 ? `Takes about ${listed(each)}.` : ''
  })
  return { words, takes }
}
