import { describe, expect, it } from 'vitest'
import { usualCalendar } from '../calendar'
import { emptyConclusion } from '../conclusion'
import { kitAmounts } from '../kit'
import { scoredPlan, weighLesson } from '../comparison'
import { examplePlan, kindsPlan, material, numberLevel } from '../testing/examplePlan'
import { entriesFrom } from '../testing/exampleEntries'
import {
  benchChoices,
  benchLevels,
  classSays,
  isTestingOver,
  kitNote,
  lessonResult,
  onInstrument,
  predictionsSaid,
  readNote,
  resultNote,
  stageStates,
  type LessonState,
} from '.'

const plan = examplePlan({ tries: 2 })
const entries = entriesFrom(
  Object.fromEntries(
    ['a', 'b', 'c', 'd', 'e', 'f'].map((id, g) => [
      id,
      { h20: [10 + g, 11 + g], h40: [21 + g, 22 + g], h60: [33 + g, 34 + g] },
    ]),
  ),
)
const evidence = weighLesson(plan, entries, ['a', 'b', 'c', 'd', 'e', 'f'])

describe('the stages of a lesson', () => {
  const begun: LessonState = {
    plan,
    waits: { plan: '', pack: '' },
    progress: [
      { done: 9, needed: 9 },
      { done: 9, needed: 9 },
    ],
    results: 3,
    answered: true,
  }
  const at = (changes: Partial<LessonState>, index: number) => stageStates({ ...begun, ...changes })[index]

  it('are all ready at the end', () => {
    expect(stageStates(begun).every((one) => one.ready)).toBe(true)
  })

  it('have a result of one setting where nothing is compared', () => {
    const plan = { question: 'How many clips does it hold?', comparison: 'variation' as const }
    expect(at({ results: 1, plan }, 4)).toMatchObject({ ready: true, note: 'has results' })
  })

  it.each([
    [{ plan: { question: '  ' } }, 0, 'needs a question'],
    [{ waits: { plan: '2 to fix', pack: '' } }, 1, '2 to fix'],
    [{ results: 1 }, 4, 'needs readings'],
    [{ waits: { plan: '', pack: 'kit to fix' } }, 2, 'kit to fix'],
    [
      {
        progress: [
          { done: 2, needed: 9 },
          { done: 0, needed: 9 },
        ],
      },
      3,
      '2 of 18',
    ],
    [{ progress: [] }, 3, 'needs levels'],
    [{ results: 1 }, 4, 'needs readings'],
    [{ answered: false }, 5, 'no answer yet'],
  ])('%j waits for something', (changes, index, note) => {
    expect(at(changes, index)).toMatchObject({ ready: false, note })
  })
})

describe('what a lesson has found', () => {
  const found = lessonResult(plan, entries, evidence)

  it('is one sentence with its reason', () => {
    expect(found.sentence).toContain('more for every extra 20 cm')
    expect(found.reasons).not.toEqual([])
  })

  it('gives way to the class’s own answer', () => {
    const scored = scoredPlan(plan, entries)
    expect(classSays(scored, emptyConclusion, found)).toBe(found.sentence)
    expect(classSays(scored, { ...emptyConclusion, ownWords: 'Higher drop, higher bounce.' }, found)).toBe(
      'Higher drop, higher bounce.',
    )
  })

  it('is set beside what was predicted', () => {
    const said = (direction: 'more' | 'less') => ({
      groupId: 'a',
      answer: { format: 'direction' as const, direction },
    })
    expect(predictionsSaid(plan, [said('more'), said('less')], evidence, () => [])).toBe(
      '1 of 2 groups had predicted this. 1 was surprised.',
    )
    expect(predictionsSaid(plan, [], evidence, () => [])).toBe('')
  })
})

describe('the bench', () => {
  it('draws numbers to scale, from small to large', () => {
    const drawn = benchLevels(examplePlan({ levels: [60, 15, 30].map((value) => numberLevel(value)) }))
    expect(drawn.map(({ name, share, place }) => [name, share, place])).toEqual([
      ['15 cm', 0.25, 0],
      ['30 cm', 0.5, 1],
      ['60 cm', 1, 2],
    ])
    expect(drawn.every((one) => one.dimension === 'length' && one.largest === 60)).toBe(true)
  })

  it('draws kinds by their place, and numbers without a unit as counts', () => {
    expect(
      benchLevels(kindsPlan(['tile', 'carpet'])).map(({ dimension, share }) => [dimension, share]),
    ).toEqual([
      [null, 0],
      [null, 0],
    ])
    const layers = examplePlan({ changed: { name: 'layers', kind: 'number', unit: null, range: null } })
    expect(benchLevels(layers)[0]!.dimension).toBe('count')
  })

  it('shows a reading as its instrument does, where that reads the same kind of thing', () => {
    const { instrument } = plan.measured
    expect(onInstrument({ name: 'bounce height', unit: 'm', instrument }, 0.62)).toBeCloseTo(62)
    expect(onInstrument({ name: 'time', unit: 's', instrument }, 3)).toBeNull()
  })

  it('says how much was read, what came out and what is fetched', () => {
    expect(readNote({ done: 2, needed: 6 })).toEqual({ note: '2 of 6', fill: 2 / 6 })
    expect(readNote({ done: 0, needed: 0 }).fill).toBe(0)
    expect(resultNote(plan, evidence, 'h60')).toEqual({ note: expect.stringMatching(/ cm$/), fill: 1 })
    expect(resultNote(plan, evidence, 'h80')).toEqual({ note: 'no result', fill: 0 })
    const lines = kitAmounts(
      examplePlan({ materials: [material({ name: 'dot', level: 'h20', amount: 3 })] }),
      {
        groups: 2,
        children: 8,
        cupboard: [],
      },
    )
    expect(kitNote(lines, 'h20').note).toBe('6')
    expect(kitNote(lines, 'h40').note).toBe('')
  })

  it('shows the words that are seen, or the letters of what is compared', () => {
    const words = examplePlan({
      recording: {
        ...{ kind: 'word-scale', seen: 'once', minutes: [], days: 1, score: 'end', awaited: 'rusty' },
        words: ['shiny', 'spotted', 'rusty'],
      },
    })
    expect(benchChoices(words).map(({ short, share }) => [short, share])).toEqual([
      ['shiny', 0],
      ['spotted', 0.5],
      ['rusty', 1],
    ])
    const race = kindsPlan(['paper', 'cotton'], { recording: { kind: 'race' } })
    expect(benchChoices(race).map(({ short, name }) => [short, name])).toEqual([
      ['A', 'paper'],
      ['B', 'cotton'],
    ])
  })
})

describe('testing', () => {
  const state = { plan, date: '2026-03-09', finishedAt: null, clock: null }
  const days = { ...plan, recording: { kind: 'daily' as const, days: 3, score: 'gained' as const } }

  it.each([
    [{}, '2026-03-09', false],
    [{}, '2026-03-10', true],
    [{ finishedAt: '2026-03-09T10:42:00.000Z' }, '2026-03-09', true],
    [{ plan: days }, '2026-03-11', false],
    [{ plan: days }, '2026-03-12', true],
    // It goes on another day.
    [{ clock: { ended: null } }, '2026-03-10', false],
    [{ clock: { ended: { how: 'later' as const, at: 0 } } }, '2026-03-10', false],
    [{ clock: { ended: { how: 'over' as const, at: 0 } } }, '2026-03-10', true],
  ])('%j is over on %s: %s', (changes, today, over) => {
    expect(isTestingOver({ ...state, ...changes }, usualCalendar, today)).toBe(over)
  })
})
