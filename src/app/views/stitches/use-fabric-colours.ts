import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useWorkshop } from '@app/stores/workshop.ts'

/** Colours in which the drawer shows its fabric: those she chose, else of the yarns she keeps, else two of ours. */
const OURS = ['#33566b', '#d8a13a', '#8a3b2e'] as const

export function useFabricColours() {
  const workshop = useWorkshop()
  const [first, second] = workshop.workshop.yarns.map(({ colour }) => colour)
  const colours = useStorage('ample-motif-fabric-colours', {
    first: first ?? OURS[0],
    second: second ?? OURS[1],
  })
  const yarns = computed(() => [colours.value.first, colours.value.second, OURS[2]])
  return { colours, yarns }
}
