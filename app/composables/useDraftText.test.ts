import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { deleteDraftTexts } from '../stores/sending/draftText'
import { fakeServer } from '../testing/fakeServer'
import { useDraftText } from './useDraftText'

let kept: Map<string, string>
beforeEach(() => {
  vi.useFakeTimers()
  kept = fakeServer(() => 'offline').kept
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const field = (key: () => string) => effectScope().run(() => useDraftText(key))!
const opened = (key: string) => field(() => key)

it('is there again on the next page, each at its own place, until it is sent', () => {
  const [number, note] = [opened('one|leaf'), opened('one|note')]
  number.value = '12'
  number.value = '12.'
  note.value = 'it rolled off'
  expect([opened('one|leaf').value, opened('one|note').value, opened('two|leaf').value]).toEqual([
    '12.',
    'it rolled off',
    '',
  ])
  number.value = ''
  expect([opened('one|leaf').value, kept.size]).toEqual(['', 1])
})

it('changes with the place that is typed in', () => {
  const place = ref('one|leaf')
  const text = field(() => place.value)
  text.value = '12'
  place.value = 'one|bell'
  expect(text.value).toBe('')
  text.value = '7'
  place.value = 'one|leaf'
  expect([text.value, opened('one|bell').value]).toEqual(['12', '7'])
})

it('is offered for a fortnight, and not to whoever has the tablet after the lesson', () => {
  opened('one|leaf').value = '12'
  opened('two|leaf').value = '30'
  deleteDraftTexts('one')
  expect([opened('one|leaf').value, opened('two|leaf').value]).toEqual(['', '30'])
  vi.setSystemTime(Date.now() + 15 * 24 * 60 * 60 * 1000)
  expect([opened('two|leaf').value, kept.size]).toEqual(['', 0])
})
