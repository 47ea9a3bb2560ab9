import { describe, expect, it } from 'vitest'
import { variableWords } from '#core/class'
import { weighLesson } from '#core/recording'
import { checkFair, orderedLevels } from '#core/plan'
import { currentReadings } from '#core/record'
import { planSchema, validate } from '#shared/schemas'
import { kestrelLessons } from './lessons'
import { seededRandom } from '#core/rehearsal'
import { simulateReadings } from './readings'
import { kestrelClass } from './school'
import { starters } from './starters'

const groupIds = kestrelClass(seededRandom(1)).groups.map((group) => group.id)

describe('starters', () => {
  it.each(starters.map((starter) => [starter.id, starter] as const))(
    '%s is a whole plan with nothing to mend and expected values for its levels',
    (_, { plan, expected }) => {
      expect(validate(planSchema, plan)).toEqual({ ok: true, value: plan })
      expect(
        checkFair(plan, { age: '7-9', words: variableWords('plain') }).findings.filter(
          (finding) => finding.severity === 'mend',
        ),
      ).toEqual([])
      expect(Object.keys(expected.values)).toEqual(plan.levels.map((level) => level.id))
      expect(expected.basis).not.toBe('')
    },
  )
})

describe('the list of starters', () => {
  it('shows many ways of recording, each with a basis for its numbers and steps for the groups', () => {
    expect(starters.length).toBeGreaterThanOrEqual(8)
    expect(new Set(starters.map(({ plan }) => plan.recording.kind)).size).toBeGreaterThanOrEqual(5)
    for (const { plan } of starters) {
      expect(plan.expected).not.toBeNull()
      expect(plan.steps.length).toBeGreaterThan(1)
      expect(plan.materials.length).toBeGreaterThan(2)
    }
  })

  it('expects of each plan what its own values say, at either end', () => {
    for (const { plan, expected } of starters) {
      const values = orderedLevels(plan).map((level) => expected.values[level.id]!)
      expect([plan.title, plan.expected!.first, plan.expected!.last]).toEqual([
        plan.title,
        expect.closeTo(values[0]!, 0),
        expect.closeTo(values.at(-1)!, 0),
      ])
    }
  })
})

describe('the demo school', () => {
  it('goes by first names, four children to a group', () => {
    const { pupils, groups } = kestrelClass(seededRandom(1))
    expect(pupils).toHaveLength(24)
    for (const group of groups) expect(pupils.filter((pupil) => pupil.groupId === group.id)).toHaveLength(4)
  })

  it('is the same for the same seed', () => {
    expect(kestrelClass(seededRandom(7))).toEqual(kestrelClass(seededRandom(7)))
    expect(kestrelClass(seededRandom(7))).not.toEqual(kestrelClass(seededRandom(8)))
  })

  it('has a complete lesson in which the checks have something to find', () => {
    const [bounce] = kestrelLessons(new Date('2026-03-09'))
    const readings = simulateReadings(bounce!.starter, { ...bounce!.readings!, groupIds }, seededRandom(2))
    expect(currentReadings(readings).filter((one) => one.status === 'counted')).toHaveLength(72)
    expect(currentReadings(readings).filter((one) => one.status === 'set-aside')).toHaveLength(1)
    expect(readings.filter((one) => one.supersedes !== null)).toHaveLength(2)
    const evidence = weighLesson(bounce!.starter.plan, readings)
    expect(evidence.finding).toMatchObject({ verdict: { word: 'clear' }, direction: 'rising' })
    expect(evidence.offsets.map((one) => one.groupId)).toContain(groupIds[4])
  })

  it('has a lesson half-way with a slip left to find, and one for tomorrow', () => {
    const [, grip, , shadow] = kestrelLessons(new Date('2026-03-09'))
    const readings = simulateReadings(grip!.starter, { ...grip!.readings!, groupIds }, seededRandom(2))
    expect(weighLesson(grip!.starter.plan, readings).odd.some((one) => one.value > 10)).toBe(true)
    expect(shadow).toMatchObject({ date: '2026-03-10', readings: null })
  })
})
