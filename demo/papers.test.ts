import { expect, it } from 'vitest'
import { emptyConclusion } from '#core/conclusion'
import { instrumentCupboard } from '#core/instrument'
import { usualWays } from '#core/plan'
import { seededRandom } from '#core/random'
import { asHtml, asMarkdown, ownRecord, paperParts, reportFacts, type ReportedLesson } from '#core/report'
import { starterPlan, starters } from '#starters'
import { simulateEntries } from './entries'

const groups = (['leaf', 'bell', 'key', 'fish'] as const).map((id) => ({ id, name: id, emblem: id }))

it.each(starters.map((starter) => [starter.id, starter] as const))(
  'the papers of %s have everything that they are made for',
  (_, starter) => {
    const plan = starterPlan(starter, '7-9')
    const entries = simulateEntries(
      starter,
      { groupIds: groups.map(({ id }) => id), start: '2026-03-09T10:00:00Z', done: [], mishaps: {} },
      seededRandom(5),
    )
    const lesson: ReportedLesson = {
      ...{
        plan,
        groups,
        entries,
        predictions: [],
        observations: [],
        reviews: [],
        conclusion: emptyConclusion,
        isOver: true,
      },
      own: { ageBand: '7-9', vocabulary: 'plain', children: 16, byGroup: [4, 4, 4, 4] },
      school: { ways: usualWays, cupboard: instrumentCupboard },
    }
    const facts = reportFacts(lesson)
    const report = paperParts('report', facts)
    expect(report.map(({ id }) => id)).toEqual(
      expect.arrayContaining([
        'question',
        'background',
        'variables',
        'materials',
        'method',
        'found',
        'words',
      ]),
    )
    const method = paperParts('method', facts)
    expect(method.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['question', 'variables', 'materials', 'method', 'cautions']),
    )
    const poster = paperParts('poster', facts)
    expect(poster.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['question', 'tested', 'bench', 'chart', 'answer', 'showed']),
    )
    const journal = paperParts('journal', { ...facts, own: ownRecord(lesson, facts, 0) })
    const read = journal.find(({ id }) => id === 'own-readings')!.body
    // Every reading and every sum is there: nothing waits to be written.
    expect(read.kind === 'tables' && read.tables.flatMap(({ rows }) => rows.flat())).not.toContain('')
    for (const text of [
      asMarkdown(plan.title, report),
      asHtml(plan.title, [...method, ...poster, ...journal]),
    ])
      expect(text).not.toMatch(/undefined|NaN|null|\[object/)
  },
)
