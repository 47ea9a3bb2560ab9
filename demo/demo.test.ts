import { describe, expect, it } from 'vitest'
import { schoolDays, usualCalendar } from '#core/calendar'
import { variableWords } from '#core/class'
import { dueToday, wayOf, weighLesson } from '#core/recording'
import { instrumentCupboard } from '#core/instrument'
import { kitAmounts, madeReady } from '#core/kit'
import { checkSafe } from '#core/safety'
import { checkFair } from '#core/fair'
import { orderedLevels } from '#core/plan'
import { standingEntries } from '#core/record'
import { planSchema, validate } from '#shared/schemas'
import { kestrelLessons } from './lessons'
import { seededRandom } from '#core/rehearsal'
import { simulateEntries } from './entries'
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

/** The cautions that each starter shows to a class of 7 to 9, each looked at by hand: what the test really has. */
const cautions: Record<string, string[]> = {
  'ball-bounce': ['rolling'],
  'shoe-grip': ['falling-loads'],
  'shadow-length': ['bright-light', 'batteries', 'dark-room'],
  'paper-towels': ['spills'],
  'magnet-layers': ['magnets', 'small-parts'],
  'bubble-lifetime': ['allergens', 'spills', 'stinging', 'mouth-things'],
  'bottle-jackets': ['warm-water', 'sharp-points', 'spills'],
  'bean-sprouts': ['plants', 'spills'],
  'paper-bridge': ['small-parts'],
}

describe.each([
  { groups: 6, children: 24 },
  { groups: 8, children: 31 },
])('the kit of every starter for $children children in $groups groups', (people) => {
  const own = { ...people, cupboard: instrumentCupboard }

  it.each(starters.map((starter) => [starter.id, starter] as const))('%s', (id, { plan }) => {
    const lines = kitAmounts(plan, own)
    const names = lines.map((line) => line.material.name)
    // A tray can run the test: something to read with where something is read, and somewhere to write.
    if (plan.measured.unit !== 'count') expect(names).toContain(plan.measured.instrument.name)
    expect(names).toContain('recording sheet')
    for (const line of lines) {
      expect(line.total, line.material.name).toBeGreaterThan(0)
      expect(madeReady(line, plan, own)?.kind, line.material.name).not.toBe('problem')
    }
    // Kinds that are brought are each on the tray of every group that tests them.
    for (const line of lines.filter((one) => one.material.level !== null && one.shared === 0))
      expect(Math.min(...line.perGroup), line.material.name).toBeGreaterThan(0)
    const perChild = lines.find((line) => line.material.per === 'child')
    if (perChild) expect(perChild.needed).toBe(people.children)
    const safe = checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] })
    expect(safe.unknown).toEqual([])
    expect(safe.cautions.map((one) => one.hazard).sort()).toEqual([...cautions[id]!].sort())
  })
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
    const readings = simulateEntries(bounce!.starter, { ...bounce!.readings!, groupIds }, seededRandom(2))
    expect(standingEntries(readings).filter((one) => one.status === 'counted')).toHaveLength(72)
    expect(standingEntries(readings).filter((one) => one.status === 'set-aside')).toHaveLength(1)
    expect(readings.filter((one) => one.supersedes !== null)).toHaveLength(2)
    const evidence = weighLesson(bounce!.starter.plan, readings)
    expect(evidence.finding).toMatchObject({ verdict: { word: 'clear' }, direction: 'rising' })
    expect(evidence.offsets.map((one) => one.groupId)).toContain(groupIds[4])
  })

  it('has a lesson half-way with a slip left to find, and one for tomorrow', () => {
    const [, grip, , shadow] = kestrelLessons(new Date('2026-03-09'))
    const readings = simulateEntries(grip!.starter, { ...grip!.readings!, groupIds }, seededRandom(2))
    expect(weighLesson(grip!.starter.plan, readings).odd.some((one) => one.value > 10)).toBe(true)
    expect(shadow).toMatchObject({ date: '2026-03-10', readings: null })
  })

  it('has a lesson over time that is clear, with a late reading, a gap and a slip put right', () => {
    const jackets = kestrelLessons(new Date('2026-03-09')).find((one) => one.starter.id === 'bottle-jackets')!
    const { plan } = jackets.starter
    const readings = simulateEntries(jackets.starter, { ...jackets.readings!, groupIds }, seededRandom(2))
    const { finding, results } = weighLesson(plan, readings, groupIds)
    expect(finding.verdict.word).toBe('clear')
    for (const { level, centre } of results)
      expect(Math.abs(centre - jackets.starter.expected.values[level.id]!)).toBeLessThan(1)
    const curves = wayOf(plan).curves!(plan, standingEntries(readings))
    const of = (place: number) => curves.filter((curve) => curve.groupId === groupIds[place])
    expect(of(4).every((curve) => curve.points.every((point) => point.moment !== '25 min'))).toBe(true)
    expect(of(1)[0]!.points.find((point) => point.moment === '15 min')!.at).toBeGreaterThanOrEqual(17)
    expect(readings.filter((one) => one.supersedes !== null)).toHaveLength(1)
  })

  it('has a lesson that is read every day, with today’s readings still to come', () => {
    const today = '2026-03-11'
    const sprouts = kestrelLessons(new Date(today)).find((one) => one.starter.id === 'bean-sprouts')!
    const { plan } = sprouts.starter
    const readings = simulateEntries(sprouts.starter, { ...sprouts.readings!, groupIds }, seededRandom(2))
    const days = schoolDays(usualCalendar, sprouts.date, 10)
    expect(dueToday(plan, groupIds, readings, days, today)).toBe(18)
    const moments = new Set(readings.filter((one) => one.groupId === groupIds[2]).map((one) => one.moment))
    expect(moments.has('day 4')).toBe(false)
    expect(readings.every((one) => one.fields.at?.value !== today)).toBe(true)
  })
})
