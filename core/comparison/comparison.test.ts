import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { classAnswer, emptyConclusion } from '../conclusion'
import { sideFindings } from '../evidence'
import { lessonResult } from '../lesson'
import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { wayOf } from '../recording'
import { dough, poured, read, tray } from '../testing/sidesPlans'
import {
  comparesSides,
  scoredPlan,
  scoresOf,
  sidesFor,
  sidesSaid,
  unfinishedTries,
  evidenceByLevel,
  weighLesson,
  withComparison,
} from '.'

const groups = ['leaf', 'bell', 'key', 'fish']
const said = (plan: Plan, entries: Entry[], groupIds: readonly string[] = groups) =>
  lessonResult(plan, entries, weighLesson(plan, entries, groupIds))

/** Every slot of a lesson read, by what a moment reads. */
function allRead(
  plan: Plan,
  value: (moment: string, levelId: string, group: number, tryNumber: number) => number,
) {
  return groups.flatMap((groupId, group) =>
    wayOf(plan)
      .slots(plan, groupId, group)
      .flatMap(({ levelId, tryNumber, moment }) =>
        read(plan, {
          [groupId]: { [levelId!]: [{ [moment]: value(moment, levelId!, group, tryNumber) }] },
        }).map((one) => ({ ...one, tryNumber })),
      ),
  )
}

/** Each comparison with its plan, its sides, and what its moments read where there is more at the last side, by so much. */
const comparisons = [
  {
    plan: dough,
    sides: ['before', 'after'],
    said: 'it before and after',
    moment: (moment: string, more: number) => (moment === 'after' ? 200 + more : 200),
    more: 'It weighed about 20 g more after than before.',
    less: 'It weighed about 20 g less after than before.',
    same: 'It weighed the same before and after, to within 1 g.',
  },
  {
    plan: (levels?: string[]) => {
      const { second: _second, ...recording } = poured().recording as never as Record<string, unknown>
      return poured(levels, { recording: recording as never })
    },
    sides: ['apart', 'together'],
    said: 'the parts with the whole',
    moment: (moment: string, more: number) => (moment === 'all together' ? 200 + more : 100),
    more: 'It took up about 20 mL more together than apart.',
    less: 'It took up about 20 mL less together than apart.',
    same: 'It took up the same apart and together, to within 1 mL.',
  },
  {
    plan: tray,
    sides: ['window side', 'door side'],
    said: 'it at the window side and at the door side',
    moment: (moment: string, more: number) => (moment.endsWith('door side') ? 60 + more : 60),
    more: 'The height at the end was about 20 mm more at the door side than at the window side.',
    less: 'The height at the end was about 20 mm less at the door side than at the window side.',
    same: 'The height at the end was the same at the window side and at the door side, to within 1 mm.',
  },
] as const

describe.each(comparisons.map((one) => [one.plan().comparison!, one] as const))(
  'comparing %s',
  (kind, { plan, sides, said: compared, moment, ...words }) => {
    const wobble = (group: number, tryNumber: number) => ((group + tryNumber) % 3) - 1

    it('has sides in the place of levels, and keeps the levels besides', () => {
      const scored = scoredPlan(plan(['one', 'other']))
      expect(scored.levels.map(({ name }) => name)).toEqual(sides)
      expect(scored.besides?.levels.map(({ name }) => name)).toEqual(['one', 'other'])
      expect(scored).toMatchObject({ comparison: kind, changed: { kind: 'kinds' } })
      expect(sidesSaid(plan(), sidesFor(plan())!)).toBe(compared)
    })

    it('is what one level is compared by where nobody has said, and what several are not', () => {
      const unsaid = (levels: string[]) => ({ ...plan(levels), comparison: undefined })
      expect(comparesSides(unsaid(['one']))).toBe(true)
      expect(comparesSides(unsaid(['one', 'other']))).toBe(false)
      expect(comparesSides(withComparison(plan(['one', 'other']), 'levels'))).toBe(false)
      expect(comparesSides({ ...plan(), comparison: 'variation' })).toBe(false)
      // The way has this comparison only: another one that was chosen before becomes it.
      expect(comparesSides({ ...plan(['one', 'other']), comparison: 'itself' })).toBe(true)
      expect(comparesSides({ ...plan(), recording: { kind: 'measure' } })).toBe(false)
    })

    it.each([
      [20, 'more', 'clear'],
      [-20, 'less', 'clear'],
      [0, 'same', 'no-difference'],
    ] as const)('finds what is %d apart', (more, word, verdict) => {
      const entries = allRead(
        plan(),
        (at, _level, group, tryNumber) => moment(at, more) + wobble(group, tryNumber),
      )
      expect(said(plan(), entries)).toMatchObject({ sentence: words[word], word: verdict })
    })

    it('says of each level what it shows where they show different things', () => {
      const two = plan(['one', 'other'])
      const entries = allRead(
        two,
        (at, level, group, tryNumber) => moment(at, level === 'other' ? -20 : 0) + wobble(group, tryNumber),
      )
      const { sentence, word } = said(two, entries)
      expect(word).toBe('clear')
      expect(sentence).toMatch(/other/i)
      expect(weighLesson(two, entries, groups).strands.map(({ level }) => level?.name)).toEqual([
        'one',
        'other',
      ])
    })

    it('says the same of any part of its readings, as one who has just begun, and never fails', () => {
      const two = plan(['one', 'other'])
      const entries = allRead(two, (at, _level, group, tryNumber) => moment(at, 5) + wobble(group, tryNumber))
      fc.assert(
        fc.property(fc.subarray(entries), (some) => {
          const { sentence, reasons, word } = said(two, some)
          expect(sentence).toMatch(/\.$/)
          expect([sentence, ...reasons].join(' ')).not.toMatch(/undefined|NaN|Infinity|null/)
          // While readings are missing nothing of all levels is clear.
          if (word === 'clear') expect(weighLesson(two, some, groups).cells.length).toBeGreaterThan(0)
          // No score stands alone: each is compared with the first side of its own try.
          const scores = scoresOf(two, some)
          for (const { groupId, tryNumber } of scores)
            expect(
              scores.filter((one) => one.groupId === groupId && one.tryNumber === tryNumber).length,
            ).toBeGreaterThanOrEqual(2)
        }),
        { numRuns: 60 },
      )
    })

    it('keeps every reading when the comparison is changed, and knows what each level did', () => {
      const two = plan(['one', 'other'])
      const entries = allRead(two, (at) => moment(at, 5))
      const levels = weighLesson(withComparison(two, 'levels'), entries, groups)
      expect(levels.results.map(({ level }) => level.name)).toEqual(['one', 'other'])
      expect(evidenceByLevel(two, entries).evidence.results).toEqual(levels.results)
    })

    it('compares what is apart by as much, however much each group began with', () => {
      fc.assert(
        fc.property(fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 4, maxLength: 4 }), (starts) => {
          const judge = (from: readonly number[]) => {
            const entries = allRead(
              plan(),
              (at, _level, group, tryNumber) =>
                moment(at, 4) +
                wobble(group, tryNumber) * (at.length % 2) +
                (kind === 'parts' ? 0 : from[group]!),
            )
            return sideFindings(weighLesson(plan(), entries, groups)).map(({ verdict, ahead, amount }) => ({
              word: verdict.word,
              ahead,
              amount: Number(amount.toFixed(6)),
            }))
          }
          expect(judge(starts)).toEqual(judge([0, 0, 0, 0]))
        }),
        { numRuns: 30 },
      )
    })
  },
)

describe('one thing with itself', () => {
  const three = (levels?: string[]) =>
    dough(levels, {
      recording: {
        ...dough().recording,
        moments: ['as a lump', 'pressed flat', 'as a lump again'],
      } as Plan['recording'],
    })
  const table = (flat: number, again: number) =>
    Object.fromEntries(
      groups.map((groupId, group) => [
        groupId,
        {
          dough: [0, 1].map((index) => ({
            'as a lump': 200 + group,
            'pressed flat': 200 + group + flat + (index ? 1 : 0),
            'as a lump again': 200 + group + again,
          })),
        },
      ]),
    )

  it.each([
    [0, 0, 'It weighed the same each time, to within 1 g: as a lump, pressed flat and as a lump again.'],
    [-20, 0, 'Compared with a lump, it weighed about 20 g less pressed flat and the same as a lump again.'],
  ])(
    'says of three moments that are %d g and %d g apart from the first what each did',
    (flat, again, sentence) => {
      expect(said(three(), read(three(), table(flat, again))).sentence).toBe(sentence)
    },
  )

  it('counts what is read while the last moment is still missing for half of the groups', () => {
    const entries = read(three(), table(-20, 0)).filter(
      ({ moment, groupId }) => moment !== 'as a lump again' || groupId < 'g',
    )
    expect(unfinishedTries(three(), sidesFor(three())!, entries)).toBe(4)
    const { sentence, reasons } = said(three(), entries)
    expect(sentence).toBe(
      'It looks as if it weighed less pressed flat than as a lump, but it is not certain.',
    )
    expect(reasons.at(-1)).toBe(
      '4 tries were begun and not read to their end, so they count only as far as they go.',
    )
  })

  it('can be done by one group alone, which is told', () => {
    const alone = read(dough(['dough'], { tries: 3 }), {
      leaf: { dough: [200, 201, 202].map((before) => ({ before, after: before - 20 })) },
    })
    const result = said(dough(['dough'], { tries: 3 }), alone, ['leaf'])
    expect(result.sentence).toBe('It weighed about 20 g less after than before.')
    expect(result.reasons[0]).toMatch(/^Only one group/)
  })

  it('has nothing to say of one reading', () => {
    expect(said(dough(), read(dough(), { leaf: { dough: [{ before: 200 }] } }))).toMatchObject({
      sentence: 'Nothing can be compared before one try has all its readings.',
      word: 'cant-tell',
    })
  })
})

describe('parts with the whole', () => {
  const entries = (plan: Plan) =>
    allRead(plan, (at, level) => {
      const isMass = at.endsWith(', mass')
      if (!at.startsWith('all together')) return isMass ? 80 : 100
      return isMass ? 160 : level === 'rice and peas' ? 180 : 200
    })

  it('answers each quantity', () => {
    expect(said(poured(), entries(poured())).sentence).toBe(
      'It took up about 20 mL less together than apart. It weighed the same, to within 1 g.',
    )
  })

  it('answers each quantity at each level', () => {
    const plan = poured(['peas and peas', 'rice and peas'])
    expect(said(plan, entries(plan)).sentence).toBe(
      'Rice and peas took up about 20 mL less together than apart; peas and peas took up the same. It weighed the same, to within 1 g, whatever the surface.',
    )
  })

  it('adds no temperatures up, keeps them and says why', () => {
    const warm = poured(['tea'], {
      measured: {
        name: 'temperature',
        unit: 'C',
        instrument: { ...poured().measured.instrument, unit: 'C', name: 'thermometer' },
      },
      recording: { ...poured().recording, second: undefined } as Plan['recording'],
    })
    const kept = allRead(warm, () => 20)
    expect(scoresOf(warm, kept)).toEqual([])
    expect(said(warm, kept).sentence).toMatch(/^Temperatures don’t add up/)
    expect(
      wayOf(warm).arithmetic!.steps(warm, kept, { groupId: 'leaf', levelId: 'tea', tryNumber: 1 }),
    ).toEqual([])
  })
})

describe('places', () => {
  it('are averaged where the levels are compared, and that is said', () => {
    const plan = tray(['near', 'far'], { comparison: 'levels' })
    const entries = allRead(
      plan,
      (at, level) => (level === 'near' ? 60 : 40) + (at.endsWith('door side') ? 2 : 0),
    )
    const result = said(plan, entries)
    expect(result.sentence).toMatch(/near/)
    expect(result.detail).toContain('the mean of its places: window side and door side')
    expect(scoresOf(plan, entries)[0]).toMatchObject({ value: 61 })
  })
})

it('a claim of levels waits while sides are compared, and comes back', () => {
  const plan = poured(['peas and peas', 'rice and peas'])
  const claim = {
    subject: 'most' as const,
    comparison: 'more' as const,
    levelIds: ['rice and peas'],
    strength: 'together' as const,
    scope: { kind: 'tested' as const },
  }
  const conclusion = { ...emptyConclusion, claim }
  expect(classAnswer(scoredPlan(plan), conclusion)).toBeNull()
  expect(classAnswer(scoredPlan(withComparison(plan, 'levels')), conclusion)).toMatch(/rice and peas/i)
})
