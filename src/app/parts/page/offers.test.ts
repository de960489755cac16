import { effectScope, nextTick, ref } from 'vue'
import { doWhenOffered, offered, useOffers } from './offers.ts'

describe('what can be done, by its name', () => {
  const titles = () => offered.value.map(({ title }) => title)
  it('is offered as long as its place is shown, and follows what the place has', () => {
    const names = ref(['Brush'])
    const place = effectScope()
    place.run(() => useOffers(() => names.value.map((title) => ({ title, run: () => {} }))))
    expect(titles()).toEqual(['Brush'])
    names.value = ['Brush', 'Line']
    expect(titles()).toEqual(['Brush', 'Line'])
    place.stop()
    expect(titles()).toEqual([])
  })
  it('is done once, when the place it belongs to has come', async () => {
    let done = 0
    doWhenOffered('Line')
    const place = effectScope()
    place.run(() => useOffers([{ title: 'Line', run: () => done++ }]))
    await nextTick()
    expect(done).toBe(1)
    doWhenOffered('Line')
    await nextTick()
    expect(done).toBe(2)
    place.stop()
  })
})
