import type { FairCheck } from '../fair'
import type { KitCheck, KitLine, Availability, Substitute } from '../kit'
import type { CupboardInstrument } from '../instrument'
import type { Plan, Remedy } from '../plan'
import type { RankedNeighbour, Rehearsal } from '../rehearsal'
import type { SafeCheck } from '../safety'
import type { FitsCheck, WeighedWay } from '../timetable'

export type CheckId = 'fair' | 'shows' | 'fits' | 'kitted' | 'safe'

/** How a check stands. Safe never clears a lesson by itself: it is `asked` until a teacher has `confirmed`. */
export type CheckState = 'good' | 'think' | 'mend' | 'none' | 'asked' | 'confirmed'

/** The stages at which a teacher works on what the checks say. */
export type CheckStage = 'plan' | 'pack' | 'test'

/** One thing that a check has found. */
export interface CheckFinding {
  code: string
  /** *mend*: the test would mean nothing, or can't be packed; *think*: it would be weaker. */
  severity: 'mend' | 'think'
  reason: string
  remedies: readonly Remedy[]
  /** What else was thought of, and why it won't do. */
  refused: readonly string[]
}

/** What a check says of a lesson. */
export interface CheckResult {
  state: CheckState
  /** The state in a word or two. */
  word: string
  /** Its one sentence; empty where its findings say everything. */
  sentence: string
  /** The reasons beneath it, a line each. */
  notes: readonly string[]
  findings: readonly CheckFinding[]
  /** What would mend it as a whole, best first. */
  remedies: readonly Remedy[]
  /** What is said of it at other stages than its own; empty for nothing. */
  brief: string
  /** What keeps its stage from being ready, in a few words; empty for nothing. */
  waits: string
}

/** What is known of a lesson when its checks are asked. Whatever is worked out in the background may still be null. */
export interface KnownForChecks {
  plan: Plan
  fair: FairCheck
  rehearsal: Rehearsal | null
  neighbours: readonly RankedNeighbour[]
  fits: FitsCheck | null
  waysToFit: readonly WeighedWay[] | null
  kit: {
    check: KitCheck
    /** Whether the store cupboard has been looked into; until then the check knows of amounts only. */
    looked: boolean
    lines: readonly KitLine[]
    availability: readonly Availability[]
    substitutes: (short: Availability) => Substitute[]
    cupboard: readonly CupboardInstrument[]
  }
  safe: SafeCheck
  /** Whether a teacher has checked the school's own risk assessment. */
  confirmed: boolean
}

/** One check of a lesson. */
export interface Check {
  id: CheckId
  name: string
  /** Where it is shown whole; at other stages it is brief. */
  stages: readonly CheckStage[]
  /** The stage that isn't ready while the check `waits`; null where it only advises. */
  gate: 'plan' | 'pack' | null
  look: (known: KnownForChecks) => CheckResult
}

/** The result of a check that has nothing to say yet. */
export const nothingSaid: CheckResult = {
  state: 'none',
  word: 'not looked at yet',
  sentence: '',
  notes: [],
  findings: [],
  remedies: [],
  brief: '',
  waits: '',
}
