import fc from 'fast-check'
import pluralize from 'pluralize'
import { describe, expect, it } from 'vitest'
import { things } from '../../catalogue'
import type { Material } from '../../plan'
import { examplePlan, kindsPlan, material } from '../../testing/examplePlan'
import { describeLine } from './describeLine'
import { typeLine } from './typeLine'
import { understandLine } from './understandLine'

const plan = examplePlan()
const read = (text: string, of = plan) => {
  const line = understandLine(text, of)
  if (!line.ok) throw new Error(line.message)
  return line.material
}
const refused = (text: string, of = plan) => {
  const line = understandLine(text, of)
  return line.ok ? `understood: ${describeLine(line.material, of)}` : line.message
}

describe('understandLine', () => {
  it.each([
    ['2 sheets of card per level', { name: 'card', amount: 2, unit: 'sheets', per: 'level', use: 'used-up' }],
    [
      '30 paper clips each group + 5 spare',
      { name: 'paper clips', amount: 30, per: 'group', use: 'reused', spare: { kind: 'number', value: 5 } },
    ],
    ['a bouncy ball for every group', { name: 'bouncy ball', amount: 1, per: 'group', use: 'reused' }],
    [
      '2 strips of paper per level x try, 10% spare',
      { name: 'paper', unit: 'strips', amount: 2, per: 'level-try', spare: { kind: 'percent', value: 10 } },
    ],
    ['12,5 g salt for each child', { name: 'salt', amount: 12.5, unit: 'g', per: 'child', use: 'used-up' }],
    ['1½ L water', { name: 'water', amount: 1.5, unit: 'L', per: 'group' }],
    ['1 lamp for the class', { name: 'lamp', per: 'class' }],
    ['straw per child used up', { name: 'straw', per: 'child', use: 'used-up' }],
    ['500 mL hot water, with the teacher', { name: 'hot water', amount: 500, unit: 'mL', place: 'teacher' }],
    ['3 trays at the front', { name: 'trays', amount: 3, place: 'front' }],
    ['masking tape 30 cm', { name: 'masking tape', amount: 30, unit: 'cm' }],
    ['ten washers used up', { name: 'washers', amount: 10, use: 'used-up' }],
    ['glorbs', { name: 'glorbs', amount: 1, unit: '', per: 'group', use: 'reused' }],
    ['magnets x 4', { name: 'magnets', amount: 4 }],
    ['paper clips (20)', { name: 'paper clips', amount: 20 }],
    ['A4 paper, 1 sheet per child', { name: 'A4 paper', amount: 1, unit: 'sheets', per: 'child' }],
    ['cups (1/child)', { name: 'cups', amount: 1, per: 'child' }],
    ['scissors (teacher only)', { name: 'scissors', place: 'teacher' }],
    ['2 teaspoons salt', { name: 'salt', amount: 2, unit: 'teaspoons' }],
    ['3 tbsp sugar', { name: 'sugar', amount: 3, unit: 'tablespoons' }],
    ['half a litre of water', { name: 'water', amount: 0.5, unit: 'L' }],
    ['50ml water in each cup', { name: 'water', amount: 50, unit: 'mL', per: 'level' }],
    ['about a dozen eggs', { name: 'eggs', amount: 12 }],
    ['twenty washers', { name: 'washers', amount: 20 }],
    ['1 stopwatch between two', { name: 'stopwatch', amount: 0.5, per: 'child' }],
    ['1 string between two cups', { name: 'string between two cups', per: 'group' }],
    ['1 magnet per pair', { name: 'magnet', amount: 0.5, per: 'child' }],
    ['a pair of scissors per group', { name: 'scissors', amount: 1, unit: 'pairs', per: 'group' }],
    ['a test tube per group', { name: 'test tube', per: 'group' }],
    ['pencils for everyone', { name: 'pencils', per: 'child' }],
    ['30 washers at front table', { name: 'washers', amount: 30, place: 'front' }],
    ['10 x 10 cm squares of fabric per try', { name: 'fabric, 10 x 10 cm', amount: 1, unit: '', per: 'try' }],
    ['squares of card 10cm x 10cm', { name: 'squares of card, 10 x 10 cm', amount: 1 }],
    ['tennis ball', { name: 'tennis ball', amount: 1 }],
    ['aluminium lids', { name: 'aluminium lids', amount: 1 }],
    ['500 mL jug', { name: 'jug, 500 mL', amount: 1, unit: '' }],
    ['500 g of weights', { name: 'weights', amount: 500, unit: 'g' }],
    ['100 g weights per group', { name: 'weights, 100 g', amount: 1, unit: '' }],
    ['3 weights of 100 g', { name: 'weights of 100 g', amount: 3, unit: '' }],
    ['weights 100 g', { name: 'weights, 100 g', amount: 1, unit: '' }],
    ['9 V battery', { name: 'battery, 9 V', amount: 1 }],
    ['bowl of water', { name: 'bowl of water', amount: 1, unit: '' }],
    ['sheet of foil', { name: 'foil', amount: 1, unit: 'sheets' }],
    ['2 glorbs per try, thrown away', { name: 'glorbs', per: 'try', use: 'used-up' }],
  ] as const)('%j', (text, fields) => {
    expect(read(text)).toMatchObject(fields)
  })

  it.each([
    ['12 000 g sand', { name: 'sand', amount: 12_000, unit: 'g' }],
    ['two and a half cups of flour', { name: 'flour', amount: 2.5, unit: 'cups' }],
    ['1 and a quarter L water', { name: 'water', amount: 1.25, unit: 'L' }],
    ['1 m 20 string', { name: 'string', amount: 120, unit: 'cm' }],
    ['1m20 of string', { name: 'string', amount: 120, unit: 'cm' }],
    ['1 kg 200 g sand', { name: 'sand', amount: 1200, unit: 'g' }],
    ['７ cups', { name: 'cups', amount: 7 }],
    ['30 cm ruler', { name: 'ruler, 30 cm', amount: 1 }],
  ] as const)('%j is read as it was meant', (text, fields) => {
    expect(read(text)).toMatchObject(fields)
  })

  it.each([
    ['3-4 straws', /Is it 3 or 4/],
    ['10 or 12 pegs', /Is it 10 or 12/],
    ['two to three cups', /Is it two or three/],
    ['2 x 4 batteries', /2 x 4 is 8/],
    ['250ml x 3 water', /is 750 ml/],
    ['5 ft 30 in of tape', /go up to 11/],
    ['30 g of 5 % salt water', /what goes into how much/],
    ['20 cups, half of them large', /line of its own/],
    ['12² cups', /raised digit/],
    ['1.200 g sand', /1\.2 or 1200/],
    ['2 hundred clips', /in digits/],
    ['12 13 pegs', /one number/],
  ])('%j is asked about', (text, message) => {
    expect(refused(text)).toMatch(message)
  })

  it('takes no letter off any name of the catalogue, and no unit out of it', () => {
    // What is done rather than brought has no place on a line.
    const names = things.flatMap((thing) => [thing.name, ...thing.also]).filter((one) => !/ on a /.test(one))
    const astray = names.filter((name) => {
      const [line, single] = [read(`2 ${name} each`), read(`1 ${name} a group`)]
      const said = line.unit === '' ? line.name : `${pluralize.singular(line.unit)} of ${line.name}`
      return line.amount !== 2 || line.per !== 'group' || single.per !== 'group' || said !== name
    })
    expect(astray).toEqual([])
  })

  it('reads mixtures', () => {
    expect(read('120 mL bubble mix per level, 60 g sugar to 1 L').made).toEqual({
      kind: 'solution',
      of: 'sugar',
      unit: 'g',
      amount: 60,
      inMillilitres: 1000,
    })
    expect(read('100 mL bubble mix per level (10 mL washing-up liquid to 100 mL water)')).toMatchObject({
      name: 'bubble mix',
      amount: 100,
      unit: 'mL',
      made: { kind: 'solution', of: 'washing-up liquid', unit: 'mL', amount: 10, inMillilitres: 100 },
    })
  })

  it('reads what is cut, with what it is cut from', () => {
    expect(read('12 x 8 cm card from A4 per try')).toMatchObject({
      name: 'card, 12 x 8 cm',
      amount: 1,
      per: 'try',
      made: { kind: 'pieces', width: 12, height: 8, from: 'card, A4', sheetWidth: 21, sheetHeight: 29.7 },
    })
    expect(read('2 pieces 20 x 20 cm kitchen paper from 23 x 1000 cm, level x try').made).toMatchObject({
      kind: 'pieces',
      sheetWidth: 23,
      sheetHeight: 1000,
    })
    expect(read('string 25 cm from 3 m balls each level')).toMatchObject({
      name: 'string, 25 cm',
      per: 'level',
      made: { kind: 'lengths', length: 25, stickLength: 300, from: 'string, 3 m' },
    })
  })

  it('binds a line to one level by its name', () => {
    const kinds = kindsPlan(['wool', 'foil'])
    expect(read('1 sock only for wool', kinds)).toMatchObject({ name: 'sock', level: 'wool', per: 'level' })
    expect(read('1 box only for level 40 cm')).toMatchObject({ name: 'box', level: 'h40' })
  })

  it.each([
    ['', 'Type what is needed'],
    ['   ', 'Type what is needed'],
    ['-3 cups', 'never below 0'],
    ['− 3 cups', 'never below 0'],
    ['2', 'What is it?'],
    ['2 per level', 'What is it?'],
    ['200 mL paper clips', 'counted, not poured'],
    ['1,200 g salt', '1.2 or 1200'],
    ['999999999 cups', 'more than any class needs'],
    ['2 cups 99999 spare', 'more spare than anyone'],
    ['water', 'Type an amount before it, like “100 mL water”'],
    ['1 cup per child per level', 'two rules'],
    ['1 ruler and 2 cups', 'type “2 cups” on a line of its own'],
    ['enough water', 'How much is “enough”?'],
    ['some sand', 'How much is “some”?'],
    ['a few marbles', 'before marbles'],
    ['30 x 40 cm card from A4', 'smaller than a piece'],
    ['40 cm string from 30 cm sticks', 'shorter than a piece'],
    ['35 cups of x'.padEnd(120, 'y'), 'too long'],
    ['1/0 cups', 'divide by 0'],
  ])('%j is told what to type instead', (text, message) => {
    expect(refused(text)).toContain(message)
  })

  it('says what it understood', () => {
    expect(describeLine(read('2 sheets of card per level'), plan)).toBe(
      '2 sheets of card for each level, used up, 10% spare',
    )
    expect(describeLine(read('1 stopwatch between two'), plan)).toBe(
      '1 stopwatch between 2 children, used again',
    )
    expect(describeLine(read('120 mL bubble mix per level, 60 g sugar to 1 L, teacher'), plan)).toContain(
      '60 g of sugar to 1 L of water, used up',
    )
  })
})

describe('typeLine', () => {
  const kinds = kindsPlan(['wool', 'foil'])
  const back = (line: Omit<Material, 'id'>) => {
    const read = understandLine(typeLine(line, kinds), kinds)
    return read.ok ? read.material : read.message
  }

  it('is read back as the very same line', () => {
    fc.assert(
      fc.property(
        fc.record({
          name: fc.constantFrom(
            'card',
            'paper clips',
            'plastic bottle, 300 mL',
            'weights, 100 g',
            'tennis ball',
            'aluminium foil',
            'warm water, 40 °C',
            'glorb',
            '30 cm ruler',
            'shoe, flat rubber sole',
          ),
          amount: fc.oneof(fc.integer({ min: 1, max: 999 }), fc.constantFrom(0.5, 12.5, 0.25)),
          unit: fc.constantFrom('', 'sheets', 'g', 'cm', 'cubes', 'spoons'),
          per: fc.constantFrom('class', 'turns', 'group', 'child', 'level', 'try', 'level-try', 'value'),
          use: fc.constantFrom('reused', 'used-up'),
          spare: fc.record({
            kind: fc.constantFrom('percent', 'number'),
            value: fc.integer({ min: 0, max: 99 }),
          }),
          level: fc.constantFrom(null, 'wool', 'foil'),
          place: fc.constantFrom('tray', 'front', 'teacher'),
          made: fc.constant(null),
        }),
        (line) => {
          expect(back(line as Omit<Material, 'id'>)).toEqual(line)
        },
      ),
    )
  })

  it.each([
    { kind: 'solution', of: 'washing-up liquid', unit: 'mL', amount: 10, inMillilitres: 100 },
    { kind: 'series', of: 'salt', unit: 'g', inMillilitres: 500 },
  ] as const)('is read back with its mixture: $kind', (made) => {
    const line = material({ name: 'mix', amount: 110, unit: 'mL', use: 'used-up', per: 'level', made })
    expect(back(line)).toEqual({ ...line, id: undefined })
  })

  it.each([
    [
      'card, 12 x 8 cm',
      { kind: 'pieces', width: 12, height: 8, from: 'card, A4', sheetWidth: 21, sheetHeight: 29.7 },
    ],
    [
      'napkin, 20 x 20 cm',
      {
        kind: 'pieces',
        width: 20,
        height: 20,
        from: 'large napkin, 40 x 40 cm',
        sheetWidth: 40,
        sheetHeight: 40,
      },
    ],
    ['string, 25 cm', { kind: 'lengths', length: 25, from: 'string, 3 m', stickLength: 300 }],
  ] as const)('is read back with what it is cut from: %s', (name, made) => {
    const line = material({ name, amount: 2, use: 'used-up', per: 'try', made })
    expect(back(line)).toEqual({ ...line, id: undefined })
  })
})
