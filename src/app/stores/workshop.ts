import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { defaultWords, type Words } from '@core/stitch'
import { keepSetting, readSetting } from '@app/storage/workshop-store.ts'

/** What holds for all bags: terms, units and hand. */
export const useWorkshop = defineStore('workshop', () => {
  const words = ref<Words>(defaultWords)
  const ready = readSetting<Words>('words').then((kept) => {
    if (kept) words.value = { ...defaultWords, ...kept }
  })
  watch(words, (now) => void keepSetting('words', { ...now }))
  const setWords = (some: Partial<Words>) => {
    words.value = { ...words.value, ...some }
  }
  return { words, setWords, ready }
})
