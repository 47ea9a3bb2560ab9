import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { levelName, newId, type Plan } from '../plan'
import { valueField } from '../recording'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { decodeText, notText, previewEntries } from '.'

const groups = [
  { id: newId(), name: 'Leaf' },
  { id: newId(), name: 'Bell' },
]
const now = '2026-03-09T10:00:00.000Z'
const into = (plan: Plan, csv: string) =>
  previewEntries(csv, { lessonId: newId(), plan, groups, entries: [], now })
const plan = examplePlan()

/** What was read, one line for each: "Leaf 20 cm try 1: 13". */
function readFrom(own: Plan, csv: string): string[] {
  const { entries, problem, problems } = into(own, csv)
  expect([problem, problems]).toEqual([null, []])
  return entries.map(({ groupId, levelId, tryNumber, moment, fields }) => {
    const level = own.levels.find(({ id }) => id === levelId)!
    const place = [groups.find(({ id }) => id === groupId)!.name, levelName(own, level), `try ${tryNumber}`]
    return `${[...place, moment].filter(Boolean).join(' ')}: ${fields[valueField]!.value}`
  })
}

describe('a table of somebody’s own', () => {
  const both = [
    'Leaf 20 cm try 1: 13',
    'Leaf 40 cm try 1: 24',
    'Bell 20 cm try 1: 14',
    'Bell 40 cm try 1: 26',
  ]
  it.each([
    ['a column for each level', 'group,20 cm,40 cm\nLeaf,13,24\nBell,14,26', both],
    ['levels without their unit', 'Team;20;40\nLeaf;13;24\nBell;14;26', both],
    ['tabs and decimal commas', 'Group\t20cm\t40cm\nLeaf\t13,0\t24,0\nBell\t14,0\t26,0', both],
    ['groups under no heading', ',20 cm,40 cm\nLeaf,13,24\nBell,14,26', both],
    [
      'a column for each group',
      'drop height,Leaf,Bell\n20 cm,13,14\n40 cm,24,26',
      [both[0]!, both[2]!, both[1]!, both[3]!],
    ],
    [
      'a column for each try',
      'group,level,try 1,Trial 2\nLeaf,20,13,14\nBell,40,24,',
      ['Leaf 20 cm try 1: 13', 'Leaf 20 cm try 2: 14', 'Bell 40 cm try 1: 24'],
    ],
    [
      'tries by their number alone',
      'group,level,1,2\nLeaf,20,13,14',
      ['Leaf 20 cm try 1: 13', 'Leaf 20 cm try 2: 14'],
    ],
    [
      'levels and tries together, with what the spreadsheet worked out',
      'group,"20 cm, try 1",20 cm (try 2),20 cm #3,Mean\nLeaf,13,-,15,14',
      ['Leaf 20 cm try 1: 13', 'Leaf 20 cm try 3: 15'],
    ],
    [
      'a line for each reading under other headings',
      'Team,Drop height (cm),Trial,Bounce height (cm),Comments\nLeaf,20,2,13,slow',
      ['Leaf 20 cm try 2: 13'],
    ],
  ])('with %s', (_, csv, read) => {
    expect(readFrom(plan, csv)).toEqual(read)
  })

  it('with a column for each moment', () => {
    const jackets = kindsPlan(['wool', 'foil'], {
      recording: { kind: 'intervals', minutes: [0, 5], score: 'lost' },
    })
    expect(readFrom(jackets, 'group,jacket,0 min,after 5 min\nLeaf,wool,40,36\nBell,foil,41,n/a')).toEqual([
      'Leaf wool try 1 0 min: 40',
      'Leaf wool try 1 5 min: 36',
      'Bell foil try 1 0 min: 41',
    ])
  })

  it('says how it was understood', () => {
    expect(into(plan, 'group,20 cm,40 cm\nLeaf,13,24').readAs).toBe(
      'Each of these columns holds readings: 20 cm and 40 cm.',
    )
    expect(into(plan, 'group,level,value\nLeaf,20,24').readAs).toBeNull()
  })

  it('leaves out when it was written down, where that says nothing of the test', () => {
    expect(readFrom(plan, 'Group,Level,Reading,Time\nLeaf,20,13,10:15')).toEqual(['Leaf 20 cm try 1: 13'])
  })

  it('is not read for ever', () => {
    expect(into(plan, `group,${'('.repeat(50_000)}\nLeaf,3`).problem).toContain('We don’t know')
    const columns = Array.from({ length: 400 }, (_, index) => `20 cm try ${index}`)
    const lines = Array.from({ length: 60 }, () => `Leaf,${'5,'.repeat(400)}`)
    expect(into(plan, [`group,${columns.join(',')}`, ...lines].join('\n')).problem).toBe(
      '24000 readings are too many. At most 20000 can be read.',
    )
  })

  it.each([
    ['group,20 cm,colour\nLeaf,13,red', 'We don’t know what stands under “colour”.'],
    ['20 cm,40 cm\n13,24', 'We can’t tell which group read what.'],
    ['group,level\nLeaf,20', 'We can’t find the readings.'],
    ['group,20 cm,20 cm\nLeaf,13,14', 'Two columns are headed 20 cm. Number the tries'],
    ['group,level,reading,result\nLeaf,20,13,14', 'Two columns could be the value. Keep one of them.'],
    ['group,level,reading,try 2\nLeaf,20,13,14', 'There are readings under “try 2”'],
    ['group,25 cm\nLeaf,13', 'We don’t know what stands under “25 cm”.'],
  ])('asks rather than guesses: %j', (csv, problem) => {
    expect(into(plan, csv).problem).toContain(problem)
    expect(into(plan, csv).entries).toEqual([])
  })

  it('says in which line and column something is wrong', () => {
    expect(into(plan, 'group,20 cm,40 cm\nLeaf,13,tall\nRain,1,2').problems).toEqual([
      { line: 2, message: expect.stringMatching(/^“40 cm”: /) },
      { line: 3, message: expect.stringMatching(/^There is no group called “Rain”/) },
    ])
  })

  it('is read the same however it is laid out', () => {
    const table = fc.array(
      fc.record({
        group: fc.constantFrom('Leaf', 'Bell'),
        level: fc.constantFrom('20 cm', '40 cm', '60 cm'),
        try: fc.integer({ min: 1, max: 3 }),
        value: fc.integer({ min: 1, max: 99 }),
      }),
      { minLength: 1, maxLength: 18 },
    )
    fc.assert(
      fc.property(table, (rows) => {
        const once = [...new Map(rows.map((row) => [`${row.group} ${row.level} ${row.try}`, row])).values()]
        const sorted = (csv: string) => readFrom(plan, csv).sort()
        const long = sorted(Papa.unparse(once))
        expect(sorted(wide(once, ['group'], ['level', 'try']))).toEqual(long)
        expect(sorted(wide(once, ['level'], ['group', 'try']))).toEqual(long)
        expect(sorted(wide(once, ['group', 'try'], ['level']))).toEqual(long)
        expect(sorted(wide(once, ['group', 'level'], ['try']))).toEqual(long)
      }),
      { numRuns: 60 },
    )
  })
})

type Row = { group: string; level: string; try: number; value: number }

/** The same readings with a column for each of some things. */
function wide(rows: readonly Row[], down: (keyof Row)[], across: (keyof Row)[]): string {
  const heading = (row: Row) => across.map((one) => (one === 'try' ? `try ${row.try}` : row[one])).join(', ')
  const lines = new Map<string, Record<string, string | number>>()
  for (const row of rows) {
    const key = down.map((one) => row[one]).join('|')
    const line = lines.get(key) ?? Object.fromEntries(down.map((one) => [one, row[one]]))
    lines.set(key, { ...line, [heading(row)]: row.value })
  }
  const columns = [...down, ...new Set(rows.map(heading))]
  return Papa.unparse([...lines.values()], { columns })
}

describe('the bytes of a file', () => {
  const text = 'Gruppe;Höhe\nLeaf;12½\n'
  const utf16 = (little: boolean, mark: boolean) =>
    Uint8Array.from(
      [...(mark ? ['\ufeff'] : []), ...text].flatMap((letter) => {
        const code = letter.charCodeAt(0)
        return little ? [code & 255, code >> 8] : [code >> 8, code & 255]
      }),
    )
  it.each([
    ['UTF-8', new TextEncoder().encode(text)],
    ['UTF-8 with a mark', new TextEncoder().encode(`\ufeff${text}`)],
    ['UTF-16, as spreadsheets save Unicode text', utf16(true, true)],
    ['UTF-16 the other way round', utf16(false, true)],
    ['UTF-16 without a mark', utf16(true, false)],
    ['Windows', Uint8Array.from(text, (letter) => letter.charCodeAt(0))],
  ])('are read as %s', (_, bytes) => {
    expect(decodeText(bytes)).toBe(text)
  })

  it('of a workbook or a PDF are none of a table', () => {
    expect(notText(new Uint8Array([0x50, 0x4b, 3, 4, 20]))).toContain('Save the sheet as CSV')
    expect(notText(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]))).toContain('Save the sheet as CSV')
    expect(notText(new TextEncoder().encode('%PDF-1.7'))).toContain('holds no cells')
    expect(notText(new TextEncoder().encode(text))).toBeNull()
  })
})
