import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useSettled } from './settled'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

describe('what has come to rest', () => {
  it('is the last of many changes, and only after a rest', async () => {
    const hand = ref(0)
    const scope = effectScope()
    const settled = scope.run(() => useSettled(() => hand.value))!
    for (let step = 1; step <= 20; step++) {
      hand.value = step
      await nextTick()
      vi.advanceTimersByTime(16)
      expect(settled.value).toBe(0)
    }
    vi.advanceTimersByTime(250)
    expect(settled.value).toBe(20)
    scope.stop()
  })
})
