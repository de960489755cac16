import { partsOf } from '@core/design'
import { ref, shallowRef } from 'vue'
import { type TapestryPart } from '../../core/band/index.ts'
import { historyOf, type History, projectOf } from '../../core/project/index.ts'
import { tote } from '../../core/testing/tote.ts'
import { useEditing } from './editing.ts'

function table() {
  const history = shallowRef<History | null>(historyOf(projectOf(tote())))
  const selected = ref<string | null>('motif')
  let before = 0
  const editing = useEditing(history, selected, () => before++)
  const ids = () => partsOf(history.value!.design).map(({ id }) => id)
  return { history, selected, editing, ids, previewsEnded: () => before }
}

describe('editing the bag on the table', () => {
  it('does several edits as one entry', () => {
    const { history, editing, previewsEnded } = table()
    editing.edit([
      { name: 'setBase', args: { values: { count: 54 } } },
      { name: 'padChart', args: { id: 'motif', columns: 3 } },
    ])
    expect(history.value!.past).toHaveLength(1)
    expect((partsOf(history.value!.design)[2] as TapestryPart).chart.width).toBe(9)
    editing.undo()
    expect(history.value!.design).toEqual(tote())
    editing.redo()
    expect((partsOf(history.value!.design)[2] as TapestryPart).chart.width).toBe(9)
    expect(previewsEnded()).toBe(1)
  })

  it('moves the selection when its part is gone, and brings it back with undo', () => {
    const { selected, editing, ids } = table()
    editing.edit({ name: 'removePart', args: { id: 'motif' } })
    expect(ids()).not.toContain('motif')
    expect(selected.value).toBe('top')
    editing.undo()
    expect(selected.value).toBe('motif')
  })

  it('takes an unfinished gesture back, and nothing else', () => {
    const { history, editing } = table()
    editing.edit({ name: 'setRounds', args: { id: 'top', rounds: 9 } }, 'drag')
    editing.edit({ name: 'setRounds', args: { id: 'top', rounds: 12 } }, 'drag')
    editing.cancel('another')
    expect(partsOf(history.value!.design)[3]).toMatchObject({ rounds: 12 })
    editing.cancel('drag')
    expect(history.value!.design).toEqual(tote())
    expect(history.value!.future).toEqual([])
  })

  it('does nothing without a bag', () => {
    const { history, editing } = table()
    history.value = null
    editing.edit({ name: 'rename', args: { name: 'Nobody' } })
    editing.undo()
    editing.redo()
    expect(history.value).toBeNull()
  })
})
