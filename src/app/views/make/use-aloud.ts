import { watch } from 'vue'
import { useMaking } from '@app/stores/making.ts'
import { useWorkshop } from '@app/stores/workshop.ts'
import type { Now } from './use-now.ts'

/** A voice of the device itself: nothing that is said leaves it. */
function ownVoice(): SpeechSynthesisVoice | null {
  const own =
    globalThis.speechSynthesis?.getVoices().filter(({ localService }) => localService) ?? []
  return own.find(({ lang }) => lang.startsWith('en')) ?? own[0] ?? null
}
export const hasVoice = (): boolean => ownVoice() !== null

/** What is read aloud at a place: the row where it begins, then the run that comes. */
function textOf({ title, big, count }: Now, begins: boolean): string {
  const run = big.value?.text ?? ''
  return begins ? `${title.value}. ${count.value.of} stitches. ${run}.` : `${run}.`
}

/** Reads what comes aloud, where she wants that and the device has a voice of its own. */
export function useAloud(now: Now): void {
  const making = useMaking()
  const workshop = useWorkshop()
  watch(
    [() => making.on?.made, () => making.done, () => making.on?.piece.id, () => making.on?.copy],
    ([row], [before]) => {
      const voice = workshop.atWork.aloud ? ownVoice() : null
      if (!voice || making.isDone) return
      const said = new SpeechSynthesisUtterance(textOf(now, row !== before))
      said.voice = voice
      said.lang = voice.lang
      speechSynthesis.cancel()
      speechSynthesis.speak(said)
    },
  )
}
