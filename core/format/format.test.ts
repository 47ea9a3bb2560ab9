import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import {
  gridFromClipboard,
  openInvestigation,
  picturesIn,
  previewRoster,
  entriesCsv,
  rosterLimit,
  withPictures,
  writeInvestigation,
} from '.'
import { examplePlan } from '../testing/examplePlan'
import { entry } from '../testing/exampleEntries'

describe('entriesCsv', () => {
  const slipped = entry({ id: 'a', value: 130 })
  const rows = (
    readings = [
      slipped,
      entry({ id: 'b', value: 13, supersedes: 'a' }),
      entry({ id: 'c', tryNumber: 2, value: null, typed: '', status: 'set-aside', reason: 'rolled, away' }),
    ],
  ) =>
    Papa.parse<Record<string, string>>(entriesCsv(examplePlan(), { leaf: 'Leaf' }, readings), {
      header: true,
    }).data

  it('lists every reading with what became of it', () => {
    expect(
      rows().map((row) => [
        row.group,
        row.level,
        row.try,
        row.value,
        row.unit,
        row.status,
        row.reason,
        row.supersedes,
      ]),
    ).toEqual([
      ['Leaf', '20 cm', '1', '130', 'cm', 'superseded', '', ''],
      ['Leaf', '20 cm', '1', '13', 'cm', 'counted', '', 'a'],
      ['Leaf', '20 cm', '2', '', 'cm', 'set aside', 'rolled, away', ''],
    ])
  })

  it('keeps what a spreadsheet would run as a formula a text', () => {
    expect(rows([entry({ typed: '=1+1' })])[0]!.typed).toBe("'=1+1")
    expect(rows([entry({ typed: '-3' })])[0]!.typed).toBe('-3')
  })

  it('has a header even without readings', () => {
    expect(entriesCsv(examplePlan(), {}, [])).toMatch(/^group,level,try,/)
  })
})

describe('previewRoster', () => {
  const context = {
    groups: [
      { id: 'g1', name: 'Leaf' },
      { id: 'g2', name: 'Bell' },
    ],
    pupils: ['Ada'],
  }
  const problems = (csv: string) => previewRoster(csv, context).rows.map((row) => row.problem)

  it('reads a header with name and group, in any order and case', () => {
    expect(previewRoster('Group;First name\nleaf;Bruno\n;Chidi', context)).toEqual({
      problem: null,
      rows: [
        { line: 2, name: 'Bruno', group: 'leaf', groupId: 'g1', problem: null, suggestion: null },
        { line: 3, name: 'Chidi', group: '', groupId: null, problem: null, suggestion: null },
      ],
    })
  })

  it('reads a bare list and what a spreadsheet copies', () => {
    expect(previewRoster('Bruno\nChidi\n', context).rows.map((row) => row.name)).toEqual(['Bruno', 'Chidi'])
    expect(
      previewRoster('\uFEFFBruno\tBell\r\nChidi\tLeaf\r\n', context).rows.map((row) => row.groupId),
    ).toEqual(['g2', 'g1'])
  })

  it('says line by line what is wrong', () => {
    const [unknown, family, known, twice] = problems(
      'name,group\nBruno,Owls\nSam Taylor,Leaf\nada,Leaf\nBruno,Leaf',
    )
    expect(unknown).toMatch(/no group called “Owls”.*Leaf, Bell/)
    expect(family).toMatch(/Only first names/)
    expect(known).toMatch(/already in this class/)
    expect(twice).toMatch(/line 2 already/)
    expect(problems('name,group\n,Leaf')[0]).toMatch(/Type a first name/)
  })

  it('says of the whole what is wrong with it', () => {
    expect(previewRoster(' \n', context).problem).toMatch(/empty/)
    expect(previewRoster('name,group\n', context).problem).toMatch(/no names under it/)
    expect(previewRoster('name\n"Ada', context).problem).toMatch(/quotation mark/)
    expect(
      previewRoster(Array.from({ length: rosterLimit + 1 }, (_, index) => `N${index}`).join('\n'), context)
        .problem,
    ).toMatch(/more than one class/)
  })

  it('answers any text without throwing, and never lets two alike through', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Ada', 'Bo', 'Cy,Leaf', 'Di\tBell', '', '"', ',,', 'name'), {
          maxLength: 12,
        }),
        (lines) => {
          const { rows, problem } = previewRoster(lines.join('\n'), context)
          const good = rows.filter((row) => !row.problem).map((row) => row.name.toLowerCase())
          expect(new Set(good).size).toBe(good.length)
          expect(good).not.toContain('ada')
          if (rows.length === 0) expect(problem).not.toBeNull()
        },
      ),
    )
  })
})

describe('investigation files', () => {
  it('come back as they were written', () => {
    expect(openInvestigation(writeInvestigation(examplePlan()))).toEqual({
      ok: true,
      plan: examplePlan(),
      pictures: {},
    })
  })

  it('carry the pictures of the plan, which go by new names elsewhere', () => {
    const [first, ...rest] = examplePlan().levels
    const plan = examplePlan({
      levels: [{ ...first!, picture: 'old' }, ...rest],
      keptSame: [
        {
          id: 'k',
          name: 'floor',
          how: '',
          was: { changed: examplePlan().changed, levels: [{ ...first!, picture: 'lost' }] },
        },
      ],
    })
    const was = { changed: examplePlan().changed, levels: [{ ...first!, picture: 'old' }] }
    plan.ideas.change.push({ id: 'i', name: 'wall', was }, { id: 'j', name: 'door' })
    expect(picturesIn(plan)).toEqual(['old', 'lost'])
    const opened = openInvestigation(writeInvestigation(plan, { old: 'QUJD' }))
    expect(opened).toMatchObject({ ok: true, pictures: { old: 'QUJD' } })
    const renamed = withPictures(plan, new Map([['old', 'new']]))
    expect(picturesIn(renamed)).toEqual(['new'])
    expect(renamed.ideas.change.map((idea) => idea.was?.levels[0]?.picture)).toEqual(['new', undefined])
    expect(picturesIn(plan)).toEqual(['old', 'lost'])
  })

  it('of the first version have no pictures, and what is no text is none', () => {
    const file = (pictures: unknown) =>
      JSON.stringify({ format: 'jolly-beaker-investigation', version: 1, plan: {}, pictures })
    expect(openInvestigation(file(undefined))).toEqual({ ok: true, plan: {}, pictures: {} })
    expect(openInvestigation(file({ a: 3, b: 'x' }))).toMatchObject({ pictures: { b: 'x' } })
  })

  it.each([
    ['', /damaged/],
    ['{"format":', /damaged/],
    ['[]', /not an investigation/],
    ['null', /not an investigation/],
    ['{"format":"something"}', /not an investigation/],
    ['{"format":"jolly-beaker-investigation"}', /version/],
    ['{"format":"jolly-beaker-investigation","version":"1"}', /version/],
    ['{"format":"jolly-beaker-investigation","version":8}', /newer/],
  ])('are refused with a reason: %s', (text, message) => {
    const opened = openInvestigation(text)
    expect(opened.ok).toBe(false)
    expect(!opened.ok && opened.message).toMatch(message)
  })
})

describe('gridFromClipboard', () => {
  it('reads what spreadsheets copy', () => {
    expect(gridFromClipboard('1\t2\r\n3\t4\r\n')).toEqual([
      ['1', '2'],
      ['3', '4'],
    ])
    expect(gridFromClipboard('"a\tb"\t 2 ')).toEqual([['a\tb', '2']])
    expect(gridFromClipboard('12,5')).toEqual([['12,5']])
  })
})
