import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import type { Observation } from '../observation'
import { examplePlan } from '../testing/examplePlan'
import { observationsCsv } from '.'

const plan = examplePlan()
const seen = (changes: Partial<Observation> = {}): Observation => ({
  id: 'a',
  groupId: 'leaf',
  kind: 'noticed',
  text: 'It spins',
  picture: null,
  pictureDeleted: false,
  about: { levelId: plan.levels[0]!.id, tryNumber: 2, moment: '' },
  source: 'sheet',
  seenAt: '2026-03-09T10:20:00.000Z',
  onBoard: false,
  removed: false,
  ...changes,
})
const rows = (observations: Observation[]) =>
  Papa.parse<Record<string, string>>(observationsCsv(plan, { leaf: 'Leaf' }, observations), { header: true })
    .data

describe('observationsCsv', () => {
  it('says who saw what, when, and about which try', () => {
    expect(rows([seen()])).toEqual([
      {
        ...{ seen_at: '2026-03-09T10:20:00.000Z', group: 'Leaf', kind: 'noticed', words: 'It spins' },
        ...{ level: '20 cm', try: '2', moment: '', picture: '', status: 'stands', source: 'sheet', id: 'a' },
      },
    ])
  })

  it('marks what was taken off, what the room sees, and what was deleted', () => {
    const found = rows([
      seen({ removed: true }),
      seen({ onBoard: true, picture: 'p' }),
      seen({ pictureDeleted: true }),
    ])
    expect(found.map((row) => [row.status, row.picture])).toEqual([
      ['taken off', ''],
      ['on the Board', 'p'],
      ['stands', 'deleted'],
    ])
  })

  it('keeps words of the class and of several lines whole, and runs no formula', () => {
    const [row] = rows([seen({ groupId: null, about: null, text: '=2+2, "so"\nand so' })])
    expect([row!.group, row!.level, row!.try, row!.words]).toEqual(['', '', '', '\'=2+2, "so"\nand so'])
  })

  it('has a header even without observations', () => {
    expect(observationsCsv(plan, {}, [])).toMatch(/^seen_at,group,kind,words,/)
  })
})
