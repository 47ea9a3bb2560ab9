import { describe, expect, it } from 'vitest'
import { schoolDays, usualCalendar } from '#core/calendar'
import { weighLesson } from '#core/comparison'
import { lessonResult } from '#core/lesson'
import { dueToday, wayOf } from '#core/recording'
import { standingOf, standingEntries } from '#core/entries'
import { kestrelLessons } from './lessons'
import { seededRandom } from '#core/random'
import { simulateEntries } from './entries'
import { kestrelClass } from './school'

const groupIds = kestrelClass(seededRandom(1)).groups.map((group) => group.id)

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
    expect(evidence.judgement).toMatchObject({ verdict: { word: 'clear' }, direction: 'rising' })
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
    const { judgement, results } = weighLesson(plan, readings, groupIds)
    expect(judgement.verdict.word).toBe('clear')
    for (const { level, centre } of results)
      expect(Math.abs(centre - jackets.starter.expected.values[level.id]!)).toBeLessThan(1)
    const picture = wayOf(plan).picture!(plan, standingEntries(readings))
    const curves = picture.kind === 'curves' ? picture.curves : []
    const of = (groupIndex: number) => curves.filter((curve) => curve.groupId === groupIds[groupIndex])
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
    expect(dueToday(plan, groupIds, standingOf(readings), days, today)).toBe(18)
    const moments = new Set(readings.filter((one) => one.groupId === groupIds[2]).map((one) => one.moment))
    expect(moments.has('day 4')).toBe(false)
    expect(readings.every((one) => one.fields.at?.value !== today)).toBe(true)
  })
})

describe('what the lessons of the demo school compare', () => {
  const lessons = kestrelLessons(new Date('2026-03-09'))
  const found = (title: string) => {
    const { starter, readings } = lessons.find((one) => one.starter.plan.title === title)!
    const entries = simulateEntries(starter, { ...readings!, groupIds }, seededRandom(2))
    const { counted } = standingOf(entries)
    return lessonResult(starter.plan, counted, weighLesson(starter.plan, counted, groupIds))
  }

  it.each([
    [
      'Dough in another shape',
      'no-difference',
      /^It weighed the same each time, to within 1 g, whatever the way/,
    ],
    [
      'Poured together',
      'clear',
      /^Rice and peas took up about 1\d mL less together than apart; .* It weighed the same/,
    ],
    [
      'Sprouts of one tray',
      'clear',
      /^The height at the end was about 1\d mm more at the door side than at the window side\.$/,
    ],
    ['One magnet, many tries', 'cant-tell', /^It usually held about 2\d clips, mostly 2\d to 2\d\.$/],
    ['Bubbles at the front', 'leaning', /^It looks as if the more spoons of sugar, the longer the lifetime/],
  ])('%s: %s', (title, word, sentence) => {
    expect(found(title)).toMatchObject({ word, sentence: expect.stringMatching(sentence) })
  })
})
