import { expect, test } from 'vitest'
import { useHistory } from './history'

test('a change is undone and done again, and a new one leaves nothing to do again', () => {
  const { now, edited, change, undo, redo, canUndo, canRedo } = useHistory('one')
  expect([canUndo.value, canRedo.value]).toEqual([false, false])
  change('two')
  edited.value = 'three'
  undo()
  expect(now.value).toBe('two')
  redo()
  expect(now.value).toBe('three')
  undo()
  undo()
  expect([now.value, canUndo.value]).toEqual(['one', false])
  change('four')
  expect(canRedo.value).toBe(false)
})

test('with nothing before or after, undo and redo leave it as it is', () => {
  const { now, undo, redo } = useHistory('one')
  undo()
  redo()
  expect(now.value).toBe('one')
})

test('begun anew, nothing before it can be undone', () => {
  const { now, change, begin, undo } = useHistory('one')
  change('two')
  begin('three')
  undo()
  expect(now.value).toBe('three')
})
