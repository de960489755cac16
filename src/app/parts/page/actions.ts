import { computed, type ComputedRef, nextTick } from 'vue'
import { type RouteLocationRaw, useRouter } from 'vue-router'
import { BODY, calledOf } from '@core/design'
import { mendText, snagText } from '@core/snag'
import { places } from '@app/places.ts'
import { tools } from '@app/parts/chart/tools.ts'
import { useGiving } from '@app/stores/giving.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { newPart, partTemplates } from '../bag/part-templates.ts'
import { type Action, doWhenOffered, offered } from './offers.ts'

/** What takes the keys on a page, the first there is: the chart, what stands in its place, the first field. */
const MAIN = ['[role=application]', '[tabindex="0"]:not(button)', 'input, select, button']
/** The chart, or what stands in its place, takes the keys. */
export function focusChart(): void {
  for (const wanted of MAIN) {
    const found = document.querySelector<HTMLElement>(`.stage :is(${wanted})`)
    if (found) return found.focus()
  }
}

/** Places outside of bags, and the words. */
function useEverywhere(go: (to: RouteLocationRaw) => void) {
  const workshop = useWorkshop()
  return computed((): readonly Action[] => {
    const { terms, units, hand } = workshop.words
    const { setWords } = workshop
    return [
      { title: 'Go to the shelf', run: () => go('/') },
      { title: 'Go to Stitches, every pattern', run: () => go('/stitches') },
      { title: 'Check a written pattern', run: () => go('/check') },
      {
        title: terms === 'us' ? 'Use UK terms' : 'Use US terms',
        run: () => setWords({ terms: terms === 'us' ? 'uk' : 'us' }),
      },
      {
        title: units === 'metric' ? 'Use inches' : 'Use centimetres',
        run: () => setWords({ units: units === 'metric' ? 'imperial' : 'metric' }),
      },
      {
        title: hand === 'right' ? 'Work left-handed' : 'Work right-handed',
        run: () => setWords({ hand: hand === 'right' ? 'left' : 'right' }),
      },
    ]
  })
}

/** Everything that can be done where one is, and to the bag on the table, by name. */
export function useActions(): ComputedRef<readonly Action[]> {
  const project = useProject()
  const giving = useGiving()
  const workshop = useWorkshop()
  const router = useRouter()
  const everywhere = useEverywhere((to) => void router.push(to))
  return computed(() => {
    const { design, id, table } = project
    if (!design || !id || !table) return [...offered.value, ...everywhere.value]
    const at = (name: string) => router.push({ name, params: { id } })
    const here = new Set(offered.value.map(({ title }) => title))
    const called = calledOf(design)
    const body = design.pieces.find((piece) => piece.id === BODY)!
    return [
      ...places.map(({ name, title }) => ({ title: `Go to ${title}`, run: () => void at(name) })),
      { title: 'Go to the chart', run: () => void at('bands').then(() => nextTick(focusChart)) },
      { title: 'Undo', keys: 'Ctrl Z', run: project.undo },
      { title: 'Redo', keys: 'Ctrl Y', run: project.redo },
      ...table.derived.snags.flatMap((snag) =>
        snag.mends.map((mend) => ({
          title: `${mendText(mend, workshop.words).label} (${snagText(snag, workshop.words).title.replace(/\.$/, '')})`,
          run: () => void project.edit(mend.edits),
        })),
      ),
      ...offered.value,
      // Tools of the chart wherever one is: it is gone to first.
      ...tools
        .filter(({ title }) => !here.has(title))
        .map(({ title, key }) => ({
          ...{ title, keys: key.toUpperCase() },
          run: () => void at('bands').then(() => doWhenOffered(title)),
        })),
      ...giving.ways.map((way) => ({
        title: `Take it with you: ${way.title}`,
        run: () => void at('pattern').then(() => giving.give(way)),
      })),
      ...partTemplates.map((template) => ({
        title: `Add ${template.title.toLowerCase()} on top`,
        run: () =>
          void at('bands').then(() => {
            project.selectPiece(BODY)
            project.addBand(newPart(design, template.kind), body.parts.length)
          }),
      })),
      ...design.pieces.flatMap((piece) =>
        piece.parts.map((part) => ({
          title: `Select ${called.get(part.id) ?? part.name}${piece.id === BODY ? '' : ` of ${piece.name}`}`,
          run: () =>
            void at('bands').then(() => {
              project.selectPiece(piece.id)
              project.selectedPart = part.id
            }),
        })),
      ),
      ...everywhere.value,
    ]
  })
}
