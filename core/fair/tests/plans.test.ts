import { describe, expect, it } from 'vitest'
import { flawedPlans, heldBackFlaws } from './flawed'
import { accusedPlans, passedFlaws } from './judgePlans'
import { heldBackSound, soundPlans } from './sound'

describe.each([
  ['looked at while the rules were written', flawedPlans, soundPlans, 80],
  ['held back', heldBackFlaws, heldBackSound, 40],
] as const)('plans %s', (_name, flaws, sound, least) => {
  const [found, judged] = [passedFlaws(flaws), accusedPlans(sound)]

  it('are many', () => expect(Math.min(found.all, judged.all)).toBeGreaterThanOrEqual(least))

  it('with a flaw are caught in 85 of 100', () => {
    expect(found.passed.length / found.all, found.passed.join('\n')).toBeLessThanOrEqual(0.15)
  })

  it('that are sound are accused in 5 of 100 at most', () => {
    expect(judged.accused.length / judged.all, judged.accused.join('\n')).toBeLessThanOrEqual(0.05)
  })
})
