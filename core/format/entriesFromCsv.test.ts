import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Plan, type Recording, newId } from '../plan'
import { standingOf, type Entry } from '../entries'
import { scoresOf } from '../comparison'
import { readWithOf, wayOf, ways } from '../recording'
import { entry } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { typedFor } from '../testing/typedEntries'
import { entriesCsv, previewEntries } from '.'

const groups = [
  { id: newId(), name: 'Leaf' },
  { id: newId(), name: 'Bell, the loud' },
]
const names = Object.fromEntries(groups.map((group) => [group.id, group.name]))
const lessonId = '0192aaaa-0000-7000-8000-000000000001'
const now = '2026-03-09T10:00:00.000Z'
const into = (plan: Plan, csv: string, entries: Entry[] = []) =>
  previewEntries(csv, { lessonId, plan, groups, entries, now })
const made = (plan: Plan, changes: Parameters<typeof entry>[0]): Entry =>
  entry({ id: newId(), groupId: groups[0]!.id, readWith: readWithOf(plan), ...changes })
/** Ids are made anew in another lesson; all else stays. */
const content = (entries: readonly Entry[]) =>
  entries.map((one) => ({
    ...one,
    id: '',
    supersedes: one.supersedes && entries.findIndex((other) => other.id === one.supersedes),
  }))

describe('entries out and in again', () => {
  const plan = examplePlan()
  const first = made(plan, { levelId: 'h20', value: 12.5, typed: '12,5', note: '=SUM(A1) late' })
  const wrong = made(plan, { levelId: 'h40', value: 240 })
  const aside = made(plan, {
    ...wrong,
    id: newId(),
    status: 'set-aside',
    reason: 'read wrongly',
    supersedes: wrong.id,
  })
  const again = made(plan, { levelId: 'h40', value: 24, supersedes: aside.id, groupId: groups[0]!.id })
  const all = [first, wrong, aside, again]

  it('changes nothing in the lesson that they came from', () => {
    expect(into(plan, entriesCsv(plan, names, all), all)).toEqual({
      entries: [],
      known: 4,
      problems: [],
      problem: null,
      readAs: null,
    })
  })

  it('gives another lesson the same, and once only', () => {
    const csv = entriesCsv(plan, names, all)
    const read = into(plan, csv)
    expect(content(read.entries)).toEqual(content(all))
    expect(scoresOf(plan, read.entries).map((one) => one.value)).toEqual(
      scoresOf(plan, all).map((one) => one.value),
    )
    expect(into(plan, csv, read.entries)).toMatchObject({ entries: [], known: 4 })
  })

  const inTwo: Recording = {
    ...ways.find((way) => way.kind === 'parts-whole')!.usualRecording,
    second: { name: 'mass', unit: 'g', instrument: { ...plan.measured.instrument, unit: 'g' } },
  } as Recording
  it.each([
    ...ways.map((way) => [way.kind, way.usualRecording] as const),
    ['parts-whole in two quantities', inTwo] as const,
  ])('in the way %s', (_, recording) => {
    const own = kindsPlan(['wool', 'foil'], { recording, tries: 2 })
    const entries = groups.flatMap((group, groupIndex) =>
      wayOf(own)
        .slots(own, group.id, groupIndex)
        .map((slot, index) =>
          made(own, {
            ...slot,
            fields: typedFor(own, slot, 10 + index),
            readWith: readWithOf(own, slot.moment),
          }),
        ),
    )
    const read = into(own, entriesCsv(own, names, entries))
    expect(read.problems).toEqual([])
    expect(content(read.entries)).toEqual(content(entries))
  })

  it('in pairs, whichever is named first, but none with itself', () => {
    const own = kindsPlan(['wool', 'foil'], { recording: { kind: 'pairs' }, tries: 1 })
    const read = (line: string) => into(own, `group,level,moment,value\n${line}`)
    const [turned] = read('Leaf,wool,foil,foil').entries
    expect(turned).toMatchObject({ levelId: 'foil', moment: 'wool', fields: { value: { value: 'foil' } } })
    expect(read('Leaf,foil,wool,b').entries).toMatchObject([{ fields: { value: { value: 'foil' } } }])
    expect(read('Leaf,wool,wool,wool').problems).toEqual([
      { line: 2, message: 'Nothing goes with wool or wool. Leave the line out.' },
    ])
  })

  it('whatever is typed as a note', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60, unit: 'grapheme' }), (text) => {
        const note = text.replaceAll('\0', '').trim()
        fc.pre(!note.startsWith("'"))
        const read = into(plan, entriesCsv(plan, names, [{ ...first, note }]))
        expect(read.entries[0]!.note).toBe(note)
      }),
    )
  })
})

describe('a plain table', () => {
  const plan = examplePlan()

  it('needs a group, a level and a value; semicolons and decimal commas are understood', () => {
    const read = into(plan, 'Group;Level;Try;Value;Note\nleaf;20;1;12,5;\nBell, the loud;40 cm;2;24;slow\n')
    expect(read.problems).toEqual([])
    expect(read.entries).toMatchObject([
      {
        groupId: groups[0]!.id,
        levelId: 'h20',
        tryNumber: 1,
        fields: { value: { typed: '12,5', given: 'typed', value: 12.5 } },
        readWith: readWithOf(plan),
        source: 'import',
        takenAt: now,
      },
      { groupId: groups[1]!.id, levelId: 'h40', tryNumber: 2, note: 'slow' },
    ])
    expect(into(plan, 'group,level,value\nLeaf,20 cm,13', read.entries).entries).toHaveLength(1)
  })

  it('adds the same line only once, and two that differ stand beside one another', () => {
    const twice = into(plan, 'group,level,value\nLeaf,20,13\nLeaf,20,13\nLeaf,20,14\n')
    expect(twice.entries).toHaveLength(2)
    expect([...standingOf(twice.entries).slots.values()][0]!.contested).toHaveLength(2)
  })

  it.each([
    ['', 'The file is empty.'],
    ['level,value\n20,13', 'We can’t tell which group read what. Add a column “group”'],
    ['group,level,value', 'nothing under it'],
    ['group,level,value\nLeaf,20,"13', 'never closed'],
  ])('says what is wrong with %j', (csv, message) => {
    expect(into(plan, csv).problem).toContain(message)
  })

  it.each([
    ['Rain,20,1,13,', 'There is no group called “Rain”'],
    ['Leaf,25,1,13,', 'There is no level “25”. The levels are 20 cm, 40 cm, 60 cm.'],
    ['Leaf,20,0,13,', 'whole number from 1'],
    ['Leaf,20,1.5,13,', 'whole number from 1'],
    ['Leaf,20,1,tall,', 'tall'],
    ['Leaf,20,1,"1,200",', 'reads two ways'],
    ['Leaf,20,1,,', 'Nothing was read here'],
    ['Leaf,20,1,13,kg', 'This was read in kilograms; the plan measures in centimetres.'],
    ['Leaf,20,1,13,smoots', 'is not a unit we know'],
  ])('says what is wrong with the line %j, and keeps the others', (line, message) => {
    const read = into(plan, `group,level,try,value,unit\n${line}\nLeaf,40,1,24,\n`)
    expect(read.problems).toEqual([{ line: 2, message: expect.stringContaining(message) }])
    expect(read.entries).toHaveLength(1)
  })

  it('asks for the moment where there are several', () => {
    const jackets = kindsPlan(['wool', 'foil'], {
      recording: { kind: 'intervals', minutes: [0, 5], score: 'lost' },
    })
    const read = into(jackets, 'group,level,value\nLeaf,wool,40')
    expect(read.problems[0]!.message).toBe('Say the moment: 0 min, 5 min, start.')
    expect(
      into(jackets, 'group,level,moment,value\nLeaf,wool,5 min,40 @ 6:30').entries[0]!.fields,
    ).toMatchObject({
      value: { value: 40 },
      at: { value: 6.5 },
    })
  })
})
