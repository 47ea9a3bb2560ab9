import { describe, expect, it } from 'vitest'
import { parsePace, schoolTime } from './schoolTime'

describe('the clock of a school', () => {
  it('goes with the machine where nothing else is said', () => {
    expect(parsePace(undefined)).toEqual({ since: 0, times: 1 })
    const before = Date.now()
    const { now, times } = schoolTime()
    expect(times).toBe(1)
    expect(now).toBeGreaterThanOrEqual(before)
    expect(now).toBeLessThanOrEqual(Date.now())
  })

  it('may go faster from a moment on', () => {
    expect(parsePace('20 since 2026-03-09T10:00:00Z')).toEqual({
      since: Date.parse('2026-03-09T10:00:00Z'),
      times: 20,
    })
  })

  it.each(['20', 'fast', '0 since 2026-03-09T10:00:00Z', '20 since then'])(
    'is not understood as %j',
    (text) => {
      expect(() => parsePace(text)).toThrow('JOLLY_CLOCK must read like')
    },
  )
})
