import { afterEach, expect, it, vi } from 'vitest'
import { fakeServer } from '~/testing/fakeServer'
import { deleteExpired } from './deleteExpired'
import { keysWithPrefix } from './browserStore'
import { draftTextAt, saveDraftText } from './draftText'
import { storageFailed } from './storageFailed'

afterEach(() => vi.unstubAllGlobals())

it('removes what was typed more than a fortnight ago, and nothing that waits to be sent', () => {
  const { kept } = fakeServer(() => 'offline')
  saveDraftText('one|note', 'it rolled off')
  kept.set('jolly-beaker-draft-plan-one', JSON.stringify({ at: Date.now(), draft: {} }))
  kept.set('jolly-beaker-waiting-r', JSON.stringify({ at: 0 }))
  kept.set('jolly-beaker-typed-odd', 'cut sho')
  deleteExpired()
  expect(kept.size).toBe(4)
  deleteExpired(Date.now() + 15 * 24 * 60 * 60 * 1000)
  expect([...kept.keys()]).toEqual(['jolly-beaker-waiting-r', 'jolly-beaker-typed-odd'])
})

it('a browser that forbids its store keeps things for as long as the page is open, and says so', () => {
  vi.stubGlobal('localStorage', {
    get length(): number {
      throw new DOMException('forbidden', 'SecurityError')
    },
  })
  saveDraftText('one|note', 'it rolled off')
  expect([draftTextAt('one|note'), storageFailed.value]).toEqual(['it rolled off', true])
  saveDraftText('one|note', '')
  deleteExpired()
  expect([draftTextAt('one|note'), keysWithPrefix('jolly-beaker-')]).toEqual(['', []])
})
