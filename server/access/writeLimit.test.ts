import { afterEach, expect, it, vi } from 'vitest'
import { newId } from '#core/plan'
import { countWrite } from './writeLimit'

afterEach(() => void vi.useRealTimers())

it('a tablet gone wild waits a minute, and no other does', async () => {
  vi.useFakeTimers()
  const [wild, calm] = [newId(), newId()]
  for (let one = 0; one < 600; one++) await countWrite(wild)
  await expect(countWrite(wild)).rejects.toMatchObject({ code: 'busy' })
  await countWrite(calm)
  await vi.advanceTimersByTimeAsync(61_000)
  await countWrite(wild)
})
