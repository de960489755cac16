import { computed, ref } from 'vue'
import { figuresOf, type Meetings, recolourings, yarnColours } from '@core/colour'
import type { Edit, Yarn } from '@core/design'
import { touchesIn } from '@core/ledger'
import { insideOf } from '@core/paths'
import { useProject } from '@app/stores/project.ts'
import { useWorkshop } from '@app/stores/workshop.ts'

/** A colour that can be tried: of a yarn in hand with what else is known of it. */
export type Candidate = Pick<Yarn, 'name' | 'colour'> & Partial<Pick<Yarn, 'label' | 'yarnClass'>>

const ours: readonly Candidate[] = yarnColours.flatMap(({ name, steps }) =>
  steps.map((colour, i) => ({ colour, name: `${name} ${i + 1}` })),
)
const MOST = 11

/** Other colours for the yarns of the bag on the table, ranked by how those that touch tell apart. */
export function useRecolour() {
  const project = useProject()
  const workshop = useWorkshop()
  /** Where colours come from: those the program has, the yarns in hand, or a palette by its id. */
  const from = ref('ours')
  const sources = computed(() => [
    { id: 'ours', title: 'any colour', colours: ours },
    ...(workshop.workshop.yarns.length > 0
      ? [
          {
            id: 'hand',
            title: 'yarns in hand',
            colours: workshop.workshop.yarns as readonly Candidate[],
          },
        ]
      : []),
    {
      id: 'own',
      title: 'the bag’s own yarns',
      colours: project.table!.design.yarns as readonly Candidate[],
    },
    ...workshop.workshop.palettes.map(({ id, name, colours }) => ({
      ...{ id, title: `palette ${name}`, colours: colours as readonly Candidate[] },
    })),
  ])
  const kept = ref(new Set<string>())
  const letters = computed(() => project.table!.derived.ledger.yarns)
  const yarns = computed(() => {
    const all = new Map(project.table!.design.yarns.map((yarn) => [yarn.letter, yarn]))
    return letters.value.map((letter) => all.get(letter)!)
  })
  const meetings = computed((): Meetings => {
    const { ledger, fronts, paths } = project.table!.derived
    // What a yarn places by itself stays as it is.
    const touch = [...touchesIn(fronts)].flatMap(([key, count]) => {
      const [a, b] = key.split(' ').map(Number)
      return Math.max(a!, b!) < ledger.yarns.length ? [{ a: a!, b: b!, count }] : []
    })
    const inside = ledger.pieces.flatMap((piece, i) => insideOf(ledger, piece, paths[i]!))
    return { touch, inside }
  })
  const now = computed(() => yarns.value.map(({ colour }) => colour))
  const asItIs = computed(() => figuresOf(now.value, meetings.value))
  const found = computed(() => {
    const { colours } = sources.value.find(({ id }) => id === from.value) ?? sources.value[0]!
    const keep = new Set(letters.value.flatMap((letter, i) => (kept.value.has(letter) ? [i] : [])))
    return recolourings(now.value, colours, meetings.value, { keep, most: MOST }).map(
      ({ of, figures }) => ({
        figures,
        yarns: yarns.value.map((yarn, i) => ({ ...yarn, colour: of[i]?.colour ?? yarn.colour })),
        edits: of.flatMap((one, i): Edit[] => {
          if (!one) return []
          const { name, colour, label, yarnClass } = one
          const more =
            from.value === 'hand' ? { label: label ?? null, yarnClass: yarnClass ?? null } : {}
          const values = { name, colour, ...more }
          return [{ name: 'setYarn', args: { letter: letters.value[i]!, values } }]
        }),
      }),
    )
  })
  function toggle(letter: string) {
    const next = new Set(kept.value)
    if (!next.delete(letter)) next.add(letter)
    kept.value = next
  }
  return { from, sources, kept, toggle, yarns, asItIs, found }
}

/** Two yarns take each other's place everywhere: all that is said of one is said of the other. */
export function swapped(a: Yarn, b: Yarn): Edit[] {
  const values = ({ letter: _letter, ...rest }: Yarn) => rest
  return [
    { name: 'setYarn', args: { letter: a.letter, values: values(b) } },
    { name: 'setYarn', args: { letter: b.letter, values: values(a) } },
  ]
}
