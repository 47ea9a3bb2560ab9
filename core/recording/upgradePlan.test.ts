import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { examplePlan, material } from '../testing/examplePlan'
import { planFormat } from '../plan'
import { upgradePlan, ways } from '.'

/** A plan as the first version wrote it. */
function firstPlan(changes: Record<string, unknown> = {}) {
  const { title, question, best, measured, tries, practiceTries, summary, rounding } = examplePlan()
  const { whoTests, levelOrder, hazards, steps } = examplePlan()
  return {
    ...{ title, question, best, measured, tries, practiceTries, summary, rounding, whoTests, levelOrder },
    changed: { name: 'drop height', kind: 'number', unit: 'cm' },
    levels: [20, 40, 60].map((value) => ({ id: `h${value}`, name: '', value, baseline: false })),
    keptSame: [{ id: 'ball', name: 'ball', how: 'the same one every time' }],
    prediction: { format: 'direction', because: true },
    materials: [],
    ...{ hazards, steps },
    ...changes,
  }
}

describe('a plan of the first version', () => {
  it('is the same plan in this one', () => {
    expect(upgradePlan(firstPlan())).toEqual({ ...examplePlan(), comparison: 'levels' })
  })

  it('keeps its kit, each line on its tray', () => {
    const { level: _level, place: _place, made: _made, ...line } = material()
    expect(upgradePlan(firstPlan({ materials: [line] }))).toMatchObject({ materials: [material()] })
  })

  it.each([
    ['improve', { kind: 'measure' }, { kind: 'rounds' }],
    ['compare', { kind: 'rounds' }, { kind: 'measure', was: 'rounds' }],
    ['compare', { kind: 'count' }, { kind: 'count' }],
    ['improve', { kind: 'rounds' }, { kind: 'rounds' }],
  ])('that said “%s” with %j is recorded as %j', (aim, recording, now) => {
    const plan = upgradePlan(firstPlan({ aim, recording }))
    expect(plan).toMatchObject({ recording: now })
    expect(plan).not.toHaveProperty('aim')
  })

  it.each([
    [
      { kind: 'daily', days: 10 },
      { kind: 'daily', days: 10, score: 'end' },
    ],
    [
      { kind: 'intervals', everyMinutes: 10, times: 3 },
      { kind: 'intervals', minutes: [0, 10, 20, 30], score: 'lost' },
    ],
  ])('that recorded %j now says %j', (recording, now) => {
    expect(upgradePlan(firstPlan({ recording }))).toMatchObject({ recording: now })
  })

  it('keeps what a card was when it was the thing changed', () => {
    const was = { changed: { name: 'ball', kind: 'kinds', unit: null }, levels: [] }
    expect(upgradePlan(firstPlan({ keptSame: [{ id: 'ball', name: 'ball', how: '', was }] }))).toMatchObject({
      keptSame: [{ was: { ...was, changed: { ...was.changed, range: null } } }],
    })
  })
})

it.each(ways.map(({ kind, usualRecording: usual }) => [kind, usual] as const))(
  'a plan of now stays as it is: %s',
  (_kind, recording) => {
    const plan = examplePlan({ recording })
    expect(upgradePlan(plan)).toBe(plan)
  },
)

it('a plan of a later version is left for the schema to refuse', () => {
  const plan = { ...examplePlan(), formatVersion: planFormat + 1 }
  expect(upgradePlan(plan)).toBe(plan)
})

it('what is no plan at all never fails', () => {
  const parts = fc.anything()
  fc.assert(
    fc.property(
      fc.oneof(
        parts,
        fc.record({
          levels: parts,
          changed: parts,
          ideas: parts,
          keptSame: parts,
          recording: parts,
          aim: parts,
        }),
      ),
      (told) => {
        const once = upgradePlan(told)
        expect(upgradePlan(once)).toBe(once)
      },
    ),
  )
})

describe('a plan of the version before', () => {
  it('says nothing of how long things take', () => {
    const { times: _times, ...before } = examplePlan()
    expect(upgradePlan({ ...before, formatVersion: 5 })).toEqual({ ...examplePlan(), comparison: 'levels' })
  })
})

describe('a plan from before plans said what they compare', () => {
  const before = (levels: number) => ({
    ...examplePlan(),
    formatVersion: 6,
    levels: examplePlan().levels.slice(0, levels),
  })

  it('compares its levels, as it did', () => {
    expect(upgradePlan(before(3))).toEqual({ ...examplePlan(), comparison: 'levels' })
  })

  it('says nothing with one level, which compared nothing, and keeps what it said', () => {
    expect(upgradePlan(before(1))).not.toHaveProperty('comparison')
    expect(upgradePlan({ ...before(1), comparison: 'variation' })).toMatchObject({ comparison: 'variation' })
  })
})
