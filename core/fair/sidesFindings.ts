import { defined } from '../defined'
import { comparesSides, sidesCompared, withComparison } from '../comparison'
import { type Plan, remedy } from '../plan'
import { wayOf, ways } from '../recording'
import type { Finding } from './finding'

const beforeAndAfter = defined(ways.find(({ sides }) => sides?.kind === 'itself'))

/** Findings about what is compared inside of one try: parts that don't add up, or a comparison that the way of recording can't give. */
export function sidesFindings(plan: Plan): Finding[] {
  return [...notAdded(plan), ...notGiven(plan)]
}

function notAdded(plan: Plan): Finding[] {
  const reason = wayOf(plan).sides?.refused(plan) ?? null
  if (reason === null) return []
  return [
    {
      code: 'parts-not-added',
      severity: 'mend',
      field: 'measured',
      reason: `${reason} Measure what does, or read the same thing before and after.`,
      remedies: [
        remedy('Read it before and after', () => ({
          recording: beforeAndAfter.usualRecording,
          expected: null,
        })),
      ],
    },
  ]
}

function notGiven(plan: Plan): Finding[] {
  const { comparison } = plan
  const isInside = comparison === 'itself' || comparison === 'parts' || comparison === 'places'
  if (!isInside || comparesSides(plan)) return []
  return [
    {
      code: 'comparison-not-given',
      severity: 'think',
      field: 'levels',
      reason: `This way of recording can’t compare ${sidesCompared[comparison]}, so the levels are compared.`,
      remedies: [remedy('Compare the levels', (before) => withComparison(before, 'levels'))],
    },
  ]
}
