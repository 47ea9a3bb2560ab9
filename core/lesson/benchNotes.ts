import type { Evidence } from '../evidence'
import { amountWords, type KitLine } from '../kit'
import { printResult, type Plan } from '../plan'

/** What a level says beneath its drawing, and how far the bar under it is filled (0 to 1), if it has one. */
export interface BenchNote {
  note: string
  fill?: number
}

/**
 * How much of a level has been read.
 * @example readNote({ done: 2, needed: 6 }) // { note: '2 of 6', fill: 1 / 3 }
 */
export const readNote = ({ done, needed }: { done: number; needed: number }): BenchNote => ({
  note: `${done} of ${needed}`,
  fill: needed > 0 ? done / needed : 0,
})

/**
 * What a level gave, with a bar to scale with the largest; places and words have no size that a bar could show.
 * @param scored the plan as its results are measured (`scoredPlan`)
 * @example resultNote(scored, evidence, 'h60') // { note: '34 cm', fill: 1 }
 */
export function resultNote(scored: Plan, { results }: Evidence, levelId: string): BenchNote {
  const result = results.find((one) => one.level.id === levelId)
  if (!result) return { note: 'no result', fill: 0 }
  const sizes = results.map((one) => Math.abs(one.centre)).filter(Number.isFinite)
  const note = printResult(scored, result.centre, 1)
  if (scored.measured.scale) return { note }
  return { note, fill: Math.min(1, Math.abs(result.centre) / Math.max(1e-9, ...sizes)) }
}

/**
 * What has to be fetched for one level alone; empty where it needs nothing of its own.
 * @example kitNote(lines, 'h20') // { note: '6 dots' }
 */
export function kitNote(lines: readonly KitLine[], levelId: string): BenchNote {
  const own = lines.find(({ material, total }) => material.level === levelId && total > 0)
  return { note: own ? amountWords(own.total, own.material.unit) : '' }
}
