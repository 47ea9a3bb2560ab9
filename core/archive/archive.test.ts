import { describe, expect, it } from 'vitest'
import { emptyConclusion } from '../conclusion'
import type { Observation } from '../observation'
import { planFormat } from '../plan'
import { entry } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import {
  archiveFormat,
  archiveTexts,
  archiveVersion,
  openArchiveText,
  withFreshIds,
  withoutChildren,
  type ArchivedTest,
  type LessonArchive,
} from '.'

const test = (changes: Partial<ArchivedTest> = {}): ArchivedTest => ({
  ...{ id: 'lesson', date: '2026-03-09', stage: 'test', finishedAt: null, groupIds: null, notes: [] },
  stimulus: { text: '', picture: null },
  plan: examplePlan(),
  conclusion: emptyConclusion,
  ...{ predictions: [], entries: [], observations: [], reviews: [], clock: null, absent: [] },
  ...changes,
})
const archive = (changes: Partial<LessonArchive> = {}): LessonArchive => ({
  ...{ format: archiveFormat, version: archiveVersion, planVersion: planFormat },
  writtenAt: '2026-03-10T09:00:00.000Z',
  class: {
    ...{ id: 'class', name: 'Heron class', ageBand: '7-9', vocabulary: 'plain' },
    groups: [
      { id: 'leaf', name: 'Leaf', emblem: 'leaf' },
      { id: 'bell', name: 'Bell', emblem: 'bell' },
    ],
    pupils: [{ id: 'child', name: 'Ada', groupId: 'leaf' }],
  },
  tests: [test()],
  pictures: {},
  ...changes,
})

describe('the tables of an archive', () => {
  it('of parts carry their number', () => {
    const texts = archiveTexts(archive({ tests: [test(), test({ id: 'part', groupIds: ['bell'] })] }))
    expect(Object.keys(texts)).toEqual([
      'lesson.json',
      'readings.csv',
      'observations.csv',
      'readings-2.csv',
      'observations-2.csv',
      'datapackage.json',
    ])
  })

  it('name the class where it tests together', () => {
    const together = test({
      plan: examplePlan({ whoTests: 'whole-class' }),
      entries: [entry({ groupId: 'leaf' })],
    })
    const [, row] = archiveTexts(archive({ tests: [together] }))['readings.csv']!.split('\r\n')
    expect(row).toMatch(/^The class,/)
  })
})

describe('an archive without children', () => {
  it('has neither names nor who was absent', () => {
    const { class: own, tests } = withoutChildren(archive({ tests: [test({ absent: ['child'] })] }))
    expect([own.pupils, tests[0]!.absent]).toEqual([[], []])
  })
})

describe('fresh identifiers', () => {
  const seen: Observation = {
    ...{ id: 'seen', groupId: null, kind: 'noticed', text: '', picture: 'photo', pictureDeleted: false },
    ...{ about: null, source: 'desk', seenAt: '2026-03-09T10:00:00.000Z', onBoard: false, removed: false },
  }

  it('leave out a picture that is not in the archive, and say that it is gone', () => {
    const named = test({ observations: [seen], stimulus: { text: '', picture: 'photo' } })
    const [renamed] = withFreshIds(archive({ tests: [named] }), (id) => `new-${id}`).tests
    expect(renamed!.stimulus.picture).toBeNull()
    expect(renamed!.observations[0]).toMatchObject({ picture: null, pictureDeleted: true })
  })

  it('keep what corrects what together', () => {
    const entries = [entry({ id: 'first' }), entry({ id: 'second', supersedes: 'first' })]
    const [renamed] = withFreshIds(archive({ tests: [test({ entries })] }), (id) => `new-${id}`).tests
    expect(renamed!.entries.map(({ id, supersedes }) => [id, supersedes])).toEqual([
      ['new-first', null],
      ['new-second', 'new-first'],
    ])
  })
})

describe('opening the text of an archive', () => {
  it.each([
    ['', 'This lesson file is damaged. Save it again where it came from.'],
    ['{"format":"jolly-beaker-le', 'This lesson file is damaged. Save it again where it came from.'],
    ['null', 'This isn’t a lesson file. Choose one that was saved with “The whole lesson” here.'],
    [
      JSON.stringify({ ...archive(), version: archiveVersion + 1 }),
      'This lesson was saved by a newer Jolly Beaker. Update this one to open it.',
    ],
    [
      JSON.stringify({ ...archive(), planVersion: planFormat + 1 }),
      'This lesson was saved by a newer Jolly Beaker. Update this one to open it.',
    ],
    [
      JSON.stringify({ ...archive(), version: '1' }),
      'This lesson file doesn’t say its version. Save it again where it came from.',
    ],
  ])('says what to do about %s', (text, message) => {
    expect(openArchiveText(text.slice(0, 100_000))).toEqual({ ok: false, message })
  })
})
