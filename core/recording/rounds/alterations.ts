import { mean } from 'simple-statistics'
import type { RoundSteps } from '../way'
import { progressOf } from './progress'

/** An alteration with what it gained, wherever a group made it. */
export interface Alteration {
  text: string
  /** The mean of what it gained over the round before. */
  gain: number
  groups: number
}

const asOne = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/\s+/gu, ' ')
    .replace(/[.!]+$/u, '')

/**
 * What was altered, the one that gained most first. Alterations that are written alike are one.
 * @param end which end is better
 * @example alterationsOf([{ groupId: 'leaf', results: [5, 17], altered: ['', 'folded the sides'], best: 1 }], 'most')[0].gain // 12
 */
export function alterationsOf(steps: readonly RoundSteps[], end: 'most' | 'least'): Alteration[] {
  const found = new Map<string, { text: string; gains: number[]; groups: Set<string> }>()
  for (const { groupId, results, altered } of steps)
    progressOf(results, end).gains.forEach((gain, round) => {
      const text = altered[round]?.trim() ?? ''
      if (gain === null || text === '') return
      const one = found.get(asOne(text)) ?? { text, gains: [], groups: new Set() }
      one.gains.push(gain)
      one.groups.add(groupId)
      found.set(asOne(text), one)
    })
  return [...found.values()]
    .map(({ text, gains, groups }) => ({ text, gain: mean(gains), groups: groups.size }))
    .sort((a, b) => b.gain - a.gain || b.groups - a.groups)
}
