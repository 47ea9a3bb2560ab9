import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Plan } from '../plan'
import { weighLesson } from '../comparison'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { parseWords } from './grammar'
import {
  asksWhichEnd,
  isSaidOfReadings,
  withMeaning,
  checkOwnWords,
  lessonOf,
  lessonTexts,
  parseTexts,
  splitCause,
} from '.'

/** Six groups that read these numbers, each a little higher than the one before. */
const sixGroups = (found: Record<string, number>) =>
  entriesFrom(
    Object.fromEntries(
      ['a', 'b', 'c', 'd', 'e', 'f'].map((group, index) => [
        group,
        Object.fromEntries(
          Object.entries(found).map(([level, value]) => [
            level,
            [0, 1, 2].map((more) => value + ((index + more) % 3)),
          ]),
        ),
      ]),
    ),
  )

const checkerOf = (plan: Plan, found: Record<string, number>) => {
  const lesson = lessonOf(plan, parseTexts(lessonTexts(plan), parseWords))
  const evidence = weighLesson(plan, sixGroups(found))
  return (text: string) => checkOwnWords(lesson, parseWords(splitCause(text).said), evidence)
}

const question = 'Does the height we drop a ball from change how high it bounces?'
const bounces = checkerOf(examplePlan({ question }), { h20: 14, h40: 28, h60: 42 })
const floorPlan = kindsPlan(['tile', 'wood', 'carpet'], {
  question: 'On which floor does a ball bounce best?',
  changed: { name: 'floor', kind: 'kinds', unit: null, range: null },
  best: 'most',
})
const floors = checkerOf(floorPlan, { tile: 60, wood: 46, carpet: 20 })
const level = checkerOf(examplePlan({ question }), { h20: 30, h40: 30, h60: 30 })

describe('higher drops that bounced higher', () => {
  it.each([
    'The further it fell, the higher it bounced.',
    'The longer it was falling the higher it bounced.',
    '60 cm gave the biggest bounce and 20 cm gave the smallest.',
    'The ball bounced highest from 60 cm and lowest from 20 cm.',
    'Every single group got a bigger bounce from higher up.',
    'A lower drop made a lower bounce.',
    "It wasn't as high from 20 cm as from 60 cm.",
    'It never bounced higher from a lower drop.',
    'We found out that the higher the drop, the bigger the bounce.',
    'Low drops gave low bounces and high drops gave high bounces.',
    'The ball went 14 cm higher from 40 cm than from 20 cm.',
    'The ball bounced higher from 60cm then from 20cm.',
    'the higer the drop the higer the bounce',
  ])('fits: %s', (text) => expect(bounces(text).fit).toBe('fits'))

  it.each([
    "It didn't bounce higher from higher up.",
    '60 cm was not as bouncy as 20 cm.',
    '20 cm was bouncier than 60 cm.',
    'The height does not really matter.',
    'The ball bounced lower when we dropped it from higher up.',
    'It never bounced higher from a higher drop.',
    'The ball went 40 cm higher from 40 cm than from 20 cm.',
    'It bounced equally high from 20 cm and 60 cm.',
  ])('goes against them: %s', (text) => expect(bounces(text).fit).toBe('contradicts'))

  it.each([
    'Balls bounce higher on Mars too.',
    'It only bounced higher by luck.',
    'It bounced higher later on as we got better at it.',
    'Higher up the ball has more energy.',
    'It bounced twice as high when we doubled the height.',
    '40 cm was better than 20 but 60 was best.',
    'higher',
    '',
    '🙂',
    'هل ارتدت الكرة أعلى؟',
    'Warum?',
    'bum',
    'Why did it bounce higher?',
  ])('nothing is said of: %s', (text) => expect(bounces(text).fit).toBe('not-checked'))

  it('what was never tested reaches further', () => {
    expect(bounces('It always bounces higher from a higher drop.').fit).toBe('says-more')
    expect(bounces('From 200 cm it bounced highest.').fit).toBe('says-more')
  })

  it('one part of a sentence may fit while another goes against them, or is the class’s own', () => {
    const { parts } = bounces('The higher the drop, the higher the bounce, but 20 cm bounced highest.')
    expect(parts.map(({ fit }) => fit)).toEqual(['fits', 'against'])
    expect(bounces('20 cm bounced lowest and we had fun.').parts.map(({ fit }) => fit)).toEqual([
      'fits',
      'yours',
    ])
  })

  it('asks what is best while the plan does not say', () => {
    expect(bounces('60 cm was the best.').parts[0]!.reason).toBe('What does “best” mean here?')
  })
})

describe('floors', () => {
  it.each([
    'Tile was best and carpet was worst.',
    'Tile and wood were both better than carpet.',
    'Tile bounced higher than wood and wood bounced higher than carpet.',
    'The ball on the tile went about 14 cm higher than on the wood.',
    'It bounced best on tile, then wood, then carpet.',
    'The floor made a big difference.',
    'Carpet was not as bouncy as wood.',
  ])('fits: %s', (text) => expect(floors(text).fit).toBe('fits'))

  it.each([
    'Wood beat tile.',
    'Carpet is the best.',
    'Tile was no better than carpet.',
    'It bounced the same on every floor.',
    'Carpet was better than tile and wood.',
  ])('goes against them: %s', (text) => expect(floors(text).fit).toBe('contradicts'))

  it.each([
    'Soft floors do not bounce.',
    'Tile is cold.',
    'Tile just beat wood (14 cm apart).',
    'Wood bounced lower.',
    'Carpet took the longest.',
    'The tile was the biggest.',
  ])('nothing is said of: %s', (text) => expect(floors(text).fit).toBe('not-checked'))
})

describe('drops that all bounced the same', () => {
  it.each(['Higher drops did not bounce any higher.', 'It bounced about the same from every height.'])(
    'fits: %s',
    (text) => expect(level(text).fit).toBe('fits'),
  )
  it.each(['Height clearly matters.', 'The higher the drop, the higher the bounce.'])(
    'goes against them: %s',
    (text) => expect(level(text).fit).toBe('contradicts'),
  )
})

describe('any text', () => {
  const words = fc.constantFrom(
    ...'the a tile wood carpet was best worst better higher lower than and but not never 60 cm more less as same , . because we floor'.split(
      ' ',
    ),
  )

  it('has an answer, and is never said to be wrong while it is not understood', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 400 }),
          fc.array(words, { maxLength: 60 }).map((all) => all.join(' ')),
        ),
        (text) => {
          for (const part of floors(text).parts)
            if (part.fit === 'against') expect(part.statements).not.toBeNull()
        },
      ),
      { numRuns: 400 },
    )
  })

  it('of the longest kind is read part by part, without trying every way to part it', () => {
    expect(floors('tile was best and '.repeat(22)).parts.length).toBeGreaterThan(10)
    expect(floors('and, '.repeat(80)).fit).toBe('not-checked')
    expect(floors('better and '.repeat(36)).fit).toBe('not-checked')
  })
})

describe('splitCause', () => {
  it.each([
    ['Tile was best because it is hard.', 'Tile was best.', 'because it is hard'],
    ['It is hard, that’s why tile was best.', 'tile was best.', 'It is hard'],
    ['Because of the air.', '', 'Because of the air'],
    ['Tile was best.', 'Tile was best.', ''],
  ])('%s', (text, said, why) => expect(splitCause(text)).toEqual({ said, why }))
})

describe('a word that compares, which only the school knows', () => {
  const tiles = kindsPlan(['tile', 'wood', 'carpet'])
  const found = { tile: 60, wood: 45, carpet: 20 }

  it('is asked about, and nothing is said against it', () => {
    const [part] = checkerOf(tiles, found)('Tile was boingier than carpet.').parts
    expect(part!.fit).toBe('yours')
    expect(asksWhichEnd(part!)).toBe('boingier')
    const [two] = checkerOf(tiles, found)('Tile was boingier and zingier.').parts
    expect(asksWhichEnd(two!)).toBe(null)
    const [best] = checkerOf({ ...tiles, best: null }, found)('Tile was better than carpet.').parts
    expect(asksWhichEnd(best!)).toBe(null)
  })

  it('is asked about only where it compares', () => {
    const check = checkerOf(tiles, found)
    for (const text of ['Tile was hotter in winter than carpet in the forest.', 'It was in winter.'])
      for (const part of check(text).parts) expect(asksWhichEnd(part)).toBe(null)
  })

  it('is kept for what was read: what has lost more is less of it', () => {
    const scored = { ...tiles, measured: { ...tiles.measured, name: `${tiles.measured.name} lost` } }
    expect(withMeaning(tiles, tiles, 'boingier', 'more').measured.called?.more).toBe('boingier')
    expect(withMeaning(tiles, scored, 'boingier', 'more').measured.called?.less).toBe('boingier')
    expect([isSaidOfReadings(tiles, scored), isSaidOfReadings(tiles, kindsPlan([]))]).toEqual([true, true])
  })

  it('is judged in all its forms once the plan says which end it means', () => {
    const plan = { ...tiles, measured: { ...tiles.measured, called: { more: 'boingier', less: '' } } }
    const check = checkerOf(plan, found)
    expect(check('Tile was boingier than carpet.').fit).toBe('fits')
    expect(check('Carpet was the boingiest.').fit).toBe('contradicts')
    expect(check('Wood was not as boingy as tile.').fit).toBe('fits')
  })
})
