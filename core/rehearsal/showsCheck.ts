import type { Rehearsal } from './rehearse'

/** What the Shows check says of a plan. */
export interface ShowsCheck {
  state: 'good' | 'think' | 'mend'
  sentence: string
  /** A word on readings that stop at an end of the scale, or null. */
  clipping: string | null
}

/**
 * Puts a rehearsal into one sentence, told in twelve classes like this one. Eight in ten clear right answers
 * are content, fewer than half are to be mended; a clear wrong answer in more than one of twenty classes
 * is worth a thought even then.
 * @param instrument what the scale belongs to
 * @example showsCheck({ classes: 100, right: 75, … }, 'metre stick').sentence
 * // 'In 3 of 12 classes like yours the answer would stay hidden.'
 */
export function showsCheck(
  { classes, right, wrong, clipped, readings }: Rehearsal,
  instrument: string,
): ShowsCheck {
  const share = (count: number) => (classes === 0 ? 0 : count / classes)
  const hidden = Math.round(12 * (1 - share(right) - share(wrong)))
  const misled = Math.round(12 * share(wrong))
  const state = share(right) < 0.5 ? 'mend' : share(right) < 0.8 || share(wrong) > 0.05 ? 'think' : 'good'
  const parts = [
    hidden > 0 ? `In ${hidden} of 12 classes like yours the answer would stay hidden.` : '',
    misled > 0 ? `In ${misled} of 12 it would come out wrong.` : '',
  ].filter(Boolean)
  const off = readings === 0 ? 0 : clipped / readings
  return {
    state,
    sentence: parts.join(' ') || 'In classes like yours the answer would nearly always show.',
    clipping:
      off >= 0.05
        ? `About one reading in ${Math.max(2, Math.round(1 / off))} would fall off the scale of the ${instrument}.`
        : null,
  }
}
