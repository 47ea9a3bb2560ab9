import type { Check } from './check'
import { fair } from './fair'
import { fits } from './fits'
import { kitted } from './kitted'
import { safe } from './safe'
import { shows } from './shows'

/** The checks of a lesson, in the order in which screens show them. */
export const checks: readonly Check[] = [fair, shows, fits, kitted, safe]

export type {
  Check,
  CheckFinding,
  CheckId,
  CheckResult,
  CheckStage,
  CheckState,
  KnownForChecks,
} from './check'
