import { partsOf } from '@core/design'
import { computed, type ComputedRef } from 'vue'
import { useRouter } from 'vue-router'
import { places } from '@app/places.ts'
import { saveProjectFile } from '@app/export/save.ts'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import { partTemplates, newPart } from '../bag/part-templates.ts'

export interface Action {
  readonly title: string
  readonly keys?: string
  readonly run: () => void
}

/** Everything that can be done to the bag on the table, by name. */
export function useActions(): ComputedRef<readonly Action[]> {
  const project = useProject()
  const workshop = useWorkshop()
  const router = useRouter()
  return computed(() => {
    const { design, id } = project
    if (!design || !id) return []
    const { terms, units, hand } = workshop.words
    return [
      ...places.map(({ name, title }) => ({
        title: `Go to ${title}`,
        run: () => void router.push({ name, params: { id } }),
      })),
      { title: 'Go to the shelf', run: () => void router.push('/') },
      { title: 'Open the stitch drawer', run: () => void router.push('/stitches') },
      { title: 'Check a written pattern', run: () => void router.push('/check') },
      { title: 'Undo', keys: 'Ctrl Z', run: project.undo },
      { title: 'Redo', keys: 'Ctrl Y', run: project.redo },
      ...partTemplates.map((template) => ({
        title: `Add ${template.title.toLowerCase()} on top`,
        run: () => {
          const part = newPart(design, template.kind)
          project.addBand(part, partsOf(design).length)
        },
      })),
      ...partsOf(design).map((part) => ({
        title: `Select ${part.name}`,
        run: () => {
          project.selectedPart = part.id
        },
      })),
      {
        title: terms === 'us' ? 'Use UK terms' : 'Use US terms',
        run: () => workshop.setWords({ terms: terms === 'us' ? 'uk' : 'us' }),
      },
      {
        title: units === 'metric' ? 'Use inches' : 'Use centimetres',
        run: () => workshop.setWords({ units: units === 'metric' ? 'imperial' : 'metric' }),
      },
      {
        title: hand === 'right' ? 'Work left-handed' : 'Work right-handed',
        run: () => workshop.setWords({ hand: hand === 'right' ? 'left' : 'right' }),
      },
      { title: 'Export the project file', run: () => void saveProjectFile(project.project!) },
    ]
  })
}
