/** One reading, by the index of its group and level. */
export interface Reading {
  groupIndex: number
  level: number
  tryNumber: number
  moment?: string
}

/** What goes wrong in a demo lesson, on purpose. */
export interface Mishaps {
  /** A group whose readings are all too high or too low, by this much. */
  offset?: { groupIndex: number; by: number }
  /** A reading typed ten times too large; the group corrects it, or leaves it for the teacher to find. */
  slip?: Reading & { corrected: boolean }
  /** A moment at which a group read nothing. */
  missed?: { groupIndex: number; moment: string }
  /** A moment at which a group read its containers late, by this many minutes. */
  late?: { groupIndex: number; moment: string; by: number }
  /** A group that starts with more or less than the others, by this factor. */
  unequal?: { groupIndex: number; times: number }
  /** A pair that a group compared although it followed, and found the other way round. */
  against?: { groupIndex: number; more: number; less: number }
  /** A try that was set aside and repeated. */
  spoilt?: Reading & { reason: string }
}

/** How a class is simulated. */
export interface SimulatedClass {
  /** Of a lesson over several days: its school days until now. */
  days?: string[]
  groupIds: string[]
  /** When the first reading was taken, ISO 8601. */
  start: string
  /** The share of its slots that each group has done, from 0 to 1, group by group. */
  done: number[]
  mishaps: Mishaps
}
