import { describe, expect, it } from 'vitest'
import { wayOf, type Column } from '../recording'
import { entriesFrom, entry } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { dough, read } from '../testing/sidesPlans'
import { besideOneAnother, readingTables, sheetColumns } from '.'

const of = { groupId: 'leaf', groupIndex: 0 }

describe('what a group read', () => {
  it('is not there where it has read nothing', () => {
    const counted = entriesFrom({ bell: { h20: [10] } })
    expect(readingTables({ plan: examplePlan(), counted, ...of }, 'shown')).toEqual([])
  })

  it('has a dash where a try is missing, and a column for one that was made out of extra care', () => {
    const counted = entriesFrom({ leaf: { h20: [10, 11, 12, 13], h40: [20] } })
    const [table] = readingTables({ plan: examplePlan(), counted, ...of }, 'shown')
    expect(table!.head).toEqual(['Drop height', 'try 1', 'try 2', 'try 3', 'try 4', 'middle value'])
    expect(table!.rows[0]).toEqual(['20 cm', '10 cm', '11 cm', '12 cm', '13 cm', '11.5 cm'])
    expect(table!.rows[1]).toEqual(['40 cm', '20 cm', '–', '–', '–', '–'])
  })

  it('works out what each try comes to, or leaves it', () => {
    const plan = dough()
    const counted = read(plan, {
      leaf: {
        dough: [
          { before: 200, after: 199 },
          { before: 200, after: 198 },
        ],
      },
    })
    const [done] = readingTables({ plan, counted, ...of }, 'shown')
    const [left] = readingTables({ plan, counted, ...of }, 'left')
    expect(done!.rows).toEqual([
      ['dough', '200 g', '199 g', 'lost 1 g, 0.5%', '200 g', '198 g', 'lost 2 g, 1%'],
    ])
    expect(left!.rows).toEqual([['dough', '200 g', '199 g', '', '200 g', '198 g', '']])
    expect(left!.head).toEqual(done!.head)
  })

  it('is what was counted, and its rate only where the sums are shown', () => {
    const tally = { ...examplePlan().measured.instrument, name: 'tally', unit: 'count' } as const
    const plan = kindsPlan(['none', 'ten'], {
      recording: { kind: 'count', seconds: 15 },
      measured: { name: 'heart beats', unit: 'count', instrument: tally },
      tries: 1,
    })
    const beats = { typed: '23', given: 'typed', value: 23 } as const
    const counted = [entry({ levelId: 'none', fields: { value: beats }, readWith: null })]
    const rows = (sums: 'shown' | 'left') => readingTables({ plan, counted, ...of }, sums)[0]!.rows[0]
    expect(rows('shown')!.slice(0, 3)).toEqual(['none', '23 in 15 s', '92'])
    expect(rows('left')!.slice(0, 3)).toEqual(['none', '23 in 15 s', ''])
  })

  it('is the order of each heat in a race', () => {
    const plan = kindsPlan(['paper', 'cotton', 'felt'], { recording: { kind: 'race' }, tries: 2 })
    const [a, b, c] = plan.levels.map(({ id }) => id)
    const typed = { typed: 'b a c', given: 'typed', value: `${b}>${a}>${c}` } as const
    const heat = entry({ levelId: null, fields: { value: typed } })
    const [table] = readingTables({ plan, counted: [heat], ...of }, 'shown')
    expect(table!.rows).toEqual([['heat 1', expect.stringMatching(/cotton.*paper.*felt/)]])
    const more = { ...heat, id: 'more', tryNumber: 3 }
    expect(readingTables({ plan, counted: [heat, more], ...of }, 'shown')[0]!.rows).toHaveLength(2)
  })

  it('names both that were compared, not their letters alone', () => {
    const plan = kindsPlan(['chalk', 'slate'], { recording: { kind: 'pairs' }, tries: 1 })
    const [{ levelId, moment }] = wayOf(plan).columns(plan) as [Column]
    const pair = entry({
      levelId: levelId!,
      moment,
      fields: { value: { typed: 'b', given: 'typed', value: 'slate' } },
    })
    expect(readingTables({ plan, counted: [pair], ...of }, 'shown')[0]!.rows[0]![0]).toBe('chalk or slate')
  })
})

describe('columns on paper', () => {
  it('are shared out evenly, unless that breaks tries apart', () => {
    const lengths = (tries: number, fit: number) =>
      besideOneAnother(sheetColumns(examplePlan({ tries, summary: 'none' }), true), fit).map(
        (part) => part.length,
      )
    expect(lengths(9, 8)).toEqual([5, 4])
    const three = sheetColumns(dough(['dough'], { tries: 3 }), true)
    expect(besideOneAnother(three, 8).map((part) => part.length)).toEqual([6, 3])
  })

  it('keep a try whole where there is room, and lose none', () => {
    const columns = sheetColumns(examplePlan({ tries: 7 }), true)
    const parts = besideOneAnother(columns, 3)
    expect(parts.flat()).toEqual(columns)
    expect(Math.max(...parts.map((part) => part.length))).toBeLessThanOrEqual(3)
  })
})
