import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { emptyConclusion } from '#core/conclusion'
import { newId, planFormat, type Plan } from '#core/plan'
import { scoresOf } from '#core/comparison'
import { planSchema, validate } from '#shared/schemas'
import { examplePlan, material } from '../../core/testing/examplePlan'
import { bareDatabaseIn, emptySchoolIn } from '../testing/emptySchool'
import { classInput } from '../testing/examples'
import { getInvestigationPlan } from '../queries/investigations'
import { getLesson } from '../queries/lessons'
import { savePlan } from '../queries/plans'
import { openDatabase } from './client'
import { events } from './schema'
import { openEmbedded } from './embedded/openEmbedded'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

describe('a database of an earlier version', () => {
  it('keeps its plans and predictions, with the usual answers to what they did not say', async () => {
    const all = 'server/database/migrations'
    const early = join(folder, 'early')
    cpSync(all, early, { recursive: true })
    const journal = join(early, 'meta', '_journal.json')
    const list = JSON.parse(readFileSync(journal, 'utf8')) as { entries: unknown[] }
    writeFileSync(journal, JSON.stringify({ ...list, entries: list.entries.slice(0, 1) }))
    await bareDatabaseIn(join(folder, 'data'))
    const before = await openEmbedded(join(folder, 'data'), early)
    const { groups } = classInput()
    const { changed, measured, levels, keptSame, ...rest } = examplePlan()
    const { level: _level, place: _place, made: _made, ...ball } = material({ id: 'ball', name: 'ball' })
    const plan = {
      ...rest,
      materials: [ball],
      hazards: ['climbing', 'small-parts'],
      changed: { name: changed.name, kind: changed.kind, unit: changed.unit },
      measured,
      levels: levels.map(({ picture: _picture, ...level }) => level),
      keptSame: keptSame.map(({ was: _was, ...same }) => same),
      prediction: { format: 'direction', because: true },
    }
    for (const later of ['recording', 'ideas', 'properties', 'expected', 'leftOut', 'preparing'] as const)
      delete (plan as Partial<Plan>)[later]
    const [own, investigation, lesson] = [newId(), newId(), newId()]
    const group = groups[0]!.id
    const firstConclusion = {
      ...emptyConclusion,
      claim: { comparison: 'more', levelId: null, strength: 'mostly', scope: { kind: 'tested' } },
    }
    await before.db.execute(
      sql`insert into classes (id, name, age_band, vocabulary) values (${own}, 'Old', '7-9', 'plain')`,
    )
    await before.db.execute(
      sql`insert into groups (id, class_id, name, emblem, place) values (${group}, ${own}, 'Leaf', 'leaf', 0)`,
    )
    await before.db.execute(
      sql`insert into investigations (id, starter_id, plan) values (${investigation}, 'ball-bounce', ${JSON.stringify(plan)}::jsonb)`,
    )
    await before.db.execute(
      sql`insert into lessons (id, investigation_id, class_id, date, stage, plan, conclusion) values
          (${lesson}, ${investigation}, ${own}, '2026-03-09', 'plan', ${JSON.stringify(plan)}::jsonb, ${JSON.stringify(firstConclusion)}::jsonb)`,
    )
    await before.db.execute(
      sql`insert into predictions (lesson_id, group_id, answer, because, late) values
          (${lesson}, ${group}, '{"format":"direction","direction":"more"}'::jsonb, 'so', false)`,
    )
    const [slipped, corrected, spoilt] = [newId(), newId(), newId()]
    await before.db.execute(
      sql`insert into readings (id, lesson_id, group_id, level_id, try_number, value, typed, status, reason, source, taken_at, received_at, supersedes) values
          (${slipped}, ${lesson}, ${group}, 'h20', 1, 100, '100', 'counted', '', 'desk', now(), '2026-03-09T10:00:00Z', null),
          (${corrected}, ${lesson}, ${group}, 'h20', 1, 10, '10', 'counted', '', 'desk', now(), '2026-03-09T10:01:00Z', ${slipped}),
          (${spoilt}, ${lesson}, ${group}, 'h20', 2, null, '', 'set-aside', 'pushed', 'sheet', now(), '2026-03-09T10:02:00Z', null)`,
    )
    const told = {
      kind: 'readings',
      readings: [
        { id: spoilt, value: null, typed: '' },
        { id: corrected, value: 10, typed: '10' },
      ],
    }
    await before.db.execute(
      sql`insert into events (lesson_id, seq, event) values (${lesson}, 1, ${JSON.stringify(told)}::jsonb)`,
    )
    await before.db.execute(sql`update lessons set seq = 1`)
    await before.close()
    const after = await openEmbedded(join(folder, 'data'), all)
    const opened = await getLesson(after.db, lesson)
    // A lesson that was tested already counts as confirmed, for the plan that it has had until now.
    await savePlan(after.db, lesson, {
      plan: { ...opened.plan, steps: ['Stand on a chair.'] },
      version: 0,
    })
    const changedSince = await getLesson(after.db, lesson)
    const [event] = await after.db.select({ event: events.event }).from(events).where(eq(events.seq, 1))
    await after.close()
    expect(opened.plan).toEqual(examplePlan({ materials: [material({ id: 'ball', name: 'ball' })] }))
    expect(opened.safety).toMatchObject({ beforeRule: true, initials: '', stands: true })
    expect(changedSince.safety).toMatchObject({ beforeRule: true, stands: false })
    expect(opened.conclusion.claim).toMatchObject({ subject: 'trend', comparison: 'more', levelIds: [] })
    const cm = { instrument: 'metre stick', unit: 'cm', mark: 1 }
    expect(event).toMatchObject({
      event: {
        kind: 'entries',
        entries: [
          { id: spoilt, fields: {}, readWith: cm },
          { id: corrected, moment: '', fields: { value: { typed: '10', given: 'typed', value: 10 } } },
        ],
      },
    })
    expect(opened.entries).toMatchObject([
      { id: slipped, fields: { value: { value: 100 } }, supersedes: null },
      {
        id: corrected,
        supersedes: slipped,
        levelId: 'h20',
        moment: '',
        fields: { value: { typed: '10', given: 'typed', value: 10 } },
        readWith: cm,
      },
      { id: spoilt, status: 'set-aside', reason: 'pushed', fields: {} },
    ])
    expect(opened.predictions).toMatchObject([{ seat: 0, because: 'so' }])
    expect(opened.stimulus).toEqual({ text: '', picture: null })
  })

  it('keeps what was worked out by hand over time as measured numbers, and reads the others as planned', async () => {
    const all = 'server/database/migrations'
    const early = join(folder, 'before-series')
    cpSync(all, early, { recursive: true })
    const journal = join(early, 'meta', '_journal.json')
    const list = JSON.parse(readFileSync(journal, 'utf8')) as { entries: { tag: string }[] }
    const until = list.entries.findIndex((one) => one.tag === '0006_series')
    writeFileSync(journal, JSON.stringify({ ...list, entries: list.entries.slice(0, until) }))
    await bareDatabaseIn(join(folder, 'data'))
    const before = await openEmbedded(join(folder, 'data'), early)
    const [own, investigation, group] = [newId(), newId(), newId()]
    const every5 = { kind: 'intervals', everyMinutes: 5, times: 2 }
    const measured = { ...examplePlan().measured, name: 'temperature lost' }
    const planOf = (recording: object) => JSON.stringify({ ...examplePlan({ measured }), recording })
    const [empty, tested, daily, soaked, poured] = [newId(), newId(), newId(), newId(), newId()]
    const [raced, race, worded, built, tried] = [newId(), newId(), newId(), newId(), newId()]
    await before.db.execute(
      sql`insert into classes (id, name, age_band, vocabulary) values (${own}, 'Old', '7-9', 'plain')`,
    )
    await before.db.execute(
      sql`insert into groups (id, class_id, name, emblem, place) values (${group}, ${own}, 'Leaf', 'leaf', 0)`,
    )
    await before.db.execute(
      sql`insert into investigations (id, plan) values (${investigation}, ${planOf(every5)}::jsonb)`,
    )
    for (const [id, recording] of [
      [empty, every5],
      [tested, every5],
      [daily, { kind: 'daily', days: 4 }],
      [soaked, { kind: 'before-after' }],
      [poured, { kind: 'parts-whole' }],
      [raced, { kind: 'race' }],
      [race, { kind: 'race' }],
      [worded, { kind: 'word-scale', words: ['shiny', 'rusty'] }],
      [built, { kind: 'rounds' }],
      [tried, { kind: 'rounds' }],
    ] as const)
      await before.db.execute(
        sql`insert into lessons (id, investigation_id, class_id, date, stage, plan, conclusion) values
            (${id}, ${investigation}, ${own}, '2026-03-09', 'plan', ${planOf(recording)}::jsonb, ${JSON.stringify(emptyConclusion)}::jsonb)`,
      )
    await before.db.execute(
      sql`update lessons set plan = plan || '{"aim":"improve"}'::jsonb where id = ${built}`,
    )
    for (const lesson of [tested, soaked, raced, built])
      await before.db.execute(
        sql`insert into entries (id, lesson_id, group_id, level_id, try_number, moment, fields, note, status, reason, source, taken_at) values
          (${newId()}, ${lesson}, ${group}, 'h20', 1, '', '{"value":{"typed":"7","given":"typed","value":7}}'::jsonb, '', 'counted', '', 'desk', now())`,
      )
    await before.close()
    const after = await openEmbedded(join(folder, 'data'), all)
    const [first, second, third, fourth, fifth, ...seen] = await Promise.all(
      [empty, tested, daily, soaked, poured, raced, race, worded, built, tried].map((id) =>
        getLesson(after.db, id),
      ),
    )
    const kept = await getInvestigationPlan(after.db, investigation)
    await after.close()
    const now = { kind: 'intervals', minutes: [0, 5, 10], score: 'lost' }
    expect(first!.plan).toMatchObject({ recording: now, measured: { name: 'temperature' } })
    expect(kept).toMatchObject({ recording: now, measured: { name: 'temperature' } })
    expect(second!.plan).toMatchObject({
      recording: { kind: 'measure', was: 'intervals' },
      measured: { name: 'temperature lost' },
    })
    expect(scoresOf(second!.plan, second!.entries)).toMatchObject([{ levelId: 'h20', value: 7 }])
    expect(third!.plan.recording).toEqual({ kind: 'daily', days: 4, score: 'end' })
    expect(fourth!.plan.recording).toEqual({ kind: 'measure', was: 'before-after' })
    expect(scoresOf(fourth!.plan, fourth!.entries)).toMatchObject([{ levelId: 'h20', value: 7 }])
    expect(fifth!.plan.recording).toEqual({
      kind: 'parts-whole',
      parts: ['first part', 'second part'],
      change: 'gained',
      compare: 'amount',
      container: 'none',
    })
    expect(seen.map((one) => one.plan.recording)).toEqual([
      { kind: 'measure', was: 'race' },
      { kind: 'race' },
      {
        kind: 'word-scale',
        words: ['shiny', 'rusty'],
        seen: 'once',
        minutes: [0, 5, 10],
        days: 5,
        score: 'end',
        awaited: 'rusty',
      },
      { kind: 'rounds' },
      { kind: 'measure', was: 'rounds' },
    ])
    // Numbers of a place stay numbers; the best of a round is what a round has reached.
    for (const one of [seen[0]!, seen[3]!])
      expect(scoresOf(one.plan, one.entries)).toMatchObject([{ levelId: 'h20', value: 7 }])
    expect(seen.every((one) => !('aim' in one.plan))).toBe(true)
    for (const one of [first, second, third, fourth, fifth, ...seen])
      expect(validate(planSchema, one!.plan).ok).toBe(true)
  })

  it('is understood in files too', () => {
    const { formatVersion: _now, ...others } = examplePlan()
    const plan = { ...others, recording: { kind: 'intervals', everyMinutes: 10, times: 3 } }
    const read = validate(planSchema, plan)
    expect(read.ok && read.value.recording).toEqual({
      kind: 'intervals',
      minutes: [0, 10, 20, 30],
      score: 'lost',
    })
    expect(validate(planSchema, { ...plan, recording: { kind: 'daily', days: 5 } }).ok).toBe(true)
    const soaked = validate(planSchema, { ...plan, recording: { kind: 'before-after' } })
    expect(soaked.ok && soaked.value.recording).toMatchObject({
      moments: ['before', 'after'],
      change: 'gained',
    })
    expect(validate(planSchema, { ...plan, recording: { kind: 'parts-whole' } }).ok).toBe(true)
    const words = validate(planSchema, { ...plan, recording: { kind: 'word-scale', words: ['a', 'b'] } })
    expect(words.ok && words.value.recording).toMatchObject({ seen: 'once', awaited: 'b' })
    const improved = validate(planSchema, { ...plan, aim: 'improve', recording: { kind: 'measure' } })
    expect(improved.ok && improved.value).toMatchObject({ recording: { kind: 'rounds' } })
    expect(improved.ok && 'aim' in improved.value).toBe(false)
    const best = validate(planSchema, { ...plan, aim: 'compare', recording: { kind: 'rounds' } })
    expect(best.ok && best.value.recording).toEqual({ kind: 'measure', was: 'rounds' })
  })

  it('is read as a plan of now, and one of a later program is refused', async () => {
    await emptySchoolIn(folder)
    const opened = await openDatabase({ folder })
    const { formatVersion: _now, ideas: _ideas, ...early } = examplePlan()
    const id = newId()
    await opened.db.execute(
      sql`insert into investigations (id, plan) values (${id}, ${JSON.stringify(early)}::jsonb)`,
    )
    expect(await getInvestigationPlan(opened.db, id)).toEqual({ ...examplePlan(), comparison: 'levels' })
    await opened.close()
    const later = validate(planSchema, { ...examplePlan(), formatVersion: planFormat + 1 })
    expect(!later.ok && later.fields[0]?.message).toMatch(/newer/)
  })
})
