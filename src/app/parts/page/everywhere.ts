import { useRouter } from 'vue-router'
import { useWorkshop } from '@app/stores/workshop.ts'
import { type Action, useOffers } from './offers.ts'

/** Offers, wherever one is, the places outside of bags and the words that are used. */
export function useEverywhere(): void {
  const workshop = useWorkshop()
  const router = useRouter()
  const go = (to: string) => void router.push(to)
  useOffers((): readonly Action[] => {
    const { terms, units, hand } = workshop.words
    const { setWords } = workshop
    return [
      { title: 'Go to the shelf', run: () => go('/') },
      { title: 'Go to Stitches, every pattern', run: () => go('/stitches') },
      { title: 'Go to In hand, the yarns there are', run: () => go('/in-hand') },
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
