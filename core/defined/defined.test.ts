import { describe, expect, it } from 'vitest'
import { defined, firstOf, itemAt, lastOf } from '.'

describe('what must be there', () => {
  it('is given back as it is, also where it counts for nothing', () => {
    expect([defined(0), defined(''), defined(false)]).toEqual([0, '', false])
    expect([firstOf([0, 1]), lastOf([1, 0]), itemAt('cup', 1)]).toEqual([0, 0, 'u'])
  })

  it.each([
    ['a missing value', () => defined(undefined)],
    ['no value', () => defined(null)],
    ['an index too far', () => itemAt([1, 2], 2)],
    ['a negative index', () => itemAt([1, 2], -1)],
    ['the first of none', () => firstOf([])],
    ['the last of none', () => lastOf(new Float64Array())],
  ])('throws for %s', (_what, ask) => {
    expect(ask).toThrow(RangeError)
  })
})
