import { describe, expect, it } from 'vitest'
import type { Entry } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { pairsLine, wayOf } from '..'

const rocks = kindsPlan(['granite', 'slate', 'chalk', 'sandstone'], {
  recording: { kind: 'pairs' },
  tries: 1,
  measured: { ...kindsPlan([]).measured, name: 'hardness' },
})

/** What a group found: each with what it was harder than; "=" where both were the same. */
const found = (...pairs: [string, string, 'beats' | '='][]): Entry[] =>
  pairs.map(([a, b, how]) => {
    const slot = wayOf(rocks).canonicalSlot(rocks, { groupId: 'leaf', tryNumber: 1, levelId: a, moment: b })
    const value = how === '=' ? '=' : a
    return entry({ ...slot, fields: { value: { typed: value, given: 'typed', value } } })
  })
const line = (...pairs: Parameters<typeof found>) => pairsLine(rocks, found(...pairs), 'leaf', 1)

describe('the line of what has been compared', () => {
  it('is empty before the first comparison, and for another group', () => {
    expect(line()).toEqual({ line: [], follows: [] })
    expect(pairsLine(rocks, found(['granite', 'slate', 'beats']), 'bell', 1).line).toEqual([])
  })

  it('grows with each comparison, and holds together what is the same', () => {
    expect(line(['granite', 'slate', 'beats']).line).toEqual([['granite'], ['slate']])
    expect(line(['slate', 'granite', 'beats']).line).toEqual([['slate'], ['granite']])
    expect(line(['granite', 'slate', '=']).line).toEqual([['granite', 'slate']])
  })

  it('says why two need not be compared', () => {
    const { follows } = line(['granite', 'slate', 'beats'], ['slate', 'chalk', 'beats'])
    expect(follows).toEqual([
      {
        pair: ['granite', 'chalk'],
        more: 'granite',
        said: 'Granite was harder than slate and slate was harder than chalk, so granite was harder than chalk.',
      },
    ])
  })

  it('tells nothing of a pair while comparisons go round in a circle', () => {
    const { follows } = line(
      ['granite', 'slate', 'beats'],
      ['slate', 'chalk', 'beats'],
      ['chalk', 'sandstone', 'beats'],
      ['sandstone', 'granite', 'beats'],
    )
    expect(follows).toEqual([])
  })

  it('goes by way of what is the same, and says nothing of what was compared or does not follow', () => {
    expect(
      line(['granite', 'slate', '='], ['slate', 'chalk', 'beats']).follows.map(({ said }) => said),
    ).toEqual([
      'Granite was about as hard as slate and slate was harder than chalk, so granite was harder than chalk.',
    ])
    expect(line(['granite', 'slate', 'beats']).follows).toEqual([])
    expect(
      line(['granite', 'slate', 'beats'], ['slate', 'chalk', 'beats'], ['granite', 'chalk', 'beats']).follows,
    ).toEqual([])
  })
})
