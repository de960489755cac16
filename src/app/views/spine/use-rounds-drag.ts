import { nanoid } from 'nanoid'
import type { Ref } from 'vue'
import { bandsIn, roundsOf } from '@core/design'
import { LIMITS } from '@core/part'
import { useProject } from '@app/stores/project.ts'
import { followPointer } from '@app/parts/page/follow-pointer.ts'
import type { spineParts } from './spine-layout.ts'

/** Rounds given to a part or taken from it, by its top edge or by keys; the scale stands still meanwhile. */
export function useRoundsDrag(
  parts: Readonly<Ref<ReturnType<typeof spineParts>>>,
  pxPerMm: Readonly<Ref<number>>,
  heldScale: Ref<number | null>,
) {
  const project = useProject()
  const roundsNow = (id: string) => {
    const part =
      project.design && project.design.pieces.flatMap(bandsIn).find((band) => band.id === id)
    return part ? roundsOf(part) : 0
  }
  function setRounds(id: string, rounds: number, gesture?: string) {
    const wanted = Math.min(LIMITS.rounds, Math.max(1, rounds))
    if (wanted !== roundsNow(id))
      project.edit({ name: 'setRounds', args: { id, rounds: wanted } }, gesture)
  }

  /** Dragging the top edge of a part gives it rounds or takes them. */
  function drag(event: PointerEvent, id: string) {
    const handle = event.currentTarget as HTMLElement
    const part = parts.value.find((one) => one.id === id)!
    const perRound = (part.bottom - part.top) / part.rounds
    const [from, rounds] = [event.clientY, roundsNow(id)]
    const gesture = nanoid(8)
    heldScale.value = pxPerMm.value
    const drop = () => (heldScale.value = null)
    followPointer(event, handle, {
      move: (to) => setRounds(id, rounds + Math.round((from - to.clientY) / perRound), gesture),
      drop,
      cancel() {
        project.cancel(gesture)
        drop()
      },
    })
  }
  return { roundsNow, setRounds, drag }
}
