import type { ClaimFit } from '#core/conclusion'

/** How a claim sits with the data, as the check says it. */
export const claimFitWords: Record<ClaimFit, string> = {
  fits: 'fits the data',
  'says-more': 'says more than the data',
  'says-less': 'says less than the data',
  contradicts: 'goes against the data',
  'not-checked': 'not checked:',
}
