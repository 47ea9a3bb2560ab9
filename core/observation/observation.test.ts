import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { observationsAt, standingObservations, withObservation, type Observation } from '.'

const seen = (changes: Partial<Observation> = {}): Observation => ({
  id: 'a',
  groupId: 'leaf',
  kind: 'noticed',
  text: 'It spins',
  picture: null,
  pictureDeleted: false,
  about: null,
  source: 'sheet',
  seenAt: '2026-03-09T10:20:00.000Z',
  onBoard: false,
  removed: false,
  ...changes,
})

describe('withObservation', () => {
  it('puts each where it was seen, whatever came in first, and changes one in its place', () => {
    const late = seen({ id: 'late', seenAt: '2026-03-09T10:30:00.000Z' })
    const early = seen({ id: 'early', seenAt: '2026-03-09T10:10:00.000Z' })
    const all = withObservation(withObservation([], late), early)
    expect(all.map((one) => one.id)).toEqual(['early', 'late'])
    expect(withObservation(all, { ...late, text: 'It spun' })).toEqual([early, { ...late, text: 'It spun' }])
  })

  it('ends the same in whatever order they come, and however often', () => {
    const one = fc.record({
      id: fc.constantFrom('a', 'b', 'c', 'd'),
      at: fc.integer({ min: 0, max: 3 }),
    })
    fc.assert(
      fc.property(fc.uniqueArray(one, { selector: (own) => own.id }), (given) => {
        const all = given.map(({ id, at }) => seen({ id, seenAt: `2026-03-09T10:0${at}:00.000Z` }))
        const forth = all.reduce<Observation[]>(withObservation, [])
        const back = [...all, ...all].reverse().reduce<Observation[]>(withObservation, [])
        expect(back).toEqual(forth)
        expect(forth).toHaveLength(given.length)
      }),
    )
  })
})

describe('standingObservations', () => {
  const all = [
    seen({ id: 'plain' }),
    seen({ id: 'up', onBoard: true }),
    seen({ id: 'off', onBoard: true, removed: true }),
  ]
  const ids = (found: Observation[]) => found.map((one) => one.id)

  it('leaves out what was taken off, and on the Board what nobody put there', () => {
    expect(ids(standingObservations(all))).toEqual(['plain', 'up'])
    expect(ids(standingObservations(all, 'board'))).toEqual(['up'])
  })
})

describe('observationsAt', () => {
  it('finds what a group has to show of one place', () => {
    const about = { levelId: 'round-2', tryNumber: 1, moment: '' }
    const sketch = seen({ id: 'sketch', about, picture: 'p' })
    const all = [
      sketch,
      seen({ id: 'other group', about, groupId: 'bell' }),
      seen({ id: 'other round', about: { ...about, levelId: 'round-3' } }),
      seen({ id: 'no place' }),
      seen({ id: 'taken off', about, removed: true }),
    ]
    expect(observationsAt(all, { groupId: 'leaf', ...about })).toEqual([sketch])
  })
})
