import fc from 'fast-check'
import { expect, it } from 'vitest'
import { addDays, daysBetween } from './days'
import { pictureKeptUntil } from './pictureRule'

it.each([
  ['2026-03-09', 'this-year', 7, '2026-07-31'],
  ['2026-03-09', 'next-year', 7, '2027-07-31'],
  ['2026-07-31', 'this-year', 7, '2026-07-31'],
  ['2026-08-01', 'this-year', 7, '2027-07-31'],
  ['2026-09-14', 'next-year', 7, '2028-07-31'],
  ['2026-03-09', 'this-year', 12, '2026-12-31'],
  ['2027-09-14', 'this-year', 2, '2028-02-29'],
  ['2026-03-09', 'for-good', 7, null],
] as const)(
  'a picture of %s, kept with %s ending in month %i, stays until %s',
  (taken, keep, yearEnds, until) => {
    expect(pictureKeptUntil(taken, { keep, yearEnds })).toBe(until)
  },
)

it('is kept at least until its own day, and no longer than its school year or the next', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: 1, max: 12 }), (day, yearEnds) => {
      const taken = addDays('2000-01-01', day)
      const [own, next] = (['this-year', 'next-year'] as const).map((keep) =>
        daysBetween(taken, pictureKeptUntil(taken, { keep, yearEnds })!),
      )
      expect(own).toBeGreaterThanOrEqual(0)
      expect(own).toBeLessThan(366)
      expect(next! - own!).toBeGreaterThanOrEqual(365)
      expect(next! - own!).toBeLessThanOrEqual(366)
    }),
  )
})
