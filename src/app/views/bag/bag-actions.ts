import { nextTick } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bandOf } from '@core/band'
import { bandsOf, BODY, calledOf } from '@core/design'
import { mendText, snagText } from '@core/snag'
import { places } from '@app/places.ts'
import { tools } from '@app/parts/chart/tools.ts'
import { useGiving } from '@app/stores/giving.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { newPart, partTemplates } from '@app/parts/bag/part-templates.ts'
import { doWhenOffered, useOffers } from '@app/parts/page/offers.ts'

/** What takes the keys on a page, the first there is: the chart, what stands in its place, the first field. */
const MAIN = ['[role=application]', '[tabindex="0"]:not(button)', 'input, select, button']
/** The chart, or what stands in its place, takes the keys. */
export function focusChart(): void {
  for (const wanted of MAIN) {
    const found = document.querySelector<HTMLElement>(`.stage :is(${wanted})`)
    if (found) return found.focus()
  }
}

/** Offers everything that can be done to the bag on the table, wherever in it one is. */
export function useBagActions(): void {
  const project = useProject()
  const giving = useGiving()
  const workshop = useWorkshop()
  const router = useRouter()
  const route = useRoute()
  useOffers(() => {
    const { design, id, table } = project
    if (!design || !id || !table) return []
    const at = (name: string) => router.push({ name, params: { id } })
    // Tools go to the chart, from another place and from a part that has none.
    const painted = bandsOf(design).filter((band) => bandOf(band).chart(band) !== null)
    const chosen = painted.find(({ id }) => id === project.selectedPart)
    const onChart = chosen !== undefined && route.name === 'bands'
    const toChart = async (title: string) => {
      await at('bands')
      if (!chosen) {
        project.selectPiece(BODY)
        project.selectedPart = painted[0]!.id
      }
      doWhenOffered(title)
    }
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
      ...(onChart || painted.length === 0 ? [] : tools).map(({ title, key }) => ({
        ...{ title, keys: key.toUpperCase() },
        run: () => void toChart(title),
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
    ]
  })
}
