import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import {
  archiveFormat,
  archiveTexts,
  archiveVersion,
  openArchiveText,
  withFreshIds,
  type LessonArchive,
} from '#core/archive'
import { emptyConclusion } from '#core/conclusion'
import { planFormat } from '#core/plan'
import { seededRandom } from '#core/random'
import { archiveSchema, validate } from '#shared/schemas'
import { starterPlan, starters, type Starter } from '#starters'
import { simulateEntries } from './entries'
import { uuidFrom } from './random'

/** A lesson of a starter as a class of four groups recorded it. */
function archived(starter: Starter): LessonArchive {
  const random = seededRandom(8)
  const id = () => uuidFrom(random)
  const groups = (['leaf', 'bell', 'key', 'fish'] as const).map((emblem) => ({
    id: id(),
    name: emblem,
    emblem,
  }))
  const ids = groups.map((group) => group.id)
  const entries = simulateEntries(
    starter,
    { groupIds: ids, start: '2026-03-09T10:00:00.000Z', done: [], mishaps: {} },
    random,
  )
  const [child, photo] = [id(), id()]
  return {
    format: archiveFormat,
    version: archiveVersion,
    planVersion: planFormat,
    writtenAt: '2026-03-10T09:00:00.000Z',
    class: {
      ...{ id: id(), name: 'Kestrel class', ageBand: '7-9', vocabulary: 'plain', groups },
      pupils: [{ id: child, name: 'Ada', groupId: ids[0]! }],
    },
    tests: [
      {
        ...{ id: id(), date: '2026-03-09', stage: 'compare', finishedAt: null, groupIds: null },
        stimulus: { text: 'What is this?', picture: photo },
        notes: [{ id: id(), kind: 'asking', text: 'And on grass?', sort: null, settled: false }],
        plan: starterPlan(starter, '7-9'),
        conclusion: { ...emptyConclusion, nextQuestion: 'And on grass?' },
        predictions: [],
        entries,
        observations: [
          {
            ...{ id: id(), groupId: ids[1]!, kind: 'noticed', text: '=it spins', picture: photo },
            ...{ pictureDeleted: false, about: null, source: 'sheet', seenAt: '2026-03-09T10:20:00.000Z' },
            ...{ onBoard: true, removed: false },
          },
        ],
        reviews: [
          {
            ...{ byGroupId: ids[0]!, ofGroupId: ids[1]!, convinced: 'We found the same.', question: '' },
            ...{ answer: '', madeAt: '2026-03-09T10:30:00.000Z', removed: true },
          },
        ],
        clock: null,
        absent: [child, `${ids[2]!}#1`],
      },
    ],
    pictures: { [photo]: 'png' },
  }
}

describe.each(starters.map((starter) => [starter.id, starter] as const))(
  'the archive of %s',
  (_, starter) => {
    const archive = archived(starter)
    const texts = archiveTexts(archive)

    it('comes back as it was', () => {
      const opened = openArchiveText(texts['lesson.json']!)
      expect(opened.ok && validate(archiveSchema, opened.archive)).toEqual({ ok: true, value: archive })
    })

    it('names nothing as before under identifiers of its own, and is the same under the former ones', () => {
      const renamed = withFreshIds(archive, (id) => `fresh~${id}`)
      expect(JSON.stringify(renamed).replaceAll('fresh~', '')).toBe(JSON.stringify(archive))
      const old = JSON.stringify(renamed).match(/(?<!fresh~)[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f-]{22}/g)
      expect(old).toBeNull()
    })

    it('describes each column of its tables, and what they hold', () => {
      const { resources } = JSON.parse(texts['datapackage.json']!) as Package
      expect(resources.map(({ path }) => path)).toEqual(['readings.csv', 'observations.csv'])
      for (const { path, schema } of resources) {
        const [header, ...rows] = Papa.parse<string[]>(texts[path]!).data
        expect(header).toEqual(schema.fields.map(({ name }) => name))
        for (const [place, { name, type, description }] of schema.fields.entries()) {
          expect(description, name).not.toBe('')
          for (const row of rows) if (row[place] !== '') expect(row[place], name).toMatch(formats[type]!)
        }
        expect(new Set(rows.map((row) => row[header!.indexOf('id')])).size).toBe(rows.length)
      }
    })
  },
)

interface Package {
  resources: {
    path: string
    schema: { fields: { name: string; type: string; description: string }[] }
  }[]
}

/** How a cell of each type is written. */
const formats: Record<string, RegExp> = {
  string: /^[\s\S]+$/,
  integer: /^-?\d+$/,
  number: /^-?\d+(?:\.\d+)?(?:e-?\d+)?$/,
  datetime: /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d+)?Z$/,
}
