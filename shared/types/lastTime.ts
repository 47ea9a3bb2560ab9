import type { Plan } from '#core/plan'

/** The last lesson in which the same investigation was tested. */
export interface LastTimeDto {
  id: string
  date: string
  className: string
  /** How it went, in sentences. */
  said: string[]
  /** What its class would do better; empty where nothing was written. */
  better: string
  plan: Plan
}
