import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { resultSentence } from '../../evidence'
import { printResult, type WordsRecording } from '../../plan'
import { standingOf, type Entry } from '../../entries'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { scoredPlan, scoresOf, weighLesson } from '../../comparison'
import { contextOf, dueToday, wayOf } from '..'
import { firstReached } from './firstReached'
import { scaleWords, wordMeant } from './words'

const recording: WordsRecording = {
  kind: 'word-scale',
  words: ['shiny (like new)', 'spotted', 'rusty'],
  seen: 'days',
  minutes: [0, 5],
  days: 4,
  score: 'reached',
  awaited: 'spotted',
}
const daily = kindsPlan(['oil', 'salt'], { recording, tries: 1 })
const once = kindsPlan(['oil', 'salt'], { recording: { ...recording, seen: 'once' }, tries: 2 })
const saw = (groupId: string, levelId: string, moment: string, word: string, tryNumber = 1): Entry =>
  entry({
    groupId,
    levelId,
    moment,
    tryNumber,
    fields: { value: { typed: word, given: 'typed', value: word } },
  })
/** What a group saw on four days: one letter a day. */
const week = (groupId: string, levelId: string, letters: string) =>
  [...letters].flatMap((letter, day) =>
    letter === '-'
      ? []
      : saw(groupId, levelId, `day ${day + 1}`, { s: 'shiny', p: 'spotted', r: 'rusty' }[letter]!),
  )

describe('words', () => {
  const words = ['shiny', 'spotted', 'rusty']

  it.each([
    ['spotted', 'spotted'],
    ['Rusty', 'rusty'],
    ['2', 'spotted'],
    ['sp', 'spotted'],
    ['r', 'rusty'],
  ])('reads %j', (text, word) => expect(wordMeant(words, text)).toBe(word))

  it.each(['s', '4', '0', 'mouldy', ''])('does not guess at %j', (text) =>
    expect(wordMeant(words, text)).toBeNull(),
  )

  it('may have an example in brackets, which is not typed', () => {
    expect(scaleWords(daily)[0]).toEqual({ typed: 'shiny', label: 'shiny', like: 'like new' })
    expect(wayOf(daily).check(daily, 'mouldy', null)).toMatchObject({
      state: 'unreadable',
      message: '“mouldy” is not one of the words. They are 1 shiny, 2 spotted and 3 rusty.',
    })
  })

  it('that go back are asked about', () => {
    const before = week('leaf', 'salt', 'sp')
    const slot = { groupId: 'leaf', levelId: 'salt', tryNumber: 1, moment: 'day 3' }
    expect(wayOf(daily).check(daily, 'shiny', contextOf(daily, before, slot))).toMatchObject({
      hints: [{ message: 'It was “spotted” at day 2 already. Did it really go back?' }],
    })
    expect(wayOf(daily).check(daily, 'rusty', contextOf(daily, before, slot))).toMatchObject({ hints: [] })
  })
})

describe('first reached', () => {
  it('is day 2, 3, 2 and never; the middle of the three is day 2, and never ranks last', () => {
    const rows = ['sppp', 'sspp', 'sppp', 'ssss']
    const entries = rows.flatMap((letters, index) => week(`g${index}`, 'salt', letters))
    expect(scoresOf(daily, entries).map((score) => score.value)).toEqual([2, 3, 2, Infinity])
    const three = entries.filter((one) => one.groupId !== 'g3')
    expect(wayOf(daily).detail(daily, three, [])).toContain('First “spotted”: salt day 2.'.slice(1))
    expect(wayOf(daily).detail(daily, entries, [])).toContain('salt day 2.5')
  })

  it('counts what was passed over, and nothing that is not over yet', () => {
    expect(
      firstReached(
        [
          { at: 1, place: 0 },
          { at: 4, place: 2 },
        ],
        1,
      ),
    ).toBe(4)
    expect(firstReached([], 1)).toBe(Infinity)
    // Never is only said once the last look is in.
    expect(scoresOf(daily, week('leaf', 'oil', 'ss'))).toEqual([])
    expect(scoresOf(daily, week('leaf', 'oil', 'sp'))).toMatchObject([{ value: 2 }])
    expect(scoresOf(daily, week('leaf', 'oil', 'ss-s'))).toMatchObject([{ value: Infinity }])
  })

  it('is never later for an earlier word', () => {
    const rows = fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 8 })
    fc.assert(
      fc.property(rows, fc.integer({ min: 0, max: 2 }), (places, place) => {
        const seen = places.map((one, at) => ({ at, place: one }))
        expect(firstReached(seen, place)).toBeLessThanOrEqual(firstReached(seen, place + 1))
      }),
    )
  })

  it('is said as what it is, without a mean and without NaN', () => {
    const groups = ['a', 'b', 'c', 'd', 'e', 'f']
    const entries = groups.flatMap((id) => [...week(id, 'salt', 'spr-'), ...week(id, 'oil', 'ssss')])
    const scored = scoredPlan(daily, entries)
    const evidence = weighLesson(daily, entries, groups)
    expect(resultSentence(scored, evidence).sentence).toBe('Salt reached “spotted” first, ahead of oil.')
    expect(evidence.results.map(({ centre }) => printResult(scored, centre))).toEqual(['never', 'day 2'])
    expect(JSON.stringify([evidence.results, wayOf(daily).detail(daily, entries, [])])).not.toContain('NaN')
  })

  it('goes by the last word where the awaited one is on the scale no longer', () => {
    const other = { ...daily, recording: { ...recording, awaited: 'mouldy' } }
    expect(scoredPlan(other).measured.name).toBe('day of “rusty”')
  })
})

describe('words seen once', () => {
  it('have a middle and no mean', () => {
    const entries = [
      ...['a', 'b', 'c'].flatMap((id) => [saw(id, 'oil', '', 'shiny'), saw(id, 'salt', '', 'rusty')]),
      saw('a', 'oil', '', 'spotted', 2),
      saw('a', 'salt', '', 'rusty', 2),
    ]
    const scored = scoredPlan(once)
    const { comparison, results } = weighLesson(once, entries, ['a', 'b', 'c'])
    expect(comparison.scale).toBe('word')
    expect(results.map(({ centre }) => printResult(scored, centre))).toEqual(['shiny', 'rusty'])
    expect(printResult(scored, 0.5)).toBe('between shiny and spotted')
  })

  it('that the scale no longer holds count for nothing, which is said', () => {
    const entries = [saw('a', 'oil', '', 'mouldy'), saw('a', 'salt', '', 'rusty')]
    expect(scoresOf(once, entries)).toHaveLength(1)
    expect(wayOf(once).detail(once, standingOf(entries).counted, [])).toBe(
      'One entry holds a word that is no longer on the scale, so it does not count.',
    )
  })
})

describe('words by the day', () => {
  it('are due on their day', () => {
    const days = ['2026-03-09', '2026-03-10', '2026-03-11', '2026-03-12']
    expect(dueToday(daily, ['a', 'b'], standingOf([]), days, '2026-03-10')).toBe(4)
    expect(dueToday(once, ['a'], standingOf([]), days, '2026-03-10')).toBeNull()
  })

  it('are seen as far apart as the plan says', () => {
    const apart = kindsPlan(['oil', 'salt'], { recording: { ...recording, days: 3, every: 7 }, tries: 1 })
    const way = wayOf(apart)
    expect(way.columns(apart).map(({ moment }) => moment)).toEqual(['day 1', 'day 8', 'day 15'])
    expect(way.needs(apart.recording)).toMatchObject({ days: 3, daysAfter: [0, 7, 14] })
    const days = ['2026-03-09', '2026-03-16', '2026-03-23']
    expect(dueToday(apart, ['a'], standingOf([]), days, '2026-03-16')).toBe(2)
    expect(dueToday(apart, ['a'], standingOf([]), days, '2026-03-17')).toBe(0)
    const seen = [
      saw('leaf', 'salt', 'day 1', 'shiny'),
      saw('leaf', 'salt', 'day 8', 'spotted'),
      saw('leaf', 'salt', 'day 15', 'rusty'),
    ]
    // How soon it was counts the days that really passed.
    expect(way.scores(apart, seen)).toMatchObject([{ levelId: 'salt', value: 8 }])
  })

  it('show how far it got until then', () => {
    expect(wayOf(daily).soFar(daily, week('leaf', 'salt', 'sp'))).toMatchObject({
      sentence: 'So far: salt spotted.',
    })
    const picture = wayOf(daily).picture!(daily, week('leaf', 'salt', 's-p'))
    expect(picture).toMatchObject({
      tiles: {
        rows: ['oil', 'salt'],
        cells: [
          { row: 1, column: 0, text: 'shiny', share: 0 },
          { row: 1, column: 2, text: 'spotted', share: 0.5 },
        ],
      },
    })
  })
})
