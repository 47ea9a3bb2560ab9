import fc from 'fast-check'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import type { Supply } from '../kit'
import { previewSupplies, readClosedDays, suppliesCsv, tasksCalendar } from '.'

const supply = (changes: Partial<Supply>): Supply => ({
  id: 's',
  name: 'card',
  unit: 'sheets',
  amount: 40,
  shelf: 'shelf 1',
  packSize: null,
  price: null,
  instead: [],
  care: '',
  ...changes,
})

describe('the store cupboard as CSV', () => {
  it('comes back as it went', () => {
    const text = fc.stringMatching(/^[A-Za-z=+@-][A-Za-z ,"=@-]{0,20}[a-z]$/)
    fc.assert(
      fc.property(
        text,
        fc.integer({ min: 0, max: 1e6 }).map((hundredths) => hundredths / 100),
        fc.option(fc.integer({ min: 1, max: 500 })),
        (name, amount, packSize) => {
          const one = supply({
            name: name.replace(/\s+/g, ' '),
            amount,
            packSize,
            instead: ['paper', 'foil'],
          })
          const { rows, problem } = previewSupplies(suppliesCsv([one]), [one])
          expect(problem).toBeNull()
          expect(rows[0]).toMatchObject({ supply: one, known: true, problem: null })
        },
      ),
    )
  })

  it('holds nothing that a spreadsheet would run', () => {
    const csv = suppliesCsv([supply({ name: '=HYPERLINK("x")', shelf: '+1', care: '@sum', unit: '-x' })])
    for (const cell of ['=HYPERLINK', '@sum', '-x']) expect(csv).toContain(`'${cell}`)
  })

  it.each([
    ['', 'empty'],
    ['  \n ', 'empty'],
    ['colour;size\nred;2', '“name” is missing'],
    ['name,amount', 'nothing under it'],
    ['name,amount\n"card,3', 'never closed'],
    [`name\n${'x\n'.repeat(501)}`, 'too many'],
  ])('refuses a file of the wrong kind: %j', (csv, words) => {
    expect(previewSupplies(csv, []).problem).toContain(words)
  })

  it.each([
    ['card,1,200', '“1” is no', null],
    ['card,-3', 'below 0', 'below 0'],
    ['card,lots', 'a number', 'isn’t a number'],
    [',3', 'no name', 'no name'],
    [`${'x'.repeat(99)},3`, 'too long', 'too long'],
    ['card,9999999', 'more than any', 'more than any'],
    ['card\0,3', 'a NUL goes', null],
  ])('says what is wrong with a line: %s', (line, _, words) => {
    const { problem } = previewSupplies(`name,amount\n${line}`, []).rows[0]!
    if (words === null) expect(problem).toBeNull()
    else expect(problem).toContain(words)
  })

  it('reads decimal commas, asks about what reads two ways, and finds doubled lines', () => {
    const { rows } = previewSupplies('name;amount;price\nsalt;2,5;1,20\nsugar;1,200;\nsalts;1;', [])
    expect(rows[0]).toMatchObject({ supply: { amount: 2.5, price: 1.2 }, problem: null })
    expect(rows[1]!.problem).toContain('1.2 or 1200')
    expect(rows[2]!.problem).toContain('on line 2 already')
  })
})

describe('a supplies file of the longest texts', () => {
  it('is refused where a text is longer than the cupboard keeps', () => {
    const csv = `name,unit,place,care,instead\na,${'u'.repeat(21)},,,\nb,,${'p'.repeat(81)},,\nc,,,${'c'.repeat(241)},\nd,,,,${'i;'.repeat(11)}`
    expect(previewSupplies(csv, []).rows.map((row) => row.problem)).toEqual([
      expect.stringContaining('“unit”'),
      expect.stringContaining('“place”'),
      expect.stringContaining('“care”'),
      expect.stringContaining('at most ten'),
    ])
  })
})

describe('closed days', () => {
  const today = '2026-03-01'
  const calendar = (...events: string[]) =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${events.map((event) => `BEGIN:VEVENT\r\nUID:${event.length}\r\n${event}\r\nEND:VEVENT\r\n`).join('')}END:VCALENDAR\r\n`

  it('come from CSV, day by day or from one to another', () => {
    expect(readClosedDays('date,name\n2026-05-01,May day', today).closed).toEqual([
      { from: '2026-05-01', to: '2026-05-01', name: 'May day' },
    ])
    expect(readClosedDays('from,to,name\n2026-04-06,2026-04-17,spring', today).closed).toHaveLength(1)
  })

  it('come from a calendar’s whole-day entries, whose last day is the one before their end', () => {
    const read = readClosedDays(
      calendar(
        'DTSTART;VALUE=DATE:20260406\r\nDTEND;VALUE=DATE:20260418\r\nSUMMARY:spring',
        'DTSTART:20260309T090000Z\r\nDTEND:20260309T100000Z\r\nSUMMARY:meeting',
      ),
      today,
    )
    expect(read.closed).toEqual([{ from: '2026-04-06', to: '2026-04-17', name: 'spring' }])
    expect(read.notes[0]).toContain('time of day')
  })

  it('come to an end where a calendar has none', () => {
    const read = readClosedDays(
      calendar('DTSTART;VALUE=DATE:20200103\r\nRRULE:FREQ=WEEKLY\r\nSUMMARY:free Friday'),
      today,
    )
    expect(read.closed.length).toBeGreaterThan(100)
    expect(read.closed.at(-1)!.to < '2028-06-01').toBe(true)
    expect(read.notes.join()).toContain('without an end')
    expect(read.closed[0]!.from >= today).toBe(true)
  })

  it('leave out what repeats in a way that cannot be followed, and say so', () => {
    const read = readClosedDays(
      calendar(
        'DTSTART;VALUE=DATE:20260406\r\nRRULE:FREQ=SECONDLY\r\nSUMMARY:odd',
        'DTSTART;VALUE=DATE:20260406\r\nRRULE:FREQ=SECONDLY',
        'DTSTART;VALUE=DATE:20260501\r\nSUMMARY:May day',
      ),
      today,
    )
    expect(read.closed).toEqual([{ from: '2026-05-01', to: '2026-05-01', name: 'May day' }])
    expect(read.notes).toEqual([
      '“odd” repeats in a way that we can’t read, so it was left out.',
      'An entry without a name repeats in a way that we can’t read, so it was left out.',
    ])
  })

  it('are looked at no further than a school year has entries, however long the file is', () => {
    const days = Array.from(
      { length: 401 },
      (_, index) => `DTSTART;VALUE=DATE:20260501\r\nSUMMARY:day ${index}`,
    )
    const read = readClosedDays(`${calendar(...days)}BEGIN:VEVENT\r\nDTSTART:never read`, today)
    expect(read.closed).toEqual([{ from: '2026-05-01', to: '2026-05-01', name: 'day 0' }])
    expect(read.notes).toContain('Only the first 400 entries were looked at.')
  })

  it.each([
    ['', 'empty'],
    ['what,when\nx,y', 'name the columns'],
    ['from,to\n6 April,7 April', 'Write it like'],
    ['from,to\n2026-04-17,2026-04-06', 'before it begins'],
    ['from,to\n2026-04-17,2027-04-06', 'year right'],
    ['BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART', 'damaged'],
    ['BEGIN:VCALENDAR\nEND:VCALENDAR', 'no closed days'],
  ])('refuse %j with words that say what to do', (text, words) => {
    expect(readClosedDays(text, today).problem).toContain(words)
  })
})

describe('tasks as a calendar', () => {
  it('are whole-day entries that another program reads', () => {
    const text = tasksCalendar(
      [{ id: 'a', day: '2026-03-06', title: 'freeze 12 ice; then wait, please', about: 'Ball bounce' }],
      '2026-03-01T10:00:00Z',
    )
    const [event] = new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one))
    expect(event!.summary).toBe('freeze 12 ice; then wait, please')
    expect(event!.startDate.toString()).toBe('2026-03-06')
    expect(event!.endDate.toString()).toBe('2026-03-07')
    expect(text).toContain('UID:a@jolly-beaker')
  })
})
