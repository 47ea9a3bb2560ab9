import fc from 'fast-check'
import { expect, it } from 'vitest'
import { checkClaim, suggestClaim, claimSentence } from '../conclusion'
import { lessonResult } from '../lesson'
import type { Plan } from '../plan'
import { scoredPlan, weighLesson } from '../comparison'
import { entry } from '../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../testing/examplePlan'

const groups = ['a', 'b', 'c', 'd']
const minutes = [0, 5, 10]
const plans: Plan[] = [
  examplePlan(),
  examplePlan({ best: 'least', expected: { first: 10, last: 40, apart: 2 } }),
  kindsPlan(['h20', 'h40', 'h60']),
  kindsPlan(['h20', 'h40', 'h60'], { best: 'least', summary: 'mean' }),
  kindsPlan(['h20', 'h40'], { recording: { kind: 'intervals', minutes, score: 'reached', target: 40 } }),
  kindsPlan(['h20', 'h40'], { recording: { kind: 'intervals', minutes, score: 'lost' } }),
  kindsPlan(['h20', 'h40', 'h60'], { recording: { kind: 'rounds' } }),
]
/** From a reading far below the instrument's start to one far beyond its end. */
const value = fc.oneof(
  fc.integer({ min: 0, max: 60 }),
  fc.constantFrom(0, 1, 40, -1e6, 1e6),
  fc.double({ min: -50, max: 150, noNaN: true }),
)
const readings = (most: number) =>
  fc.array(
    fc.record({
      groupId: fc.constantFrom(...groups.slice(0, most)),
      levelId: fc.constantFrom('h20', 'h40', 'h60'),
      tryNumber: fc.integer({ min: 1, max: 4 }),
      minute: fc.constantFrom(...minutes),
      value,
    }),
    { maxLength: 40 },
  )

it('says no number that is none, whatever was read', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...plans),
      fc.integer({ min: 1, max: 4 }).chain(readings),
      fc.boolean(),
      fc.boolean(),
      (plan, read, level, finished) => {
        const isTimed = plan.recording.kind === 'intervals'
        const entries = read.map(({ minute, ...one }) =>
          entry({ ...one, value: level ? 7 : one.value, moment: isTimed ? `${minute} min` : '' }),
        )
        const evidence = weighLesson(plan, entries, groups, finished)
        const scored = scoredPlan(plan, entries)
        const result = lessonResult(plan, entries, evidence)
        const claim = suggestClaim(scored, evidence)
        const said = [
          ...Object.values(result),
          claim ? claimSentence(scored, claim) : '',
          ...(claim ? [checkClaim(scored, claim, evidence).reason] : []),
        ].join(' ')
        expect(said).not.toMatch(/NaN|Infinity|undefined|null|1e\+?\d|[-−+]0(?![\d.,])|\d{8,}/u)
        expect(result.sentence).toMatch(/\.$/u)
      },
    ),
    { numRuns: 2000 },
  )
})
