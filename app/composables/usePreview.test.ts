import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { usePreview } from './usePreview'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it('is of the lines that stand there, and says so while it is of others', async () => {
  const text = ref('')
  const { preview, fresh } = usePreview(text, (lines) => lines.split('\n').length)
  expect([preview.value, fresh.value]).toEqual([null, true])
  text.value = 'card\nstring'
  await nextTick()
  expect([preview.value, fresh.value]).toEqual([null, false])
  await vi.advanceTimersByTimeAsync(300)
  expect([preview.value, fresh.value]).toEqual([2, true])
  text.value = ' '
  await vi.advanceTimersByTimeAsync(300)
  expect([preview.value, fresh.value]).toEqual([null, true])
})

it('leaves out an answer that comes after the lines have changed', async () => {
  const text = ref('')
  const answers: ((seen: string) => void)[] = []
  const { preview, fresh } = usePreview(text, () => new Promise<string>((done) => answers.push(done)))
  for (const lines of ['one', 'two']) {
    text.value = lines
    await vi.advanceTimersByTimeAsync(300)
  }
  answers[1]!('of two')
  await vi.advanceTimersByTimeAsync(1)
  answers[0]!('of one')
  await vi.advanceTimersByTimeAsync(1)
  expect([preview.value, fresh.value]).toEqual(['of two', true])
})
