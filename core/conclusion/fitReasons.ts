/**
 * Why a statement fits no better, as Conclude says it of a claim and of the class's own words alike.
 * @example fitReasons.open // 'Our results can’t tell yet.'
 */
export const fitReasons = {
  open: 'Our results can’t tell yet.',
  onlyThink: 'Our results can’t tell yet. “We think that” is as much as we can say.',
  tooSmall: 'Any difference there may be is too small to matter.',
  differ: 'The results differ by more than the wobble of the tries.',
} as const
