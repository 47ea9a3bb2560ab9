import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { examplePlan } from '../testing/examplePlan'
import {
  addIdea,
  guessFromNames,
  moveCard,
  removeCard,
  renameCard,
  variableCards,
  withAim,
  withRounds,
  type CardPlace,
} from '.'
import { evenLevels, guessChanged, guessUnit, waysToKeep, type Plan } from '../plan'

const ideas = {
  change: [
    { id: 'floor', name: 'kind of floor' },
    { id: 'mass', name: 'mass of the ball' },
  ],
  measure: [{ id: 'time', name: 'time in the air' }],
}
const plan = examplePlan({ ideas })
const named = (given: Plan, place: CardPlace) =>
  variableCards(given)
    .filter((card) => card.place === place)
    .map((card) => card.name)

describe('the variables board', () => {
  it('drops every other change card into keep the same when one is picked', () => {
    const picked = moveCard(plan, 'floor', 'changed')
    expect(picked.changed).toMatchObject({ name: 'kind of floor', kind: 'kinds' })
    expect(named(picked, 'could-change')).toEqual([])
    expect(named(picked, 'kept-same')).toEqual(['ball', 'mass of the ball', 'drop height'])
    expect(picked.levels).toEqual([])
    expect(picked.prediction.format).toBe('choice')
  })

  it('brings the levels back when the card is picked again', () => {
    const there = moveCard(plan, 'floor', 'changed')
    const height = there.keptSame.find((same) => same.name === 'drop height')!
    const back = moveCard(there, height.id, 'changed')
    expect(back.changed).toEqual(plan.changed)
    expect(back.levels).toEqual(plan.levels)
    expect(named(back, 'kept-same')).toContain('kind of floor')
  })

  it('puts the earlier measure back into its tray, and finds an instrument for the new one', () => {
    const timed = moveCard(plan, 'time', 'measured')
    expect(timed.measured).toMatchObject({
      name: 'time in the air',
      unit: 's',
      instrument: { name: 'stopwatch' },
    })
    expect(named(timed, 'could-measure')).toEqual(['bounce height'])
    const none = moveCard(timed, 'measured', 'could-measure')
    expect(none.measured.name).toBe('')
    expect(named(none, 'could-measure')).toEqual(['bounce height', 'time in the air'])
  })

  it('leaves measure cards out of the change places, and the other way round', () => {
    expect(moveCard(plan, 'time', 'changed')).toBe(plan)
    expect(moveCard(plan, 'floor', 'measured')).toBe(plan)
    expect(() => moveCard(plan, 'nowhere', 'changed')).toThrow(RangeError)
  })

  it('takes cards in once, under a new name, and off again', () => {
    expect(addIdea(plan, 'change', ' Drop Height ')).toBe(plan)
    expect(addIdea(plan, 'change', '  ')).toBe(plan)
    const more = addIdea(plan, 'measure', 'number of bounces')
    expect(named(more, 'could-measure')).toEqual(['time in the air', 'number of bounces'])
    expect(named(removeCard(more, 'time'), 'could-measure')).toEqual(['number of bounces'])
    expect(named(renameCard(plan, 'floor', 'floor covering'), 'could-change')[0]).toBe('floor covering')
    expect(renameCard(plan, 'changed', 'height').changed.name).toBe('height')
    expect(renameCard(plan, 'measured', ' ').measured.name).toBe('bounce height')
    expect(renameCard(plan, 'ball', 'rubber ball').keptSame[0]!.name).toBe('rubber ball')
    expect(renameCard(plan, 'time', 'air time').ideas.measure[0]!.name).toBe('air time')
  })

  it('never loses a card and never has two in one slot, whatever is moved where', () => {
    const places: CardPlace[] = ['could-change', 'changed', 'kept-same', 'could-measure', 'measured']
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(20), fc.constantFrom(...places)), { maxLength: 25 }), (moves) => {
        const names = (given: Plan) =>
          variableCards(given)
            .map((card) => card.name)
            .sort()
        let now = plan
        for (const [which, to] of moves) {
          const cards = variableCards(now)
          now = moveCard(now, cards[which % cards.length]!.id, to)
          expect(names(now)).toEqual(names(plan))
          expect(new Set(variableCards(now).map((card) => card.id)).size).toBe(cards.length)
        }
      }),
    )
  })
})

describe('guesses from a name', () => {
  it.each([
    ['kind of paper', 'kinds', null],
    ['colour', 'kinds', null],
    ['drop height', 'number', 'cm'],
    ['amount of water', 'number', 'mL'],
    ['spoons of sugar', 'number', 'count'],
    ['time in the water', 'number', 's'],
    ['wobbliness', 'number', 'cm'],
  ] as const)('%s: %s in %s', (name, kind, unit) =>
    expect(guessChanged(name)).toEqual({ name, kind, unit, range: null }),
  )

  it('tell nothing where the words do not', () => expect(guessUnit('wobbliness')).toBeNull())
})

describe('guessFromNames', () => {
  const open = (change: string, measure: string) =>
    examplePlan({
      levels: [],
      changed: { ...plan.changed, name: change },
      measured: { ...plan.measured, name: measure },
    })

  it('makes kinds of what is named a kind, and finds the instrument for what is measured', () => {
    const guessed = guessFromNames(open('kind of paper', 'number of washers held'))
    expect(guessed.changed).toMatchObject({ kind: 'kinds', unit: null })
    expect(guessed.measured).toMatchObject({ unit: 'count', instrument: { name: 'tally' } })
    expect(guessed.prediction.format).toBe('choice')
    expect(guessed.recording).toEqual({ kind: 'count' })
    expect(
      guessFromNames({ ...guessed, measured: { ...guessed.measured, name: 'time afloat' } }),
    ).toMatchObject({
      measured: { unit: 's' },
      recording: { kind: 'measure' },
    })
  })

  it('leaves alone what has levels, and what says nothing', () => {
    expect(guessFromNames(plan)).toBe(plan)
    expect(guessFromNames(open('', ''))).toEqual(open('', ''))
    expect(guessFromNames(open('drop height', 'bounce height'))).toEqual(open('drop height', 'bounce height'))
  })
})

describe('waysToKeep', () => {
  it('suggests a value or a rule by the words of the name, and always something', () => {
    expect(waysToKeep('amount of water')[0]).toBe('the same amount: … mL')
    expect(waysToKeep('who throws')[0]).toBe('the same child each time')
    expect(waysToKeep('xyz')).toEqual(['the same one every time'])
  })
})

describe('evenLevels', () => {
  it('steps on round numbers within the range', () => {
    expect(evenLevels(0, 100, 4)).toEqual([0, 25, 50, 75])
    expect(evenLevels(20, 120, 5)).toEqual([20, 45, 70, 95, 120])
    expect(evenLevels(0, 1, 3)).toEqual([0, 0.5, 1])
  })

  it('is even, round enough, and never leaves the range', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1000, max: 1000 }),
        fc.integer({ min: 1, max: 5000 }),
        fc.integer({ min: 2, max: 12 }),
        (least, length, count) => {
          const levels = evenLevels(least, least + length, count)
          expect(levels).toHaveLength(count)
          expect(levels[0]).toBe(least)
          expect(levels.at(-1)!).toBeLessThanOrEqual(least + length + 1e-9)
          // A step is rounded down to 1, 2, 2.5 or 5: at least half of what was there is used.
          expect(levels.at(-1)! - least).toBeGreaterThanOrEqual(length / 2 - 1e-9)
        },
      ),
    )
  })

  it('refuses a range without length and a single level', () => {
    expect(() => evenLevels(3, 3, 4)).toThrow(RangeError)
    expect(() => evenLevels(0, 3, 1)).toThrow(RangeError)
  })
})

describe('rounds of redesign', () => {
  it('are levels in order; rounds that stay keep their identifiers', () => {
    const bridge = withAim(plan, 'improve')
    expect(bridge.levels.map((level) => level.name)).toEqual(['round 1', 'round 2', 'round 3'])
    expect(bridge.recording.kind).toBe('rounds')
    const more = withRounds(bridge, 4)
    expect(more.levels.slice(0, 3)).toEqual(bridge.levels)
    expect(withRounds(more, 2).levels).toEqual(bridge.levels.slice(0, 2))
    expect(withAim(bridge, 'compare')).toMatchObject({
      levels: [],
      recording: { kind: 'measure' },
    })
    expect(withAim(bridge, 'improve')).toBe(bridge)
    expect(() => withRounds(bridge, 1)).toThrow(RangeError)
    expect(() => withRounds(bridge, 40)).toThrow(RangeError)
  })
})
